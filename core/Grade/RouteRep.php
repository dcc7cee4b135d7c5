<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Grade;

use Jacotaxis\Core\School\Schools;

/**
 * What was seen of a receiver on one route, and the faults of the library that follow from it under the staff's
 * schools. What was not seen is null and makes no fault.
 */
final readonly class RouteRep
{
    /**
     * A gap to the defender at the top of a stop that leaves him space to drive on the ball, yards (product default).
     */
    private const GAP_YD = 1.0;

    /** Steps over the plan that school A still allows when they were sudden. */
    private const OVER = 2;

    /**
     * Depth beyond the plan that a break under a man who cuts in may gain, and that a man who settles may drift, yards
     * (product default).
     */
    private const DRIFT_YD = 1.0;

    /**
     * @param  string|null  $route  a route of the catalogue
     * @param  string|null  $breakFoot  inside or outside
     * @param  int|null  $quicks  steps of the release planned and done
     * @param  float|null  $gapYd  to the defender at the top
     * @param  float|null  $driftYd  depth gained after the break beyond the plan; negative when given back
     * @param  bool|null  $settles  whether the route stops after its break
     */
    public function __construct(
        public ?string $route = null,
        public ?string $breakFoot = null,
        public ?bool $gathers = null,
        public ?int $quicksPlanned = null,
        public ?int $quicks = null,
        public ?bool $reachesToes = null,
        public ?bool $sudden = null,
        public ?bool $pressed = null,
        public ?float $gapYd = null,
        public ?bool $undercut = null,
        public ?float $driftYd = null,
        public ?bool $settles = null,
    ) {
    }

    /** @return list<array{fault: string, label: string}> */
    public function faults(Schools $schools): array
    {
        return array_values(array_filter([
            $this->foot($schools) ? ['fault' => 'FLT-08', 'label' => 'wrong drop foot, gather'] : null,
            $this->extraSteps($schools) ? ['fault' => 'FLT-09', 'label' => 'extra steps at the top'] : null,
            $this->cleanWin($schools) ? ['fault' => 'FLT-14', 'label' => 'clean win on a stop'] : null,
            $this->settles === true && $this->driftYd !== null && abs($this->driftYd) > self::DRIFT_YD
                ? ['fault' => 'FLT-12', 'label' => 'drifts back on a hitch'] : null,
            $this->undercut === true && $this->driftYd !== null && $this->driftYd > self::DRIFT_YD
                ? ['fault' => 'FLT-18', 'label' => 'drifted upfield under a cutter'] : null,
        ]));
    }

    /** School A drops on the inside foot, school B snaps down on the outside one with a gather (SET-07). */
    private function foot(Schools $schools): bool
    {
        return $this->breakFoot !== null &&
            ($schools->is('SET-07', 'A')
                ? $this->breakFoot !== 'inside' || $this->gathers === true
                : $this->breakFoot !== 'outside');
    }

    /**
     * Up to two over the plan are none when ground was eaten, the toes were reached and the break was sudden (REL-13,
     * SET-10).
     */
    private function extraSteps(Schools $schools): bool
    {
        if ($this->quicksPlanned === null || $this->quicks === null || $this->quicks <= $this->quicksPlanned) {
            return false;
        }
        $earned = $this->reachesToes === true && $this->sudden === true;

        return ! ($schools->is('SET-10', 'A') && $earned && $this->quicks <= $this->quicksPlanned + self::OVER);
    }

    /** Beating a press man cleanly on a stop leaves him behind with space to drive on the ball (RTE-09, SET-09). */
    private function cleanWin(Schools $schools): bool
    {
        return $this->route === 'stop' &&
            $this->pressed === true &&
            $this->gapYd !== null &&
            $this->gapYd > self::GAP_YD &&
            $schools->is('SET-09', 'A');
    }
}
