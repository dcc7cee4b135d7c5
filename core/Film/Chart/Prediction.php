<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film\Chart;

use Jacotaxis\Core\Field\Hash;

/** What the next snap most likely is: the situation by the chain, calls and looks in the order of their likelihood. */
final readonly class Prediction
{
    /** How many are offered under one figure. */
    public const OFFERED = 9;

    /** A snap in the same situation, or of the same formation, says this much more than any other (product default). */
    private const ALIKE = 4.0;

    /**
     * What one showing on the opponent's shelf, or one place on the call sheet, is worth beside a snap of this game
     * (product default).
     */
    private const SHELF = 0.1;

    /**
     * @param  list<string>  $calls  words, likeliest first
     * @param  list<string>  $looks
     */
    private function __construct(public Chart $chart, public array $calls, public array $looks)
    {
    }

    /**
     * @param  list<array{chart: Chart, call: string|null, look: string|null}>  $history  snaps before, oldest first
     * @param  list<string>  $sheet  words of the call sheet in its order
     * @param  array<string, int>  $shelf  looks of the opponent: times shown by words
     * @param  array<string, string>  $formations  formation words by call words
     */
    public static function of(array $history, array $sheet, array $shelf, array $formations = []): self
    {
        $last = $history === [] ? null : $history[count($history) - 1]['chart'];
        $chart = $last === null ? new Chart(number: 1, quarter: 1, score: ['us' => 0, 'them' => 0], series: 1, down: 1,
            toGoYd: 10.0) : Chain::after($last);
        $calls = self::ranked(array_map(fn (array $h): array => [$h['call'], self::alike($h['chart'], $chart)],
            $history), array_combine($sheet, array_reverse(array_keys($sheet))),
            fn (float $place): float => $place * self::SHELF / max(1, count($sheet)));
        $formation = $formations[$calls[0] ?? ''] ?? null;
        $looks = self::ranked(
            array_map(
                fn (array $h): array => [$h['look'], ($formations[$h['call'] ?? ''] ?? null) === $formation],
                $history,
            ),
            $shelf,
            fn (float $shown): float => $shown * self::SHELF,
        );

        return new self($chart->with(['hash' => $last?->hash, 'formation' => $formation]), $calls, $looks);
    }

    /**
     * The same with what was scripted first: as scripted is the likeliest there is.
     *
     * @param  string  $call  words
     * @param  string|null  $look  words; null: any look was scripted
     */
    public function scripted(string $call, string $formation, ?string $look, Hash $hash): self
    {
        $first = fn (?string $said, array $likely): array => array_slice(
            array_values(array_unique([...$said === null ? [] : [$said], ...$likely])),
            0,
            self::OFFERED,
        );

        return new self(
            $this->chart->with(['hash' => $hash, 'formation' => $formation]),
            $first($call, $this->calls),
            $first($look, $this->looks),
        );
    }

    /** Same down, same class of distance, same part of the field. */
    public static function alike(Chart $a, Chart $b): bool
    {
        return $a->down === $b->down && self::distance($a->toGoYd) === self::distance($b->toGoYd);
    }

    /** short to 3, middle to 6, long from 7 yards; ten on first down is its own (common practice, no source). */
    public static function distance(?float $toGoYd): ?string
    {
        return match (true) {
            $toGoYd === null => null,
            $toGoYd <= 3.0 => 'short',
            $toGoYd < Chain::LONG_YD => 'middle',
            default => 'long',
        };
    }

    /**
     * @param  list<array{string|null, bool}>  $seen  words and whether it was alike
     * @param  array<string, int>  $listed  by words
     * @return list<string>
     */
    private static function ranked(array $seen, array $listed, callable $worth): array
    {
        $score = array_map(fn (int $n): float => $worth((float) $n), $listed);
        foreach ($seen as [$words, $alike]) {
            if ($words !== null && $words !== '') {
                $score[$words] = ($score[$words] ?? 0.0) + ($alike ? self::ALIKE : 1.0);
            }
        }
        arsort($score);

        return array_slice(array_map(strval(...), array_keys($score)), 0, self::OFFERED);
    }
}
