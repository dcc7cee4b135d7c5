<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Play\Behaviour;

use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Defense\Jobs\Job;
use Jacotaxis\Core\Proof\Play\SeenRoute;
use Jacotaxis\Core\Proof\Play\Sight;

/** The part of the field that is an under man's in this play, whom he may have to play there, and what comes first. */
final readonly class UnderZone
{
    /** From this width on an under man is an outside man, yards. */
    public const OUTSIDE_YD = 9.0;

    /**
     * How far an under man looks for work from his landmark, yards (settled by the truths).
     */
    public const WORK_YD = 8.0;

    /** In front of this depth a route is short, yards. */
    public const SHORT_YD = 7.0;

    /** A release that runs sideways this fast tells at once where it goes, yards a second. */
    public const DECLARES_YD_S = 3.0;

    /**
     * On a late down with this far to go hook and curl men sink under the sticks (DEF-04), at most this much, yards.
     */
    private const LONG_YD = 7.0;

    private const SINKS_YD = 5.0;

    /** How much deeper a hook man goes under the middle route of a roll he sees at once, yards (product default). */
    private const UNDER_MIDDLE_YD = 4.0;

    /** An outside man the passer rolls to is no deeper than this, yards (product default). */
    private const ROLLED_TO_YD = 5.0;

    /**
     * @param  float  $wideYd  width of his landmark, yards from the ball, moved with a passer who rolls
     * @param  float  $deepYd  how deep he drops, yards
     * @param  bool  $short  whether he answers what is short first
     * @param  bool  $robs  whether others have the receivers man to man and he is free
     * @param  list<SeenRoute>  $threats  the routes he may have to play
     */
    private function __construct(
        public Job $job,
        public float $wideYd,
        public float $deepYd,
        public bool $short,
        public bool $robs,
        public array $threats,
    ) {
    }

    public static function of(Defender $defender, Sight $sight): self
    {
        $job = $defender->job;
        $faces = self::facesRoll($defender, $sight);
        $short = $job->first === 'short' || $faces;
        // With man coverage around him he is the free man underneath: crossers are his to cut, whoever has them.
        $robs = array_filter($sight->manned, fn (?int $d): bool => $d !== null) !== [];

        return new self(
            job: $job,
            wideYd: $job->wideYd + $sight->scene->rollsBy(),
            deepYd: self::depth($defender, $sight, $faces, $short),
            short: $short,
            robs: $robs,
            threats: $robs
                ? $sight->quick
                : array_values(
                    array_filter($sight->quick, fn (int $r): bool => $sight->manned[$r] === null, ARRAY_FILTER_USE_KEY),
                ),
        );
    }

    /**
     * The outside man a passer rolls to without a run action plays the flat first: nobody else has it before the
     * sideline.
     */
    private static function facesRoll(Defender $defender, Sight $sight): bool
    {
        $scene = $sight->scene;
        $toHim = $defender->job->wideYd * ($scene->rolls()?->sign() ?? 0) >= self::OUTSIDE_YD;

        return $toHim && $scene->call->fake === null;
    }

    /** How deep he drops: under the sticks on a late long down, under the middle route of a roll he sees at once. */
    private static function depth(Defender $defender, Sight $sight, bool $faces, bool $short): float
    {
        $job = $defender->job;
        $situation = $sight->scene->setting->situation;
        $sinks = $situation->down >= 3 && $situation->toGoYd >= self::LONG_YD && ! $short;
        $hook = ! $short && abs($job->wideYd) < self::OUTSIDE_YD;
        // Who has been held by a run has no time to sink under the middle route (DEF-04).
        $sees = $hook && $sight->scene->rolls() !== null && $sight->scene->hold($defender) <= 0.0;
        $lands = match (true) {
            $sinks => max($job->deepYd, min($situation->toGoYd - 0.5, $job->deepYd + self::SINKS_YD)),
            $faces => min($job->deepYd, self::ROLLED_TO_YD),
            default => $job->deepYd,
        };

        return $lands + ($sees ? self::UNDER_MIDDLE_YD : 0.0);
    }

    /** The way to his sideline: -1 left, 1 right. */
    public function out(): float
    {
        return $this->wideYd < 0.0 ? -1.0 : 1.0;
    }

    public function isOutside(): bool
    {
        return abs($this->wideYd) >= self::OUTSIDE_YD;
    }

    /** A deeper route that runs inward away from an outside man, who stands at $xYd, is the next man's. */
    public function passesOn(SeenRoute $seen, int $i, float $xYd): bool
    {
        $out = $this->out();

        return $this->isOutside() &&
            $seen->y[$i] >= self::SHORT_YD &&
            $seen->vx[$i] * $out < -1.0 &&
            $xYd * $out > $seen->x[$i] * $out;
    }

    /** Whether he runs across the field toward the man who robs, who stands at $xYd. */
    public function crosses(SeenRoute $seen, int $i, float $xYd): bool
    {
        return abs($seen->vx[$i]) >= self::DECLARES_YD_S && $seen->vx[$i] * ($xYd - $seen->x[$i]) >= 0.0;
    }
}
