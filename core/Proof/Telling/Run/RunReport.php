<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Telling\Run;

use Jacotaxis\Core\Blocking\Run\Block;
use Jacotaxis\Core\Blocking\Run\Front\CutKey;
use Jacotaxis\Core\Blocking\Run\Told\Branch;
use Jacotaxis\Core\Blocking\Run\Told\Branches;
use Jacotaxis\Core\Blocking\Run\Told\LineCalls;
use Jacotaxis\Core\Blocking\Run\Told\Technique;
use Jacotaxis\Core\Blocking\Run\Verb;
use Jacotaxis\Core\Concept\Document\LookDocument;
use Jacotaxis\Core\Field\Finding;
use Jacotaxis\Core\Proof\Run\Ball\Carrier;
use Jacotaxis\Core\Proof\Run\RunAct;
use Jacotaxis\Core\Proof\Run\RunKey;
use Jacotaxis\Core\Proof\Run\RunOutcome;
use Jacotaxis\Core\Proof\Run\RunProof;
use Jacotaxis\Core\Proof\Scene\Verdict;
use Jacotaxis\Core\Proof\Sheet\RunAnswers;
use Jacotaxis\Core\Proof\Telling\Jobs\StaffJobs;
use Jacotaxis\Core\Proof\Telling\Picture;
use Jacotaxis\Core\Words\Describer;

/** A proof of a run as plain arrays under the stable output keys. Yards and seconds. */
final readonly class RunReport
{
    /**
     * @param  list<array{tag: string, words: string, verdict: string, strength: float, accounts: list<string>,
     *     leaves: list<string>}>  $answers
     */
    private function __construct(private RunProof $proof, private array $answers)
    {
    }

    /** @return list<array<string, mixed>> eleven rows */
    public static function jobs(RunProof $proof): array
    {
        return (new self($proof, []))->assignments();
    }

    /** @return array<string, mixed> */
    public static function of(RunProof $proof): array
    {
        $report = new self($proof, RunAnswers::of($proof));
        $read = array_column($proof->resolved->keys, 'role');

        return [
            'verdict' => $proof->verdict()->value,
            'strength' => round($proof->strength(), 2),
            'worth' => ['byRule' => $proof->worthByRule()->toArray(), 'worst' => $proof->worthAtWorst()->toArray()],
            'protection' => 'none',
            'why' => $report->why(),
            'ruleTrue' => $report->outcome($proof->ruleTrue),
            'keys' => array_map($report->key(...), $proof->keys),
            'spoilers' => [],
            'picture' => Picture::of($proof->scene, $read),
            'run' => $report->run(),
            'assignments' => $report->assignments(),
            'compared' => [],
            'reads' => [],
            'findings' => array_map(fn (Finding $f): array => $f->toArray(), RunFindings::of($proof, $report->answers)),
            'assumed' => [...$proof->scene->call->assumed, ...$proof->scene->look->assumed],
            'tempo' => ['drop' => 'none', 'passer' => 'Q',
                'setAt' => round($proof->ruleTrue->outAt, 2), 'hitches' => [],
                'rushAt' => 0.0, 'outAt' => round($proof->ruleTrue->outAt, 2),
                'caughtAt' => ($proof->carriers['throw'] ?? null)?->thrownAt === null ? null
                    : round($proof->carriers['throw']->from, 2)],
            'states' => [],
            'press' => [],
        ];
    }

    /** The verdict in one sentence. */
    public function why(): string
    {
        $proof = $this->proof;
        $free = array_filter($proof->pairs, fn (array $p): bool => $p['outcome']->beats(...$p['acts']));
        $lost = array_values(array_diff_key($proof->pairs, $free));
        $open =
            $proof->resolved->unaccounted === []
                ? ''
                : ' Nobody has the '.implode(' and the ', $proof->resolved->unaccounted).'.';
        if ($proof->keys === []) {
            return ucfirst($proof->ruleTrue->why).
                ($proof->ruleTrue->free() ? ': enough for the down.' : ": {$this->needs()} are wanted.").
                $open;
        }
        $who = implode(' and the ', array_map(fn (RunKey $k): string => $k->role, $proof->keys));

        return match ($proof->verdict()) {
            Verdict::Bound => count($proof->keys) > 1
                ? "The $who are wrong whatever they do."
                : "The $who is wrong both ways.",
            Verdict::Guess => $lost === []
                ? "The $who ".(count($proof->keys) > 1 ? 'come' : 'comes').
                    sprintf(' within %.2f s of being right: too little to count on.', $proof->strength())
                : "Right for the defense when the $who ".
                (count($proof->keys) > 1 ? 'play' : 'plays').
                ' '.
                $this->acts($lost[0]['acts']).
                ": {$lost[0]['outcome']->why}.",
            Verdict::Open => ucfirst($proof->ruleTrue->why).' whatever the key does: enough for the down.',
            Verdict::Covered => $free === [] ? ucfirst($lost[0]['outcome']->why).' whatever the key does.' : '',
        }.$open;
    }

    /** @param  list<RunAct>  $acts */
    private function acts(array $acts): string
    {
        return implode(' and ', array_map(fn (RunAct $a): string => $a->name, $acts));
    }

    private function needs(): string
    {
        return sprintf('%g yd', round($this->proof->scene->setting->situation->runSuccessYd(), 1));
    }

    /** @return array<string, mixed> */
    private function outcome(RunOutcome $o): array
    {
        $side = match (true) {
            $o->metXYd === null => $this->proof->resolved->run->side->value,
            $o->metXYd < 0.0 => 'left',
            default => 'right',
        };

        return [
            'action' => $o->action, 'man' => $o->letter, 'number' => $o->letter === null ? null
                : $this->proof->scene->count->number($o->letter), 'side' => $side, 'route' => $o->route,
            'outAt' => round($o->outAt, 2), 'caughtAt' => null, 'margin' => round($o->margin, 2),
            'completion' => round($o->pass === null ? 1.0 : $o->pass->completion, 2),
            'chance' => round($o->worth()->chance, 3), 'gain' => round($o->gainYd, 1), 'why' => ucfirst($o->why).'.',
            'next' => null,
            'where' => $o->where, 'firstFree' => $o->firstFree === null ? null
                : ['defender' => $o->firstFree, 'atYd' => round((float) $o->metYYd, 1),
                    'xYd' => round((float) $o->metXYd, 1)],
        ];
    }

    /** @return array<string, mixed> */
    private function key(RunKey $key): array
    {
        $rows = array_map(
            fn (array $r): array => ['name' => $r['act']->name, 'best' => round($r['outcome']->margin, 2),
                'reads' => []] + $this->outcome($r['outcome']),
            $key->acts,
        );
        $least = $key->acts[0];
        foreach ($key->acts as $row) {
            $least = $row['outcome']->margin < $least['outcome']->margin ? $row : $least;
        }
        $on = $this->proof->decider->moves->onCarrier($key->role, $least['outcome']->action, $least['act']);
        $choices = array_values(
            array_filter($key->acts, fn (array $r): bool => $r['act']->isChoice() && $r['act']->name !== 'by rule'),
        );

        return [
            'defender' => $key->role, 'question' => $key->question, 'verdict' => $key->verdict->value,
            'strength' => round($key->strength, 2), 'conflict' => $key->conflict,
            'leastAt' => ['xYd' => round($on->xYd, 2), 'yYd' => round($on->yYd, 2), 'act' => $least['act']->name,
                'margin' => round($least['outcome']->margin, 2)],
            'acts' => $rows,
            'choices' => array_map(
                fn (array $r): array => ['name' => $r['act']->name] + $this->outcome($r['outcome']),
                $choices,
            ),
        ];
    }

    /** @return list<array<string, mixed>> */
    private function assignments(): array
    {
        $rows = [];
        foreach ($this->proof->resolved->blocks as $letter => $block) {
            $made = $this->proof->made[$letter] ?? null;
            $told = Technique::of($block, $this->proof->resolved, $this->proof->scene->setting->schools);
            $rows[] = [
                'man' => $letter,
                'job' => $this->job($block).StaffJobs::of($this->proof->scene->call, (string) $letter),
                'target' => $block->blocks() ? $block->target : null,
                'makeable' => $made?->makeable,
                'why' => $made?->why,
                'first' => $block->first,
                'partner' => $block->partner,
                'verb' => $block->verb->value,
                'step' => $told->step,
                'aim' => $told->aim,
                'count' => $told->count,
                'eyes' => $told->eyes,
                'branches' => array_map($this->branch(...), Branches::of($block, $this->proof->resolved)),
            ];
        }

        return $rows;
    }

    /** @return array{if: string, then: string, defender: string|null, look: array<string, mixed>|null} */
    private function branch(Branch $branch): array
    {
        $look = $branch->defender === null || $branch->movement === null ? null : $this->proof->scene->look->changing(
            $branch->defender,
            ['movement' => $branch->movement],
        );

        return ['if' => $branch->if, 'then' => $branch->then, 'defender' => $branch->defender, 'look' => $look === null
            ? null : LookDocument::write($look)];
    }

    private function job(Block $block): string
    {
        $carriers = $this->proof->carriers;

        return match ($block->verb) {
            Verb::Carry => ($this->proof->resolved->run->scheme()->screen === null
                ? 'Carries the ball, '.($carriers['give']->where ?? 'on his track')
                : 'Catches the screen, '.($carriers['throw']->where ?? 'behind the line')),
            Verb::Pitch => match (true) {
                ! isset($carriers['pitch']) => 'Takes the pitch, on his track',
                $this->proof->resolved->run->scheme()->shovels => "Takes the shovel, {$carriers['pitch']->where}",
                default => 'Takes the pitch, 4 to 5 yd wide and 1 yd deep of Q',
            },
            Verb::Fake => match (true) {
                $this->proof->resolved->run->scheme()->screen !== null => 'Stays in, takes who comes free',
                isset($carriers['give']) => 'Carries out his fake',
                default => 'Fakes into the line, holds the backers',
            },
            Verb::Quarterback => $this->quarterback(),
            Verb::Route => isset($this->proof->scene->routes[$block->letter])
                ? Describer::job($this->proof->scene->call, $block->letter)
                : 'Runs his route',
            default => $block->words().($block->unset === null ? '' : ' (product default)'),
        };
    }

    private function quarterback(): string
    {
        $order = [];
        $give = isset($this->proof->carriers['give']);
        $runs = $give ? 'hands off' : 'keeps it';
        $throw = implode(
            ', ',
            array_map(
                fn (string $l): string => "$l {$this->proof->scene->routes[$l]->spec->name}",
                array_values(array_intersect($this->proof->scene->reads, array_keys($this->proof->scene->routes))),
            ),
        );
        foreach ($this->proof->resolved->keys as ['role' => $role, 'decision' => $decision]) {
            $order[] = match ($decision) {
                'pitch' => ($this->proof->resolved->run->scheme()->shovels ? 'shovel' : 'pitch')." off the $role",
                'outside' => "with the ball pulled throws $throw off the $role",
                'throw' => "reads the $role: inserts, throws $throw; drops, $runs",
                default => (isset($this->proof->carriers['pull']) || isset($this->proof->carriers['keep'])
                    ? 'give or pull'
                    : 'give')." off the $role",
            };
        }
        if ($this->proof->before?->letter !== null) {
            array_unshift($order, "counts the box: too many, throws $throw");
        }
        $screen = $this->proof->carriers['throw'] ?? null;
        if ($screen?->thrownAt !== null) {
            return sprintf('Throws the screen to %s at %.1f s', $screen->letter, $screen->thrownAt);
        }

        $own = $this->proof->resolved->run->scheme()->isQuarterbacks();
        $keeps = $own ? 'Runs it himself, '.$this->proof->carriers['keep']->where : 'Keeps the ball';

        return match (true) {
            $order !== [] => ucfirst(implode(', then ', $order)),
            $give => 'Hands off, carries out the fake',
            default => $keeps,
        };
    }

    /** @return array<string, mixed> */
    private function run(): array
    {
        $proof = $this->proof;
        $resolved = $proof->resolved;
        $scheme = $resolved->run->scheme();
        $cut = $scheme->cuts ? CutKey::of($resolved, $proof->scene->setting->schools) : null;
        $hats = Hats::of($proof);

        return [
            'scheme' => $scheme->name, 'side' => $resolved->run->side->value, 'words' => $scheme->words,
            'kind' => $scheme->kind->value,
            'carrier' => ($proof->carriers['give'] ?? ($scheme->screen === null ? null
                : $proof->carriers['throw']))->letter ?? null,
            'where' => ($proof->carriers['give'] ?? $proof->carriers['keep'] ?? $proof->carriers['throw'] ?? null)
                ->where ?? '',
            'cutKey' => $cut === null || $cut->defender === null ? null
                : ['defender' => $cut->defender, 'technique' => $cut->technique, 'triangle' => $cut->triangle,
                    'gap' => $cut->gap, 'looks' => $cut->looks, 'why' => $cut->why],
            'readKey' => $resolved->key('give'), 'pitchKey' => $resolved->key('pitch'),
            'keysInOrder' => array_column($resolved->keys, 'role'),
            'optionCount' => $scheme->isOption() ? array_slice($resolved->front->optionCount(), 0, 4) : [],
            'firstFree' => $proof->ruleTrue->firstFree === null ? null
                : ['defender' => $proof->ruleTrue->firstFree, 'atYd' => round((float) $proof->ruleTrue->metYYd, 1),
                    'xYd' => round((float) $proof->ruleTrue->metXYd, 1)],
            'carriersOnKeys' => $resolved->keys === [] ? null
                : count(array_unique(array_map(fn (Carrier $c): string => $c->letter,
                    $proof->carriers))).' on '.count($resolved->keys),
            'mike' => $this->who($resolved->front->mike), 'freeSafety' => $this->who($resolved->front->freeSafety()),
            'hats' => $hats, 'unaccounted' => $resolved->unaccounted, 'answers' => $this->answers,
            'pairs' => count($proof->keys) < 2 ? [] : array_map(
                fn (array $p): array => ['acts' => array_map(fn (RunAct $a): string => $a->name,
                    $p['acts'])] + $this->outcome($p['outcome']),
                $this->choicePairs(),
            ),
            'lineCalls' => LineCalls::of($resolved),
            'successYd' => round($proof->scene->setting->situation->runSuccessYd(), 1),
        ];
    }

    /**
     * Pairs of plain choices, without the places between.
     *
     * @return list<array{acts: list<RunAct>, outcome: RunOutcome}>
     */
    private function choicePairs(): array
    {
        return array_values(
            array_filter(
                $this->proof->pairs,
                fn (array $p): bool => array_filter($p['acts'], fn (RunAct $a): bool => ! $a->isChoice()) === [],
            ),
        );
    }

    /** @return array{defender: string, men: list<string>}|null */
    private function who(?string $role): ?array
    {
        return $role === null ? null : ['defender' => $role, 'men' => $this->proof->resolved->blockersOf($role)];
    }
}
