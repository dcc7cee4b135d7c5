<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Defense\Front;

/** The place of a man of the second level before the snap, as the front gives it. */
final readonly class Place
{
    /**
     * @param  float  $wideYd  in the box yards from the middle, on the edge yards wider than the technique
     * @param  string|null  $technique  of an edge man
     * @param  bool  $walks  whether an edge man goes out on a slot
     */
    private function __construct(
        public PlaceKind $kind,
        public float $wideYd = 0.0,
        public float $depthYd = 0.0,
        public ?string $technique = null,
        public bool $walks = false,
    ) {
    }

    public static function box(float $wideYd, float $depthYd): self
    {
        return new self(PlaceKind::Box, $wideYd, $depthYd);
    }

    public static function edge(string $technique, float $widerYd, float $depthYd, bool $walks = false): self
    {
        return new self(PlaceKind::Edge, $widerYd, $depthYd, $technique, $walks);
    }

    public static function apex(): self
    {
        return new self(PlaceKind::Apex);
    }

    public static function between(): self
    {
        return new self(PlaceKind::Between);
    }

    public static function overhang(): self
    {
        return new self(PlaceKind::Overhang);
    }

    public function is(PlaceKind $kind): bool
    {
        return $this->kind === $kind;
    }

    /** Whether he is an end of the front, who covers only when nobody else can. */
    public function staysDown(): bool
    {
        return $this->kind === PlaceKind::Edge && ! $this->walks;
    }
}
