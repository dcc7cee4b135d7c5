<?php

namespace App\Practice;

use App\Film\Graded;
use App\Models\DrillCard;
use App\Models\Practice;
use App\Models\StaffWords;
use Jacotaxis\Core\Drill\Drill;
use Jacotaxis\Core\Grade\Interval;
use Jacotaxis\Core\Grade\Library\FaultKeys;
use Jacotaxis\Core\Practice\DrillEffect;
use Jacotaxis\Core\Practice\DrillPlan;
use Jacotaxis\Core\Practice\Effect;
use Jacotaxis\Core\Practice\FaultSeen;
use Jacotaxis\Core\Practice\ProposedDrill;

/**
 * The drills of a practice: those the faults on the latest film ask for, and what became of those that were given.
 *
 * @phpstan-import-type GradedRow from Graded
 */
final class DrillWork
{
    /** Looked back for a fault before its drill was given, in windows of the staff. */
    private const BEFORE = 2;

    /** @var list<GradedRow> */
    private readonly array $rows;

    /** @var array<string, Drill> */
    private readonly array $drills;

    private readonly int $window;

    private readonly FaultKeys $keys;

    public function __construct(private readonly Practice $practice)
    {
        $staff = StaffWords::current();
        $this->rows = Graded::rows();
        $this->drills = DrillCard::drills();
        $this->window = (int) $staff->book()->schools->value('repeat-days');
        $this->keys = $staff->faultKeys();
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
        ], $this->due());
    }

    /** @return list<string> names of the drills that fit the minutes of a period */
    public function fitting(int $minutes): array
    {
        return DrillPlan::fitting($this->due(), $minutes);
    }

    /** @return list<array<string, mixed>> of each drill that was given before this practice, the latest first */
    public function effects(): array
    {
        $given = [];
        $earlier = Practice::query()->where('held_on', '<', $this->practice->held_on)->orderBy('held_on')->get();
        foreach ($earlier as $one) {
            foreach ($one->periods as $period) {
                foreach ($period['drills'] ?? [] as $name) {
                    $given[$name][] = $one->held_on;
                }
            }
        }
        $effects = [];
        foreach (array_intersect_key($given, $this->drills) as $name => $days) {
            $effect = $this->effect($this->drills[$name], $days[0], count($days));
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

    private function effect(Drill $drill, string $since, int $times): DrillEffect
    {
        $first = Graded::day($since);
        $of = fn (int $from, int $to): Interval => $this->share($drill, $from, $to);

        return new DrillEffect(
            $drill->name,
            $since,
            $times,
            $of($first - self::BEFORE * $this->window, $first),
            $of($first, Graded::day($this->practice->held_on)),
        );
    }

    /** Share of the group's graded snaps in games with what the drill cures, from one day up to another. */
    private function share(Drill $drill, int $from, int $to): Interval
    {
        $rows = array_filter($this->rows, fn (array $row): bool => $row['kind'] === 'game'
            && $row['group'] === $drill->group
            && $row['day'] >= $from
            && $row['day'] < $to);
        $has = fn (array $row): bool => array_intersect($row['faults'], $drill->faults) !== [];
        $with = array_filter($rows, $has);

        return Interval::of(count($with), count($rows));
    }

    /** @return list<ProposedDrill> by what was seen in the window up to the latest film before this practice */
    private function due(): array
    {
        $before = Graded::day($this->practice->held_on);
        $days = array_filter(array_column($this->rows, 'day'), fn (int $day): bool => $day < $before);
        $last = $days === [] ? 0 : max($days);
        $times = [];
        foreach ($this->rows as $row) {
            if ($row['day'] <= $last && $row['day'] > $last - $this->window) {
                foreach ($row['faults'] as $fault) {
                    $times[$row['group']][$fault] = ($times[$row['group']][$fault] ?? 0) + 1;
                }
            }
        }
        $seen = [];
        foreach ($times as $group => $faults) {
            foreach ($faults as $fault => $n) {
                $seen[] = new FaultSeen($fault, $group, $n);
            }
        }

        return DrillPlan::proposed($seen, $this->drills);
    }
}
