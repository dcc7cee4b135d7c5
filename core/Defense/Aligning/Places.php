<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Defense\Aligning;

use Jacotaxis\Core\Defense\Front\Front;
use Jacotaxis\Core\Defense\Front\Place;
use Jacotaxis\Core\Defense\Front\PlaceKind;
use Jacotaxis\Core\Defense\Fronts;
use Jacotaxis\Core\Defense\Jobs\Job;
use Jacotaxis\Core\Defense\Jobs\JobKind;
use Jacotaxis\Core\Defense\Jobs\Technique;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Defense\Shell\Align;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Offense\Lineup;

/** Where each man behind the line stands before the snap, once it is known what he does and whom he takes. */
final class Places
{
    /** A receiver this far outside the surface pulls a man away from the box, yards. */
    private const DISPLACED_YD = 2.5;

    /** Where the shell leaves his depth to the front, a man over a receiver stands so deep, yards. */
    private const OFF_YD = 5.0;

    /** Share of the way to the slot of a Sam who plays over him, and of an end who only hips out. */
    private const SAM = 0.72;

    private const HIP = 0.5;

    /** How deep a man plays who covers for a blitzer in front of him, yards. */
    private const BEHIND_BLITZ_YD = 7.5;

    private readonly Front $body;

    private readonly Spots $spots;

    /** @var list<string> */
    private array $notes = [];

    public function __construct(
        private readonly Plan $plan,
        private readonly Look $look,
        private readonly FrontPlacer $placer,
        private readonly Lineup $behind,
    ) {
        $this->body = Fronts::get($look->front);
        $this->spots = new Spots($behind);
    }

    /** @return list<string> who walked out */
    public function notes(): array
    {
        return $this->notes;
    }

    /**
     * Where the man of a slot stands, and on whom.
     *
     * @param  Job  $job  with its landmark on the field
     * @param  string|null  $takes  the receiver he has man to man
     * @param  bool  $overhangRushes  whether somebody must cover for him
     * @return array{float, float, string|null} yards across, yards deep, letter
     */
    public function of(string $slot, Job $job, ?string $takes, string $role, bool $overhangRushes): array
    {
        $side = $this->plan->sides[$slot];
        $corner = $slot === 'CS' || $slot === 'CW';
        $spot = $this->plan->spots[$slot];
        [$own, $inside, $shown] = [$spot->offYd, $spot->insideYd, $spot->job];
        $off = $own ?? self::OFF_YD;
        $letter = $takes ?? (
            $spot->align === Align::Receiver ? $this->behind->count->letter($side, $spot->receiver) : null
        );
        $place = $this->body->man($slot)?->place;
        if ($spot->align === Align::Deep) {
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

        return match ($place->kind) {
            PlaceKind::Box => match (true) {
                $takes !== null && $displaced => $this->walksOut(
                    $role,
                    $this->spots->over(
                        $takes,
                        $side,
                        $overhangRushes && $this->isOnOverhangsMan($takes) ? self::BEHIND_BLITZ_YD : 4.5,
                        1.5,
                        false,
                    ),
                ),
                $takes !== null && ! $this->behind->men[$takes]->isBack() => $this->spots->inside(
                    $takes,
                    $own ?? $place->depthYd,
                ),
                default => $this->spots->box($side, $place->wideYd, $own ?? $place->depthYd),
            },
            PlaceKind::Edge => $this->edge($place, $job, $letter, $displaced, $side, $off, $inside, $role),
            PlaceKind::Overhang => $takes !== null && $displaced
                ? $this->spots->over($takes, $side, $off, $inside, false)
                : $this->spots->overhang($side),
            // A backer gives a slot a yard more than a fifth back would.
            PlaceKind::Between => $takes !== null && $displaced
                ? $this->spots->over($takes, $side, $off + 1.0, $inside, false)
                : $this->spots->half(
                    $letter,
                    $takes === null ? $side : $this->behind->men[$takes]->side(),
                    self::SAM,
                    4.0,
                ),
            PlaceKind::Apex => $this->spots->over($letter, $side, $off, $inside, false),
        };
    }

    /**
     * An edge man stays on his technique; one who may walk goes out on a slot, the others only hip out when they have
     * him alone.
     *
     * @return array{float, float, string|null}
     */
    private function edge(
        Place $place,
        Job $job,
        ?string $letter,
        bool $displaced,
        Side $side,
        ?float $off,
        float $inside,
        string $role,
    ): array {
        if ($displaced && $job->kind !== JobKind::Rush && $place->walks) {
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

        $technique = (string) $place->technique;

        return [$this->placer->x($technique, $side) + $side->sign() * $place->wideYd, $place->depthYd,
            Technique::covers($technique, $side, $this->behind, $this->look->slides)];
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

    /** Whether this is the receiver whom the nickel or Sam stands on. */
    private function isOnOverhangsMan(string $letter): bool
    {
        return $this->behind->count->letter($this->plan->sides['N'], 2) === $letter;
    }
}
