<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Concept\Families;

use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Route\RouteSpec;

/**
 * A route as a family wants it: "dig 10", "seam across", "sit|quick out", "~post 6", "dig at sticks", "sit at ball".
 *
 * The first of several is the usual one; a tilde means that the depth belongs to the definition, give or take NEAR_YD.
 */
final readonly class Wish
{
    public const NEAR_YD = 2.0;

    /** @param  list<string>  $names */
    private function __construct(
        public array $names,
        public ?float $depthYd,
        public bool $near,
        public bool $across,
        public ?string $at,
    ) {
    }

    public static function of(string $words): self
    {
        preg_match('/^(~?)(.*?)(?: at (sticks|ball))?( across)?$/', $words, $m);
        $names = $depths = [];
        foreach (explode('|', $m[2] ?? '') as $one) {
            preg_match('/^(.*?)(?: (\d+(?:\.\d+)?))?$/', $one, $d);
            $names[] = $d[1] ?? '';
            $depths[] = isset($d[2]) ? (float) $d[2] : null;
        }
        $at = $m[3] ?? '';

        return new self($names, $depths[0], ($m[1] ?? '') === '~', ($m[4] ?? '') !== '', $at === '' ? null : $at);
    }

    public function name(): string
    {
        return $this->names[0];
    }

    /** The route for a man of a side. */
    public function route(Side $home): RouteSpec
    {
        return RouteSpec::of($this->name(), $this->depthYd, $this->across ? $home->opposite() : null, at: $this->at);
    }

    /** Whether a drawn route is this one. */
    public function fits(?RouteSpec $spec, Side $home): bool
    {
        return $spec !== null &&
            in_array($spec->name, $this->names, true) &&
            (! $this->across ||
                $spec->side === $home->opposite() ||
                (count($this->names) > 1 && $spec->name !== $this->name())) &&
            (! $this->near || abs($spec->depth() - (float) $this->depthYd) <= self::NEAR_YD);
    }

    /** "seam or choice"; of many the usual one */
    public function words(): string
    {
        return implode(' or ', array_slice($this->names, 0, count($this->names) > 2 ? 1 : 2));
    }
}
