<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Defense\Recognise;

use DomainException;
use Jacotaxis\Core\Defense\Alignment;
use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Defense\Fronts;
use Jacotaxis\Core\Defense\Jobs\Technique;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Defense\Shells;
use Jacotaxis\Core\Field\Matching;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Offense\Lineup;

/**
 * Names front, techniques and the two likeliest shells of eleven spots against a formation: every pair of the
 * catalogue lines up by its own rules, and the nearest wins. Spots may come from the board or from film.
 */
final class LookFinder
{
    /** Nearer than this to the ball's line and this tight is a man on the line, yards. */
    private const LINE_YD = 2.0;

    /** Spots off by half a yard are at this distance from their shell; it turns distance into likelihood, yards. */
    private const SPREAD_YD = 0.5;

    /**
     * @param  list<array{float, float}>  $spots  eleven, width and depth in the play frame
     * @param  string  $school  names of the techniques
     * @return array{front: string, side: string, offYd: float, techniques: list<array{technique: string, side: string,
     *     on: string|null, xYd: float, offYd: float}>, shells: list<array{shell: string, likely: float, offYd: float,
     *     why: list<string>}>, look: string}
     *
     * @throws DomainException when there are not eleven
     */
    public static function of(array $spots, Lineup $lineup, string $school = Technique::SCHOOLS[0]): array
    {
        if (count($spots) !== 11) {
            throw new DomainException(count($spots).' spots were given; a defense has eleven men.');
        }
        $pairs = [];
        foreach (Fronts::names() as $front) {
            foreach (Shells::names() as $shell) {
                $pairs[] = self::measure(Look::of($front, $shell), $spots, $lineup);
            }
        }
        usort($pairs, fn (array $a, array $b): int => $a['sum'] <=> $b['sum']);
        $best = $pairs[0];
        $front = $best['look']->front;
        $shells = array_slice(
            array_values(array_filter($pairs, fn (array $p): bool => $p['look']->front === $front)),
            0,
            2,
        );
        $weights = array_map(
            fn (array $p): float => exp(-($p['sum'] - $best['sum']) / (2.0 * self::SPREAD_YD ** 2)),
            $shells,
        );

        return [
            'front' => $front, 'side' => $lineup->front->value, 'offYd' => round(sqrt($best['sum'] / 11.0), 2),
            'techniques' => self::techniques($spots, $lineup, $school),
            'shells' => array_map(fn (array $p, float $w): array => ['shell' => $p['look']->shell,
                'likely' => round($w / array_sum($weights), 2),
                'offYd' => round(sqrt($p['sum'] / 11.0), 2), 'why' => Reasons::of($p['men'], $lineup, $p['look'])],
                $shells, $weights),
            'look' => $best['look']->words(),
        ];
    }

    /**
     * @param  list<array{float, float}>  $spots
     * @return array{look: Look, sum: float, men: list<Defender>} the men of the look moved to the spots
     */
    private static function measure(Look $look, array $spots, Lineup $lineup): array
    {
        $men = Alignment::of($look, $lineup)->defenders;
        $cost = array_map(
            fn (Defender $d): array => array_map(
                fn (array $s): float => ($d->xYd - $s[0]) ** 2 + ($d->yYd - $s[1]) ** 2,
                $spots,
            ),
            $men,
        );
        $sum = 0.0;
        foreach (Matching::best($cost) as $row => $column) {
            $sum += $cost[$row][$column];
            $men[$row] = $men[$row]->at(...$spots[$column]);
        }

        return ['look' => $look, 'sum' => $sum, 'men' => array_values($men)];
    }

    /**
     * @param  list<array{float, float}>  $spots
     * @return list<array{technique: string, side: string, on: string|null, xYd: float, offYd: float}>
     */
    private static function techniques(array $spots, Lineup $lineup, string $school): array
    {
        $rows = [];
        foreach ($spots as [$x, $y]) {
            $side = Side::ofX($x);
            if ($y <= self::LINE_YD && abs($x) <= $lineup->surfaceXYd($side) + 3.0) {
                [$technique, $at, $off] = Technique::nearest($x, $lineup);
                $rows[] = ['technique' => Technique::named($technique, $school), 'side' => $at->value,
                    'on' => Technique::covers($technique, $at, $lineup), 'xYd' => round($x, 2),
                    'offYd' => round($off, 2)];
            }
        }
        usort($rows, fn (array $a, array $b): int => $a['xYd'] <=> $b['xYd']);

        return $rows;
    }
}
