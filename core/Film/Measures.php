<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film;

use Jacotaxis\Core\Proof\Proof;
use Jacotaxis\Core\Proof\Prover;

/** Measures a worked clip: where the plotted men were in play yards, and each assignment's number beside its plan. */
final class Measures
{
    /** A plot counts for an event when it is this near in time, seconds. */
    private const NEAR_S = 0.15;

    /** Doubt of a mark: half a frame at 30 a second each way, one sigma, seconds. */
    public const MARK_S = 0.02;

    /** @var array<string, array{xYd: float, yYd: float, sdYd: float}> by plot id */
    private array $placed = [];

    public readonly Proof $proof;

    /** @throws BadCalibration */
    public function __construct(public readonly FilmDocument $film)
    {
        $this->proof = Prover::prove($film->call, $film->look, $film->setting);
        foreach ($film->plots as $plot) {
            $calibration = $film->calibration($plot->atS);
            if ($calibration === null) {
                continue;
            }
            [$x, $y] = $this->proof->scene->frame->toPlay(...$calibration->toField($plot->xPx, $plot->yPx));
            [, $along] = $calibration->doubt($plot->xPx, $plot->yPx);
            $this->placed[$plot->id] = ['xYd' => $x, 'yYd' => $y, 'sdYd' => $along];
        }
    }

    /** @return list<array{id: string, man: string, atS: float, xYd: float, yYd: float, sdYd: float}> */
    public function plots(): array
    {
        $plots = [];
        foreach ($this->film->plots as $plot) {
            if (isset($this->placed[$plot->id])) {
                ['xYd' => $x, 'yYd' => $y, 'sdYd' => $sd] = $this->placed[$plot->id];
                $plots[] = ['id' => $plot->id, 'man' => $plot->man, 'atS' => $plot->atS,
                    'xYd' => round($x, 2), 'yYd' => round($y, 2), 'sdYd' => round($sd, 3)];
            }
        }

        return $plots;
    }

    /**
     * Plan against done.
     *
     * @return list<array{man: string, measure: string, unit: string, planned: float|null, done: float, error: float|null, sd: float}>
     */
    public function assignments(): array
    {
        $snap = $this->film->mark('snap');
        $rows = [];
        foreach ($this->proof->scene->routes as $letter => $run) {
            $broke = $this->film->mark('break', $letter);
            if ($broke === null) {
                continue;
            }
            $at = $this->near($letter, $broke);
            if ($at !== null) {
                $rows[] = $this->row($letter, 'break depth', 'yd', $run->spec->depth(), $at['yYd'], max(0.05, $at['sdYd']));
            }
            if ($snap !== null) {
                $rows[] = $this->row($letter, 'break time', 's', $run->break()->t, $broke - $snap, self::MARK_S * M_SQRT2);
            }
        }
        $out = $this->film->mark('ball out');
        if ($snap !== null && $out !== null) {
            $rows[] = $this->row('Q', 'ball out', 's', $this->plannedOut(), $out - $snap, self::MARK_S * M_SQRT2);
            $broke = $this->film->thrownTo() === null ? null : $this->film->mark('break', $this->film->thrownTo());
            if ($broke !== null) {
                $rows[] = $this->row('Q', 'ball out after the break', 's', null, $out - $broke, self::MARK_S * M_SQRT2);
            }
        }

        return [...$rows, ...$this->keyDepths($out)];
    }

    /** Where a man was plotted near a moment, or null. @return array{xYd: float, yYd: float, sdYd: float}|null */
    public function near(string $man, float $atS): ?array
    {
        $best = null;
        $away = self::NEAR_S;
        foreach ($this->film->plots as $plot) {
            if ($plot->man === $man && isset($this->placed[$plot->id]) && abs($plot->atS - $atS) <= $away) {
                $away = abs($plot->atS - $atS);
                $best = $this->placed[$plot->id];
            }
        }

        return $best;
    }

    /**
     * Plots of a man in time order, seconds from the snap.
     *
     * @return list<array{t: float, xYd: float, yYd: float, sdYd: float}>
     */
    public function track(string $man): array
    {
        $snap = $this->film->mark('snap');
        $track = [];
        foreach ($this->film->plots as $plot) {
            if ($snap !== null && $plot->man === $man && isset($this->placed[$plot->id])) {
                $track[] = ['t' => $plot->atS - $snap] + $this->placed[$plot->id];
            }
        }
        usort($track, fn (array $a, array $b): int => $a['t'] <=> $b['t']);

        return $track;
    }

    /** When the ball should leave for the man it was thrown to: the middle of his slot. */
    private function plannedOut(): ?float
    {
        $reading = $this->proof->readings[$this->film->thrownTo() ?? ''] ?? null;

        return $reading?->from === null ? null : ($reading->from + $reading->to) / 2.0;
    }

    /** @return list<array<string, mixed>> */
    private function keyDepths(?float $out): array
    {
        $rows = [];
        foreach ($out === null ? [] : $this->proof->keys as $key) {
            $at = $this->near($key->role, $out);
            if ($at !== null) {
                $rows[] = $this->row($key->role, 'depth at ball out', 'yd', null, $at['yYd'], max(0.05, $at['sdYd']));
            }
        }

        return $rows;
    }

    /** @return array{man: string, measure: string, unit: string, planned: float|null, done: float, error: float|null, sd: float} */
    private function row(string $man, string $measure, string $unit, ?float $planned, float $done, float $sd): array
    {
        return ['man' => $man, 'measure' => $measure, 'unit' => $unit, 'planned' => $planned === null ? null : round($planned, 2),
            'done' => round($done, 2), 'error' => $planned === null ? null : round($done - $planned, 2), 'sd' => round($sd, 3)];
    }
}
