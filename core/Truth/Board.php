<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Truth;

use Jacotaxis\Core\Truth\Catalogue\Coverages;
use Jacotaxis\Core\Truth\Catalogue\Passes;
use Jacotaxis\Core\Truth\Catalogue\PlayAction;
use Jacotaxis\Core\Truth\Catalogue\Runs;
use Jacotaxis\Core\Truth\Catalogue\Screens;

/** How true the program is: every truth of the trade over sensible variation, counted. */
final class Board
{
    /** The goal of each truth: shares of the cases by verdict, and of the bound ones with the trade's key first. */
    public const GOAL = [0.95, 0.85];

    /** @return list<Truth> */
    public static function truths(string $only = ''): array
    {
        $all = [...Passes::all(), ...PlayAction::all(), ...Runs::all(), ...Screens::all(), ...Coverages::all()];

        return array_values(array_filter($all, fn (Truth $t): bool => $only === '' || str_contains($t->name, $only)));
    }

    /**
     * Cases of all truths, or about one in $every of each, spread evenly.
     *
     * @return list<TruthCase>
     */
    public static function cases(string $only = '', int $every = 1): array
    {
        $cases = [];
        foreach (self::truths($only) as $truth) {
            $of = $truth->cases();
            // A step that shares no factor with how the variations are nested.
            $step = $every <= 1 ? 1 : $every;
            for ($i = 0; $i < count($of); $i += $step) {
                $cases[] = $of[$i];
            }
        }

        return $cases;
    }

    /**
     * @param  list<Judgement>  $judged
     * @return list<array{name: string, tried: int, verdict: float, key: float|null, keyFirst: float|null}> shares of
     *     the cases
     */
    public static function rows(array $judged): array
    {
        $by = [];
        foreach ($judged as $j) {
            $by[$j->case->truth][] = $j;
        }
        $rows = [];
        foreach ($by as $name => $all) {
            $rows[] = [
                'name' => $name, 'tried' => count($all),
                'verdict' => self::share(array_map(fn (Judgement $j): bool => $j->verdict, $all)) ?? 0.0,
                'key' => self::share(array_map(fn (Judgement $j): ?bool => $j->key, $all)),
                'keyFirst' => self::share(array_map(fn (Judgement $j): ?bool => $j->keyFirst, $all)),
            ];
        }

        return $rows;
    }

    /** @param  list<bool|null>  $held  null where nothing was asked */
    private static function share(array $held): ?float
    {
        $asked = array_filter($held, fn (?bool $h): bool => $h !== null);

        return $asked === [] ? null : round(count(array_filter($asked)) / count($asked), 3);
    }
}
