<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Grade\Deciding;

use Jacotaxis\Core\Film\Measure\Measures;
use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Proof\Run\RunAct;
use Jacotaxis\Core\Proof\Run\RunKey;
use Jacotaxis\Core\Proof\Run\RunOutcome;
use Jacotaxis\Core\Proof\Run\RunProof;
use Jacotaxis\Core\Proof\Telling\Run\RunFrames;

/**
 * The decision of a zone read, an option or a run-pass option: every read man's choice as plotted or charted, then the
 * call's own rule (a staff's rule before it) on all of them at once. The branch is graded, not the place (GRD-04).
 */
final readonly class RunDecision
{
    /** His choices have parted once their runs are this far apart where he was plotted, yards (product default). */
    private const PARTED_YD = 0.4;

    /** Plots tell a choice from here to this long after the mesh, seconds. */
    private const SHOWS_S = 0.35;

    private const AFTER_MESH_S = 0.8;

    /** A throw or a pitch this long after it was due is late, seconds (product default). */
    private const LATE_S = 0.4;

    private const BY_RULE = 'by rule';

    public function __construct(private Measures $measures, private RunProof $proof)
    {
    }

    public function of(): Decision
    {
        $acts = $this->proof->byRule;
        $told = [];
        $open = null;
        foreach ($this->proof->keys as $key) {
            $choice = $this->choice($key);
            if ($choice === null) {
                $open ??= $key->role;
            } else {
                $acts[$key->role] = $choice[0];
                $told[$key->role] = $choice;
            }
        }
        $right = $this->proof->decider->outcome($acts);
        // Where the first read man gives the ball away, nobody has to look at the second.
        // Neither where the count before the snap has thrown the ball.
        if (
            $open !== null &&
            ! RunRule::counts($this->proof) &&
            ($open === $this->proof->keys[0]->role || $right->action !== 'give')
        ) {
            return new Decision(
                $open,
                null,
                null,
                null,
                "Plot the $open around the mesh to see what he did, or say it by eye.",
            );
        }
        $key = $this->proof->keys[0] ?? null;
        $base = new Decision(
            $key?->role,
            $key === null ? null : $told[$key->role][0]->name,
            $right->letter,
            null,
            '',
            RunRule::right($this->proof, $right),
            byEye: array_filter($told, fn (array $t): bool => $t[1]) !== [],
            choices: array_map(fn (array $t): string => $t[0]->name, $told),
        );
        $done = $this->done();
        if ($done === null) {
            return $base->with(['why' => 'Say what the ball did (give, pull, keep, pitch or throw), or mark the '
                .'ball out with the man it went to.']);
        }

        return $this->judged($base->with(['done' => $done]), $right, $done, $acts, $this->told($told));
    }

    /** @param  array<string, RunAct>  $acts */
    private function judged(Decision $base, RunOutcome $right, string $done, array $acts, string $told): Decision
    {
        $should = $base->right;
        $evidence = [['what' => "margin of the $should", 'value' => round($right->margin, 2), 'unit' => 's']];
        $base = $base->with(['alsoRight' => $this->alsoRight((string) $should, $done, $acts)]);
        if ($this->spoiled($should, $done)) {
            return $base->with(['why' => "$told The mesh was spoiled, so handing off is excusable; whose it was "
                .'stays open until somebody settles it.', 'evidence' => $evidence]);
        }
        if ($done === $should) {
            $late = $this->late($right, $done);
            $why =
                "$told The $done was right".
                (RunRule::counts($this->proof) && $done === 'throw' ? ": {$this->proof->before?->why}" : '.');

            return $base->with(['grade' => $late === null ? 'right' : 'right but late',
                'why' => trim("$why ".($late ?? '')), 'evidence' => [...$evidence, ...$this->clock()],
                'labels' => $late === null ? [] : [$done === 'pitch' ? 'FLT-51' : 'FLT-47']]);
        }
        $was = $this->outcomeOf($done, $acts);
        $evidence[] = ['what' => "margin of the $done", 'value' => $was === null ? 'none' : round($was->margin, 2),
            'unit' => 's'];
        $open = $was !== null && $was->free();

        $because = RunRule::counts($this->proof) ? (string) $this->proof->before?->why : "{$right->why}.";
        $then =
            match (true) {
                $was === null => "There is no $done in this call.",
                $open => "The $done was there too, but it is not the read.",
                default => "The $done was not there: {$was->why}.",
            };

        return $base->with(['grade' => $open ? 'wrong' : 'forced', 'evidence' => $evidence,
            'labels' => [$open ? ReadRule::EARLY : ReadRule::FORCED],
            'why' => trim("$told ".ucfirst((string) $should)." was right: $because $then")]);
    }

    /**
     * A throw that was there beside the run: logged, never asked for (GRD-11, W-07).
     *
     * @param  array<string, RunAct>  $acts
     * @return list<string>
     */
    private function alsoRight(string $should, string $done, array $acts): array
    {
        $thrown =
            $should === 'throw' || $done === 'throw' ? null : $this->proof->decider->thrown($acts);

        return $thrown !== null && $thrown->free()
            ? [sprintf('%s by %s, %+.2f s', $thrown->route, $thrown->letter, $thrown->margin)]
            : [];
    }

    /** @param  array<string, RunAct>  $acts */
    private function outcomeOf(string $action, array $acts): ?RunOutcome
    {
        return match (true) {
            $action === 'throw' => $this->proof->decider->thrown($acts),
            isset($this->proof->carriers[$action]) => $this->proof->decider->carried($action, $acts),
            default => null,
        };
    }

    /** What the ball did: as said, as thrown, or by who carried it. */
    private function done(): ?string
    {
        $seen = $this->measures->film->seen('Q', 'action');
        if ($seen !== null) {
            return (string) $seen->value;
        }
        $film = $this->measures->film;
        $thrown = $film->thrownTo();
        if ($thrown !== null) {
            return ($this->proof->carriers['pitch'] ?? null)?->letter === $thrown ? 'pitch' : 'throw';
        }
        $carrier = $film->chart?->carrier;
        foreach ($carrier === null ? [] : $this->proof->carriers as $action => $one) {
            if ($one->letter === $carrier) {
                return (string) $action;
            }
        }

        return $this->proof->keys === [] && $this->proof->decider->passing === null && $film->chart?->result !== null
            ? 'give'
            : null;
    }

    /** Giving although the key crashed is excusable when the mesh was spoiled (INZ-24). */
    private function spoiled(?string $right, string $done): bool
    {
        return $right !== $done &&
            $done === 'give' &&
            ($this->measures->film->seen('Q', 'mesh spoiled')?->yes() ?? false);
    }

    private function late(RunOutcome $right, string $done): ?string
    {
        $out = $this->measures->after('ball out');
        $due = match (true) {
            $done === 'throw' => $right->pass?->line?->outAt() ?? null,
            $done === 'pitch' => $right->outAt,
            default => null,
        };

        return $out === null || $due === null || $out - $due <= self::LATE_S
            ? null
            : sprintf('The ball left at %.2f s, %.2f s after it was due.', $out, $out - $due);
    }

    /** @return list<array{what: string, value: float|string, unit: string}> */
    private function clock(): array
    {
        $rows = [];
        foreach (['mesh', 'ball out'] as $kind) {
            $at = $this->measures->after($kind);
            if ($at !== null) {
                $rows[] = ['what' => $kind, 'value' => round($at, 2), 'unit' => 's'];
            }
        }
        foreach ($this->proof->keys as $key) {
            $depth = $this->measures->row($key->role, 'depth at the mesh');
            if ($depth !== null) {
                $rows[] = ['what' => "depth of the {$key->role} at the mesh", 'value' => $depth->done, 'unit' => 'yd'];
            }
        }

        return $rows;
    }

    /** @param  array<string, array{RunAct, bool}>  $told */
    private function told(array $told): string
    {
        $parts = [];
        foreach ($told as $role => [$act, $byEye]) {
            $parts[] = "the $role chose to {$act->name}".($byEye ? ' (by eye)' : '');
        }

        return match (true) {
            $parts !== [] => ucfirst(implode(' and ', $parts)).'.',
            RunRule::counts($this->proof) => 'The count decides before the snap.',
            default => 'Nobody is read here.',
        };
    }

    /** @return array{RunAct, bool}|null the act and whether it was said by eye */
    private function choice(RunKey $key): ?array
    {
        $act = $this->plotted($key);
        if ($act !== null) {
            return [$act, false];
        }
        $seen = $this->measures->film->seen($key->role, 'choice');
        foreach ($key->acts as $row) {
            if ($seen !== null && $row['act']->name === $seen->value) {
                return [$row['act'], true];
            }
        }

        return null;
    }

    private function plotted(RunKey $key): ?RunAct
    {
        $plots = $this->telling($key->role);
        $misses = $acts = [];
        foreach ($plots === [] ? [] : $key->acts as $row) {
            // What his rule makes him do is one of his choices: that one is named.
            if ($row['act']->isChoice() && $row['act']->name !== self::BY_RULE) {
                $misses[] = $this->miss($key->role, $row['act'], $plots);
                $acts[] = $row['act'];
            }
        }

        return count($misses) < 2 || max($misses) - min($misses) < self::PARTED_YD
            ? null
            : $acts[(int) array_search(min($misses), $misses, true)];
    }

    /** @return list<array{t: float, xYd: float, yYd: float}> */
    private function telling(string $role): array
    {
        $snap = $this->measures->film->mark('snap');
        $until =
            max(
                $this->measures->after('mesh') ?? 0.0,
                ($this->proof->carriers['give'] ?? null)->from ?? 0.6,
                $this->measures->after('ball out') ?? 0.0,
            ) + self::AFTER_MESH_S;
        $places = [];
        foreach ($snap === null ? [] : $this->measures->plots() as $plot) {
            $t = $plot['atS'] - (float) $snap;
            if ($plot['man'] === $role && $t >= self::SHOWS_S && $t <= $until) {
                $places[] = ['t' => $t, 'xYd' => $plot['xYd'], 'yYd' => $plot['yYd']];
            }
        }

        return $places;
    }

    /** @param  list<array{t: float, xYd: float, yYd: float}>  $plots */
    private function miss(string $role, RunAct $act, array $plots): float
    {
        $acts = [...$this->proof->byRule, $role => $act];
        // Where he goes depends on who has the ball: what was done counts, not what should have been.
        $done = $this->done();
        $outcome = ($done === null ? null : $this->outcomeOf($done, $acts)) ?? $this->proof->decider->outcome($acts);
        $frames = new RunFrames($this->proof, $outcome, $acts);
        $sum = 0.0;
        foreach ($plots as $plot) {
            [$x, $y] = $frames->defenderAt($role, (int) round($plot['t'] / Path::STEP));
            $sum += hypot($x - $plot['xYd'], $y - $plot['yYd']);
        }

        return $sum / count($plots);
    }
}
