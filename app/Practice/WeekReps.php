<?php

namespace App\Practice;

use App\Film\Watched;
use App\Models\Call;
use App\Models\Grade;
use App\Models\Plan;
use App\Models\Practice;
use App\Models\Reel;
use App\Models\Snap;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Jacotaxis\Core\Concept\Document\CallDocument;
use Jacotaxis\Core\Practice\Ready;
use Jacotaxis\Core\Practice\ScriptCall;

/**
 * Reps of the week of a practice, by call: those on its practice film, and those its scripts still have. A script whose
 * practice has been filmed has become film.
 */
final class WeekReps
{
    /** @var Collection<int, Snap> */
    private Collection $given;

    /** @var list<array{call: string, look: string|null}> */
    private array $planned = [];

    /** @var array<string, int> mental errors on our film of the week before, by call as it is written there */
    private array $busts;

    /** @var array<string, int> triggers of our last game that call for it, by id of the call */
    private array $due;

    /** @var list<Call> in the order of the plan, then the rest of the book */
    private array $calls;

    /** @param  int|null  $but  place of a period whose own script is left out */
    public function __construct(private readonly Practice $practice, ?int $but = null)
    {
        $this->given = Snap::query()
            ->whereHas('reel', fn ($reel) => $reel
                ->where('kind', 'practice')
                ->where('ours', true)
                ->whereBetween('played_on', $practice->week()))
            ->with('reel:id,played_on')
            ->get(['id', 'reel_id', 'call', 'front', 'shell']);
        $filmed = $this->given->map(fn (Snap $s): string => (string) $s->reel->played_on)->unique();
        foreach ($practice->inWeek()->get() as $one) {
            foreach ($filmed->contains($one->held_on) ? [] : $one->periods as $n => $period) {
                if ($one->id !== $practice->id || $n !== $but) {
                    array_push($this->planned, ...$period['script']);
                }
            }
        }
        $this->calls = $this->inOrder();
        $this->busts = $this->lastWeek();
        $this->due = $this->triggered();
    }

    /** @return array<string, int> */
    private function lastWeek(): array
    {
        $monday = CarbonImmutable::parse($this->practice->week()[0]);
        /** @var Collection<int, Grade> $wrong */
        $wrong = Grade::query()
            ->where('bust', true)
            ->where('counts', true)
            ->whereHas('snap.reel', fn ($reel) => $reel
                ->where('ours', true)
                ->where('played_on', '>=', $monday->subWeek()->format('Y-m-d'))
                ->where('played_on', '<', $monday->format('Y-m-d')))
            ->with('snap:id,call')
            ->get(['id', 'snap_id']);

        return array_count_values($wrong->map(fn (Grade $g): string => (string) $g->snap->call)->all());
    }

    /** @return array<string, int> */
    private function triggered(): array
    {
        /** @var Reel|null $game */
        $game = Reel::query()
            ->where('kind', 'game')
            ->where('ours', true)
            ->where('played_on', '<', $this->practice->held_on)
            ->orderByDesc('played_on')
            ->first();
        $due = [];
        foreach ($game === null ? [] : Watched::of($game)['prompts'] as $prompt) {
            foreach ($prompt['state'] === 'due' && $prompt['answer'] !== 'wrong' ? $prompt['calls'] : [] as $call) {
                $due[$call['id']] = ($due[$call['id']] ?? 0) + 1;
            }
        }

        return $due;
    }

    /** @return list<array<string, mixed>> the plan's calls with their reps; without a plan those of the scripts */
    public function rows(int $needed): array
    {
        $plan = $this->plan();
        $scripted = array_column($this->planned, 'call');
        $rows = [];
        foreach ($this->calls as $call) {
            if (in_array($call->id, $plan === [] ? $scripted : $plan, true)) {
                $ready = new Ready($this->plannedOf($call), $this->givenOf($call), $needed);
                $rows[] = ['call' => $call->id, 'name' => $call->name, 'planned' => $ready->planned,
                    'given' => $ready->given, 'busts' => $this->bustsOf($call),
                    'due' => $this->due[$call->id] ?? 0, 'needed' => $needed, 'ready' => $ready->isReady(),
                    'short' => $ready->short()];
            }
        }

        return $rows;
    }

    /** @return list<ScriptCall> what a script may be filled with: the plan's calls, without a plan the book's */
    public function calls(): array
    {
        $plan = $this->plan();
        $of = array_filter($this->calls, fn (Call $c): bool => $plan === [] || in_array($c->id, $plan, true));

        return array_values(array_map(function (Call $call): ScriptCall {
            $document = CallDocument::read($call->document);
            $rows = array_filter($this->planned, fn (array $row): bool => $row['call'] === $call->id);
            $looks = array_filter(array_column($rows, 'look'), is_string(...));

            return new ScriptCall(
                $call->id,
                $document->run !== null,
                $document->run === null || $document->routes !== [],
                $this->plannedOf($call) + $this->givenOf($call),
                array_count_values($looks),
                $this->bustsOf($call),
                $this->due[$call->id] ?? 0,
                $document->run?->scheme()->kind,
            );
        }, $of));
    }

    private function plannedOf(Call $call): int
    {
        return count(array_filter($this->planned, fn (array $row): bool => $row['call'] === $call->id));
    }

    private function givenOf(Call $call): int
    {
        $names = [$call->name, $call->words];

        return $this->given->filter(fn (Snap $s): bool => in_array($s->call, $names, true))->count();
    }

    private function bustsOf(Call $call): int
    {
        return ($this->busts[$call->name] ?? 0) + ($this->busts[$call->words] ?? 0);
    }

    /** @return list<string> ids */
    private function plan(): array
    {
        return Plan::query()->where('opponent', $this->practice->opponent)->first()->calls ?? [];
    }

    /** @return list<Call> */
    private function inOrder(): array
    {
        /** @var list<Call> $calls */
        $calls = array_values(Call::query()->orderBy('id')->get()->all());
        $place = array_flip($this->plan());
        $rank = fn (Call $call): int => $place[$call->id] ?? PHP_INT_MAX;
        usort($calls, fn (Call $a, Call $b): int => $rank($a) <=> $rank($b));

        return $calls;
    }
}
