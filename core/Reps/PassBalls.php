<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Reps;

use Jacotaxis\Core\Grade\Deciding\Alert;
use Jacotaxis\Core\Grade\Deciding\ReadRule;
use Jacotaxis\Core\Offense\Man;
use Jacotaxis\Core\Proof\Keys\Key;
use Jacotaxis\Core\Proof\Pass\Proof;
use Jacotaxis\Core\Proof\Pass\ReadStates;
use Jacotaxis\Core\Proof\Play\Act;
use Jacotaxis\Core\Proof\Telling\AskedAct;
use Jacotaxis\Core\Proof\Throwing\Outcome;
use Jacotaxis\Core\Route\RunRoute;

/**
 * "To whom do you throw?" once the key has moved. Right is what the rule that grades film calls right; of two runs of a
 * defender under one name the first is asked.
 */
final class PassBalls
{
    /** The value of throwing it away, which is no letter. */
    public const AWAY = 'away';

    /** The play stops this long before the ball is out, seconds. */
    private const BEFORE_S = 0.1;

    /** @return list<Question> */
    public static function of(Proof $proof): array
    {
        $key = $proof->mainKey();
        if ($key === null) {
            return array_values(array_filter([self::byRule($proof)]));
        }
        $asked = [];
        foreach ($key->acts as $index => ['act' => $act, 'outcome' => $outcome]) {
            $isThrown = in_array($outcome->action, ['throw', 'throwaway'], true);
            if ($act->isChoice() && $isThrown) {
                $asked[$act->name] ??= self::one($proof, $key, $act, $index, $outcome);
            }
        }

        return array_values(array_filter($asked));
    }

    /** Against a look without a key everybody plays his rule. */
    private static function byRule(Proof $proof): ?Question
    {
        return self::asked(
            $proof,
            $proof->ruleTrue,
            'by rule',
            'Everybody plays his rule here. To whom do you throw?',
            self::sentence($proof->ruleTrue->why),
        );
    }

    private static function one(Proof $proof, Key $key, Act $act, int $index, Outcome $outcome): ?Question
    {
        return self::asked(
            $proof,
            $outcome,
            "$key->role: $act->name",
            "The ball is snapped and the $key->role makes up his mind. To whom do you throw?",
            "The $key->role chose to $act->name. ".self::sentence($outcome->why),
            new AskedAct($key->role, $act->name, $index),
        );
    }

    /** Null where nothing that is offered is right. */
    private static function asked(
        Proof $proof,
        Outcome $outcome,
        string $about,
        string $asks,
        string $why,
        ?AskedAct $act = null,
    ): ?Question {
        $choices = self::choices($proof);
        $right = array_values(array_filter(
            array_column($choices, 'value'),
            fn (string $thrown): bool => self::isRight($proof, $outcome, $thrown),
        ));
        $freeze = max(self::BEFORE_S, self::thrownAt($proof, $outcome) - self::BEFORE_S);

        return $right === []
            ? null
            : new Question(Kind::Ball, $about, $asks, $choices, $right, $why, $act, $freeze);
    }

    private static function sentence(string $why): string
    {
        return ucfirst(rtrim($why, '.')).'.';
    }

    private static function isRight(Proof $proof, Outcome $outcome, string $thrown): bool
    {
        $openAt = $proof->scene->setting->openAt;
        $states = ReadStates::of($proof->readings, $outcome, $openAt);
        $letter = $thrown === self::AWAY ? null : $thrown;
        $alert = $letter !== null && Alert::isThere($proof, $letter, $openAt);

        return ReadRule::of($states, $letter, alert: $alert)->grade === 'right';
    }

    /**
     * Everybody who is out on a route, from the left to the right, then the sideline.
     *
     * @return non-empty-list<Choice>
     */
    private static function choices(Proof $proof): array
    {
        $men = array_filter(
            $proof->scene->men,
            fn (Man $man): bool => isset($proof->scene->routes[$man->letter]),
        );
        usort($men, fn (Man $a, Man $b): int => $a->xYd <=> $b->xYd);
        $route = fn (Man $man): RunRoute => $proof->scene->routes[$man->letter];

        return [
            ...array_map(fn (Man $m): Choice => new Choice($m->letter, "$m->letter, {$route($m)->spec->name}"), $men),
            new Choice(self::AWAY, 'Throw it away'),
        ];
    }

    /** Seconds after the snap; a ball that is thrown away goes when the first read would have had it. */
    private static function thrownAt(Proof $proof, Outcome $outcome): float
    {
        $first = array_values($proof->readings)[0] ?? null;

        return $outcome->line?->outAt() ?? $first->from ?? $first->breakAt ?? 0.0;
    }
}
