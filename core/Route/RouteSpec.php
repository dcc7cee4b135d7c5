<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Route;

use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Field\Situation;

/**
 * A route as called: its name, the depth of its break in yards (null: the catalogue's) or a landmark, the side it goes
 * to where said, its job flag, what he does before it and how he ends it.
 */
final readonly class RouteSpec
{
    /** Landmarks a depth or width may be said by (CAL-07). */
    public const LANDMARKS = ['sticks', 'hash', 'numbers', 'ball'];

    public const FINISHES = ['settling', 'moving'];

    public const RELEASES = ['inside', 'outside'];

    /**
     * @param  bool  $checks  whether he looks for a rusher first
     * @param  bool  $chips  whether he hits the edge rusher first
     * @param  string|null  $at  one of LANDMARKS: sticks sets the depth, hash, numbers and ball the width
     * @param  string|null  $finish  one of FINISHES where it differs from the catalogue's
     * @param  string|null  $release  one of RELEASES where it is said
     */
    public function __construct(
        public string $name,
        public ?float $depthYd = null,
        public ?Side $side = null,
        public ?Flag $flag = null,
        public bool $checks = false,
        public bool $chips = false,
        public ?string $at = null,
        public ?string $finish = null,
        public ?string $release = null,
    ) {
    }

    /**
     * @throws UnknownRoute when the name is not in the catalogue, the depth out of its range or the landmark not one
     *     for it
     */
    public static function of(
        string $name,
        ?float $depthYd = null,
        ?Side $side = null,
        ?Flag $flag = null,
        bool $checks = false,
        bool $chips = false,
        ?string $at = null,
        ?string $finish = null,
        ?string $release = null,
    ): self {
        $shape = Routes::get($name);
        if ($depthYd !== null && ! ($depthYd >= $shape->minDepthYd && $depthYd <= $shape->maxDepthYd)) {
            throw UnknownRoute::depth($name, $depthYd, $shape->minDepthYd, $shape->maxDepthYd);
        }
        if ($at !== null && $at !== 'sticks' && ! $shape->takesWidth()) {
            throw UnknownRoute::width($name, $at);
        }

        return new self($name, $depthYd, $side, $flag, $checks, $chips, $at, $finish, $release);
    }

    /** @param  array<string, mixed>  $change by property name */
    public function with(array $change): self
    {
        return new self(...[...get_object_vars($this), ...$change]);
    }

    public function shape(): RouteShape
    {
        return Routes::get($this->name);
    }

    /** Yards past the line at the break: as said, else the catalogue's. A depth at the sticks needs in(). */
    public function depth(): float
    {
        return $this->depthYd ?? $this->shape()->depthYd;
    }

    /**
     * The route with a depth at the sticks made yards: a man who comes back breaks deeper, so that the catch is there
     * (RTE-14).
     */
    public function in(Situation $situation): self
    {
        if ($this->at !== 'sticks') {
            return $this;
        }
        $shape = $this->shape();

        return $this->with([
            'depthYd' => max($shape->minDepthYd, min($shape->maxDepthYd, $shape->breakForCatchAt($situation->toGoYd))),
        ]);
    }

    public function finish(): Finish
    {
        return match ($this->finish) {
            'settling' => Finish::Settle,
            'moving' => Finish::Run,
            default => $this->shape()->finish,
        };
    }

    public function withFlag(?Flag $flag): self
    {
        return $this->with(['flag' => $flag]);
    }

    public function mirrored(): self
    {
        return $this->with(['side' => $this->side?->opposite()]);
    }
}
