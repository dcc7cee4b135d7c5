<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film\Measure;

use Jacotaxis\Core\Field\PlayFrame;
use Jacotaxis\Core\Film\Calibrate\BadCalibration;
use Jacotaxis\Core\Film\FilmDocument;
use Jacotaxis\Core\Proof\Pass\Proof;
use Jacotaxis\Core\Proof\Proving;
use Jacotaxis\Core\Proof\Run\Ball\Lanes;
use Jacotaxis\Core\Proof\Run\RunProof;
use Jacotaxis\Core\Proof\Scene\Proven;

/** Measures a worked snap: where the plotted men were in play yards, and each assignment's number beside its plan. */
final class Measures
{
    /** A place counts for an event when it is this near in time, seconds. */
    public const NEAR_S = 0.15;

    /** Doubt of a mark: half a frame at 30 a second each way, one sigma, seconds. */
    public const MARK_S = 0.02;

    /** The proof of the call against the look, or null while either is unknown. */
    public readonly ?Proven $proof;

    public readonly Placed $placed;

    public readonly PlayFrame $frame;

    /** @var array<string, array{route: string, depthYd: float, offYd: float}|null> by letter */
    private array $named = [];

    /** @var list<Row>|null */
    private ?array $rows = null;

    private ?RunProof $jobs = null;

    /** @throws BadCalibration when a picture cannot be placed at all */
    public function __construct(public readonly FilmDocument $film)
    {
        $this->frame = $film->setting->situation->frame();
        foreach ($film->angles() as $angle) {
            $carried = $film->carried($angle);
            foreach ($film->calibrations as $one) {
                if ($one['angle'] === $angle) {
                    $carried->at($one['atS']);
                }
            }
        }
        $this->proof =
            $film->call === null || $film->look === null ? null : Proving::of($film->call, $film->look, $film->setting);
        $this->placed = new Placed($film, $this->frame);
    }

    public function pass(): ?Proof
    {
        return $this->proof instanceof Proof ? $this->proof : null;
    }

    public function run(): ?RunProof
    {
        return $this->proof instanceof RunProof ? $this->proof : null;
    }

    /**
     * The run whose jobs are graded: the planned one, or what its branches make of it where a man did what one speaks
     * of (GRD-04).
     */
    public function jobs(): ?RunProof
    {
        $run = $this->run();

        return $run === null ? null : ($this->jobs ??= (new BranchesSeen($this, $run))->jobs());
    }

    /** Seconds from the snap at which something is marked, or null. */
    public function after(string $kind, ?string $man = null, ?int $n = null): ?float
    {
        $snap = $this->film->mark('snap');
        $at = $this->film->mark($kind, $man, $n);

        return $snap === null || $at === null ? null : $at - $snap;
    }

    /**
     * @return list<array{id: string, man: string, atS: float, angle: string, xYd: float, yYd: float, sdYd: float,
     *     sdXYd: float, sdYYd: float}> sdYd in the worse direction
     */
    public function plots(): array
    {
        $plots = [];
        foreach ($this->film->plots as $plot) {
            if (isset($this->placed->byPlot[$plot->id])) {
                $spot = $this->placed->byPlot[$plot->id];
                $plots[] = ['id' => $plot->id, 'man' => $plot->man, 'atS' => $plot->atS, 'angle' => $plot->angle,
                    'xYd' => round($spot->xYd, 2), 'yYd' => round($spot->yYd, 2), 'sdYd' => round($spot->sdYd(), 3),
                    'sdXYd' => round($spot->sdXYd, 3), 'sdYYd' => round($spot->sdYYd, 3)];
            }
        }

        return $plots;
    }

    /** @return list<Row> plan against done */
    public function rows(): array
    {
        return $this->rows ??= [
            ...(new RouteRows($this))->all(),
            ...(new BallRows($this))->all(),
            ...(new KeyRows($this))->all(),
            ...(new LineRows($this))->all(),
        ];
    }

    /**
     * @return list<array{man: string, measure: string, unit: string, planned: float|null, done: float,
     *     error: float|null, sd: float, byEye: bool}>
     */
    public function assignments(): array
    {
        return array_map(fn (Row $r): array => $r->toArray(), $this->rows());
    }

    /** The gap a measured run hit, in words, or null. */
    public function hole(): ?string
    {
        $run = $this->run();
        $crossed = array_values(array_filter($run === null ? [] : $this->rows(),
            fn (Row $r): bool => $r->measure === LineRows::CROSSES))[0] ?? null;

        return $run === null || $crossed === null
            ? null
            : (new Lanes($run->scene()->lineup, $run->resolved->run->side))->at($crossed->done);
    }

    /** A measured number, or null. */
    public function row(string $man, string $measure): ?Row
    {
        foreach ($this->rows() as $row) {
            if ($row->man === $man && $row->measure === $measure) {
                return $row;
            }
        }

        return null;
    }

    public function track(string $man): ?Track
    {
        return $this->placed->track($man);
    }

    /**
     * The route a man ran by his plotted way, named once.
     *
     * @return array{route: string, depthYd: float, offYd: float}|null
     */
    public function named(string $man): ?array
    {
        return array_key_exists($man, $this->named)
            ? $this->named[$man]
            : ($this->named[$man] = (new NamedRoute($this))->of($man));
    }

    /**
     * Roles of the defenders of the look.
     *
     * @return list<string>
     */
    public function defenders(): array
    {
        return array_map(fn ($d): string => $d->role, $this->proof?->scene()->defenders ?? []);
    }

    /**
     * The defender nearest to a man, or to a place known for sure, at a moment after the snap, with the doubt of the
     * distance.
     */
    public function nearestDefender(Spot $place, float $t): ?Nearest
    {
        $best = null;
        foreach ($this->defenders() as $role) {
            $at = $this->track($role)?->at($t);
            $near = $at === null ? null : new Nearest($role, $at, $place->apart($at));
            if ($near !== null && ($best === null || $near->apart->yd < $best->apart->yd)) {
                $best = $near;
            }
        }

        return $best;
    }
}
