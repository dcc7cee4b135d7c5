<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Practice;

use Jacotaxis\Core\Plan\ShownLook;

/**
 * Fills a script: whoever is shortest of reps comes next, a mental error of last week being a rep that is missing and a
 * trigger that is due asking for one more. The looks come as often as the opponent shows them (largest remainder,
 * Hamilton 1792), each call against the look it has had least.
 */
final class Script
{
    /** @var array<string, int> reps by call */
    private array $reps = [];

    /** @var array<string, array<string, int>> reps by call and look */
    private array $against = [];

    /** @var array<string, int> place of the last row of a call */
    private array $last = [];

    /**
     * @param  list<ScriptCall>  $calls  in the order of the plan
     * @param  array<string, int>  $left  how often each look is still to come
     */
    private function __construct(private readonly array $calls, private array $left)
    {
        foreach ($calls as $call) {
            $this->reps[$call->id] = $call->counted();
            $this->against[$call->id] = $call->against;
        }
    }

    /**
     * @param  list<ScriptCall>  $calls  in the order of the plan
     * @param  list<ShownLook>  $looks  the one shown most first
     * @return list<ScriptRow> none where no call belongs into such a period
     */
    public static function filled(
        PeriodKind $kind,
        array $calls,
        array $looks,
        int $rows,
        RunDay $day = RunDay::Any,
    ): array {
        $fit = $kind->ofTheDay(array_values(array_filter($calls, $kind->takes(...))), $day);
        $script = new self($fit, self::shares($looks, $rows));
        $filled = [];
        for ($n = 0; $n < $rows && $fit !== []; $n++) {
            $filled[] = $script->next($n);
        }

        return $filled;
    }

    /**
     * How many of so many rows each look gets.
     *
     * @param  list<ShownLook>  $looks
     * @return array<string, int> by look
     */
    public static function shares(array $looks, int $rows): array
    {
        $all = array_sum(array_column($looks, 'shown'));
        $shares = $rests = [];
        foreach ($looks as $look) {
            // What was never counted comes as often as the rest.
            $quota = $all === 0 ? $rows / count($looks) : $rows * $look->shown / $all;
            $shares[$look->words] = (int) floor($quota);
            $rests[$look->words] = $quota - floor($quota);
        }
        arsort($rests);
        foreach (array_slice(array_keys($rests), 0, $rows - array_sum($shares)) as $look) {
            $shares[$look]++;
        }

        return $shares;
    }

    private function next(int $place): ScriptRow
    {
        // Sorting keeps the order of the plan where two are alike.
        $ids = array_column($this->calls, 'id');
        $rank = fn (string $id): array => [$this->reps[$id], $this->last[$id] ?? -1];
        usort($ids, fn (string $a, string $b): int => $rank($a) <=> $rank($b));
        $id = $ids[0];
        $this->reps[$id]++;
        $this->last[$id] = $place;

        return new ScriptRow($id, $this->look($id));
    }

    /** Of the looks still to come the one the call has had least, of those the one that comes most. */
    private function look(string $call): ?string
    {
        $open = array_keys(array_filter($this->left, fn (int $left): bool => $left > 0));
        $rank = fn (string $look): array => [$this->against[$call][$look] ?? 0, -$this->left[$look]];
        usort($open, fn (string $a, string $b): int => $rank($a) <=> $rank($b));
        $look = $open[0] ?? null;
        if ($look !== null) {
            $this->left[$look]--;
            $this->against[$call][$look] = ($this->against[$call][$look] ?? 0) + 1;
        }

        return $look;
    }
}
