<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Defense;

use Jacotaxis\Core\Defense\Aligning\Aligned;
use Jacotaxis\Core\Defense\Aligning\Apart;
use Jacotaxis\Core\Defense\Aligning\ByHand;
use Jacotaxis\Core\Defense\Aligning\FrontPlacer;
use Jacotaxis\Core\Defense\Aligning\Plan;
use Jacotaxis\Core\Defense\Aligning\Second;
use Jacotaxis\Core\Offense\Lineup;

/** Puts the eleven of a look on the field against a formation, by the front's and the shell's own rules. */
final class Alignment
{
    /**
     * The defense before and after what moves before the snap. A front resets to a shift when it slides; motion it
     * lets go, and the men behind it answer by the look's rule.
     *
     * @throws UnknownLook when a man changed by hand is not in the look or two stand on one spot
     */
    public static function of(Look $look, Lineup $now, ?Lineup $before = null): Aligned
    {
        $before ??= $now;
        $first = self::eleven($look, $before, $before, $before);
        if ($before === $now) {
            return new Aligned($first[0], $first[0], $first[1]);
        }
        $front = $look->slides && ! self::inMotion($now) ? $now : $before;
        $behind = $look->motion === 'stay' ? $before : $now;
        [$men, $notes] = self::eleven($look, $front, $behind, $before);

        $stood = self::sameMen($first[0], $men);

        return new Aligned($men, $stood, [...$notes, ...self::moved($stood, $men)]);
    }

    /**
     * The men as they stood, in the order of those who stand now: a corner whose side has become the weak one is the
     * same man.
     *
     * @param  list<Defender>  $before
     * @param  list<Defender>  $after
     * @return list<Defender>
     */
    private static function sameMen(array $before, array $after): array
    {
        $byRole = array_column($before, null, 'role');
        $others = array_values(array_diff_key($byRole, array_column($after, null, 'role')));
        $same = [];
        foreach ($after as $man) {
            $same[] = $byRole[$man->role] ?? array_shift($others) ?? $man;
        }

        return $same;
    }

    /** @return array{list<Defender>, list<string>} */
    private static function eleven(Look $look, Lineup $front, Lineup $behind, Lineup $before): array
    {
        $plan = Plan::of($look, $front, $behind);
        $line = (new FrontPlacer($look, $front, $plan->front))->line();
        $second = new Second($plan, $look, $front, $behind, $before);
        $men = $second->men(count($line));
        $men = Apart::of([...$line, ...$men], $behind->frame);

        return [ByHand::apply($men, $look, $behind), $second->notes()];
    }

    private static function inMotion(Lineup $lineup): bool
    {
        foreach ($lineup->men as $man) {
            if ($man->inMotion()) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  list<Defender>  $before
     * @param  list<Defender>  $after
     * @return list<string>
     */
    private static function moved(array $before, array $after): array
    {
        $notes = [];
        foreach ($after as $n => $man) {
            $dx = $man->xYd - $before[$n]->xYd;
            if (abs($dx) >= 2.0) {
                $notes[] = sprintf(
                    '%s moves %.0f yd %s with the motion',
                    ucfirst($man->role),
                    abs($dx),
                    $dx < 0.0 ? 'left' : 'right',
                );
            }
        }

        return $notes;
    }
}
