<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film\Calibrate;

/**
 * Carries the calibrations of one angle from the pictures they were clicked on to any other, along the movement of the
 * picture that was followed on the field's paint. Each step adds its own error; where two calibrations meet and
 * disagree, the disagreement is doubt.
 */
final class Carried
{
    /** Movement nobody followed: how far a camera that does not pan wanders, pixels a second (product default). */
    private const SWAY_PX_S = 0.5;

    /**
     * Two calibrations that put the same place this far apart on the picture come from a camera that moved, pixels
     * (product default).
     */
    private const MOVED_PX = 6.0;

    /** A calibration holds this long around its picture though the camera moves, seconds. */
    private const HOLDS_S = 0.05;

    /** Two steps of a movement belong together when the gap is at most this, seconds. */
    private const GAP_S = 0.02;

    /** Least error of a step however well it fits, pixels (product default). */
    private const STEP_PX = 0.03;

    /** @var array<string, View> by moment: the men of a picture are plotted at one */
    private array $views = [];

    /** @var array<string, Calibration> by moment */
    private array $fits = [];

    private ?bool $panned = null;

    /** @var list<array{atS: float, points: list<FieldClick>}> */
    private array $keys;

    /** @var list<array{fromS: float, toS: float, h: list<float>, inliers: int, missPx: float}> */
    private array $moves;

    /**
     * @param  list<array{atS: float, points: list<FieldClick>}>  $keys  points as Calibration::of takes them
     * @param  list<array{fromS: float, toS: float, h: list<float>, inliers: int, missPx: float}>  $moves  picture at
     *     fromS to picture at toS, row by row
     */
    public function __construct(array $keys, array $moves)
    {
        $enough = array_values(array_filter($keys, fn (array $k): bool => count($k['points']) >= 4));
        $this->keys = $enough === [] ? $keys : $enough;
        usort($this->keys, fn (array $a, array $b): int => $a['atS'] <=> $b['atS']);
        $this->moves = $moves;
        usort($this->moves, fn (array $a, array $b): int => $a['fromS'] <=> $b['fromS']);
    }

    /**
     * The picture at a moment, or null when nothing was calibrated.
     *
     * @throws BadCalibration when the points are bad, or the camera moved and nobody followed it there
     */
    public function at(float $atS): ?View
    {
        return $this->keys === [] ? null : $this->views[self::moment($atS)] ??= $this->carried($atS);
    }

    /** The picture at a moment, or null where it cannot be placed. */
    public function find(float $atS): ?View
    {
        try {
            return $this->at($atS);
        } catch (BadCalibration) {
            return null;
        }
    }

    private function carried(float $atS): View
    {
        $views = [];
        foreach ($this->around($atS) as $key) {
            $way = $this->moves === [] ? $this->still($key, $atS) : $this->way($key['atS'], $atS);
            if ($way !== null) {
                [$h, $drift] = $way;
                $views[] = new View($this->fitted($key), $h, $drift, $key['atS'], $this->moves !== []);
            }
        }
        if ($views === []) {
            throw BadCalibration::notFollowed($atS);
        }
        usort($views, fn (View $a, View $b): int => $a->driftPx <=> $b->driftPx);

        return isset($views[1]) ? self::agreed($views[0], $views[1]) : $views[0];
    }

    /**
     * The calibrations before and after a moment.
     *
     * @return list<array{atS: float, points: list<FieldClick>}>
     */
    private function around(float $atS): array
    {
        $before = array_filter($this->keys, fn (array $k): bool => $k['atS'] <= $atS);
        $after = array_filter($this->keys, fn (array $k): bool => $k['atS'] > $atS);

        return [...array_slice($before, -1), ...array_slice($after, 0, 1)];
    }

    /**
     * Nobody followed the picture: it stood still when its calibrations agree.
     *
     * @param  array{atS: float, points: list<FieldClick>}  $key
     * @return array{list<float>, float}|null
     */
    private function still(array $key, float $atS): ?array
    {
        $away = abs($atS - $key['atS']);

        return $away > self::HOLDS_S && $this->panned() ? null : [Homography::IDENTITY, self::SWAY_PX_S * $away];
    }

    private function panned(): bool
    {
        if ($this->panned === null) {
            $this->panned = false;
            for ($n = 1; $n < count($this->keys); $n++) {
                $places = array_map(fn (FieldClick $p): array => [$p->fieldXYd, $p->fieldYYd],
                    $this->keys[$n]['points']);
                $this->panned =
                    $this->panned ||
                    self::apart($this->fitted($this->keys[$n - 1]), $this->fitted($this->keys[$n]), $places) >
                        self::MOVED_PX;
            }
        }

        return $this->panned;
    }

    /**
     * The movement of the picture from one moment to another and its error, or null where it was not followed.
     *
     * @return array{list<float>, float}|null
     */
    private function way(float $fromS, float $toS): ?array
    {
        if ($toS < $fromS) {
            $back = $this->way($toS, $fromS);

            return $back === null ? null : [Homography::inverse($back[0]), $back[1]];
        }
        $h = Homography::IDENTITY;
        $variance = 0.0;
        $at = $fromS;
        foreach ($this->moves as $move) {
            if ($move['toS'] <= $at + 1e-9) {
                continue;
            }
            if ($toS - $at < 1e-6 || $move['fromS'] > $at + self::GAP_S) {
                break;
            }
            $long = max(1e-6, $move['toS'] - $move['fromS']);
            $share = (min($toS, $move['toS']) - max($move['fromS'], min($at, $move['toS']))) / $long;
            $h = Homography::times(Homography::part($move['h'], $share), $h);
            $variance += $share * (self::STEP_PX ** 2 + 4.0 * $move['missPx'] ** 2 / max(1, $move['inliers']));
            $at = min($toS, $move['toS']);
        }

        return $toS - $at > self::GAP_S ? null : [$h, sqrt($variance)];
    }

    /** The better of two views, in doubt by its share of their disagreement. */
    private static function agreed(View $best, View $other): View
    {
        $apart = self::apart($best, $other, $best->calibration->corners());

        return $best->drifted(
            max($best->driftPx, ($apart * $best->driftPx) / max(1e-9, $best->driftPx + $other->driftPx)),
        );
    }

    /**
     * How far apart two placings put some places of the field on the picture, mean, pixels.
     *
     * @param  list<array{float, float}>  $places
     */
    private static function apart(View|Calibration $one, View|Calibration $two, array $places): float
    {
        $sum = 0.0;
        foreach ($places as [$fieldXYd, $fieldYYd]) {
            [$x, $y] = $one->toPicture($fieldXYd, $fieldYYd);
            [$u, $v] = $two->toPicture($fieldXYd, $fieldYYd);
            $sum += hypot($x - $u, $y - $v);
        }

        return $sum / max(1, count($places));
    }

    /**
     * The calibration of a picture, fitted once.
     *
     * @param  array{atS: float, points: list<FieldClick>}  $key
     */
    private function fitted(array $key): Calibration
    {
        return $this->fits[self::moment($key['atS'])] ??= Calibration::of($key['points']);
    }

    /** The name of a moment, to a hundredth of a thousandth of a second. */
    private static function moment(float $atS): string
    {
        return sprintf('%.5f s', $atS);
    }
}
