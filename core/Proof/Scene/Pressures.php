<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Scene;

use Jacotaxis\Core\Concept\Call;
use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Defense\Jobs\Movement;
use Jacotaxis\Core\Defense\Jobs\MovementKind;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Defense\UnknownLook;
use Jacotaxis\Core\Kinematics\Group;

/**
 * Who comes free against each pressure a look can bring, when, and who is hot then (PRO-14).
 *
 * @phpstan-type PressureRow array{pressure: string, rushers: int, protectors: int, free: string|null,
 *     side: string|null, arrivalAt: float|null, hot: string|null, protection: string}
 */
final class Pressures
{
    /**
     * @return list<PressureRow> the look as it is first; seconds
     */
    public static function of(Call $call, Look $look, Setting $setting): array
    {
        if ($call->run !== null) {
            return [];
        }
        $base = Scene::of($call, $look, $setting);
        $rows = [self::row('as it stands', $base)];
        foreach ($base->defenders as $d) {
            $mayCome = $d->group->isBacker() || $d->group === Group::Safety;
            if ($mayCome && ! $d->rushes() && ! $d->isDeep()) {
                $rows[] = self::sent($call, $look, $setting, [$d]);
            }
        }
        $backers = array_values(
            array_filter($base->defenders, fn (Defender $d): bool => $d->group === Group::Backer && ! $d->rushes()),
        );
        if (count($backers) > 1) {
            $rows[] = self::sent($call, $look, $setting, array_slice($backers, 0, 2));
        }

        return array_values(array_filter($rows));
    }

    /**
     * @param  list<Defender>  $who
     * @return PressureRow|null
     */
    private static function sent(Call $call, Look $look, Setting $setting, array $who): ?array
    {
        foreach ($who as $d) {
            $look = $look->changing($d->role, ['movement' => new Movement(MovementKind::Blitz), 'job' => null]);
        }
        try {
            return self::row(
                implode(' and ', array_map(fn (Defender $d): string => $d->role, $who)),
                Scene::of($call, $look, $setting),
            );
        } catch (UnknownLook) {
            return null;
        }
    }

    /** @return PressureRow */
    private static function row(string $pressure, Scene $scene): array
    {
        $protection = Protection::of($scene);
        $free = $protection->free !== null;

        return ['pressure' => $pressure, 'rushers' => $protection->rushers, 'protectors' => $protection->protectors,
            'free' => $protection->free, 'side' => $protection->freeSide?->value,
            'arrivalAt' => $free ? round($protection->arrivalAt, 2) : null, 'hot' => $protection->hot,
            'protection' => $protection->verdict(Progression::of($scene, $protection))];
    }
}
