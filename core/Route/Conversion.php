<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Route;

/** What a route becomes when the receiver sees something: "go when the corner presses". */
final readonly class Conversion
{
    /**
     * @param  list<string>  $when  conditions of Facing that must all hold
     * @param  string|null  $becomes  another route, or null: the same one
     * @param  string|null  $finish  how it ends then, one of RouteSpec::FINISHES
     * @param  bool  $keepsDepth  whether the break stays where it was
     * @param  bool  $keepsNamed  whether it stays where the call says, when the call says it
     * @param  array{string, string}|null  $school  question and letter it needs
     */
    public function __construct(
        public string $route,
        public array $when,
        public ?string $becomes,
        public ?string $finish = null,
        public bool $keepsDepth = false,
        public bool $keepsNamed = false,
        public ?array $school = null,
    ) {
    }

    /** Whether the coverage decides it, and not the man in front of him. */
    public function byCoverage(): bool
    {
        return array_intersect($this->when, ['middle open', 'middle closed', 'man', 'zone']) === $this->when;
    }

    public function made(RouteSpec $spec): RouteSpec
    {
        $shape = Routes::get($this->becomes ?? $spec->name);
        $named = $this->becomes === null || $this->keepsDepth || $this->keepsNamed ? $spec->depthYd : null;
        $depth = $named ?? ($this->keepsDepth ? $spec->depth() : null);

        return $spec->with([
            'name' => $shape->name,
            'finish' => $this->finish ?? ($this->becomes === null ? $spec->finish : null),
            'depthYd' => $depth === null ? null : max($shape->minDepthYd, min($shape->maxDepthYd, $depth)),
            'at' => $this->becomes === null ? $spec->at : null,
        ]);
    }

    /** "go when pressed" */
    public function words(): string
    {
        $what = $this->becomes ?? ($this->finish === 'settling' ? 'settles' : 'keeps running');

        return $what.' against '.implode(' and ', array_map(fn (string $w): string => match ($w) {
            'middle open' => 'an open middle', 'middle closed' => 'a closed middle',
            'inside', 'outside' => "$w leverage", 'head up' => 'a man head up', 'off' => 'an off man', default => $w,
        }, $this->when));
    }
}
