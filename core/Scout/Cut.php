<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Scout;

use Jacotaxis\Core\Grade\Numbers\SnapRow;

/** A sign cut in two: one coverage where it is above the cut, the other where it is not. */
final readonly class Cut
{
    public function __construct(public Sign $sign, public float $at, public string $above, public string $below)
    {
    }

    /**
     * The cut that parts two coverages best: the mean of the shares of either that it gets right, so that the more
     * frequent one does not decide; of cuts as good the one with the most room.
     *
     * @param  list<SnapRow>  $snaps  of either coverage
     * @param  list<Sign>  $signs
     */
    public static function best(array $snaps, array $signs, string $a, string $b): ?self
    {
        $best = null;
        $score = [0.0, 0.0];
        foreach ($signs as $sign) {
            foreach (self::places($snaps, $sign) as [$at, $room]) {
                foreach ([[$a, $b], [$b, $a]] as [$above, $below]) {
                    $cut = new self($sign, $at, $above, $below);
                    $here = [round($cut->rightOfEither($snaps), 6), $room];
                    if ($here > $score) {
                        [$best, $score] = [$cut, $here];
                    }
                }
            }
        }

        return $best;
    }

    /** What it says of a snap; null where its sign was not charted. */
    public function says(SnapRow $snap): ?string
    {
        $value = $this->sign->of($snap);

        return match (true) {
            $value === null => null,
            $value > $this->at => $this->above,
            default => $this->below,
        };
    }

    /**
     * Between every two neighbors of what was charted, with half the room there.
     *
     * @param  list<SnapRow>  $snaps
     * @return list<array{float, float}>
     */
    private static function places(array $snaps, Sign $sign): array
    {
        $values = [];
        foreach ($snaps as $snap) {
            $value = $sign->of($snap);
            if ($value !== null) {
                $values[] = $value;
            }
        }
        sort($values);
        $places = [];
        for ($i = 1; $i < count($values); $i++) {
            if ($values[$i] > $values[$i - 1]) {
                $places[] = [($values[$i] + $values[$i - 1]) / 2.0, ($values[$i] - $values[$i - 1]) / 2.0];
            }
        }

        return $places;
    }

    /** @param  list<SnapRow>  $snaps */
    private function rightOfEither(array $snaps): float
    {
        $right = [$this->above => 0, $this->below => 0];
        $all = $right;
        foreach ($snaps as $snap) {
            $all[(string) $snap->shell]++;
            $right[(string) $snap->shell] += (int) ($this->says($snap) === $snap->shell);
        }

        return ($right[$this->above] / max(1, $all[$this->above]) + $right[$this->below] / max(1, $all[$this->below])) /
            2.0;
    }
}
