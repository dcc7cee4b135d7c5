<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Reps;

use Jacotaxis\Core\Grade\Deciding\RunRule;
use Jacotaxis\Core\Proof\Run\RunAct;
use Jacotaxis\Core\Proof\Run\RunKey;
use Jacotaxis\Core\Proof\Run\RunOutcome;
use Jacotaxis\Core\Proof\Run\RunProof;
use Jacotaxis\Core\Proof\Telling\AskedAct;

/**
 * "Give it or pull it?" once the read man has moved, "keep or pitch?", "throw it or hand it off?". Of two runs of a man
 * under one name the first is asked.
 */
final class RunBalls
{
    private const BEFORE_S = 0.1;

    /** He pulls or keeps the ball before he pitches it. */
    private const FIRST = ['pitch' => ['pull', 'keep']];

    /** @return list<Question> */
    public static function of(RunProof $proof): array
    {
        $asked = [];
        // Where the count before the snap has thrown the ball, nobody is read.
        foreach (RunRule::counts($proof) ? [] : $proof->keys as $key) {
            foreach ($key->acts as $index => ['act' => $act, 'outcome' => $outcome]) {
                if ($key->conflict && $act->isChoice() && $act->name !== 'by rule') {
                    $asked["$key->role: $act->name"] ??= self::one($proof, $key, $act, $index, $outcome);
                }
            }
        }

        return array_values(array_filter($asked));
    }

    /** Null where the ball goes neither way the man decides about: another man's choice came first. */
    private static function one(RunProof $proof, RunKey $key, RunAct $act, int $index, RunOutcome $outcome): ?Question
    {
        $action = RunRule::right($proof, $outcome);
        $right = array_values(array_intersect([$action, ...self::FIRST[$action] ?? []], $key->pair))[0] ?? null;
        $choices = array_map(
            fn (string $way): Choice => new Choice($way, self::label($proof, $key, $way)),
            $key->pair,
        );

        return $right === null ? null : new Question(
            Kind::Ball,
            "$key->role: $act->name",
            "The $key->role makes up his mind. What do you do with the ball?",
            $choices,
            [$right],
            "The $key->role chose to $act->name. ".ucfirst($outcome->why).'.',
            new AskedAct($key->role, $act->name, $index),
            self::decidedAt($key),
        );
    }

    private static function label(RunProof $proof, RunKey $key, string $way): string
    {
        $letter = ($proof->carriers[$way] ?? null)?->letter;

        return match (true) {
            $way === 'throw' => 'Throw it'.self::to($key->acts, $way),
            $letter === null, $letter === 'Q' => ucfirst($way).' it',
            default => ucfirst($way)." it to $letter",
        };
    }

    /** @param  list<array{act: RunAct, outcome: RunOutcome}>  $acts */
    private static function to(array $acts, string $way): string
    {
        foreach ($acts as ['outcome' => $outcome]) {
            if ($outcome->action === $way && $outcome->letter !== null) {
                return " to $outcome->letter";
            }
        }

        return '';
    }

    /** Seconds after the snap: before the ball goes either way. */
    private static function decidedAt(RunKey $key): float
    {
        $out = array_map(fn (array $row): float => $row['outcome']->outAt, $key->acts);

        return max(self::BEFORE_S, min([...$out, INF]) - self::BEFORE_S);
    }
}
