<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Plan\Trigger;

use Jacotaxis\Core\Film\Chart\DefenderAct;
use Jacotaxis\Core\Film\Chart\DefenderSeen;

/** A charted snap as the triggers look at it. Yards; what is not known is null. */
final readonly class WatchedSnap
{
    /**
     * @param  string|null  $family  of the call: a run's scheme or the family of its routes
     * @param  list<DefenderSeen>  $acts
     */
    public function __construct(
        public string $id,
        public ?string $family = null,
        public ?string $formation = null,
        public ?string $motion = null,
        public bool $run = false,
        public ?float $gainYd = null,
        public ?int $box = null,
        public array $acts = [],
    ) {
    }

    /** With what the read man chose, where that is an act triggers look for. */
    public function choosing(?string $defender, ?string $choice): self
    {
        $act = $defender === null || $choice === null ? null : DefenderAct::ofChoice($choice);
        if ($defender === null || $act === null) {
            return $this;
        }
        $same = array_filter($this->acts, fn (DefenderSeen $a): bool => $a->defender === $defender && $a->act === $act);

        return $same !== [] ? $this : new self(
            $this->id,
            $this->family,
            $this->formation,
            $this->motion,
            $this->run,
            $this->gainYd,
            $this->box,
            [...$this->acts, new DefenderSeen($defender, $act)],
        );
    }

    /** The picture they saw before the snap. */
    public function picture(): string
    {
        return implode(', ', array_filter(
            [$this->formation, $this->motion],
            fn (?string $one): bool => $one !== null && $one !== '',
        ));
    }
}
