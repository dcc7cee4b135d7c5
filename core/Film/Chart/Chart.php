<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film\Chart;

use Jacotaxis\Core\Field\Hash;

/**
 * One snap as it is charted. Whatever is not known yet is null. Yards; the ball from the own goal line; the clock in
 * seconds left in the quarter.
 */
final readonly class Chart
{
    public const KINDS = [...self::GAMES, 'practice'];

    /** Where an opponent plays. */
    public const GAMES = ['game', 'scrimmage', 'exhibition'];

    /**
     * @param  array{us: int, them: int}|null  $score  before the snap
     * @param  array{by: string, yards: float, what: string, nullified: bool}|null  $penalty  by us or them
     * @param  string|null  $carrier  letter of the man the ball went to
     * @param  float|null  $weight  what the snap counts in grades, 0 to 1 (GRD-07)
     * @param  int|null  $box  men in the box as they were counted on film
     * @param  list<DefenderSeen>  $acts  what defenders were seen to do
     * @param  list<DefenderStood>  $stood  where defenders were seen to stand before the snap
     */
    public function __construct(
        public ?int $number = null,
        public ?int $quarter = null,
        public ?int $clockS = null,
        public ?array $score = null,
        public ?int $series = null,
        public ?int $down = null,
        public ?float $toGoYd = null,
        public ?float $ballOnYd = null,
        public ?Hash $hash = null,
        public ?string $personnel = null,
        public ?string $formation = null,
        public ?string $motion = null,
        public ?Result $result = null,
        public ?float $gainYd = null,
        public bool $touchdown = false,
        public ?string $carrier = null,
        public ?array $penalty = null,
        public string $kind = 'game',
        public ?float $weight = null,
        public ?string $weightWhy = null,
        public ?string $note = null,
        public ?int $box = null,
        public array $acts = [],
        public array $stood = [],
    ) {
    }

    /**
     * @param  array<string, mixed>  $d  the chart of a film document
     * @param  array<string, mixed>  $situation  the situation of the document
     */
    public static function read(array $d, array $situation = []): self
    {
        $float = fn (mixed $v): ?float => $v === null ? null : (float) $v;

        return new self(
            number: $d['number'] ?? null,
            quarter: $d['quarter'] ?? null,
            clockS: $d['clockS'] ?? null,
            score: $d['score'] ?? null,
            series: $d['series'] ?? null,
            down: $situation['down'] ?? null,
            toGoYd: $float($situation['toGoYd'] ?? null),
            ballOnYd: $float($situation['ballOnYd'] ?? null),
            hash: Hash::tryFrom($situation['hash'] ?? ''),
            personnel: $d['personnel'] ?? null,
            formation: $d['formation'] ?? null,
            motion: $d['motion'] ?? null,
            result: Result::tryFrom($d['result'] ?? ''),
            gainYd: $float($d['gainYd'] ?? null),
            touchdown: $d['touchdown'] ?? false,
            carrier: $d['carrier'] ?? null,
            penalty: $d['penalty'] ?? null,
            kind: $d['kind'] ?? 'game',
            weight: $float($d['weight'] ?? null),
            weightWhy: $d['weightWhy'] ?? null,
            note: $d['note'] ?? null,
            box: $d['box'] ?? null,
            acts: array_map(DefenderSeen::read(...), array_values($d['acts'] ?? [])),
            stood: array_map(DefenderStood::read(...), array_values($d['stood'] ?? [])),
        );
    }

    /**
     * @return array{chart: array<string, mixed>, situation: array<string, mixed>} what was filled in, as the film
     *     document holds it
     */
    public function write(): array
    {
        $set = fn (array $of): array => array_filter($of, fn (mixed $v): bool => $v !== null && $v !== false);

        return [
            'chart' => $set(['number' => $this->number, 'quarter' => $this->quarter, 'clockS' => $this->clockS,
                'score' => $this->score, 'series' => $this->series, 'personnel' => $this->personnel,
                'formation' => $this->formation, 'motion' => $this->motion, 'result' => $this->result?->value,
                'gainYd' => $this->gainYd, 'touchdown' => $this->touchdown, 'carrier' => $this->carrier,
                'penalty' => $this->penalty, 'weight' => $this->weight, 'weightWhy' => $this->weightWhy,
                'note' => $this->note, 'box' => $this->box,
                'acts' => $this->acts === []
                    ? null
                    : array_map(fn (DefenderSeen $a): array => $a->write(), $this->acts),
                'stood' => $this->stood === []
                    ? null
                    : array_map(fn (DefenderStood $s): array => $s->write(), $this->stood)]) +
                ['kind' => $this->kind],
            'situation' => $set(['down' => $this->down, 'toGoYd' => $this->toGoYd, 'ballOnYd' => $this->ballOnYd,
                'hash' => $this->hash?->value]),
        ];
    }

    /** @param  array<string, mixed>  $change  by property */
    public function with(array $change): self
    {
        return new self(...[...get_object_vars($this), ...$change]);
    }

    public function caught(): bool
    {
        return $this->result === Result::Complete;
    }

    /** Wiped out by a flag: it keeps its process grades and leaves the statistics (GRD-05). */
    public function nullified(): bool
    {
        return $this->result === Result::NoPlay || ($this->penalty['nullified'] ?? false);
    }

    /** "2nd and 6 on own 41", as far as it is known. */
    public function place(): string
    {
        $down =
            $this->down === null
                ? null
                : ['', '1st', '2nd', '3rd', '4th'][$this->down].
                    ($this->toGoYd === null ? '' : ' and '.self::yards($this->toGoYd));
        $spot = $this->ballOnYd === null ? null : self::spot($this->ballOnYd);

        $said = array_filter([$down, $spot], fn (?string $one): bool => $one !== null && $one !== '');

        return $said === [] ? 'no situation yet' : implode(' on ', $said);
    }

    /** A yard line in words. */
    public static function spot(float $ballOnYd): string
    {
        return match (true) {
            $ballOnYd === 50.0 => 'the 50',
            $ballOnYd < 50.0 => 'own '.self::yards($ballOnYd),
            default => 'their '.self::yards(100.0 - $ballOnYd),
        };
    }

    private static function yards(float $yd): string
    {
        return rtrim(rtrim(number_format($yd, 1, '.', ''), '0'), '.');
    }
}
