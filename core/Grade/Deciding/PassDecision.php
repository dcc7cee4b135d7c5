<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Grade\Deciding;

use Jacotaxis\Core\Film\Measure\Measures;
use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Proof\Keys\Key;
use Jacotaxis\Core\Proof\Pass\Proof;
use Jacotaxis\Core\Proof\Play\Act;
use Jacotaxis\Core\Proof\Throwing\Outcome;

/** The decision of a pass: what the key chose, which read was right against that, what the quarterback did. */
final readonly class PassDecision
{
    /** Seconds after the end of the slot from which a throw is late (product default). */
    private const LATE = 0.2;

    /** A choice can be told once the two runs are this far apart where he was plotted, yards (product default). */
    private const PARTED_YD = 0.4;

    /** His rule is what he played when no choice comes nearer by this, yards (product default). */
    private const NEARER_YD = 0.02;

    /** Seconds after the ball is out in which a plot still tells his choice, and before which none does. */
    private const AFTER_OUT = 0.5;

    private const SHOWS_S = 1.0;

    /** A man plotted this near before the throw was watched up to it, seconds. */
    private const UP_TO_S = 0.25;

    /** Seconds on a dead read from which nobody was fast off it (product default). */
    private const OFF_S = 0.6;

    public function __construct(private Measures $measures, private Proof $proof)
    {
    }

    public function of(): Decision
    {
        $key = $this->proof->mainKey();
        $told = $key === null ? null : $this->choice($key);
        // A ball that left before he chose is judged by what his rule gives: accept it, note it, drill it (GRD-15).
        $early = $key !== null && $told === null ? $this->early($key) : null;
        if ($key !== null && $told === null && $early === null) {
            return new Decision($key->role, null, null, null, $this->telling($key) === []
                ? "Plot the {$key->role} between the break and the ball out to see what he chose, or say it by eye."
                : "Plot the {$key->role} once more, later: where he was plotted his choices had not parted yet.");
        }
        [$act, $outcome, $byEye] = $told ?? [null, $early ?? $this->proof->ruleTrue, false];
        $film = $this->measures->film;
        $thrown = $film->thrownTo();
        $base = new Decision($key?->role, $act?->name, $outcome->letter, null, 'Mark the snap and the ball out, with the man it went to.', $outcome->action, byEye: $byEye);
        if ($thrown === null || $film->mark('snap') === null || $film->mark('ball out') === null) {
            return $base;
        }
        [$grade, $why, $labels] = $this->judge($outcome, $thrown);
        $what = match (true) {
            $key === null => 'No key in this look',
            $act === null => "The {$key->role} had not chosen when the ball left",
            default => "The {$key->role} chose to {$act->name}".($byEye ? ' (by eye)' : ''),
        };

        return $base->with(['grade' => $grade, 'why' => "$what, so ".$this->right($outcome).". $why", 'done' => 'throw', 'labels' => $labels,
            'evidence' => $this->evidence($outcome, $thrown), 'alsoRight' => $this->alsoRight($outcome, $thrown)]);
    }

    /** What the key's rule gives, when he was plotted up to the throw and his choices had not parted by then; else null. */
    private function early(Key $key): ?Outcome
    {
        $out = $this->measures->after('ball out');
        $plots = $this->telling($key);
        $rule = array_values(array_filter($key->acts, fn (array $a): bool => $a['act']->fromT === null))[0]['outcome'] ?? null;

        return $out !== null && $plots !== [] && max(array_column($plots, 't')) >= $out - self::UP_TO_S ? $rule : null;
    }

    /** What the key chose: as plotted, else as somebody said by eye. @return array{Act, Outcome, bool}|null */
    private function choice(Key $key): ?array
    {
        $row = $this->plotted($key);
        if ($row !== null) {
            return [$row['act'], $row['outcome'], false];
        }
        $seen = $this->measures->film->seen($key->role, 'choice');
        foreach ($seen === null ? [] : $key->acts as $row) {
            if ($row['act']->name === $seen->value) {
                return [$row['act'], $row['outcome'], true];
            }
        }

        return null;
    }

    /** The act whose run is nearest to where he was plotted; null while his choices have not parted there. @return array{act: Act, outcome: Outcome}|null */
    private function plotted(Key $key): ?array
    {
        $plots = $this->telling($key);
        $misses = [];
        foreach ($plots === [] ? [] : $key->acts as $n => $row) {
            if ($row['act']->toward !== null) {
                $misses[$n] = $this->miss($key, $row['act'], $plots);
            }
        }
        if (count($misses) < 2 || max($misses) - min($misses) < self::PARTED_YD) {
            return null;
        }

        $row = $key->acts[array_search(min($misses), $misses, true)];
        // When he did what his rule has him do, the right read is the one of the rule, whichever choice that comes nearest to.
        $rule = array_values(array_filter($key->acts, fn (array $a): bool => $a['act']->fromT === null))[0] ?? null;

        return $rule !== null && $this->miss($key, $rule['act'], $plots) <= min($misses) + self::NEARER_YD ? ['act' => $row['act'], 'outcome' => $rule['outcome']] : $row;
    }

    /** Places of the key after the threats show and until just after the ball is out. @return list<array{t: float, xYd: float, yYd: float}> */
    private function telling(Key $key): array
    {
        $out = $this->measures->after('ball out');
        $snap = $this->measures->film->mark('snap');
        $until = $out === null ? INF : $out + self::AFTER_OUT;
        $places = [];
        foreach ($snap === null ? [] : $this->measures->plots() as $plot) {
            $t = $plot['atS'] - $snap;
            if ($plot['man'] === $key->role && $t > self::SHOWS_S && $t <= $until) {
                $places[] = ['t' => $t, 'xYd' => $plot['xYd'], 'yYd' => $plot['yYd']];
            }
        }

        return $places;
    }

    /** Mean distance in yards between an act's run and the places. @param  list<array{t: float, xYd: float, yYd: float}>  $plots */
    private function miss(Key $key, Act $act, array $plots): float
    {
        $track = $this->proof->playOut->withAct($key->defender, $act);
        $sum = 0.0;
        foreach ($plots as $plot) {
            $i = min(Path::STEPS - 1, (int) round($plot['t'] / Path::STEP));
            $sum += hypot($track->x[$key->defender][$i] - $plot['xYd'], $track->y[$key->defender][$i] - $plot['yYd']);
        }

        return $sum / count($plots);
    }

    /** @return array{string, string, list<string>} grade, why, labels of the library */
    private function judge(Outcome $outcome, string $thrown): array
    {
        if ($outcome->letter === $thrown) {
            return $this->timing($thrown);
        }
        $margin = $outcome->reads[$thrown]['margin'] ?? null;
        $name = $this->route($thrown);

        return $margin !== null && $margin >= $this->measures->film->setting->openAt
            ? ['wrong', sprintf('The %s by %s was open too (%+.2f s), but it is not the read.', $name, $thrown, $margin), ['FLT-48']]
            : ['forced', $margin === null ? "The ball went to $thrown, who is no live read." : sprintf('The %s by %s was shut (%+.2f s).', $name, $thrown, $margin), ['FLT-48']];
    }

    /** @return array{string, string, list<string>} */
    private function timing(string $thrown): array
    {
        $reading = $this->proof->readings[$thrown] ?? null;
        $out = (float) $this->measures->after('ball out');
        if ($reading?->to === null) {
            return ['right', sprintf('Ball out at %.2f s.', $out), []];
        }
        $late = $out - $reading->to;
        if ($late <= self::LATE) {
            return ['right', sprintf('Ball out at %.2f s, inside the slot from %.2f to %.2f s.', $out, $reading->from, $reading->to), $this->fastOff($thrown, $out)];
        }
        $broke = $this->measures->after('break', $thrown);
        $waited = $broke === null ? 0.0 : $broke - $reading->breakAt;
        $owner = $waited > self::LATE
            ? sprintf('%s broke %.1f s late, so the wait is his; the hold is the quarterback\'s.', $thrown, $waited)
            : 'The break was on time, so the hold is the quarterback\'s.';

        return ['right but late', sprintf('Ball out at %.2f s, %.2f s after the slot. %s', $out, $late, $owner), ['FLT-47']];
    }

    /** Off a dead read without waiting on it (PRS-05). @return list<string> */
    private function fastOff(string $thrown, float $out): array
    {
        $before = null;
        foreach ($this->proof->readings as $letter => $reading) {
            if ($letter === $thrown) {
                return $before !== null && $out - $before <= self::OFF_S ? ['PRS-05'] : [];
            }
            $before = $reading->number === null || $reading->from === null ? $before : $reading->from;
        }

        return [];
    }

    /** @return list<array{what: string, value: float|string, unit: string}> */
    private function evidence(Outcome $outcome, string $thrown): array
    {
        $rows = [];
        $reading = $this->proof->readings[$thrown] ?? null;
        $rows[] = ['what' => 'ball out', 'value' => round((float) $this->measures->after('ball out'), 2), 'unit' => 's'];
        if ($reading?->to !== null) {
            $rows[] = ['what' => "slot of $thrown", 'value' => sprintf('%.2f to %.2f', $reading->from, $reading->to), 'unit' => 's'];
        }
        foreach ($outcome->reads as $letter => $read) {
            $rows[] = ['what' => "margin of $letter", 'value' => round($read['margin'], 2), 'unit' => 's'];
        }
        $depth = $this->measures->row($this->proof->mainKey()->role ?? '', 'depth at ball out');
        if ($depth !== null) {
            $rows[] = ['what' => "depth of the {$depth->man}", 'value' => $depth->done, 'unit' => 'yd'];
        }

        return $rows;
    }

    /** Other live reads and alerts that were open and not thrown. @return list<string> */
    private function alsoRight(Outcome $outcome, string $thrown): array
    {
        $also = [];
        foreach ($outcome->reads as $letter => $read) {
            if ($letter !== $thrown && $letter !== $outcome->letter && $read['margin'] >= $this->measures->film->setting->openAt) {
                $also[] = sprintf('%s by %s, %+.2f s', $this->route((string) $letter), $letter, $read['margin']);
            }
        }

        return $also;
    }

    private function right(Outcome $outcome): string
    {
        return $outcome->letter === null ? 'nobody is open: throw it away'
            : sprintf('the %s by %s was right', $this->route($outcome->letter), $outcome->letter);
    }

    private function route(string $letter): string
    {
        return isset($this->proof->scene->routes[$letter]) ? $this->proof->scene->routes[$letter]->spec->name : 'ball';
    }
}
