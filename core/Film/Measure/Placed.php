<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film\Measure;

use Jacotaxis\Core\Field\PlayFrame;
use Jacotaxis\Core\Film\Calibrate\BadCalibration;
use Jacotaxis\Core\Film\Calibrate\Carried;
use Jacotaxis\Core\Film\FilmDocument;
use Jacotaxis\Core\Film\Mark;
use Jacotaxis\Core\Film\Plot;

/**
 * The plots of a film in play yards. Two angles that saw a man at one moment are two opinions: they are weighed by
 * their doubt, and where they differ by more than that both stand and the difference is said.
 */
final class Placed
{
    /** Plots this near in time are of one moment, seconds. */
    private const MOMENT_S = 0.06;

    /** Opinions farther apart than this many standard deviations disagree. */
    private const DISAGREE = 3.0;

    /** Beyond this a place is no measure any more, yards (product default). */
    public const MOST_SD_YD = 2.0;

    /** @var array<string, Spot> by plot id */
    public array $byPlot = [];

    /** @var array<string, string> by plot id: why it has no place */
    public array $refused = [];

    /** @var list<array{man: string, atS: float, apartYd: float, why: string}> */
    private array $disagreements = [];

    /** @var array<string, Carried> by angle */
    private array $carried = [];

    /** @var array<string, Track|null> */
    private array $tracks = [];

    public function __construct(private readonly FilmDocument $film, private readonly PlayFrame $frame)
    {
        foreach ($film->plots as $plot) {
            $this->place($plot);
        }
    }

    /** His way on the clock of the snap, or null when there is no snap or no plot. */
    public function track(string $man): ?Track
    {
        return array_key_exists($man, $this->tracks)
            ? $this->tracks[$man]
            : ($this->tracks[$man] = Track::of($this->moments($man)));
    }

    /**
     * Where two angles say different things, and what to look at.
     *
     * @return list<array{man: string, atS: float, apartYd: float, why: string}>
     */
    public function disagreements(): array
    {
        array_map($this->track(...), $this->men());

        return $this->disagreements;
    }

    /**
     * Men and defenders with a plot.
     *
     * @return list<string>
     */
    public function men(): array
    {
        return array_values(
            array_unique(
                array_map(
                    fn (Plot $p): string => $p->man,
                    array_filter(
                        $this->film->plots,
                        fn (Plot $p): bool => isset($this->byPlot[$p->id]) && $p->man !== Mark::UNKNOWN,
                    ),
                ),
            ),
        );
    }

    private function place(Plot $plot): void
    {
        try {
            $view = ($this->carried[$plot->angle] ??= $this->film->carried($plot->angle))->at($plot->atS);
            if ($view === null) {
                return;
            }
            [$x, $y] = $this->frame->toPlay(...$view->toField($plot->xPx, $plot->yPx));
            [$across, $along] = $view->doubt($plot->xPx, $plot->yPx, $plot->clickPx());
        } catch (BadCalibration $e) {
            $this->refused[$plot->id] = $e->getMessage();

            return;
        }
        if (max($across, $along) > self::MOST_SD_YD) {
            $this->refused[$plot->id] = sprintf(
                'The doubt there is %.1f yd: calibrate nearer to this moment or place.',
                max($across, $along),
            );

            return;
        }
        $this->byPlot[$plot->id] = new Spot($x, $y, $across, $along);
    }

    /** @return list<Moment> one place a moment */
    private function moments(string $man): array
    {
        $snap = $this->film->mark('snap');
        $his =
            $snap === null
                ? []
                : array_values(
                    array_filter(
                        $this->film->plots,
                        fn (Plot $p): bool => $p->man === $man && isset($this->byPlot[$p->id]),
                    ),
                );
        usort($his, fn (Plot $a, Plot $b): int => $a->atS <=> $b->atS);
        $moments = [];
        $last = null;
        foreach ($his as $plot) {
            $now = new Moment($plot->atS - (float) $snap, $this->byPlot[$plot->id]);
            if ($last !== null && $last->angle !== $plot->angle && $plot->atS - $last->atS <= self::MOMENT_S) {
                $moments[count($moments) - 1] = $this->weighed($man, $moments[count($moments) - 1], $now);
            } else {
                $moments[] = $now;
            }
            $last = $plot;
        }

        return $moments;
    }

    /** Two opinions of one moment. */
    private function weighed(string $man, Moment $a, Moment $b): Moment
    {
        $apart = $a->spot->apart($b->spot);
        $disagree = $apart->yd > self::DISAGREE * max(0.05, $apart->sdYd);
        if ($disagree) {
            $this->disagreements[] = ['man' => $man, 'atS' => round($a->t, 2), 'apartYd' => round($apart->yd, 2),
                'why' => sprintf(
                    'The two angles put %s %.1f yd apart at %.2f s after the snap: look at the calibration of both, '.
                        'or at who was clicked.',
                    $man,
                    $apart->yd,
                    $a->t,
                )];
        }
        // Each direction by its own doubt: what one angle sees foreshortened the other may see well.
        [$x, $sdX] = self::between($a->spot->xYd, $a->spot->sdXYd, $b->spot->xYd, $b->spot->sdXYd);
        [$y, $sdY] = self::between($a->spot->yYd, $a->spot->sdYYd, $b->spot->yYd, $b->spot->sdYYd);

        // Where they disagree neither is believed by itself: half their distance is doubt.
        $least = $disagree ? $apart->yd / 2.0 : 0.0;

        return new Moment(($a->t + $b->t) / 2.0, new Spot($x, $y, max($sdX, $least), max($sdY, $least)));
    }

    /**
     * Two opinions of one number weighed by their doubt.
     *
     * @return array{float, float} the number and its one-sigma doubt
     */
    private static function between(float $a, float $sdA, float $b, float $sdB): array
    {
        [$va, $vb] = [max(1e-6, $sdA ** 2), max(1e-6, $sdB ** 2)];

        return [($a * $vb + $b * $va) / ($va + $vb), sqrt($va * $vb / ($va + $vb))];
    }
}
