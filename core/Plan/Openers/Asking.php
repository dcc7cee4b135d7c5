<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Plan\Openers;

use Jacotaxis\Core\Concept\Call;
use Jacotaxis\Core\Defense\Aligning\Aligned;
use Jacotaxis\Core\Defense\Alignment;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Defense\Shells;
use Jacotaxis\Core\Offense\Lineup;
use Jacotaxis\Core\Proof\Scene\Setting;

/**
 * What a call asks before and after the snap: who goes with its motion, man or zone; and who is put in conflict by it.
 * The answers follow from how each look lines up and from the proofs.
 */
final class Asking
{
    /** Who moves less than this with a motion has not answered it, yards (product default). */
    private const MOVES_YD = 2.0;

    /** Who ends this near to him has gone with him, yards of width (product default). */
    private const WITH_YD = 4.0;

    /** As many men as are named in an answer. */
    private const NAMED = 2;

    /**
     * @param  list<Look>  $looks
     * @param  list<string|null>  $keys  who is in conflict in each look, as the proof names him; null for nobody
     * @return list<Question>
     */
    public static function of(Call $call, array $looks, array $keys, Setting $setting): array
    {
        return array_values(array_filter([self::motion($call, $looks, $setting), self::conflict($keys)]));
    }

    /**
     * Who goes with the man in motion. What is seen tells man or zone only where none of his looks of the other kind
     * answers alike.
     *
     * @param  list<Look>  $looks
     */
    public static function motion(Call $call, array $looks, Setting $setting): ?Question
    {
        if ($call->motions === []) {
            return null;
        }
        $situation = $setting->situation;
        $snap = $call->snap($situation->frame(), $setting->clock());
        $before = Lineup::of($snap->before, $situation->frame(), $situation->hash, $call->formation->side);
        $now = Lineup::of($snap->men, $situation->frame(), $situation->hash, $call->formation->side);
        $who = $call->motions[count($call->motions) - 1]->who;
        $to = $snap->men[$who]->xYd;
        $seen = fn (Look $look): string => self::answered(Alignment::of($look, $now, $before), $to);

        return Question::of("who goes with $who", array_map($seen, $looks), array_map(self::isMan(...), $looks));
    }

    /**
     * Who is in conflict.
     *
     * @param  list<string|null>  $keys
     */
    public static function conflict(array $keys): ?Question
    {
        return Question::of('who is in conflict', array_map(
            fn (?string $key): string => $key === null ? 'nobody' : "the $key",
            $keys,
        ));
    }

    private static function isMan(Look $look): string
    {
        return Shells::get($look->shell)->isMan() ? 'man' : 'zone';
    }

    /** What is seen of him: whom he goes with, or how he moves. */
    private static function answered(Aligned $men, float $toX): string
    {
        $moved = [];
        foreach ($men->defenders as $n => $man) {
            $dx = $man->xYd - $men->before[$n]->xYd;
            if (abs($dx) < self::MOVES_YD) {
                continue;
            }
            $with = abs($man->xYd - $toX) <= self::WITH_YD;
            $way = abs($man->xYd) < abs($men->before[$n]->xYd) ? 'inside' : 'outside';
            $across = $man->xYd * $men->before[$n]->xYd < 0.0 ? 'across' : $way;
            $moved[] = [abs($dx), "the {$man->role} ".($with ? 'goes with him' : "moves $across")];
        }
        usort($moved, fn (array $a, array $b): int => $b[0] <=> $a[0]);
        $seen = array_map(fn (array $of): string => $of[1], array_slice($moved, 0, self::NAMED));

        return $seen === [] ? 'nobody moves' : implode(', ', $seen);
    }
}
