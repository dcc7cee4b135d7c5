<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Reps;

use Jacotaxis\Core\Proof\Pass\Proof;
use Jacotaxis\Core\Proof\Run\RunKey;
use Jacotaxis\Core\Proof\Run\RunProof;

/** "Whom do you read?": the key of the proof among defenders who stand near him. */
final class Keys
{
    private const CHOICES = 4;

    /** Null where the call has no key against this look. */
    public static function of(Proof|RunProof $proof): ?Question
    {
        $keys = $proof instanceof Proof ? array_filter([$proof->mainKey()]) : self::conflicts($proof);
        $key = array_values($keys)[0] ?? null;
        if ($key === null) {
            return null;
        }
        $read = array_map(fn ($k): string => $k->role, $keys);

        return new Question(
            Kind::Key,
            '',
            count($keys) > 1 ? 'Whom do you read first?' : 'Whom do you read?',
            self::choices($proof, $key->role, $read),
            [$key->role],
            $key->question,
        );
    }

    /** @return list<RunKey> */
    private static function conflicts(RunProof $proof): array
    {
        return array_values(array_filter($proof->keys, fn (RunKey $k): bool => $k->conflict));
    }

    /**
     * The key, whoever else is read, and who stands nearest to him, in the order in which they stand.
     *
     * @param  array<string>  $read  roles
     * @return non-empty-list<Choice>
     */
    private static function choices(Proof|RunProof $proof, string $key, array $read): array
    {
        $all = $proof->scene()->defenders;
        $at = $all[(int) array_search($key, array_column($all, 'role'), true)];
        $near = $all;
        usort($near, function ($a, $b) use ($at, $read): int {
            $rank = fn ($d): float => in_array($d->role, $read, true)
                ? 0.0
                : hypot($d->xYd - $at->xYd, $d->yYd - $at->yYd);

            return $rank($a) <=> $rank($b);
        });
        $offered = array_slice($near, 0, self::CHOICES);
        usort($offered, fn ($a, $b): int => $a->xYd <=> $b->xYd);
        $choices = array_map(fn ($d): Choice => new Choice($d->role, ucfirst($d->role)), $offered);
        assert($choices !== []);

        return $choices;
    }
}
