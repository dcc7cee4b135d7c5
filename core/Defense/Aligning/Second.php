<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Defense\Aligning;

use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Defense\Fronts;
use Jacotaxis\Core\Defense\Jobs\Job;
use Jacotaxis\Core\Defense\Jobs\JobKind;
use Jacotaxis\Core\Defense\Jobs\Technique;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Defense\Shells;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Offense\Lineup;

/** The seven or eight men behind the line: who takes whom, who rushes besides, where each stands. */
final class Second
{
    private const SAFETIES = ['SS' => ['$', 'strong safety'], 'FS' => ['F', 'free safety']];

    /** Men of a front who are defensive backs. */
    private const BACKS = ['nickel', 'dime', 'rover'];

    /** Who joins a rush first when the look wants more men than the front sends. */
    private const BLITZERS = ['W', 'M', 'N', 'SS'];

    /** A receiver this far outside the surface pulls a man away from the box, yards. */
    private const DISPLACED_YD = 2.5;

    /** Share of the way to the slot of a Sam who plays over him, and of an end who only hips out. */
    private const SAM = 0.72;

    private const HIP = 0.5;

    /** How deep a man plays who covers for a blitzer in front of him, yards. */
    private const BEHIND_BLITZ_YD = 7.5;

    /** @var array<string, mixed> */
    private readonly array $body;

    private readonly Spots $spots;

    private readonly FrontPlacer $placer;

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
        $this->placer = new FrontPlacer($look, $front, $plan->front);
    }

    /** @return list<string> */
    public function notes(): array
    {
        return $this->notes;
    }

    /** @return list<Defender> */
    public function men(int $rushing): array
    {
        $slots = array_keys($this->plan->jobs);
        $rush = $this->rush = $this->blitzers($slots);
        $takes = $this->takes($slots, $rush);
        $exchanged = in_array('N', $rush, true) ? Shells::nickelSent($this->look->shell) : [];
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
            if ($change->movement?->kind->rushes() || $change->job === 'rush') {
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

    /** Whether the nickel or Sam who stands on this receiver is on his way to the quarterback. */
    private function overBlitzer(string $letter): bool
    {
        return in_array('N', $this->rush, true) && $this->behind->count->letter($this->plan->sides['N'], 2) === $letter;
    }

    /** Whether he is an end of the front, who covers only when nobody else can. */
    private function staysDown(string $slot): bool
    {
        $place = $this->body[$slot][$slot === 'SS' ? 2 : 3] ?? null;

        return $place !== null && $place[0] === 'edge' && ! $place[4];
    }

    /** Where a man would stand who did not know yet whom he takes. */
    private function naturalX(string $slot): float
    {
        $side = $this->plan->sides[$slot];
        $letter =
            $slot === 'CS' || $slot === 'CW'
                ? $this->before->count->letter($side, 1)
                : $this->before->count->letter($side, 2);
        $place = $this->body[$slot][$slot === 'SS' ? 2 : 3] ?? null;

        return match (true) {
            $slot === 'FS' => 0.1 * $this->plan->strong->sign(),
            $slot === 'M' || $slot === 'W' => $side->sign() * ($place[0] === 'box' ? $place[1] : 3.5),
            $place !== null && $place[0] === 'edge' && ! $place[4] => $side->sign() *
                ($this->before->surfaceXYd($side) + 1.0),
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
        [$x, $y, $over] = $this->spot($slot, $landed, $takes, $side, $corner, $role);

        $place = $this->body[$slot][$slot === 'SS' ? 2 : 3] ?? null;
        $edge = $place !== null && $place[0] === 'edge' && $y === $place[3] ? $place[1] : null;

        return new Defender(
            $letter,
            $role,
            $x,
            $y,
            $x < 0.0 ? Side::Left : Side::Right,
            $landed,
            $this->group($slot),
            $over,
            $edge,
            $slot,
            $takes,
        );
    }

    /** @return array{float, float, string|null} */
    private function spot(string $slot, Job $job, ?string $takes, Side $side, bool $corner, string $role): array
    {
        [$align, $off, $inside, $shown] = $this->plan->spots[$slot];
        $letter = $takes ?? ($align[0] === '#' ? $this->behind->count->letter($side, (int) $align[1]) : null);
        $place = $this->body[$slot][$slot === 'SS' ? 2 : 3] ?? null;
        if ($align === 'deep') {
            // A safety who shows deep stays deep, whomever he takes after the snap.
            return $takes !== null && $shown->kind !== JobKind::Deep
                ? $this->spots->over($takes, $side, $off, 1.0, false)
                : $this->spots->deep($shown->atWidth($this->deepX($shown, $side)), $side, $off, $inside);
        }
        if ($place === null) {
            return $this->spots->over(
                $letter,
                $takes === null ? $side : $this->behind->men[$takes]->side(),
                $off,
                $inside,
                $corner,
            );
        }
        $displaced =
            $letter !== null &&
            abs($this->behind->men[$letter]->xYd) >
                $this->behind->surfaceXYd($this->behind->men[$letter]->side()) + self::DISPLACED_YD &&
            ! $this->behind->men[$letter]->isBack();

        return match ($place[0]) {
            'box' => match (true) {
                $takes !== null && $displaced => $this->walksOut(
                    $role,
                    $this->spots->over(
                        $takes,
                        $side,
                        $this->overBlitzer($takes) ? self::BEHIND_BLITZ_YD : 4.5,
                        1.5,
                        false,
                    ),
                ),
                $takes !== null && ! $this->behind->men[$takes]->isBack() => $this->spots->inside(
                    $takes,
                    $off ?? $place[2],
                ),
                default => $this->spots->box($side, $place[1], $off ?? $place[2]),
            },
            'edge' => $this->edge($place, $job, $letter, $displaced, $side, $off, $inside, $role),
            'overhang' => $takes !== null && $displaced
                ? $this->spots->over($takes, $side, $off, $inside, false)
                : $this->spots->overhang($side),
            // A backer gives a slot a yard more than a fifth back would.
            'over' => $takes !== null && $displaced
                ? $this->spots->over($takes, $side, $off + 1.0, $inside, false)
                : $this->spots->half(
                    $letter,
                    $takes === null ? $side : $this->behind->men[$takes]->side(),
                    self::SAM,
                    4.0,
                ),
            default => $this->spots->over($letter, $side, $off, $inside, false),
        };
    }

    /**
     * An edge man stays on his technique; one who may walk goes out on a slot, the others only hip out when they have
     * him alone.
     *
     * @param  array<int, mixed>  $place
     * @return array{float, float, string|null}
     */
    private function edge(
        array $place,
        Job $job,
        ?string $letter,
        bool $displaced,
        Side $side,
        ?float $off,
        float $inside,
        string $role,
    ): array {
        if ($displaced && $job->kind !== JobKind::Rush && $place[4]) {
            return $this->walksOut($role, $this->spots->over($letter, $side, $off ?? 5.0, $inside, false));
        }
        if ($displaced && $job->kind === JobKind::Man) {
            return $this->walksOut(
                $role,
                $this->spots->half($letter, $this->behind->men[$letter]->side(), self::HIP, 3.0),
            );
        }

        if (
            $job->kind === JobKind::Man &&
            $letter !== null &&
            ! $this->behind->men[$letter]->isBack() &&
            $this->behind->men[$letter]->side() !== $side
        ) {
            return $this->spots->inside($letter, 3.0);
        }

        return [$this->placer->x($place[1], $side) + $side->sign() * $place[2], $place[3],
            Technique::covers($place[1], $side, $this->behind, $this->look->slides)];
    }

    /**
     * @param  array{float, float, string|null}  $spot
     * @return array{float, float, string|null}
     */
    private function walksOut(string $role, array $spot): array
    {
        $this->notes[] = ucfirst($role).' walks out'.($spot[2] === null ? '' : " on {$spot[2]}");

        return $spot;
    }

    private function deepX(Job $shown, Side $side): float
    {
        return $this->spots->landed(
            $shown->kind === JobKind::Man ? Job::deep($shown->wideYd, 0.0, '') : $shown,
            $side,
            false,
        )->wideYd;
    }

    /** @return array{string, string} letter and role */
    private function name(string $slot): array
    {
        $side = $this->plan->sides[$slot];
        if ($slot === 'CS' || $slot === 'CW') {
            return ['C', "{$side->value} corner"];
        }
        $known = $this->body[$slot] ?? self::SAFETIES[$slot];

        return [$known[0], FrontPlacer::role($known[1], $side)];
    }

    private function group(string $slot): string
    {
        if ($slot === 'CS' || $slot === 'CW') {
            return 'corner';
        }
        $place = $this->body[$slot][$slot === 'SS' ? 2 : 3] ?? null;

        return match (true) {
            $place === null => 'safety',
            $place[0] === 'edge' => 'edge',
            in_array($this->body[$slot][1], self::BACKS, true) => 'safety',
            default => 'backer',
        };
    }
}
