<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Concept;

/** A family of pass calls: who runs what by receiver number on the concept side, what the other side usually does, and the order of the reads. */
final readonly class Family
{
    /**
     * @param  array<int, string>  $front  receiver number => route; "seam across" goes to the other side's landmark
     * @param  array<int, string>  $other  usual other side; its routes belong to the definition when $across
     * @param  list<array{string, int}>  $reads  ["front"|"other", receiver number] in order
     * @param  list<int>  $optional  numbers on the front side that the definition does not need
     */
    public function __construct(
        public string $name,
        public array $front,
        public array $other = [],
        public array $reads = [],
        public bool $across = false,
        public array $optional = [],
        public string $alsoCalled = '',
    ) {
    }

    /**
     * A route as a family wants it: its name, its depth when it has one of its own, and whether it goes to the other side.
     *
     * @return array{name: string, depthYd: float|null, across: bool}
     */
    public static function wish(string $words): array
    {
        $across = str_ends_with($words, ' across');
        $words = $across ? substr($words, 0, -7) : $words;
        preg_match('/^(.*?)(?: (\d+(?:\.\d+)?))?$/', $words, $m);

        return ['name' => $m[1], 'depthYd' => isset($m[2]) ? (float) $m[2] : null, 'across' => $across];
    }
}
