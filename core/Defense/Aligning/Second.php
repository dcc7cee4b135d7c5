<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Defense\Aligning;

use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Defense\Front\Front;
use Jacotaxis\Core\Defense\Front\PlaceKind;
use Jacotaxis\Core\Defense\Fronts;
use Jacotaxis\Core\Defense\Jobs\Job;
use Jacotaxis\Core\Defense\Jobs\JobKind;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Defense\Shells;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Kinematics\Group;
use Jacotaxis\Core\Offense\Lineup;

/** The seven or eight men behind the line: who takes whom, who rushes besides, where each stands. */
final class Second
{
    private const SAFETIES = ['SS' => ['$', 'strong safety'], 'FS' => ['F', 'free safety']];

    /** Who joins a rush first when the look wants more men than the front sends. */
    private const BLITZERS = ['W', 'M', 'N', 'SS'];

    private readonly Front $body;

    private readonly Spots $spots;

    private readonly Places $places;

    /** @var list<string> */
    private array $notes = [];

    /** @var list<string> slots sent by the look */
    private array $rush = [];

    public function __construct(
        private readonly Plan $plan,
        private readonly Look $look,
        Lineup $front,
        private readonly Lineup $behind,
        private readonly Lineup $before,
    ) {
        $this->body = Fronts::get($look->front);
        $this->spots = new Spots($behind);
        $this->places = new Places($plan, $look, new FrontPlacer($look, $front, $plan->front), $behind);
    }

    /** @return list<string> */
    public function notes(): array
    {
        return [...$this->notes, ...$this->places->notes()];
    }

    /** @return list<Defender> */
    public function men(int $rushing): array
    {
        $slots = array_keys($this->plan->jobs);
        $rush = $this->rush = $this->blitzers($slots);
        $takes = $this->takes($slots, $rush);
        $exchanged = in_array('N', $rush, true) ? Shells::get($this->look->shell)->overhangSent : [];
        if ($exchanged !== []) {
            $this->notes[] = 'The nickel rushes: the safety drops down for him, three deep';
        }
        $jobs = [];
        foreach ($slots as $slot) {
            $job = $exchanged[$slot] ?? $this->plan->jobs[$slot];
            $jobs[$slot] = match (true) {
                in_array($slot, $rush, true) => Job::rush('Blitz'),
                $job->kind === JobKind::Man && ! isset($takes[$slot]) => $this->plan->spare,
                $job->kind === JobKind::Man => $job->saying(
                    "Man on {$takes[$slot]}, ".($job->trails ? 'trails inside' : 'inside leverage'),
                ),
                default => $job,
            };
        }
        $sent = $rushing + count(array_filter($jobs, fn (Job $j): bool => $j->kind === JobKind::Rush));
        foreach ($this->more($jobs, $takes) as $slot) {
            if ($this->look->rushers !== null && $sent < $this->look->rushers) {
                $jobs[$slot] = Job::rush('Blitz');
                unset($takes[$slot]);
                $sent++;
            }
        }

        return array_map(fn (string $slot): Defender => $this->man($slot, $jobs[$slot], $takes[$slot] ?? null), $slots);
    }

    /**
     * Slots the look sends by edge pressure or by hand.
     *
     * @param  list<string>  $slots
     * @return list<string>
     */
    private function blitzers(array $slots): array
    {
        $rush = [];
        foreach ($this->look->edges as $word) {
            $side = Look::side($word, $this->plan->strong, $this->behind->hash->fieldSide());
            $rush[] = match (true) {
                $this->plan->sides['N'] === $side => 'N',
                $this->plan->jobs['SS']->kind !== JobKind::Deep && $this->plan->jobSides['SS'] === $side => 'SS',
                $this->plan->sides['W'] === $side => 'W',
                default => 'M',
            };
        }
        foreach ($this->look->changes as $who => $change) {
            if ($change->movement?->kind->rushes() === true || $change->job === 'rush') {
                foreach ($slots as $slot) {
                    [$letter, $role] = $this->name($slot);
                    if ($who === $role || strcasecmp($who, $letter) === 0) {
                        $rush[] = $slot;
                    }
                }
            }
        }

        return $rush;
    }

    /**
     * Who is free to rush besides, the spare men first.
     *
     * @param  array<string, Job>  $jobs
     * @param  array<string, string>  $takes
     * @return list<string>
     */
    private function more(array $jobs, array $takes): array
    {
        $free = array_filter(
            self::BLITZERS,
            fn (string $s): bool => isset($jobs[$s]) &&
                $jobs[$s]->kind === JobKind::Under &&
                $this->plan->jobs[$s]->kind === JobKind::Man,
        );
        $rest = array_filter(
            self::BLITZERS,
            fn (string $s): bool => isset($jobs[$s]) &&
                $jobs[$s]->kind !== JobKind::Rush &&
                $jobs[$s]->kind !== JobKind::Deep,
        );

        return array_values(array_unique([...$free, ...$rest]));
    }

    /**
     * @param  list<string>  $slots
     * @param  list<string>  $rush
     * @return array<string, string> letter by slot
     */
    private function takes(array $slots, array $rush): array
    {
        $men = [];
        foreach (array_diff($slots, $rush) as $slot) {
            if ($this->plan->jobs[$slot]->kind === JobKind::Man) {
                $men[$slot] = ['x' => $this->naturalX($slot), 'group' => $this->group($slot), 'spare' => $slot === 'M',
                    'down' => $this->staysDown($slot)];
            }
        }

        return ManMatch::of($men, $this->before);
    }

    /** Whether he is an end of the front, who covers only when nobody else can. */
    private function staysDown(string $slot): bool
    {
        return $this->body->man($slot)?->place->staysDown() ?? false;
    }

    /** Where a man would stand who did not know yet whom he takes. */
    private function naturalX(string $slot): float
    {
        $side = $this->plan->sides[$slot];
        $letter =
            $slot === 'CS' || $slot === 'CW'
                ? $this->before->count->letter($side, 1)
                : $this->before->count->letter($side, 2);
        $place = $this->body->man($slot)?->place;

        return match (true) {
            $slot === 'FS' => 0.1 * $this->plan->strong->sign(),
            $slot === 'M' || $slot === 'W' => $side->sign() *
                ($place?->is(PlaceKind::Box) === true ? $place->wideYd : 3.5),
            $place?->staysDown() === true => $side->sign() * ($this->before->surfaceXYd($side) + 1.0),
            $letter !== null => $this->before->men[$letter]->xYd,
            $slot === 'CS' || $slot === 'CW' => $side->sign() * 8.0,
            default => $side->sign() * 5.5,
        };
    }

    private function man(string $slot, Job $job, ?string $takes): Defender
    {
        [$letter, $role] = $this->name($slot);
        $side = $this->plan->sides[$slot];
        $corner = $slot === 'CS' || $slot === 'CW';
        $landed = $this->spots->landed($job, $this->plan->jobSides[$slot], $corner);
        [$x, $y, $over] = $this->places->of($slot, $landed, $takes, $role, in_array('N', $this->rush, true));

        $place = $this->body->man($slot)?->place;
        $edge = $place?->is(PlaceKind::Edge) === true && $y === $place->depthYd ? $place->technique : null;

        return new Defender(
            letter: $letter,
            role: $role,
            xYd: $x,
            yYd: $y,
            side: $x < 0.0 ? Side::Left : Side::Right,
            job: $landed,
            group: $this->group($slot),
            over: $over,
            technique: $edge,
            slot: $slot,
            takes: $takes,
        );
    }

    /** @return array{string, string} letter and role */
    private function name(string $slot): array
    {
        $side = $this->plan->sides[$slot];
        if ($slot === 'CS' || $slot === 'CW') {
            return ['C', "{$side->value} corner"];
        }
        $man = $this->body->man($slot);

        return $man === null ? self::SAFETIES[$slot] : [$man->letter, FrontPlacer::role($man->name, $side)];
    }

    private function group(string $slot): Group
    {
        if ($slot === 'CS' || $slot === 'CW') {
            return Group::Corner;
        }

        return $this->body->man($slot)?->group() ?? Group::Safety;
    }
}
