<?php

namespace App\Practice;

use App\Film\Graded;
use App\Models\DrillCard;
use App\Models\Practice;
use App\Models\StaffWords;
use Illuminate\Support\Collection;
use Jacotaxis\Core\Drill\Drill;
use Jacotaxis\Core\Grade\Library\FaultKeys;
use Jacotaxis\Core\Practice\DrillEffect;
use Jacotaxis\Core\Practice\DrillPlan;
use Jacotaxis\Core\Practice\Effect;
use Jacotaxis\Core\Practice\GradedSnap;
use Jacotaxis\Core\Practice\PeriodKind;
use Jacotaxis\Core\Practice\ProposedDrill;

/** The drills of a practice: those the faults on the latest film ask for, and what became of those that were given. */
final readonly class DrillWork
{
    /** @var list<GradedSnap> */
    private array $snaps;

    /** @var array<string, Drill> */
    private array $drills;

    /** @var list<ProposedDrill> */
    private array $due;

    private int $window;

    private FaultKeys $keys;

    public function __construct(private Practice $practice)
    {
        $staff = StaffWords::current();
        $this->snaps = array_map(
            fn (array $g): GradedSnap => new GradedSnap($g['group'], $g['day'], $g['kind'] === 'game', $g['faults']),
            Graded::rows(),
        );
        $this->drills = DrillCard::drills();
        $this->window = (int) $staff->book()->schools->value('repeat-days');
        $this->keys = $staff->faultKeys();
        $seen = DrillPlan::seen($this->snaps, Graded::day($practice->held_on), $this->window);
        $this->due = DrillPlan::proposed($seen, $this->drills);
    }

    /** @return list<array{drill: string, group: string, minutes: int, times: int, why: string}> */
    public function proposed(): array
    {
        return array_map(fn (ProposedDrill $p): array => [
            'drill' => $p->drill->name,
            'group' => $p->drill->group,
            'minutes' => $p->drill->minutes,
            'times' => $p->times(),
            'why' => implode(', ', array_map(
                fn (string $fault, int $times): string => "{$this->keys->label($fault)} $times",
                array_keys($p->faults),
                $p->faults,
            )),
        ], $this->due);
    }

    /** @return list<list<string>> names of the drills that fit, period by period; none where plays are run */
    public function fitting(): array
    {
        return array_map(
            fn (array $period): array => PeriodKind::from($period['kind'])->hasDrills()
                ? DrillPlan::fitting($this->due, $period['minutes'])
                : [],
            $this->practice->periods,
        );
    }

    /** @return list<array<string, mixed>> of each drill that was given before this practice, the latest first */
    public function effects(): array
    {
        $effects = [];
        foreach (array_intersect_key($this->given(), $this->drills) as $name => $days) {
            $effect = DrillEffect::counted(
                $this->drills[$name],
                $days[0],
                count($days),
                $this->snaps,
                Graded::day($days[0]),
                Graded::day($this->practice->held_on),
                $this->window,
            );
            $effects[] = [
                'drill' => $name,
                'since' => $effect->since,
                'times' => $effect->times,
                'before' => $effect->before->toArray(),
                'after' => $effect->after->toArray(),
                'said' => $effect->state()->value,
                'isWithoutEffect' => in_array($effect->state(), [Effect::None, Effect::More], true),
            ];
        }
        usort($effects, fn (array $a, array $b): int => $b['since'] <=> $a['since']);

        return $effects;
    }

    /** @return array<string, non-empty-list<string>> days before this practice on which each drill was given */
    private function given(): array
    {
        /** @var Collection<int, Practice> $earlier */
        $earlier = Practice::query()->where('held_on', '<', $this->practice->held_on)->orderBy('held_on')->get();
        $given = [];
        foreach ($earlier as $one) {
            foreach ($one->periods as $period) {
                foreach ($period['drills'] ?? [] as $name) {
                    $given[$name][] = $one->held_on;
                }
            }
        }

        return $given;
    }
}
