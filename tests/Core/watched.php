<?php

/* Snaps as the triggers look at them, said in a line, for tests. */

use Jacotaxis\Core\Film\Chart\DefenderAct;
use Jacotaxis\Core\Film\Chart\DefenderSeen;
use Jacotaxis\Core\Plan\Trigger\WatchedSnap;

/** A snap by the family of its call and what defenders did: "crack: strong safety triggers, left corner falls off". */
function watched(
    string $words,
    string $formation = 'I',
    ?string $motion = null,
    ?float $gain = null,
    ?int $box = null,
): WatchedSnap {
    static $n = 0;
    [$family, $did] = explode(':', $words, 2) + [1 => ''];
    $acts = [];
    foreach (array_filter(explode(',', $did), fn (string $one): bool => trim($one) !== '') as $one) {
        foreach (DefenderAct::cases() as $act) {
            if (str_ends_with(trim($one), ' '.$act->value)) {
                $acts[] = new DefenderSeen(substr(trim($one), 0, -strlen($act->value) - 1), $act);
                break;
            }
        }
    }

    return new WatchedSnap('snap '.(++$n), $family, $formation, $motion, true, $gain, $box, $acts);
}
