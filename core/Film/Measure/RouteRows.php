<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film\Measure;

use Jacotaxis\Core\Film\Mark;
use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Offense\Man;
use Jacotaxis\Core\Route\RunRoute;

/** What a receiver did on his route: alignment, stem, break, speed, cushion and separation. */
final readonly class RouteRows
{
    /** The release is wide or tight at this depth, yards. */
    private const RELEASE_YD = 4.0;

    /** A man this near is in his face, yards. */
    private const FACE_YD = 3.0;

    public function __construct(private Measures $m)
    {
    }

    /** @return list<Row> */
    public function all(): array
    {
        $rows = [];
        $routes = $this->m->proof?->scene()->routes ?? [];
        foreach ($this->m->proof?->scene()->men ?? [] as $letter => $man) {
            if (! $man->isLineman() && ! $man->isQuarterback()) {
                $run = $routes[$letter] ?? null;
                array_push(
                    $rows,
                    ...$this->alignment((string) $letter, $man),
                    ...$run === null ? [] : $this->route((string) $letter, $run),
                );
            }
        }

        return [...$rows, ...(new AfterBreakRows($this->m))->crossers()];
    }

    /**
     * When and where he broke: as marked, else where his way turns most.
     *
     * @return array{t: float, marked: bool}|null
     */
    public function broke(string $letter): ?array
    {
        $marked = $this->m->after('break', $letter);
        if ($marked !== null) {
            return ['t' => $marked, 'marked' => true];
        }
        $turn = $this->m->track($letter)?->break();

        return $turn === null ? null : ['t' => $turn['t'], 'marked' => false];
    }

    /** @return list<Row> where he stood at the snap */
    private function alignment(string $letter, Man $man): array
    {
        $at = $this->m->track($letter)?->at(0.0);
        if ($at === null) {
            return [];
        }
        $sd = max(0.05, $at->sdXYd);
        $rows = [
            Row::of(
                $letter,
                $man->inMotion() ? 'spot at the snap' : 'split',
                'yd',
                abs($man->xYd),
                abs($at->xYd),
                $sd,
            ),
        ];
        if ($man->inMotion()) {
            // Behind where he should be on his way is late, in seconds at his speed.
            $late = ($man->xYd - $at->xYd) * ($man->vxYd <=> 0.0) / max(0.5, hypot($man->vxYd, $man->vyYd));
            $rows[] = Row::of($letter, 'motion late', 's', 0.0, $late, $sd / max(0.5, hypot($man->vxYd, $man->vyYd)));
        }
        $near = $this->m->nearestDefender($at, 0.0);
        if ($near !== null) {
            $rows[] = Row::of(
                $letter,
                'cushion',
                'yd',
                null,
                $near->spot->yYd - $at->yYd,
                max(0.05, hypot($at->sdYYd, $near->spot->sdYYd)),
            );
        }

        return $rows;
    }

    /** @return list<Row> */
    private function route(string $letter, RunRoute $run): array
    {
        return [
            ...$this->breaks($letter, $run),
            ...(new AfterBreakRows($this->m))->of($letter, $run),
            ...$this->stem($letter, $run),
            ...$this->contacts($letter),
            ...$this->press($letter),
            ...$this->separation($letter),
        ];
    }

    /** @return list<Row> */
    private function breaks(string $letter, RunRoute $run): array
    {
        $broke = $this->broke($letter);
        $rows = [];
        $seen = $this->m->film->seen($letter, 'break depth');
        $at = $broke === null ? null : $this->m->track($letter)?->at($broke['t']);
        if ($at !== null && $broke !== null) {
            $rows[] = Row::of(
                $letter,
                'break depth',
                'yd',
                $run->break()->yYd,
                $at->yYd,
                max(0.05, $at->sdYYd, $broke['marked'] ? 0.0 : 0.5),
            );
        } elseif ($seen !== null && is_float($seen->value)) {
            $rows[] = Row::of($letter, 'break depth', 'yd', $run->break()->yYd, $seen->value, 1.0, true);
        }
        if ($broke !== null) {
            $rows[] = Row::of(
                $letter,
                'break time',
                's',
                $run->break()->t,
                $broke['t'],
                $broke['marked'] ? Measures::MARK_S * M_SQRT2 : 0.1,
            );
        }

        return $rows;
    }

    /** @return list<Row> */
    private function stem(string $letter, RunRoute $run): array
    {
        $track = $this->m->track($letter);
        $rows = [];
        $past = $track?->past(self::RELEASE_YD);
        $start = $track?->at(max(0.0, $track->from()));
        if ($track !== null && $past !== null && $start !== null && $track->from() < 0.5) {
            $at = $track->nearest($past);
            $step = (int) min(Path::STEPS - 1, round($past / Path::STEP));
            $rows[] = Row::of(
                $letter,
                'release width',
                'yd',
                abs($run->path->x[$step] - $run->path->x[0]),
                abs($at->xYd - $start->xYd),
                hypot($at->sdXYd, $start->sdXYd),
            );
        }
        if ($track !== null && $track->count() >= NamedRoute::NAMED_PLOTS) {
            $rows[] = Row::of($letter, 'top speed', 'yd/s', null, $track->topSpeed(), 0.4);
        }
        $pressed = $this->m->after('past press', $letter);
        if ($pressed !== null) {
            $rows[] = Row::of($letter, 'snap to past the press', 's', null, $pressed, Measures::MARK_S * M_SQRT2);
        }

        return $rows;
    }

    /**
     * The inside contacts counted up to the break (RTE-02, W-13): what was measured, never filled in from the count.
     *
     * @return list<Row>
     */
    private function contacts(string $letter): array
    {
        $broke = $this->m->after('break', $letter);
        $counted = 0;
        foreach ($this->m->film->marks as $mark) {
            $until = $broke === null ? INF : (float) $this->m->film->mark('snap') + $broke + Measures::NEAR_S;
            $counted += (int) ($mark->kind === 'inside contact' && $mark->man === $letter && $mark->atS <= $until);
        }

        return $counted === 0
            ? []
            : [Row::of($letter, 'inside contacts', 'steps', null, (float) $counted, 0.0), ...$this->stride($letter)];
    }

    /**
     * Yards of a step between the first and the last inside contact: two steps lie between each (FLM-09).
     *
     * @return list<Row>
     */
    private function stride(string $letter): array
    {
        $contacts = array_values(
            array_filter(
                $this->m->film->marks,
                fn (Mark $m): bool => $m->kind === 'inside contact' && $m->man === $letter,
            ),
        );
        $snap = $this->m->film->mark('snap');
        $steps = 2 * (count($contacts) - 1);
        $places =
            $snap === null || $steps === 0
                ? []
                : array_values(
                    array_filter(
                        array_map(fn (Mark $m): ?Spot => $this->m->track($letter)?->at($m->atS - $snap), [
                            $contacts[0],
                            $contacts[count($contacts) - 1],
                        ]),
                    ),
                );
        if (count($places) < 2) {
            return [];
        }
        $apart = $places[0]->apart($places[1]);

        return [Row::of($letter, 'stride', 'yd', null, $apart->yd / $steps, $apart->sdYd / $steps)];
    }

    /**
     * How wide of the man in his face he plants, and passes him (FLM-09, REL-09).
     *
     * @return list<Row>
     */
    private function press(string $letter): array
    {
        $rows = [];
        foreach (['plant' => 'plants wide of the man in his face',
            'past press' => 'passes wide of the man in his face'] as $kind => $name) {
            $t = $this->m->after($kind, $letter);
            $at = $t === null ? null : $this->m->track($letter)?->at($t);
            $near = $at === null ? null : $this->m->nearestDefender($at, $t);
            $him = $near?->spot;
            if ($at !== null && $him !== null && $near->apart->yd <= self::FACE_YD) {
                $rows[] = Row::of(
                    $letter,
                    $name,
                    'yd',
                    null,
                    abs($him->xYd - $at->xYd),
                    max(0.05, hypot($at->sdXYd, $him->sdXYd)),
                );
            }
        }

        return $rows;
    }

    /**
     * Yards to the nearest defender when the ball leaves and when it comes. What a shove or a hold made is none of his
     * (FLT-20, W-45).
     *
     * @return list<Row>
     */
    private function separation(string $letter): array
    {
        if (
            $this->m->film->thrownTo() !== $letter ||
            in_array($this->m->film->seen($letter, 'foul')?->value, ['shove', 'hold'], true)
        ) {
            return [];
        }
        $rows = [];
        foreach (['ball out' => 'separation at the throw', 'catch' => 'separation at the catch'] as $kind => $name) {
            $t = $this->m->after($kind);
            $at = $t === null ? null : $this->m->track($letter)?->at($t);
            $near = $at === null ? null : $this->m->nearestDefender($at, $t);
            if ($near !== null) {
                $rows[] = Row::of($letter, $name, 'yd', null, $near->apart->yd, $near->apart->sdYd);
            }
        }
        $caught = $this->m->after('catch');
        $at = $caught === null ? null : $this->m->track($letter)?->at($caught);
        $gain = $this->m->film->chart?->gainYd;
        if ($at !== null && $gain !== null && $this->m->film->chart->caught()) {
            $rows[] = Row::of($letter, 'gain to the catch', 'yd', null, $at->yYd, max(0.05, $at->sdYYd));
            $rows[] = Row::of(
                $letter,
                'gain after the catch',
                'yd',
                null,
                $gain - $at->yYd,
                hypot(0.5, $at->sdYYd),
            );
        }

        return $rows;
    }
}
