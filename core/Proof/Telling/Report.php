<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Telling;

use Jacotaxis\Core\Field\Finding;
use Jacotaxis\Core\Kinematics\Footwork;
use Jacotaxis\Core\Proof\Keys\Answer;
use Jacotaxis\Core\Proof\Keys\Key;
use Jacotaxis\Core\Proof\Pass\Proof;
use Jacotaxis\Core\Proof\Pass\ReadState;
use Jacotaxis\Core\Proof\Pass\ReadStates;
use Jacotaxis\Core\Proof\Scene\Reading;
use Jacotaxis\Core\Proof\Scene\Scene;
use Jacotaxis\Core\Proof\Scene\Verdict;
use Jacotaxis\Core\Proof\Telling\Findings\Findings;
use Jacotaxis\Core\Proof\Telling\Jobs\PassJobs;
use Jacotaxis\Core\Proof\Throwing\Outcome;
use Jacotaxis\Core\Proof\Throwing\Windows;

/** A proof as plain arrays under the stable output keys. Yards and seconds. */
final class Report
{
    /** Step at which a key's place is told: three seconds after the snap. */
    private const SETTLED = 60;

    private function __construct(private readonly Proof $proof, private readonly Scene $scene)
    {
    }

    /** @return array<string, mixed> */
    public static function of(Proof $proof): array
    {
        $report = new self($proof, $proof->scene);
        $readings = $proof->readings;
        $assignments = PassJobs::of($proof);

        return [
            'verdict' => $proof->verdict()->value,
            'strength' => self::rounded($proof->strength()),
            'worth' => ['byRule' => $proof->worthByRule()->toArray(), 'worst' => $proof->worthAtWorst()->toArray()],
            'protection' => $proof->protection->verdict($readings),
            'why' => $report->why(),
            'ruleTrue' => $report->outcome($proof->ruleTrue),
            'keys' => array_map($report->key(...), $proof->keys),
            'spoilers' => array_map(fn (Answer $a): array => [
                'defender' => $report->scene->defenders[$a->defender]->role, 'name' => $a->act->name, 'why' => $a->why,
            ], $proof->spoilers()),
            'picture' => Picture::of($report->scene),
            'run' => null,
            'base' => $report->base(),
            'assignments' => $assignments,
            'compared' => Compared::of($proof, $assignments),
            'reads' => array_map($report->read(...), array_values($readings)),
            'findings' => array_map(fn (Finding $f): array => $f->toArray(), Findings::of($proof)),
            'assumed' => [...$proof->scene->call->assumed, ...$proof->scene->look->assumed],
            'tempo' => $report->tempo(),
            'states' => $report->states($proof->ruleTrue, '', 'by rule'),
            'press' => PressRows::of($report->scene),
        ];
    }

    private static function rounded(?float $seconds): ?float
    {
        return $seconds === null ? null : round($seconds, 2);
    }

    /**
     * The run a play-action pass is proved with, or null.
     *
     * @return array<string, mixed>|null
     */
    private function base(): ?array
    {
        $pair = $this->proof->pair;
        $base = $pair?->base;

        return $pair === null ? null : ['run' => $base?->resolved->run->words(), 'verdict' => $base?->verdict(),
            'gain' => $base === null ? null : round($base->ruleTrue->gainYd, 1), 'margin' => $base === null ? null
            : round($base->ruleTrue->margin, 2), 'why' => ucfirst($pair->why).'.'];
    }

    /** The verdict in one sentence, with what it was proved with. */
    private function why(): string
    {
        $pair = $this->proof->pair;

        return $this->verdictWhy().
            match (true) {
                $pair === null => '',
                $pair->base === null => " At best a guess: {$pair->why}.",
                default => ' '.ucfirst($pair->why).'.',
            };
    }

    private function verdictWhy(): string
    {
        $key = $this->proof->mainKey();
        if ($key === null) {
            return match (true) {
                ! $this->proof->ruleTrue->open() => "{$this->proof->ruleTrue->why}.",
                $this->proof->spoilers() !== [] => sprintf(
                    'The %s is there by %.2f s, but %s',
                    $this->route($this->proof->ruleTrue->letter),
                    $this->proof->ruleTrue->margin,
                    $this->spoiler(),
                ),
                default => sprintf(
                    'Nobody is in conflict: the %s is there, the nearest man is %.2f s late.',
                    $this->route($this->proof->ruleTrue->letter),
                    $this->proof->ruleTrue->margin,
                ),
            };
        }
        $lost = array_filter($key->acts, fn (array $a): bool => ! $a['outcome']->open());

        return match ($key->verdict) {
            Verdict::Bound => $this->proof->spoilers() === []
                ? "The {$key->role} is wrong both ways."
                : "The {$key->role} is wrong both ways, but {$this->spoiler()}",
            Verdict::Guess => 'The '.
                $key->role.
                ' is right when he plays '.
                implode(' or ', array_unique(array_map(fn (array $a): string => $a['act']->name, $lost))).
                '.',
            default => "The {$key->role} covers it whatever he does.",
        };
    }

    /** Who takes the call away for nothing, in words. */
    private function spoiler(): string
    {
        return lcfirst($this->proof->spoilers()[0]->why);
    }

    /** @return array<string, mixed> */
    private function outcome(Outcome $outcome): array
    {
        $letter = $outcome->letter;

        return [
            'action' => $outcome->action,
            'man' => $letter,
            'number' => $letter === null ? null : $this->scene->count->number($letter),
            'side' => $letter === null
                    ? null
                    : $this->scene->count->sideOf($letter)->value ??
                        ($this->scene->routes[$letter] ?? null)?->to->value,
            'route' => $letter === null || $outcome->action === 'give' ? null : $this->route($letter),
            'outAt' => $outcome->line === null ? null : round($outcome->line->outAt(), 2),
            'caughtAt' => $outcome->line === null ? null : round($outcome->line->caughtAt(), 2),
            'margin' => $outcome->margin === Windows::NONE_S ? null : round($outcome->margin, 2),
            'completion' => round($outcome->completion, 2),
            'chance' => round($outcome->worth->chance, 3),
            'gain' => round($outcome->gainYd, 1),
            'why' => $outcome->why.'.',
            'next' => $this->reads($outcome)->next($letter),
        ];
    }

    /**
     * Every numbered read under an act: live, or dead with what killed it. Seconds.
     *
     * @return list<array{man: string, state: string, margin: float|null, killedBy: string|null}>
     */
    private function states(Outcome $outcome, string $defender, string $act): array
    {
        return array_map(fn (ReadState $read): array => [
            'man' => $read->man,
            'state' => $read->live ? 'live' : 'dead',
            'margin' => self::rounded($read->margin),
            'killedBy' => $read->live ? null : ($this->proof->readings[$read->man]->killedBy
                ?? $this->killer($read->man, $defender, $act)),
        ], $this->reads($outcome)->reads);
    }

    private function reads(Outcome $outcome): ReadStates
    {
        return ReadStates::of($this->proof->readings, $outcome, $this->scene->setting->openAt);
    }

    /** Who shuts a read: the key by his act, or whoever has it by rule. */
    private function killer(string $letter, string $defender, string $act): string
    {
        $rule = $this->proof->windows->bestThrow($letter);
        if ($rule['line'] !== null && $rule['margin'] < $this->scene->setting->openAt) {
            return $this->proof->windows->coverers->nearest($rule['line'], $this->proof->playOut->byRule()).' has him';
        }

        return $rule['line'] === null ? 'no throw reaches him in bounds' : "$defender: $act";
    }

    /** @return array<string, mixed> */
    private function key(Key $key): array
    {
        $acts = array_map(fn (array $a): array => ['name' => $a['act']->name,
            'best' => self::rounded($a['outcome']->strength()),
            'reads' => $this->states($a['outcome'], $key->role, $a['act']->name)] + $this->outcome($a['outcome']),
            $key->acts);
        $choices = array_values(array_filter($key->acts, fn (array $a): bool => $a['act']->toward !== null));
        $least = $key->acts[0];
        foreach ($key->acts as $row) {
            $least = $row['outcome']->strength() < $least['outcome']->strength() ? $row : $least;
        }
        $track = $this->proof->playOut->withAct($key->defender, $least['act']);

        return [
            'defender' => $key->role,
            'question' => $key->question,
            'verdict' => $key->verdict->value,
            'strength' => self::rounded($key->strength),
            'conflict' => $key->conflict,
            'leastAt' => ['xYd' => round($track->x[$key->defender][self::SETTLED], 2),
                'yYd' => round($track->y[$key->defender][self::SETTLED], 2), 'act' => $least['act']->name,
                'margin' => self::rounded($least['outcome']->strength())],
            'acts' => $acts,
            'choices' => array_map(
                fn (array $a): array => ['name' => $a['act']->name] + $this->outcome($a['outcome']),
                $choices,
            ),
        ];
    }

    /** @return array<string, mixed> */
    private function read(Reading $reading): array
    {
        $run = $this->scene->routes[$reading->letter];
        $rule = $this->proof->windows->bestThrow($reading->letter);
        $openness =
            $reading->number === null && ! $reading->live() ? null : $this->proof->windows->openness($reading->letter);
        $covered = $reading->live() && $rule['line'] !== null && $rule['margin'] < $this->scene->setting->openAt;

        return [
            'man' => $reading->letter,
            'called' => $run->converted() ? $run->called->name : null,
            'shutBy' => $covered
                ? $this->proof->windows->coverers->nearest($rule['line'], $this->proof->playOut->byRule())
                : null,
            'route' => $this->route($reading->letter),
            'number' => $reading->number,
            'flag' => $reading->flag,
            'slot' => $reading->from === null || $reading->to === null
                ? null
                : [round($reading->from, 2), round($reading->to, 2)],
            'breakAt' => round($reading->breakAt, 2),
            'depthYd' => $reading->depthYd,
            'state' => $reading->live() ? 'live' : 'dead',
            'killedBy' => $reading->killedBy,
            'margin' => self::rounded($openness),
            'windows' => $this->proof->windows->windows($reading->letter),
        ];
    }

    /** @return array<string, mixed> drop, lanes and the rule-true ball, seconds */
    private function tempo(): array
    {
        $line = $this->proof->ruleTrue->line;

        return [
            'drop' => $this->scene->drop->value,
            'passer' => $this->scene->passer(),
            'setAt' => $this->scene->drop->setAt(),
            'hitches' => array_map(
                fn (int $n): float => round($this->scene->drop->setAt() + $n * Footwork::HITCH, 2),
                range(1, $this->scene->drop->hitches()),
            ),
            'rushAt' => round($this->proof->protection->arrivalAt, 2),
            'outAt' => $line === null ? null : round($line->outAt(), 2),
            'caughtAt' => $line === null ? null : round($line->caughtAt(), 2),
        ];
    }

    private function route(?string $letter): string
    {
        return $letter === null ? '' : $this->scene->routes[$letter]->spec->name;
    }
}
