<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Telling;

use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Defense\JobKind;
use Jacotaxis\Core\Defense\Shells;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Proof\Scene;

/** What the picture says before the snap: receivers by number, strength, middle, box, covered linemen, support, numbers. */
final class Picture
{
    /** A defender this near the ball is in the box, yards wide and deep (product default). */
    private const BOX_YD = [4.6, 6.5];

    /** @return array<string, mixed> */
    public static function of(Scene $scene): array
    {
        $box = array_filter($scene->defenders, self::inBox(...));
        $deepBefore = count(array_filter($scene->defenders, fn (Defender $d): bool => $d->yYd >= 10.0));
        $blockers = 5;

        return [
            'middle' => $deepBefore === 2 ? 'open' : 'closed',
            'middleAfterSnap' => Shells::deepMen($scene->look->shell) % 2 === 0 ? 'open' : 'closed',
            'box' => count($box),
            'boxEffective' => count($box),
            'boxBlockers' => $blockers,
            'receivers' => ['left' => $scene->count->left, 'right' => $scene->count->right],
            'strength' => $scene->strong->value,
            'support' => ['left' => self::support($scene, Side::Left), 'right' => self::support($scene, Side::Right)],
            'covered' => array_values(array_unique(array_filter(array_map(
                fn (Defender $d): ?string => $d->job->kind === JobKind::Rush ? $d->over : null, $scene->defenders)))),
            'numbers' => ['left' => self::numbers($scene, Side::Left), 'right' => self::numbers($scene, Side::Right)],
        ];
    }

    private static function inBox(Defender $d): bool
    {
        return abs($d->xYd) <= self::BOX_YD[0] && $d->yYd <= self::BOX_YD[1];
    }

    private static function support(Scene $scene, Side $side): string
    {
        $role = Shells::support($scene->look->shell)[$side === $scene->strong ? 'strong' : 'weak'];

        return $role === 'corner' ? "{$side->value} corner" : $role;
    }

    private static function numbers(Scene $scene, Side $side): string
    {
        $ours = count($scene->count->on($side));
        $theirs = count(array_filter($scene->defenders, fn (Defender $d): bool => $d->yYd < 10.0 && ! self::inBox($d) && Side::ofX($d->xYd) === $side));

        return "$ours on $theirs";
    }
}
