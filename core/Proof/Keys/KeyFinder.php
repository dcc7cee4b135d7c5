<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Keys;

use Jacotaxis\Core\Defense\Jobs\JobKind;
use Jacotaxis\Core\Proof\Play\Act;
use Jacotaxis\Core\Proof\Play\PlayOut;
use Jacotaxis\Core\Proof\Scene\Scene;
use Jacotaxis\Core\Proof\Scene\Worth;
use Jacotaxis\Core\Proof\Throwing\Outcome;
use Jacotaxis\Core\Proof\Throwing\Windows;

/**
 * Finds the keys of a call against a look without knowing the concept.
 *
 * Defender d is a key when there are counting reads a and b such that going to a shuts a and leaves b open, and going
 * to b shuts b and leaves a open.
 */
final class KeyFinder
{
    /** Defenders that are played out fully. */
    private const CANDIDATES = 3;

    /** Most men who are no keys and are shown with what they bring. */
    private const ANSWERED = 2;

    private const BETWEEN = [0.25, 0.5, 0.75];

    private readonly Commitments $commitments;

    public function __construct(
        private readonly Scene $scene,
        private readonly PlayOut $playOut,
        private readonly Windows $windows,
        private readonly ActNames $names,
        /** Place of a defender whose act is settled and who is no key. */
        private readonly ?int $settled = null,
    ) {
        $this->commitments = new Commitments($scene, $playOut, $windows);
    }

    /** @return list<Key> the main key first */
    public function keys(): array
    {
        $keys = [];
        foreach ($this->candidates() as [$d, $a, $b]) {
            $key = $this->key($d, $a, $b);
            if ($key !== null && (! isset($keys[$d]) || $keys[$d]->swing < $key->swing)) {
                $keys[$d] = $key;
            }
        }
        uasort($keys, fn (Key $x, Key $y): int => $y->swing <=> $x->swing);

        return array_values($keys);
    }

    /**
     * What each man who is no key can do about the ball that is thrown by rule, where his rule lets him, and what is
     * left then.
     *
     * @param  list<Key>  $keys
     * @return list<Answer> those that cover the call are its spoilers
     */
    public function answers(array $keys, Outcome $ruleTrue): array
    {
        if ($ruleTrue->action !== 'throw') {
            return [];
        }
        $letter = (string) $ruleTrue->letter;
        $taken = array_map(fn (Key $k): int => $k->defender, $keys);
        $answers = [];
        foreach ($this->playOut->coverage() as $d) {
            if ($this->isTold($d) || in_array($d, $taken, true) || ! $this->commitments->mayTake($d, $letter)) {
                continue;
            }
            $from = max($this->commitments->partAt($letter, $letter), $this->playOut->knowsFrom($d));
            $act = $this->commitments->to($letter, $letter)?->from($from);
            if ($act === null || ! $this->commitments->mayReach($d, $letter, $from)) {
                continue;
            }
            $outcome = $this->windows->outcome($d, $this->playOut->withAct($d, $act));
            $route = $this->scene->routes[$letter]->spec->name;
            $answers[] = new Answer(
                $d,
                new Act("take the $route", $from, $act->xYd, $act->yYd, $act->toward),
                $outcome,
                "The {$this->scene->defenders[$d]->role} can take the $route and nothing opens behind him.",
            );
        }

        return $answers;
    }

    /** Whether somebody has said what he does, after the snap or in a receiver's face: he has no other choice then. */
    private function isTold(int $d): bool
    {
        return $d === $this->settled || $this->scene->firstStep($this->scene->defenders[$d])[0] > 0.0;
    }

    /**
     * Men who take the first ball away and open another: no conflict, they are shown with what they bring.
     *
     * @param  list<Answer>  $answers
     * @return list<Key>
     */
    public function answered(array $answers, Outcome $ruleTrue): array
    {
        $keys = [];
        foreach ($answers as $answer) {
            if (
                $answer->outcome->action !== 'throw' ||
                $answer->outcome->letter === null ||
                $answer->outcome->letter === $ruleTrue->letter ||
                count($keys) === self::ANSWERED
            ) {
                continue;
            }
            $question = $this->names->question($answer->defender, (string) $ruleTrue->letter, $answer->outcome->letter);
            $keys[] = $answer->asKey($this->scene->defenders[$answer->defender]->role, $ruleTrue, $question);
        }

        return $keys;
    }

    /**
     * A key the call names, also when it is not in conflict.
     */
    public function named(int $d): ?Key
    {
        $counting = $this->windows->counting();
        if (count($counting) < 2 || ! in_array($d, $this->free(), true)) {
            return null;
        }

        return $this->weigh($d, $counting[0], $counting[1], false);
    }

    /**
     * Pairs of threats a defender could be between, most promising first.
     *
     * @return list<array{int, string, string}>
     */
    private function candidates(): array
    {
        $counting = $this->windows->counting();
        $found = [];
        foreach ($this->free() as $d) {
            foreach ($counting as $n => $a) {
                foreach (array_slice($counting, $n + 1) as $b) {
                    $from = $this->commitments->partAt($a, $b);
                    $reaches = $this->commitments->mayReach($d, $a, $from);
                    if ($reaches && $this->commitments->mayReach($d, $b, $from)) {
                        $swing = $this->pairSwing($d, $a, $b);
                        if ($swing !== null) {
                            $found[] = [$swing, $d, $a, $b];
                        }
                    }
                }
            }
        }
        usort($found, fn (array $x, array $y): int => $y[0] <=> $x[0]);

        return array_map(fn (array $f): array => array_slice($f, 1), array_slice($found, 0, self::CANDIDATES));
    }

    /** How far the two commitments move the margins of the two threats, or null when they do not part them. */
    private function pairSwing(int $d, string $a, string $b): ?float
    {
        $open = $this->scene->setting->openAt;
        $toA = $this->commitments->to($a, $b);
        $toB = $this->commitments->to($b, $a);
        if ($toA === null || $toB === null) {
            return null;
        }
        $atA = $this->playOut->withAct($d, $toA);
        $aShut = $this->windows->bestThrow($a, $d, $atA)['margin'];
        $bOpen = $this->windows->bestThrow($b, $d, $atA)['margin'];
        if ($aShut >= $open || $bOpen < $open) {
            return null;
        }
        $atB = $this->playOut->withAct($d, $toB);
        $bShut = $this->windows->bestThrow($b, $d, $atB)['margin'];
        $aOpen = $this->windows->bestThrow($a, $d, $atB)['margin'];
        if ($bShut >= $open || $aOpen < $open) {
            return null;
        }

        return ($aOpen - $aShut) + ($bOpen - $bShut);
    }

    private function key(int $d, string $a, string $b): ?Key
    {
        $key = $this->weigh($d, $a, $b, true);
        if ($key === null) {
            return null;
        }
        $byName = [];
        foreach ($key->acts as ['act' => $act, 'outcome' => $outcome]) {
            $byName[$act->toward ?? $act->name] = $outcome;
        }

        // A rule of the staff may send the ball wrong: the key stays one, and his verdict says so.
        return $this->scene->call->rules !== [] ||
            ($byName[$a]->letter !== null && $byName[$b]->letter !== null && $key->answers() > 1)
            ? $key
            : null;
    }

    private function weigh(int $d, string $a, string $b, bool $conflict): ?Key
    {
        $toA = $this->commitments->to($a, $b);
        $toB = $this->commitments->to($b, $a);
        if ($toA === null || $toB === null) {
            return null;
        }
        $acts = [];
        foreach ($this->acts($d, $toA, $toB) as $act) {
            $acts[] = ['act' => $act, 'outcome' => $this->played($d, $act)];
        }
        $role = $this->scene->defenders[$d]->role;

        return Key::of(
            $d,
            $role,
            [$a, $b],
            $this->names->question($d, $a, $b),
            $acts,
            $this->swing($acts, $a, $b),
            $conflict,
        );
    }

    /** What an act gives by the order of the reads, or by a rule of the staff that waits for it. */
    private function played(int $d, Act $act): Outcome
    {
        $track = $this->playOut->withAct($d, $act);
        foreach ($this->scene->call->rules as $rule) {
            if (
                $rule->action === 'throw' &&
                $rule->man !== null &&
                isset($this->scene->routes[$rule->man]) &&
                $rule->fires($this->scene->defenders[$d]->role, $act->name)
            ) {
                return $this->windows->forced($rule->man, $d, $track);
            }
        }

        return $this->windows->outcome($d, $track);
    }

    /** @param  list<array{act: Act, outcome: Outcome}>  $acts */
    private function swing(array $acts, string $a, string $b): float
    {
        $worth = ['' => 0.0];
        foreach ($acts as ['act' => $act, 'outcome' => $outcome]) {
            foreach ([$a, $b] as $letter) {
                $read = $outcome->reads[$letter];
                $gain =
                    $read['line'] === null
                        ? 0.0
                        : $read['line']->yYd * Worth::completion($read['line']->distanceYd, $read['margin']);
                if ($act->toward !== null) {
                    $worth[$letter.$act->toward] = $gain;
                }
            }
        }

        return (($worth[$a.$b] ?? 0.0) - ($worth[$a.$a] ?? 0.0)) + (($worth[$b.$a] ?? 0.0) - ($worth[$b.$b] ?? 0.0));
    }

    /** @return list<Act> his rule, the two commitments and the places between them */
    private function acts(int $d, Act $toA, Act $toB): array
    {
        [$nameA, $nameB] = $this->names->pair($d, $toA, $toB);
        $acts = [new Act('by rule'),
            new Act($nameA, $toA->fromT, $toA->xYd, $toA->yYd, $toA->toward),
            new Act($nameB, $toB->fromT, $toB->xYd, $toB->yYd, $toB->toward)];
        foreach (self::BETWEEN as $share) {
            $acts[] = new Act(
                'between',
                $toA->fromT,
                $toA->xYd + $share * ($toB->xYd - $toA->xYd),
                $toA->yYd + $share * ($toB->yYd - $toA->yYd),
            );
        }

        return $acts;
    }

    /** @return list<int> defenders whose shell lets them choose: zone men, not rushers and not men with a man */
    private function free(): array
    {
        return array_values(
            array_filter(
                $this->playOut->coverage(),
                fn (int $d): bool => $d !== $this->settled && $this->scene->defenders[$d]->job->kind !== JobKind::Man,
            ),
        );
    }
}
