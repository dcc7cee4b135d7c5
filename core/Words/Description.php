<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Words;

use Jacotaxis\Core\Blocking\Run\Catalogue\Schemes;
use Jacotaxis\Core\Concept\Call;
use Jacotaxis\Core\Concept\Families\Drawn;
use Jacotaxis\Core\Concept\Families\Family;
use Jacotaxis\Core\Concept\Families\Recognition;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Offense\FormationFinder;
use Jacotaxis\Core\Offense\Man;
use Jacotaxis\Core\Offense\ReceiverCount;
use Jacotaxis\Core\Route\RouteSpec;

/**
 * What a call is: its words, its family with the reason, and the nearest other families with what differs.
 *
 * @phpstan-type Described array{words: string, family: string|null, alsoCalled: string, side: string, why: string,
 *     nearest: list<array{family: string, differs: string}>, families: list<array{family: string, side: string,
 *     why: string}>, otherSide: list<string>, assumed: list<string>, ...}
 */
final class Description
{
    /** What the other school calls it (SET-31). */
    private const MESH = 'mesh';

    /** @return Described */
    public static function of(Call $call, ?Situation $context = null, ?StaffBook $book = null): array
    {
        if ($call->run !== null) {
            return self::run($call, $context, $book);
        }
        $situation = $call->situation ?? $context ?? Situation::of();
        $lineup = $call->lineup($situation, $book?->clock());
        $count = $lineup->count;
        $strong = $lineup->strong;
        $drawn = Drawn::of($call, $count, $strong, $book->families ?? []);
        $found = Recognition::all($drawn);
        $main = $found[0] ?? null;
        $mesh = self::looksLikeMesh($call, $main['family'] ?? null);
        $side = $main['side'] ?? $strong;
        $back = array_map(
            fn (string $l): string => "$l ".($call->routes[$l]->name ?? 'stays in').', back side',
            $count->on($side->opposite()),
        );

        return [
            'words' => Describer::words($call, $context, $book),
            'family' => match (true) {
                $main === null => null,
                $mesh && ($book?->schools->is('SET-31', 'B') ?? false) => self::MESH,
                default => $main['family']->name,
            },
            'alsoCalled' => match (true) {
                $mesh => 'looks like mesh',
                $main === null => '',
                default => $main['family']->alsoCalled,
            },
            'side' => $side->value,
            'why' => $main === null
                    ? 'no family has these routes on one side'
                    : Recognition::why($main['family'], $main['form'], $side, $drawn),
            'nearest' => Recognition::nearest($side, $drawn, $main['family'] ?? null),
            'families' => array_map(fn (array $f): array => ['family' => $f['family']->name,
                'side' => $f['side']->value, 'why' => Recognition::why($f['family'], $f['form'], $f['side'], $drawn)],
                $found),
            'otherSide' => count($found) > 1 || ($main !== null && $main['family']->across) ? [] : $back,
            'disagrees' => self::disagrees($call, $situation),
            'before' => $call->motions === [] ? null : self::before($call, $situation),
            'assumed' => $call->assumed,
        ];
    }

    /**
     * A run is its scheme: its words say why, and runs of the same kind are the nearest.
     *
     * @return Described
     */
    private static function run(Call $call, ?Situation $context, ?StaffBook $book): array
    {
        $run = $call->run ?? throw new \LogicException('a pass has no run');
        $scheme = $run->scheme();
        $near = array_values(
            array_filter(
                Schemes::names(),
                fn (string $n): bool => $n !== $scheme->name && Schemes::get($n)->kind === $scheme->kind,
            ),
        );
        $option = $call->routes === [] ? '' : ', with a throw';

        return [
            'words' => Describer::words($call, $context, $book),
            'family' => $scheme->name.($call->routes === [] ? '' : ' rpo'), 'alsoCalled' => '',
            'side' => $run->side->value,
            'why' => $scheme->words.$option, 'nearest' => array_map(fn (string $n): array => ['family' => $n,
                'differs' => Schemes::get($n)->words], array_slice($near, 0, 3)),
            'families' => [['family' => $scheme->name, 'side' => $run->side->value, 'why' => $scheme->words]],
            'otherSide' => [], 'disagrees' => self::disagrees($call, $call->situation ?? $context
            ?? Situation::of()), 'before' => null, 'assumed' => $call->assumed,
        ];
    }

    /** A same-side shallow and dig with a second crosser and a sit over the ball (CAL-06). */
    private static function looksLikeMesh(Call $call, ?Family $family): bool
    {
        $names = array_count_values(array_map(fn (RouteSpec $r): string => $r->name, array_values($call->routes)));

        return $family !== null &&
            ($names['shallow'] ?? 0) > 1 &&
            isset($names['sit']) &&
            ! $family->across &&
            in_array('shallow', $family->usual()->front, true);
    }

    /**
     * Where the spots make another set than the words, both names and the man who differs (FRM-08).
     *
     * @return array{said: string, stands: string, man: string}|null
     */
    private static function disagrees(Call $call, Situation $situation): ?array
    {
        $formation = $call->formation;
        if ($formation->spots === []) {
            return null;
        }
        $spots = array_values(array_map(fn (Man $m): array => [$m->xYd, $m->yYd],
            $formation->men($situation->frame())));
        $found = FormationFinder::of($spots, $situation->frame(), $situation->hash)[0]['formation'];
        $off = FormationFinder::measure($formation->withSpots([]), $spots, $situation->frame());

        return $found->set === $formation->set && $found->modifier === $formation->modifier ? null
            : ['said' => $formation->words(), 'stands' => $found->words(), 'man' => $off['worst']['man']];
    }

    /**
     * The count and the family as they were before the motion (FRM-07).
     *
     * @return array{family: string|null, receivers: array{left: list<string>, right: list<string>}}
     */
    private static function before(Call $call, Situation $situation): array
    {
        $count = ReceiverCount::of($call->formation->men($situation->frame()));
        $strong = $count->strength($situation->hash, $call->formation->side);
        $found = Recognition::all(Drawn::of($call, $count, $strong))[0] ?? null;

        return [
            'family' => $found === null ? null : $found['family']->name,
            'receivers' => ['left' => $count->on(Side::Left), 'right' => $count->on(Side::Right)],
        ];
    }
}
