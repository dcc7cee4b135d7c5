<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Telling;

use Jacotaxis\Core\Concept\Document\LookDocument;
use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Field\RuleSet;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Offense\Landmarks;
use Jacotaxis\Core\Offense\Man;
use Jacotaxis\Core\Proof\Pass\Proof;
use Jacotaxis\Core\Proof\Scene\Scene;
use Jacotaxis\Core\Proof\Telling\Run\RunFrames;
use Jacotaxis\Core\Route\Conversions;
use Jacotaxis\Core\Route\Finish;
use Jacotaxis\Core\Route\RouteRunner;
use Jacotaxis\Core\Route\RouteSpec;
use Jacotaxis\Core\Route\RunRoute;

/**
 * What a board draws of a proof: field, spots, routes as lines, the place of every break. Yards in the play frame.
 *
 * @phpstan-import-type FrameRows from Frames
 */
final class Stage
{
    /** Seconds of a route that are drawn after its break. */
    private const TAIL = 1.1;

    /** @return array<string, mixed> */
    public static function of(Proof $proof): array
    {
        return [
            ...self::standing($proof->scene),
            'routes' => array_values(
                array_map(fn (RunRoute $r): array => self::route($proof, $r), $proof->scene->routes),
            ),
            'blocks' => [],
            'tracks' => [],
        ];
    }

    /**
     * The field and the twenty-two, whatever is called.
     *
     * @return array<string, mixed>
     */
    public static function standing(Scene $scene): array
    {
        $situation = $scene->setting->situation;
        $ball = $scene->frame->ballXYd;
        $hash = $situation->rules->hashFromSidelineYd();

        return [
            'field' => [
                'left' => $scene->frame->sidelineX(Side::Left), 'right' => $scene->frame->sidelineX(Side::Right),
                'hashes' => [$hash - $ball, RuleSet::WIDTH_YD - $hash - $ball],
                'numbers' => array_map(
                    fn (float $n): array => [$n - $ball, RuleSet::WIDTH_YD - $n - $ball],
                    $situation->rules->numbersFromSidelineYd(),
                ),
                'ballOnYd' => $situation->ballOnYd, 'toGoYd' => $situation->toGoYd,
            ],
            'men' => array_values(array_map(fn (Man $m): array => [
                'letter' => $m->letter, 'xYd' => round($m->xYd, 2), 'yYd' => round($m->yYd, 2),
                'onLine' => $m->onLine(),
                'number' => $scene->count->number($m->letter), 'lineman' => $m->isLineman(),
                'startXYd' => round($scene->snap->before[$m->letter]->xYd, 2),
                'startYYd' => round($scene->snap->before[$m->letter]->yYd, 2),
            ], $scene->men)),
            'landmarks' => Landmarks::of($scene->before, $situation),
            'defenders' => array_map(fn (Defender $d): array => self::defender($scene, $d), $scene->defenders),
            'launch' => $scene->launch(),
            'look' => $scene->look->words(), 'lookDocument' => LookDocument::write($scene->look),
        ];
    }

    /**
     * The frames of the rule-true run or of a key's act.
     *
     * @return FrameRows
     */
    public static function frames(Proof $proof, ?AskedAct $act): array
    {
        foreach ($proof->keys as $key) {
            foreach ($key->acts as $n => $row) {
                if ($act !== null && $act->is($key->role, $row['act']->name, $n)) {
                    if ($row['outcome']->action === 'give' && $proof->pair?->base !== null) {
                        return RunFrames::ruleTrue($proof->pair->base)->all();
                    }

                    return Frames::of(
                        $proof,
                        $key->defender,
                        $proof->playOut->withAct($key->defender, $row['act']),
                        $row['outcome'],
                    );
                }
            }
        }

        return Frames::of($proof);
    }

    /** The defender as he stood before the motion. */
    private static function before(Scene $scene, Defender $d): Defender
    {
        return $scene->aligned->before[(int) array_search($d, $scene->defenders, true)];
    }

    /** @return array<string, mixed> */
    private static function defender(Scene $scene, Defender $d): array
    {
        $over = $d->over === null ? null : ($scene->men[$d->over] ?? null);
        $covers = $over !== null && ! $over->isLineman();

        return [
            'letter' => $d->letter, 'role' => $d->role, 'shownXYd' => round(self::before($scene, $d)->xYd, 2),
            'shownYYd' => round(self::before($scene, $d)->yYd, 2),
            'takes' => $d->takes, 'rushes' => $d->rushes(), 'movement' => $d->movement?->words(),
            'reactionS' => $d->reaction, 'xYd' => round($d->xYd, 2), 'yYd' => round($d->yYd, 2),
            'job' => $d->job->words, 'group' => $d->group->value, 'technique' => $d->technique,
            'over' => $covers ? $d->over : null,
            'cushionYd' => $covers ? round($d->yYd - max(0.0, $over->yYd), 1) : null,
            'leverage' => match (true) {
                ! $covers => null,
                abs($d->xYd) < abs($over->xYd) => 'inside',
                default => 'outside',
            },
        ];
    }

    /**
     * What the route may become by what he sees, and as called where it became something else: each with its condition.
     *
     * @return list<array{words: string, line: list<array{float, float}>}>
     */
    private static function ghosts(Scene $scene, RunRoute $run): array
    {
        $drawn = fn (RouteSpec $spec): array => self::line(
            RouteRunner::path($scene->men[$run->letter], $spec, $scene->frame, $scene->setting->law($run->letter)),
        );
        $ghosts = $run->converted()
            ? [['words' => "{$run->called->name} as called", 'line' => $drawn($run->called)]]
            : [];
        foreach (Conversions::possible($run->called, $scene->setting->schools) as $conversion) {
            $made = $conversion->made($run->called);
            if ($made->name !== $run->spec->name || $made->finish !== $run->spec->finish) {
                $ghosts[] = ['words' => $conversion->words(), 'line' => $drawn($made)];
            }
        }

        return $ghosts;
    }

    /** @return list<array{float, float}> */
    private static function line(RunRoute $run): array
    {
        $line = [];
        for ($i = 0; $i <= min(Path::STEPS - 1, (int) ceil(($run->break()->t + self::TAIL) / Path::STEP)); $i += 2) {
            $line[] = [round($run->path->x[$i], 2), round($run->path->y[$i], 2)];
        }

        return $line;
    }

    /** @return array<string, mixed> */
    private static function route(Proof $proof, RunRoute $run): array
    {
        $reading = $proof->readings[$run->letter];

        return [...self::plain($proof->scene, $run), 'read' => $reading->number, 'flag' => $reading->flag];
    }

    /**
     * A route as drawn, with its number in the order of the call.
     *
     * @return array<string, mixed>
     */
    public static function plain(Scene $scene, RunRoute $run): array
    {
        $break = $run->break();
        $number = array_search($run->letter, $scene->reads, true);

        return [
            'man' => $run->letter, 'name' => $run->spec->name, 'depthYd' => $run->spec->depth(),
            'minYd' => $run->spec->shape()->minDepthYd, 'maxYd' => $run->spec->shape()->maxDepthYd,
            'read' => $number === false ? null : $number + 1, 'flag' => $number === false
                ? ($run->spec->flag->value ?? 'decoy') : 'read',
            'called' => $run->converted() ? $run->called->name : null, 'ghosts' => self::ghosts($scene, $run),
            'settles' => $run->spec->finish() !== Finish::Run, 'line' => self::line($run),
            'break' => ['xYd' => round($break->xYd, 2), 'yYd' => round($break->yYd, 2),
                'atS' => round($break->t, 2)],
        ];
    }
}
