<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Play;

use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Defense\Jobs\JobKind;
use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Proof\Scene\Scene;

/**
 * Man defenders over receivers who stand close together pass them off: the outer one takes the first man out, the
 * inner one the first man in (TEL-04, RTE-19). Whoever is beyond them when they sort is his, also when that man breaks
 * back later.
 */
final class PassOff
{
    /** Receivers this near each other at the snap are sorted, yards. */
    public const CLOSE_YD = 2.5;

    /**
     * When they sort: as soon as the first of them tells where he goes, but not before and not after, seconds (product
     * defaults).
     */
    private const SORTED_S = [0.8, 1.6];

    /**
     * Who plays whom after the sorting, with the leverage he plays him by, and when they sort.
     *
     * @return array<int, Sorted> by place in the look
     */
    public static function of(Scene $scene): array
    {
        $sorted = [];
        foreach ($scene->look->locks ? [] : self::groups($scene) as $group) {
            $letters = array_map(fn (int $d): string => (string) $scene->defenders[$d]->takes, $group);
            usort(
                $group,
                fn (int $a, int $b): int => abs($scene->defenders[$b]->xYd) <=> abs($scene->defenders[$a]->xYd),
            );
            $home = $scene->men[$letters[0]]->side()->sign();
            $at = self::sortedAt($scene, $letters);
            usort(
                $letters,
                fn (string $a, string $b): int => $home * $scene->routes[$b]->path->at($at)[0] <=>
                    $home * $scene->routes[$a]->path->at($at)[0],
            );
            foreach ($group as $n => $d) {
                $leverage = match (true) {
                    $n === 0 => 'outside', $n === count($group) - 1 => 'inside',
                    default => $scene->defenders[$d]->job->leverage
                };
                $sorted[$d] = new Sorted(
                    $scene->defenders[$d]->with([
                        'takes' => $letters[$n],
                        'job' => $scene->defenders[$d]->job->leaning($leverage),
                    ]),
                    $at,
                );
            }
        }

        return $sorted;
    }

    /**
     * Places of the man defenders whose receivers stand together.
     *
     * @return list<list<int>>
     */
    private static function groups(Scene $scene): array
    {
        $men = array_filter(
            $scene->defenders,
            fn (Defender $d): bool => $d->job->kind === JobKind::Man &&
                isset($scene->routes[(string) $d->takes]) &&
                ! $scene->men[(string) $d->takes]->isBack(),
        );
        uasort(
            $men,
            fn (Defender $a, Defender $b): int => $scene->men[(string) $a->takes]->xYd <=>
                $scene->men[(string) $b->takes]->xYd,
        );
        $groups = [];
        $last = -99.0;
        foreach ($men as $d => $defender) {
            $x = $scene->men[(string) $defender->takes]->xYd;
            if ($x - $last > self::CLOSE_YD) {
                $groups[] = [];
            }
            $groups[count($groups) - 1][] = $d;
            $last = $x;
        }

        return array_values(array_filter($groups, fn (array $g): bool => count($g) > 1));
    }

    /** @param  list<string>  $letters */
    private static function sortedAt(Scene $scene, array $letters): float
    {
        $declared = array_map(fn (string $l): float => $scene->routes[$l]->declaredAt(), $letters);
        $first = min(INF, ...$declared) + $scene->setting->reaction;

        return round(max(self::SORTED_S[0], min(self::SORTED_S[1], $first)) / Path::STEP) * Path::STEP;
    }
}
