<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film\Drawing;

use Jacotaxis\Core\Film\Calibrate\View;
use Jacotaxis\Core\Film\FilmDocument;
use Jacotaxis\Core\Film\Measure\Placed;

/**
 * Where a man is on the picture of an angle while the clip runs, by his plots of either: for a ring at his feet, and
 * for a picture that follows him.
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
     * His places from his first plot to his last; none where the snap is not marked, he was plotted less than twice, or
     * the picture cannot be placed.
     *
     * @return list<array{atS: float, xPx: float, yPx: float, rxPx: float, ryPx: float, tallPx: float}> his feet, half
     *     the width and the height of the ring round them, and how tall he is
     */
    public function places(string $man): array
    {
        $frame = $this->film->setting->situation->frame();
        $snap = $this->film->mark('snap');
        $track = (new Placed($this->film, $frame))->track($man);
        if ($snap === null || $track === null || $track->count() < self::LEAST) {
            return [];
        }
        $carried = $this->film->carried($this->angle);
        $places = [];
        for ($t = $track->from(); $t <= $track->to() + 1e-9; $t += self::EVERY_S) {
            $view = $carried->find($snap + $t);
            $spot = $track->nearest($t);
            $place = $view === null ? null : self::on($view, ...$frame->toField($spot->xYd, $spot->yYd));
            if ($place !== null) {
                $places[] = ['atS' => round($snap + $t, 3)] + $place;
            }
        }

        return $places;
    }

    /** @return array{xPx: float, yPx: float, rxPx: float, ryPx: float, tallPx: float}|null */
    private static function on(View $view, float $xYd, float $yYd): ?array
    {
        $feet = $view->sees($xYd, $yYd);
        $across = $view->sees($xYd + self::RING_YD, $yYd);
        $along = $view->sees($xYd, $yYd + self::RING_YD);
        if ($feet === null || $across === null || $along === null) {
            return null;
        }
        // The ring is an ellipse through both: its half axes along the picture's sides.
        $rx = hypot($across[0] - $feet[0], $along[0] - $feet[0]);
        $ry = hypot($across[1] - $feet[1], $along[1] - $feet[1]);

        return [
            'xPx' => round($feet[0], 1),
            'yPx' => round($feet[1], 1),
            'rxPx' => round($rx, 1),
            'ryPx' => round($ry, 1),
            'tallPx' => round((max($rx, $ry) / self::RING_YD) * self::TALL_YD, 1),
        ];
    }
}
