<?php

namespace App\Film;

use Jacotaxis\Core\Film\Measure\KeyRows;
use Jacotaxis\Core\Film\Measure\RouteRows;
use Jacotaxis\Core\Grade\Deciding\Choices;
use Jacotaxis\Core\Grade\Grader;
use Jacotaxis\Core\Grade\Library\FaultKeys;
use Jacotaxis\Core\Grade\Owners\Blame;
use Jacotaxis\Core\Grade\Proposal;
use Jacotaxis\Core\Grade\Review;

/** Everything measured and graded about a snap, as the film room reads it. */
final class Measured
{
    /** @return array<string, mixed> */
    public static function of(Grader $grader, FaultKeys $keys): array
    {
        $m = $grader->measures;
        $men = array_map(strval(...), array_keys($m->proof?->scene()->men ?? []));
        $decision = $grader->decision();

        return [
            'plots' => $m->plots(), 'refused' => (object) $m->placed->refused, 'assignments' => $m->assignments(),
            'disagreements' => $m->placed->disagreements(),
            'faults' => $grader->faults(), 'decision' => $decision->toArray(), 'blame' => (new Blame($grader))->of(),
            'proposals' => (new Proposal($grader))->all(),
            'planned' => self::planned($grader), 'tracks' => self::tracks($grader),
            'verdict' => $m->proof?->verdict()->value,
            'groups' => (object) array_combine($men, array_map(FaultKeys::group(...), $men)),
            'labels' => (object) array_map(fn (string $man): array => $keys->for($man), array_combine($men, $men)),
            'keys' => (new KeyRows($m))->keys(), 'choices' => self::choices($grader), 'defenders' => $m->defenders(),
            'actions' => self::actions($grader), 'review' => (new Review($grader))->steps(),
        ];
    }

    /**
     * Routes as they should be run against this look, by reading; of a run the carriers.
     *
     * @return list<array<string, mixed>>
     */
    private static function planned(Grader $grader): array
    {
        $pass = $grader->measures->pass();
        $routes = $grader->measures->proof?->scene()->routes ?? [];
        $rows = [];
        foreach ($routes as $letter => $run) {
            $reading = $pass->readings[$letter] ?? null;
            $rows[] = ['man' => (string) $letter, 'number' => $reading?->number,
                'breakAt' => round($run->break()->t, 2), 'depthYd' => $run->spec->depth(), 'route' => $run->spec->name,
                'called' => $run->converted() ? $run->called->name : null,
                'slot' => $reading?->from === null || $reading->to === null
                    ? null
                    : [round($reading->from, 2), round($reading->to, 2)]];
        }
        usort($rows, fn (array $a, array $b): int => ($a['number'] ?? 99) <=> ($b['number'] ?? 99));

        return $rows;
    }

    /**
     * Every man's filled way, of a receiver with the route it comes nearest to.
     *
     * @return array<string, array<string, mixed>>
     */
    private static function tracks(Grader $grader): array
    {
        $routes = new RouteRows($grader->measures);
        $called = $grader->measures->proof?->scene()->routes ?? [];
        $tracks = [];
        foreach ($grader->measures->placed->men() as $man) {
            $track = $grader->measures->track($man);
            if ($track !== null) {
                $broke = $routes->broke($man);
                $tracks[$man] = ['from' => round($track->from(), 2), 'to' => round($track->to(), 2),
                    'plots' => $track->count(), 'route' => isset($called[$man]) ? $grader->measures->named($man) : null,
                    'brokeAt' => $broke === null ? null : round($broke['t'], 2),
                    'line' => array_map(fn (array $p): array => [round($p[0], 2), round($p[1], 2)],
                        $track->line($track->from()))];
            }
        }

        return $tracks;
    }

    /**
     * What each key can choose.
     *
     * @return list<array{defender: string, name: string}>
     */
    private static function choices(Grader $grader): array
    {
        return $grader->measures->proof === null ? [] : Choices::of($grader->measures->proof);
    }

    /**
     * What the ball can do on a run.
     *
     * @return list<string>
     */
    private static function actions(Grader $grader): array
    {
        $run = $grader->measures->run();

        return $run === null
            ? []
            : [
                ...array_map(strval(...), array_keys($run->carriers)),
                ...$run->decider->passing === null ? [] : ['throw'],
            ];
    }
}
