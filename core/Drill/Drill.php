<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Drill;

/** A drill as its card has it (PRA-01): who, with what, where, on which cue, and what it cures. Yards and minutes. */
final readonly class Drill
{
    /**
     * @param  string  $group  whose drill it is, as the fault keys name the groups
     * @param  bool  $contact  whether men meet at speed
     * @param  array<string, string>  $men  what each is, by his letter
     * @param  list<string>  $equipment
     * @param  list<Mark>  $cones
     * @param  list<Mark>  $bags
     * @param  non-empty-list<Path>  $paths
     * @param  list<string>  $cues  what the coach says, few and short
     * @param  array<string, string>  $variants  what is done differently, by who does it
     * @param  list<string>  $faults  ids of the faults it cures
     */
    public function __construct(
        public string $name,
        public string $group,
        public string $purpose,
        public int $minutes,
        public bool $contact,
        public array $men,
        public array $equipment,
        public array $cones,
        public array $bags,
        public array $paths,
        public Mark $coach,
        public string $start,
        public string $finish,
        public string $tempo,
        public string $rotation,
        public array $cues,
        public array $variants,
        public array $faults,
        public ?string $caution,
    ) {
    }

    /** The drill in the other direction: everything across the middle, and the feet swapped. */
    public function mirrored(): self
    {
        $other = fn (Mark $m): Mark => $m->mirrored();

        return new self(...[
            ...get_object_vars($this),
            'cones' => array_map($other, $this->cones),
            'bags' => array_map($other, $this->bags),
            'paths' => array_map(fn (Path $p): Path => $p->mirrored(), $this->paths),
            'coach' => $this->coach->mirrored(),
        ]);
    }
}
