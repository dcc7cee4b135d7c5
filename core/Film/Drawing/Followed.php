<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film\Drawing;

use Jacotaxis\Core\Film\Calibrate\BadCalibration;
use Jacotaxis\Core\Film\Calibrate\Carried;
use Jacotaxis\Core\Film\Calibrate\View;
use Jacotaxis\Core\Film\FilmDocument;
use Jacotaxis\Core\Film\Measure\Moment;
use Jacotaxis\Core\Film\Measure\Spot;
use Jacotaxis\Core\Film\Measure\Track;
use Jacotaxis\Core\Film\Plot;

/**
 * Where a man is on the picture of an angle while the clip runs, by his plots: for a ring at his feet, and for a
 * picture that follows him.
 */
final readonly class Followed
{
    /** How often he is placed, seconds. */
    private const EVERY_S = 0.1;

    /** Radius of the ring at his feet, and his height, yards (product defaults). */
    private const RING_YD = 0.8;

    private const TALL_YD = 2.0;

    /** Fewer plots than this follow nobody. */
    private const LEAST = 2;

    public function __construct(private FilmDocument $film, private string $angle)
    {
    }

    /**
     * His places from his first plot to his last; none where he was plotted less than twice, or the picture cannot be
     * placed.
     *
     * @return list<array{atS: float, xPx: float, yPx: float, rxPx: float, ryPx: float, tallPx: float}> his feet, half
     *     the width and the height of the ring round them, and how tall he is
     */
    public function places(string $man): array
    {
        $carried = $this->film->carried($this->angle);
        $track = $this->track($man);
        if ($track === null) {
            return [];
        }
        $places = [];
        for ($atS = $track->from(); $atS <= $track->to() + 1e-9; $atS += self::EVERY_S) {
            $view = self::view($carried, $atS);
            $spot = $track->nearest($atS);
            if ($view !== null) {
                $places[] = ['atS' => round($atS, 3)] + self::on($view, $spot->xYd, $spot->yYd);
            }
        }

        return $places;
    }

    /** His way over the field by the plots of this angle, or of the other where this one has too few; field yards. */
    private function track(string $man): ?Track
    {
        foreach ([$this->angle, ...array_diff(FilmDocument::ANGLES, [$this->angle])] as $angle) {
            $carried = $this->film->carried($angle);
            $moments = [];
            foreach ($this->film->plots as $plot) {
                $spot = $plot->man === $man && $plot->angle === $angle ? self::spot($carried, $plot) : null;
                if ($spot !== null) {
                    $moments[] = new Moment($plot->atS, $spot);
                }
            }
            if (count($moments) >= self::LEAST) {
                return Track::of($moments);
            }
        }

        return null;
    }

    private static function spot(Carried $carried, Plot $plot): ?Spot
    {
        try {
            $place = self::view($carried, $plot->atS)?->toField($plot->xPx, $plot->yPx);
        } catch (BadCalibration) {
            return null;
        }

        return $place === null ? null : new Spot(...$place);
    }

    private static function view(Carried $carried, float $atS): ?View
    {
        try {
            return $carried->at($atS);
        } catch (BadCalibration) {
            return null;
        }
    }

    /** @return array{xPx: float, yPx: float, rxPx: float, ryPx: float, tallPx: float} */
    private static function on(View $view, float $xYd, float $yYd): array
    {
        [$x, $y] = $view->toPicture($xYd, $yYd);
        [$ax, $ay] = $view->toPicture($xYd + self::RING_YD, $yYd);
        [$bx, $by] = $view->toPicture($xYd, $yYd + self::RING_YD);
        // The ring is an ellipse through both: its half axes along the picture's sides.
        [$rx, $ry] = [hypot($ax - $x, $bx - $x), hypot($ay - $y, $by - $y)];

        return [
            'xPx' => round($x, 1),
            'yPx' => round($y, 1),
            'rxPx' => round($rx, 1),
            'ryPx' => round($ry, 1),
            'tallPx' => round((max($rx, $ry) / self::RING_YD) * self::TALL_YD, 1),
        ];
    }
}
