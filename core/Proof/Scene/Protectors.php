<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Scene;

use Jacotaxis\Core\Blocking\Pickup;
use Jacotaxis\Core\Blocking\Run\Resolved;
use Jacotaxis\Core\Blocking\Run\Resolver;
use Jacotaxis\Core\Blocking\Run\RunCall;
use Jacotaxis\Core\Blocking\Scheme;
use Jacotaxis\Core\Concept\Call;
use Jacotaxis\Core\Concept\Families\Drawn;
use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Offense\Lineup;
use Jacotaxis\Core\Route\RunRoute;
use Jacotaxis\Core\School\Schools;

/** Who protects the passer, and from whom. */
final class Protectors
{
    /**
     * Who blocks whom. A chipping man is a protector for a beat only and is not counted.
     *
     * @param  list<Defender>  $defenders
     * @param  array<string, RunRoute>  $routes
     * @param  list<string>  $reads
     */
    public static function of(
        Call $call,
        Look $look,
        Lineup $lineup,
        array $defenders,
        array $routes,
        array $reads,
        Schools $schools,
    ): Pickup {
        $rushers = [];
        foreach ($defenders as $d) {
            if ($d->rushes()) {
                $rushers[] = $d->movement === null ? $d : $d->at(...$d->movement->to($d->xYd, $d->yYd));
            }
        }
        $passer = $call->fake?->passer($lineup, $lineup->strong) ?? 'Q';
        $staying = array_values(
            array_filter(
                $lineup->eligible(),
                fn (string $l): bool => $l !== $passer
                    && (! isset($call->routes[$l]) || $call->routes[$l]->checks),
            ),
        );
        $first = $reads === [] ? null : Side::ofX($routes[$reads[0]]->break()->xYd);

        $alone = self::leftAlone($call, $look, $lineup, $rushers);
        $shown = self::shown($call, $look, $lineup, $defenders, $schools);

        return $shown === null
            ? Pickup::of($lineup, $rushers, $staying, $call->protection, $first, $alone)
            : Pickup::behind($shown, $lineup, $rushers, $staying, $alone);
    }

    /**
     * The run whose blocks the line shows, handed off whatever anybody does; null without a run action.
     *
     * @param  list<Defender>  $defenders
     */
    private static function shown(Call $call, Look $look, Lineup $lineup, array $defenders, Schools $schools): ?Resolved
    {
        $run = $call->run !== null ? null : $call->fake?->run($lineup->strong);
        // Behind an option everybody has the hand that is down in front of him (PRO-01).
        if ($run === null || $run->scheme()->isOption()) {
            return null;
        }
        $given = new RunCall($run->scheme, $run->side, $run->who, giveOnly: true);

        return Resolver::of(
            $given,
            $lineup,
            $defenders,
            $look,
            $schools,
            array_map(strval(...), array_keys($call->routes)),
        );
    }

    /**
     * Who comes off the edge on purpose where the passer goes naked: nobody is there for him.
     *
     * @param  list<Defender>  $rushers
     */
    private static function leftAlone(Call $call, Look $look, Lineup $lineup, array $rushers): ?string
    {
        $side = Drawn::roll($call->protection, $call->fake, $lineup->strong);
        if ($side === null || $call->protection?->scheme !== Scheme::Naked) {
            return null;
        }
        $sent = array_filter(
            $look->edges,
            fn (string $word): bool => Look::side($word, $lineup->strong, $lineup->hash->fieldSide()) === $side,
        );
        $edge = array_values(array_filter($rushers, fn (Defender $d): bool => $d->side === $side));
        usort($edge, fn (Defender $a, Defender $b): int => abs($b->xYd) <=> abs($a->xYd));

        return $sent === [] ? null : ($edge[0] ?? null)?->role;
    }
}
