<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Defense\Count;

use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Offense\Lineup;

/** What motion and shifts give away about man or zone, side by side, each with its certainty (TEL-01 to TEL-04). */
final class Tells
{
    public const MAN = 'man';

    public const ZONE = 'zone';

    public const UNKNOWN = 'unknown';

    /** A man has moved when he is this far from where he was, yards; he followed when he went this share of the way. */
    private const MOVED_YD = 2.0;

    private const FOLLOWED = 0.6;

    /** Deeper than this a man is a deep safety, yards. */
    private const DEEP_YD = 9.5;

    /**
     * @param  list<Defender>  $before
     * @param  list<Defender>  $after  in the same order
     * @return array{left: array{coverage: string, certainty: string, why: string}, right: array{coverage: string,
     *     certainty: string, why: string}, deep: int, known: string|null}
     */
    public static function of(array $before, array $after, Lineup $was, Lineup $now): array
    {
        $sides = ['left' => self::nothing(), 'right' => self::nothing()];
        foreach ($now->men as $letter => $man) {
            $from = $was->men[$letter] ?? null;
            $way = $from === null ? 0.0 : $man->xYd - $from->xYd;
            if ($from === null || abs($way) < self::MOVED_YD) {
                continue;
            }
            $side = Side::ofX($man->xYd)->value;
            $left = Side::ofX($from->xYd)->value;
            $who = self::follower($before, $after, $from->xYd, $way);
            $across = $from->xYd * $man->xYd < 0.0;
            if ($who !== null) {
                $sides[$side] = ['coverage' => self::MAN, 'certainty' => $across ? 'sure' : 'likely',
                    'why' => "The $who goes with $letter."];
                $sides[$left] = $sides[$left]['coverage'] === self::UNKNOWN && $across
                    ? ['coverage' => self::MAN, 'certainty' => 'likely', 'why' => "The $who left with $letter."]
                    : $sides[$left];
            } elseif ($sides[$side]['coverage'] === self::UNKNOWN) {
                $sides[$side] = ['coverage' => self::ZONE, 'certainty' => 'inferred',
                    'why' => "Nobody goes with $letter."];
            }
        }
        $deep = count(array_filter($after, fn (Defender $d): bool => $d->yYd >= self::DEEP_YD));

        return $sides + ['deep' => $deep, 'known' => self::known($sides, $deep, $now)];
    }

    /**
     * The throw known before the snap: one deep safety and man leave the isolated receiver alone (TEL-03).
     *
     * @param  array<string, array{coverage: string, certainty: string, why: string}>  $sides
     */
    private static function known(array $sides, int $deep, Lineup $now): ?string
    {
        if ($deep !== 1) {
            return null;
        }
        foreach (Side::cases() as $side) {
            $alone = array_values(
                array_filter(
                    $now->count->on($side),
                    fn (string $l): bool => abs($now->men[$l]->xYd) > $now->surfaceXYd($side) + 2.0,
                ),
            );
            $man = $sides['left']['coverage'] === self::MAN || $sides['right']['coverage'] === self::MAN;
            if ($man && $sides[$side->value]['coverage'] !== self::ZONE && count($alone) === 1) {
                return "The corner route by {$alone[0]}, alone on the {$side->value}.";
            }
        }

        return null;
    }

    /**
     * @param  list<Defender>  $before
     * @param  list<Defender>  $after
     */
    private static function follower(array $before, array $after, float $from, float $way): ?string
    {
        foreach ($before as $n => $was) {
            $went = $after[$n]->xYd - $was->xYd;
            if (
                $went * $way > 0.0 &&
                abs($went) >= self::FOLLOWED * abs($way) &&
                abs($was->xYd - $from) < 6.0 &&
                $was->yYd < self::DEEP_YD
            ) {
                return $was->role;
            }
        }

        return null;
    }

    /** @return array{coverage: string, certainty: string, why: string} */
    private static function nothing(): array
    {
        return ['coverage' => self::UNKNOWN, 'certainty' => 'none', 'why' => 'Nothing moved here.'];
    }
}
