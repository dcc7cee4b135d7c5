<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Grade\Deciding;

use Jacotaxis\Core\Film\Measure\Measures;
use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Proof\Keys\Key;
use Jacotaxis\Core\Proof\Pass\Proof;
use Jacotaxis\Core\Proof\Play\Act;
use Jacotaxis\Core\Proof\Throwing\Outcome;

/** What a key of a pass chose: by where he was plotted against the ways of his acts, else by eye. */
final readonly class KeyOnFilm
{
    /** A choice can be told once the two runs are this far apart where he was plotted, yards (product default). */
    private const PARTED_YD = 0.4;

    /** His rule is what he played when no choice comes nearer by this, yards (product default). */
    private const NEARER_YD = 0.02;

    /** Seconds after the ball is out in which a plot still tells his choice, and before which none does. */
    private const AFTER_OUT = 0.5;

    private const SHOWS_S = 1.0;

    /** A man plotted this near before the throw was watched up to it, seconds. */
    private const UP_TO_S = 0.25;

    public function __construct(private Measures $measures, private Proof $proof)
    {
    }

    /** Whether he was plotted where his choice can be told. */
    public function isPlotted(Key $key): bool
    {
        return $this->telling($key) !== [];
    }

    /**
     * What the key's rule gives, when he was plotted up to the throw and his choices had not parted by then; else null.
     */
    public function early(Key $key): ?Outcome
    {
        $out = $this->measures->after('ball out');
        $plots = $this->telling($key);
        $rule =
            array_values(array_filter($key->acts, fn (array $a): bool => $a['act']->fromT === null))[0]['outcome'] ??
            null;

        return $out !== null && $plots !== [] && max(array_column($plots, 't')) >= $out - self::UP_TO_S ? $rule : null;
    }

    /**
     * What a man chose: as plotted, else as somebody said by eye.
     *
     * @param  bool  $orRule  whether his rule is one of the things he may have done
     */
    public function choice(Key $key, bool $orRule = false): ?PassChoice
    {
        $told = $this->plotted($key, $orRule);
        if ($told !== null) {
            return $told;
        }
        $seen = $this->measures->film->seen($key->role, 'choice');
        foreach ($key->acts as $row) {
            if ($seen !== null && $row['act']->name === $seen->value) {
                return new PassChoice($key, $row['act'], $row['outcome'], true);
            }
        }

        return null;
    }

    /** The act whose run is nearest to where he was plotted; null while his choices have not parted there. */
    private function plotted(Key $key, bool $orRule): ?PassChoice
    {
        $plots = $this->telling($key);
        $misses = [];
        foreach ($plots === [] ? [] : $key->acts as $n => $row) {
            if ($row['act']->toward !== null || $orRule && $row['act']->fromT === null) {
                $misses[$n] = $this->miss($key, $row['act'], $plots);
            }
        }
        if (count($misses) < 2 || max($misses) - min($misses) < self::PARTED_YD) {
            return null;
        }
        $row = $key->acts[(int) array_search(min($misses), $misses, true)];
        // When he did what his rule has him do, the right read is the one of the rule, whichever choice that comes
        // nearest to.
        $rule = array_values(array_filter($key->acts, fn (array $a): bool => $a['act']->fromT === null))[0] ?? null;
        $outcome =
            $rule !== null && $this->miss($key, $rule['act'], $plots) <= min($misses) + self::NEARER_YD
                ? $rule['outcome']
                : $row['outcome'];

        return new PassChoice($key, $row['act'], $outcome, false);
    }

    /**
     * Places of the key after the threats show and until just after the ball is out.
     *
     * @return list<array{t: float, xYd: float, yYd: float}>
     */
    private function telling(Key $key): array
    {
        $out = $this->measures->after('ball out');
        $snap = $this->measures->film->mark('snap');
        $until = $out === null ? INF : $out + self::AFTER_OUT;
        $places = [];
        foreach ($snap === null ? [] : $this->measures->plots() as $plot) {
            $t = $plot['atS'] - (float) $snap;
            if ($plot['man'] === $key->role && $t > self::SHOWS_S && $t <= $until) {
                $places[] = ['t' => $t, 'xYd' => $plot['xYd'], 'yYd' => $plot['yYd']];
            }
        }

        return $places;
    }

    /**
     * Mean distance in yards between an act's run and the places.
     *
     * @param  list<array{t: float, xYd: float, yYd: float}>  $plots
     */
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
}
