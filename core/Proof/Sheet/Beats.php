<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Sheet;

use Jacotaxis\Core\Concept\Call;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Proof\Pass\Proof;
use Jacotaxis\Core\Proof\Pass\Prover;
use Jacotaxis\Core\Proof\Play\Act;
use Jacotaxis\Core\Proof\Scene\Setting;
use Jacotaxis\Core\Proof\Scene\Verdict;

/**
 * What beats a call: the cheapest rule-true change by one defender that covers it - a choice after the snap, or
 * another job or place before it -, where none does two men who trade jobs, and which calls punish that change. Cost
 * is how far it takes them from their places, yards.
 */
final readonly class Beats
{
    /**
     * @param  Act|null  $act  what he does after the snap, or null: he changes before it
     * @param  Look  $look  the look with the change, where it is one before the snap
     * @param  float|null  $leftS  seconds the call has left against it, or null: it covers the call
     * @param  string|null  $with  the man he trades jobs with
     */
    private function __construct(
        public string $defender,
        public string $name,
        public float $costYd,
        public string $why,
        public float $xYd,
        public float $yYd,
        public ?Act $act,
        public Look $look,
        public ?float $leftS = null,
        public ?string $with = null,
    ) {
    }

    /**
     * The cheapest that covers the call, else the one that leaves it the least; null when the call is covered as it is.
     */
    public static function of(Proof $proof): ?self
    {
        if (! $proof->ruleTrue->open()) {
            return null;
        }
        $found = self::choices($proof);
        usort($found, fn (self $a, self $b): int => $a->costYd <=> $b->costYd);
        $cheapest = $found[0] ?? null;
        $closest = null;
        foreach (LookChanges::of($proof) as $change) {
            if ($cheapest !== null && $change['costYd'] >= $cheapest->costYd) {
                break;
            }
            $left = Prover::byRule($proof->scene->call, $change['look'], $proof->scene->setting);
            $one = new self(
                $change['role'],
                $change['name'],
                $change['costYd'],
                $change['why'],
                $change['xYd'],
                $change['yYd'],
                null,
                $change['look'],
                $left->open() ? $left->margin : null,
            );
            if (! $left->open()) {
                return $one;
            }
            $closest = $closest === null || $one->leftS < $closest->leftS ? $one : $closest;
        }

        if ($cheapest !== null) {
            return $cheapest;
        }
        $closest = self::pair($proof, $closest);

        return $closest !== null && ($closest->leftS === null || $closest->leftS < $proof->ruleTrue->margin)
            ? $closest
            : null;
    }

    /**
     * The cheapest pair whose trade covers the call, else what leaves it the least of all pairs and the closest single
     * man.
     */
    private static function pair(Proof $proof, ?self $closest): ?self
    {
        foreach (PairChanges::of($proof) as $change) {
            $left = Prover::byRule($proof->scene->call, $change['look'], $proof->scene->setting);
            $leftS = $left->open() ? $left->margin : null;
            if ($leftS === null || $closest === null || $leftS < $closest->leftS) {
                $closest = new self(
                    defender: $change['role'],
                    name: $change['name'],
                    costYd: $change['costYd'],
                    why: $change['why'],
                    xYd: $change['xYd'],
                    yYd: $change['yYd'],
                    act: null,
                    look: $change['look'],
                    leftS: $leftS,
                    with: $change['with'],
                );
            }
            if ($leftS === null) {
                return $closest;
            }
        }

        return $closest;
    }

    /**
     * Calls that are open against the change, good ones first, then those worth most at their worst.
     *
     * @param  array<string, Call>  $book  by any id
     * @return list<array{id: string, man: string, route: string, margin: float, verdict: string, chance: float}>
     */
    public function punishing(array $book, Setting $setting): array
    {
        $found = [];
        foreach ($book as $id => $call) {
            $proof = Prover::prove(
                $call,
                $this->look,
                $setting,
                changed: $this->act === null ? null : [$this->defender, $this->act],
            );
            if ($proof->ruleTrue->open()) {
                $letter = (string) $proof->ruleTrue->letter;
                $found[] = ['id' => (string) $id, 'man' => $letter,
                    'route' => $proof->scene->routes[$letter]->spec->name,
                    'margin' => round($proof->ruleTrue->margin, 2), 'verdict' => $proof->verdict()->value,
                    'chance' => round($proof->worthAtWorst()->chance, 3)];
            }
        }
        usort(
            $found,
            fn (array $a, array $b): int => [Verdict::from($b['verdict'])->rank(), $b['chance']] <=> [
                Verdict::from($a['verdict'])->rank(),
                $a['chance'],
            ],
        );

        return $found;
    }

    /** The same call against the change. */
    public function against(Call $call, Setting $setting): Proof
    {
        return Prover::prove(
            $call,
            $this->look,
            $setting,
            changed: $this->act === null ? null : [$this->defender, $this->act],
        );
    }

    /** @return list<self> */
    private static function choices(Proof $proof): array
    {
        $found = [];
        foreach ($proof->spoilers() as $spoiler) {
            $found[] = self::act($proof, $spoiler->defender, $spoiler->act, $spoiler->why);
        }
        foreach ($proof->keys as $key) {
            foreach ($key->acts as ['act' => $act, 'outcome' => $outcome]) {
                if (! $outcome->open() && $act->fromT !== null) {
                    $found[] = self::act(
                        $proof,
                        $key->defender,
                        $act,
                        "The {$key->role} covers it when he plays {$act->name}.",
                    );
                }
            }
        }

        return $found;
    }

    private static function act(Proof $proof, int $d, Act $act, string $why): self
    {
        $rule = $proof->playOut->byRule();
        $i = min(
            Path::STEPS - 1,
            (int) round(($proof->ruleTrue->line?->outAt() ?? $proof->scene->drop->setAt()) / Path::STEP),
        );

        return new self(
            $proof->scene->defenders[$d]->role,
            $act->name,
            round(hypot($rule->x[$d][$i] - $act->xYd, $rule->y[$d][$i] - $act->yYd), 1),
            $why,
            $act->xYd,
            $act->yYd,
            $act,
            $proof->scene->look,
        );
    }
}
