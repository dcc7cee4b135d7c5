<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Grade;

use Jacotaxis\Core\Film\Measures;
use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Proof\Keys\Act;
use Jacotaxis\Core\Proof\Keys\Key;
use Jacotaxis\Core\Proof\Throwing\Outcome;

/**
 * Grades a measured clip: what the key chose, which read was right against that, what the quarterback did.
 *
 * The same throw can be right and late; a read that was shut is forced; another read that was open is wrong.
 */
final class Grader
{
    /** Seconds after the end of the slot from which a throw is late (product default). */
    private const LATE = 0.2;

    /** Least error in yards or seconds that is a fault, whatever the doubt (product default). */
    private const TOLERANCE = ['yd' => 1.0, 's' => 0.25];

    /** A choice can be told once the two runs are this far apart where he was plotted, yards (product default). */
    private const PARTED_YD = 0.4;

    /** Seconds after the ball is out in which a plot still tells his choice. */
    private const AFTER_OUT = 0.5;

    public function __construct(private readonly Measures $measures)
    {
    }

    public function decision(): Decision
    {
        $proof = $this->measures->proof;
        $key = $proof->mainKey();
        $choice = $key === null ? null : $this->choice($key);
        if ($key !== null && $choice === null) {
            return new Decision($key->role, null, null, null, $this->telling($key) === []
                ? "Plot the {$key->role} between the break and the ball out to see what he chose."
                : "Plot the {$key->role} once more, later: where he was plotted his choices had not parted yet.");
        }
        $outcome = $choice['outcome'] ?? $proof->ruleTrue;
        $name = isset($choice) ? $choice['act']->name : null;
        $thrown = $this->measures->film->thrownTo();
        if ($thrown === null || $this->measures->film->mark('snap') === null || $this->measures->film->mark('ball out') === null) {
            return new Decision($key?->role, $name, $outcome->letter, null, 'Mark the snap and the ball out, with the man it went to.');
        }
        [$grade, $why] = $this->judge($outcome, $thrown);
        $what = $key === null ? 'No key in this look' : 'The '.$key->role.' chose to '.$name;

        return new Decision($key?->role, $name, $outcome->letter, $grade, "$what, so ".$this->right($outcome).". $why");
    }

    /**
     * Faults the numbers show: a break at another depth than planned, beyond the doubt.
     *
     * @return list<array{man: string, fault: string, label: string, error: float, unit: string}>
     */
    public function faults(): array
    {
        $faults = [];
        foreach ($this->measures->assignments() as $row) {
            if ($row['measure'] === 'break depth' && self::isFault($row['error'], $row['sd'], 'yd')) {
                $faults[] = ['man' => $row['man'], 'fault' => 'FLT-13', 'label' => 'wrong depth', 'error' => $row['error'], 'unit' => 'yd'];
            }
        }

        return $faults;
    }

    /**
     * The faults to propose for a man, as labels of the fault library: from his numbers, and for the quarterback from his decision.
     *
     * @return list<string>
     */
    public function proposed(string $man): array
    {
        $labels = array_column(array_filter($this->faults(), fn (array $f): bool => $f['man'] === $man), 'label');
        $decided = $man !== 'Q' ? null : match ($this->decision()->grade) {
            'right but late' => 'late, held',
            'forced' => 'forced',
            default => null,
        };

        return $decided === null ? $labels : [...$labels, $decided];
    }

    /** Whether an error is beyond both twice its doubt and the tolerance of its unit. */
    public static function isFault(float $error, float $sd, string $unit): bool
    {
        return abs($error) > max(2.0 * $sd, self::TOLERANCE[$unit]);
    }

    /**
     * What the key chose: the act whose run is nearest to where he was plotted; null while his choices have not parted there.
     *
     * @return array{act: Act, outcome: Outcome}|null
     */
    private function choice(Key $key): ?array
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

        return $key->acts[array_search(min($misses), $misses, true)];
    }

    /**
     * Plots of the key after the threats show and until just after the ball is out.
     *
     * @return list<array{t: float, xYd: float, yYd: float, sdYd: float}>
     */
    private function telling(Key $key): array
    {
        $out = $this->measures->film->mark('ball out');
        $snap = $this->measures->film->mark('snap');
        $until = $out === null || $snap === null ? INF : $out - $snap + self::AFTER_OUT;

        return array_values(array_filter($this->measures->track($key->role), fn (array $p): bool => $p['t'] > 1.0 && $p['t'] <= $until));
    }

    /**
     * Mean distance in yards between an act's run and the plots.
     *
     * @param  list<array{t: float, xYd: float, yYd: float, sdYd: float}>  $plots
     */
    private function miss(Key $key, Act $act, array $plots): float
    {
        $track = $this->measures->proof->playOut->withAct($key->defender, $act);
        $sum = 0.0;
        foreach ($plots as $plot) {
            $i = min(Path::STEPS - 1, (int) round($plot['t'] / Path::STEP));
            $sum += hypot($track->x[$key->defender][$i] - $plot['xYd'], $track->y[$key->defender][$i] - $plot['yYd']);
        }

        return $sum / count($plots);
    }

    /** @return array{string, string} */
    private function judge(Outcome $outcome, string $thrown): array
    {
        if ($outcome->letter !== $thrown) {
            $margin = $outcome->reads[$thrown]['margin'] ?? null;
            $name = $this->route($thrown);
            $open = $margin !== null && $margin >= $this->measures->film->setting->openAt;

            return $open
                ? ['wrong', sprintf('The %s by %s was open too (%+.2f s), but it is not the read.', $name, $thrown, $margin)]
                : ['forced', $margin === null ? "The ball went to $thrown, who is no live read." : sprintf('The %s by %s was shut (%+.2f s).', $name, $thrown, $margin)];
        }

        return $this->timing($thrown);
    }

    /** @return array{string, string} */
    private function timing(string $thrown): array
    {
        $film = $this->measures->film;
        $reading = $this->measures->proof->readings[$thrown];
        $out = $film->mark('ball out') - $film->mark('snap');
        $late = $out - $reading->to;
        if ($late <= self::LATE) {
            return ['right', sprintf('Ball out at %.2f s, inside the slot from %.2f to %.2f s.', $out, $reading->from, $reading->to)];
        }
        $broke = $film->mark('break', $thrown);
        $waited = $broke === null ? 0.0 : ($broke - $film->mark('snap')) - $reading->breakAt;
        $owner = $waited > self::LATE
            ? sprintf('%s broke %.1f s late, so the wait is his; the hold is the quarterback\'s.', $thrown, $waited)
            : 'The break was on time, so the hold is the quarterback\'s.';

        return ['right but late', sprintf('Ball out at %.2f s, %.2f s after the slot. %s', $out, $late, $owner)];
    }

    private function right(Outcome $outcome): string
    {
        return $outcome->letter === null ? 'nobody is open: throw it away'
            : sprintf('the %s by %s was right', $this->route($outcome->letter), $outcome->letter);
    }

    private function route(string $letter): string
    {
        return isset($this->measures->proof->scene->routes[$letter]) ? $this->measures->proof->scene->routes[$letter]->spec->name : 'ball';
    }
}
