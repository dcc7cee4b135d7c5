<?php

use Jacotaxis\Core\Film\Chart\DefenderStood;
use Jacotaxis\Core\Film\Chart\Leverage;
use Jacotaxis\Core\Grade\Numbers\SnapRow;

/**
 * A charted snap of an opponent, as his scouting reads it.
 *
 * @param  array<string, mixed>  $more  other properties of the row
 */
function scouted(string $id, string $shell, string $game = 'one', array $more = []): SnapRow
{
    return new SnapRow(...['id' => $id, 'shell' => $shell, 'front' => '4-2 nickel', 'reel' => $game, ...$more]);
}

function stood(string $who, float $linedUp, ?float $atSnap = null, ?Leverage $side = null): DefenderStood
{
    return new DefenderStood($who, $linedUp, $atSnap ?? $linedUp, $side);
}

/**
 * Two games with as many snaps of two coverages each, where every defender stands as deep as he is told to.
 *
 * @param  callable(string, int): list<DefenderStood>  $places  by coverage and number of the snap
 * @return list<SnapRow>
 */
function twoGames(string $a, string $b, int $each, callable $places): array
{
    $rows = [];
    foreach (['one', 'two'] as $game) {
        foreach ([$a, $b] as $shell) {
            for ($n = 0; $n < $each; $n++) {
                $rows[] = scouted("$game $shell $n", $shell, $game, ['stood' => $places($shell, $n)]);
            }
        }
    }

    return $rows;
}
