<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Grade\Numbers;

/**
 * The numbers of many snaps: by any group, the decision tables, the leanings of one's own calls, and how the model did.
 */
final readonly class Report
{
    /**
     * A formation, a motion or a personnel that shows run or pass this one-sidedly is told, share and least tries
     * (product default).
     */
    private const LEAN = 0.75;

    private const LEAN_TRIES = 4;

    /** @param  list<SnapRow>  $snaps */
    public function __construct(private array $snaps)
    {
    }

    /** @return list<array<string, mixed>> a row for each group, most tries first, with its name */
    public function by(string $group): array
    {
        /** @var array<array-key, Tally> $tallies a name of figures, as "11", is a number as a key */
        $tallies = [];
        foreach ($this->snaps as $s) {
            $name = Groups::of($s, $group);
            ($tallies[$name] ??= new Tally)->add($s);
        }
        $rows = [];
        foreach ($tallies as $name => $tally) {
            $rows[] = ['name' => (string) $name] + $tally->toArray();
        }
        usort($rows, fn (array $a, array $b): int => $b['tries'] <=> $a['tries'] ?: $a['name'] <=> $b['name']);

        return $rows;
    }

    /** @return array<string, mixed> */
    public function all(): array
    {
        $tally = new Tally;
        array_map($tally->add(...), $this->snaps);

        return $tally->toArray();
    }

    /**
     * Count or key act, what the ball did, and what came of it. The read and the result are two totals that never meet.
     *
     * @param  string  $by  box or choice
     * @return array{rows: list<array<string, mixed>>, read: array<string, mixed>, result: array<string, mixed>}
     */
    public function decisions(string $by): array
    {
        $cells = [];
        $read = new Reads;
        $result = new Reads;
        foreach ($this->snaps as $s) {
            $value =
                match (true) {
                    $by === 'box' => $s->box === null
                        ? null
                        : "{$s->box} in the box",
                    $s->choice === null => null,
                    default => Groups::of($s, 'choice'),
                };
            if ($value === null || $s->done === null) {
                continue;
            }
            $cell = $cells["$value|{$s->done}"] ??= [$value, $s->done, new Reads, new Reads, new Tally];
            $cell[2]->read($s);
            $cell[3]->result($s);
            $cell[4]->add($s);
            $read->read($s);
            $result->result($s);
        }
        ksort($cells);

        return [
            'rows' => array_values(array_map(fn (array $c): array => ['value' => $c[0], 'done' => $c[1],
                'read' => $c[2]->toArray(), 'result' => $c[3]->toArray(), 'average' => $c[4]->toArray()['average']],
                $cells)),
            'read' => $read->toArray(), 'result' => $result->toArray(),
        ];
    }

    /**
     * What one's own calls give away: formation, personnel, motion and run action that lean to run or pass or to one
     * call, and a back who goes to one side (REC-07, MSH-15).
     *
     * @return list<array{by: string, name: string, leans: string, share: float, of: int, low: float,
     *     ids: list<string>}>
     */
    public function leanings(): array
    {
        $found = [];
        foreach (['formation', 'personnel', 'motion', 'action', 'situation'] as $by) {
            /** @var array<array-key, list<SnapRow>> $groups a name of figures is a number as a key */
            $groups = [];
            foreach ($this->snaps as $s) {
                $name = Groups::of($s, $by);
                if ($s->call !== null && ! in_array($name, [Groups::UNKNOWN, ...Groups::NONE], true)) {
                    $groups[$name][] = $s;
                }
            }
            foreach ($groups as $name => $snaps) {
                array_push(
                    $found,
                    ...Leaning::of($by, (string) $name, $snaps, self::LEAN, self::LEAN_TRIES),
                    ...$by === 'formation' ? Leaning::back((string) $name, $snaps, self::LEAN, self::LEAN_TRIES) : [],
                );
            }
        }
        usort($found, fn (array $a, array $b): int => $b['low'] <=> $a['low'] ?: $b['of'] <=> $a['of']);

        return $found;
    }

    /**
     * The model's own score: predicted margin against measured separation at the throw, by opponent. A margin of a
     * second is about a runner's speed in yards.
     *
     * @return list<array{opponent: string, n: int, predictedYd: float, measuredYd: float, offYd: float, agree: int,
     *     ids: list<string>}>
     */
    public function model(float $yardsPerSecond = 7.0, float $openYd = 1.0): array
    {
        $rows = [];
        foreach ($this->snaps as $s) {
            if ($s->predictedS === null || $s->separationYd === null) {
                continue;
            }
            $row = $rows[$s->opponent ?? Groups::UNKNOWN]
                ?? ['n' => 0, 'p' => 0.0, 'm' => 0.0, 'off' => 0.0, 'agree' => 0, 'ids' => []];
            $predicted = $openYd + $s->predictedS * $yardsPerSecond;
            $rows[$s->opponent ?? Groups::UNKNOWN] = ['n' => $row['n'] + 1, 'p' => $row['p'] + $predicted,
                'm' => $row['m'] + $s->separationYd, 'off' => $row['off'] + abs($predicted - $s->separationYd),
                'agree' => $row['agree'] + (int) (($s->predictedS >= 0.0) === ($s->separationYd >= $openYd)),
                'ids' => [...$row['ids'], $s->id]];
        }
        $out = [];
        foreach ($rows as $opponent => $r) {
            $out[] = ['opponent' => (string) $opponent, 'n' => $r['n'], 'predictedYd' => round($r['p'] / $r['n'], 2),
                'measuredYd' => round($r['m'] / $r['n'], 2), 'offYd' => round($r['off'] / $r['n'], 2),
                'agree' => $r['agree'], 'ids' => $r['ids']];
        }

        return $out;
    }
}
