<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Telling\Run;

use Jacotaxis\Core\Blocking\Run\Verb;
use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Proof\Run\RunAct;
use Jacotaxis\Core\Proof\Run\RunProof;
use Jacotaxis\Core\Proof\Telling\AskedAct;
use Jacotaxis\Core\Proof\Telling\Frames;
use Jacotaxis\Core\Proof\Telling\Stage;

/**
 * What a board draws of a run: the field and the men, a line to a bar for every block, the track of every carrier.
 * Yards in the play frame.
 *
 * @phpstan-import-type FrameRows from Frames
 */
final class RunStage
{
    /** Every so many steps a point of a track is drawn. */
    private const EVERY = 2;

    /** Seconds of a carrier's track that are drawn after he has crossed the line. */
    private const TAIL_S = 0.9;

    /** @return array<string, mixed> */
    public static function of(RunProof $proof): array
    {
        return [
            ...Stage::standing($proof->scene),
            'routes' => array_values(
                array_map(fn ($run): array => Stage::plain($proof->scene, $run), $proof->scene->routes),
            ),
            'blocks' => self::blocks($proof),
            'tracks' => self::tracks($proof),
        ];
    }

    /** @return FrameRows */
    public static function frames(RunProof $proof, ?AskedAct $act): array
    {
        $acts = $proof->byRule;
        foreach ([$act, $act?->and] as $one) {
            $found = $one === null ? null : self::act($proof, $one);
            if ($one !== null && $found !== null) {
                $acts[$one->defender] = $found;
            }
        }
        $outcome = $act === null ? $proof->ruleTrue : $proof->decider->outcome($acts);

        return (new RunFrames($proof, $outcome, $acts))->all();
    }

    private static function act(RunProof $proof, AskedAct $act): ?RunAct
    {
        foreach ($proof->keys as $key) {
            foreach ($key->acts as $n => $row) {
                if ($act->is($key->role, $row['act']->name, $n)) {
                    return $row['act'];
                }
            }
        }

        return null;
    }

    /** @return list<array<string, mixed>> */
    private static function blocks(RunProof $proof): array
    {
        $rows = [];
        foreach ($proof->resolved->blocks as $letter => $block) {
            $target = $block->target === null ? null : $proof->resolved->front->men[$block->target] ?? null;
            $first =
                $block->first === null || $block->first === $block->target
                    ? null
                    : $proof->resolved->front->men[$block->first] ?? null;
            if (($target === null && $first === null) || (! $block->blocks() && $first === null)) {
                continue;
            }
            $made = $proof->made[$letter] ?? null;
            $man = $proof->scene->men[$letter];
            $line = [[$man->xYd, $man->yYd]];
            if (in_array($block->verb, [Verb::Kick, Verb::Wrap, Verb::Split, Verb::Bluff], true)) {
                $line[] = [$man->xYd + 0.4 * (($target->xYd ?? $man->xYd) <=> $man->xYd), $man->yYd - 1.2];
            }
            if ($first !== null) {
                $line[] = [0.5 * ($man->xYd + $first->xYd), $first->yYd - 0.35];
            }
            if ($target !== null) {
                $line[] = $made?->xYd !== null
                    ? [$made->xYd, (float) $made->yYd - 0.5]
                    : [$target->xYd, $target->yYd - 0.6];
            }
            $rows[] = ['man' => $letter, 'verb' => $block->verb->value, 'target' => $block->target,
                'makeable' => $made?->makeable, 'line' => array_map(fn (array $p): array => [round($p[0], 2),
                    round($p[1], 2)], $line)];
        }

        return $rows;
    }

    /** @return list<array<string, mixed>> */
    private static function tracks(RunProof $proof): array
    {
        $rows = [];
        foreach ($proof->carriers as $action => $carrier) {
            $until = min(Path::STEPS - 1, $carrier->stepPast(1.0) + (int) (self::TAIL_S / Path::STEP));
            $line = [];
            for ($i = 0; $i <= $until; $i += self::EVERY) {
                $line[] = [round($carrier->path->x[$i], 2), round($carrier->path->y[$i], 2)];
            }
            $rows[] = ['action' => $action, 'man' => $carrier->letter, 'where' => $carrier->where,
                'fromS' => round($carrier->from, 2), 'line' => $line, 'rule' => $proof->ruleTrue->action === $action];
        }

        return $rows;
    }
}
