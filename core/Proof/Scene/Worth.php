<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Scene;

/**
 * What a play is worth, passes and runs on one scale: the chance that it is a success by down and distance, and the
 * yards it may be expected to bring.
 *
 * Completion is accuracy by distance times a logistic of the margin (standard deviation of arrival 0.45 s, Spearman
 * 2018, from memory). The spread of what is gained after first contact, of blocks that are won or lost, and of
 * interceptions are start values from memory.
 */
final readonly class Worth
{
    /** Yards a man falls forward when he is met, and the spread of what he gains around that. */
    public const FALLS_YD = 1.2;

    private const SPREAD_YD = 1.6;

    /** How much of the way he runs after the catch is uncertain besides: the first man misses, or gets there sooner. */
    private const RUN_SPREAD = 0.6;

    /** No run is given more than this for being through: somebody always catches up, yards. */
    private const MOST_RUN_YD = 15.0;

    /**
     * Share of throws off target or broken up that are caught by the defense when it is there first, and what one
     * costs, yards.
     */
    private const PICKED = 0.12;

    private const PICK_COSTS_YD = 45.0;

    /** Share of balls on target that are not hurried, batted or dropped. */
    private const HELD_ON = 0.85;

    /** Scale of the chance that the ball is there before the man, seconds. */
    private const MARGIN_S = 0.25;

    /** What is lost when the ball has to be thrown away, yards: sacks among them. */
    private const WASTED_YD = -1.5;

    public function __construct(public float $chance, public float $yards)
    {
    }

    /** A throw over $distanceYd that brings $gainYd to first contact, $runYd of them run after the catch. */
    public static function ofThrow(
        float $distanceYd,
        float $marginS,
        float $gainYd,
        float $needYd,
        float $runYd = 0.0,
    ): self {
        $first = self::logistic($marginS / self::MARGIN_S);
        $completion = self::accuracy($distanceYd) * $first;
        $spread = self::SPREAD_YD + self::RUN_SPREAD * max(0.0, $runYd);
        $chance = $completion * self::logistic(($gainYd + self::FALLS_YD - $needYd) / $spread);
        $picked = self::PICKED * (1.0 - $first);

        return new self($chance, $completion * ($gainYd + self::FALLS_YD) - $picked * self::PICK_COSTS_YD);
    }

    /**
     * A run that is met first after $gainYd when every block holds; the first man who gets off his block ends it where
     * he meets the carrier.
     *
     * @param  list<NeededBlock>  $blocks
     */
    public static function ofRun(float $gainYd, float $needYd, array $blocks): self
    {
        usort($blocks, fn (NeededBlock $a, NeededBlock $b): int => $a->metYd <=> $b->metYd);
        $ends = min(self::MOST_RUN_YD, $gainYd);
        $all = 1.0;
        $chance = $yards = 0.0;
        foreach ($blocks as $block) {
            $lost = $all * (1.0 - $block->holds);
            $gain = min($ends, $block->metYd) + self::FALLS_YD;
            $chance += $lost * self::logistic(($gain - $needYd) / self::SPREAD_YD);
            $yards += $lost * $gain;
            $all *= $block->holds;
        }
        $gain = $ends + self::FALLS_YD;

        return new self(
            $chance + $all * self::logistic(($gain - $needYd) / self::SPREAD_YD),
            $yards + $all * $gain,
        );
    }

    /** The same when the ball has to be caught first, over a distance in yards: without a catch nothing is gained. */
    public function caughtOver(float $distanceYd): self
    {
        $caught = self::accuracy($distanceYd);

        return new self($caught * $this->chance, $caught * $this->yards);
    }

    /**
     * The same when the ball leaves this long before the rush is there, seconds: a pocket ends sooner or later than it
     * is expected to, with the spread of an arrival, and what is not thrown in time is wasted.
     */
    public function beforeTheRush(float $spareS): self
    {
        $stands = self::logistic($spareS / self::MARGIN_S);

        return new self($stands * $this->chance, $stands * $this->yards + (1.0 - $stands) * self::WASTED_YD);
    }

    /** This in a share of the cases, another in the rest. */
    public function orElse(self $other, float $share): self
    {
        return new self(
            $share * $this->chance + (1.0 - $share) * $other->chance,
            $share * $this->yards + (1.0 - $share) * $other->yards,
        );
    }

    /** A ball that is thrown away. */
    public static function none(): self
    {
        return new self(0.0, self::WASTED_YD);
    }

    /** The same with nothing gained past the goal line, which is $yards off. */
    public function within(float $yards): self
    {
        return new self($this->chance, min($yards, $this->yards));
    }

    /** Share of throws on target and held by distance, before any defender counts (product default). */
    public static function accuracy(float $distanceYd): float
    {
        return self::HELD_ON * max(0.2, 0.97 - 0.008 * $distanceYd);
    }

    /** Chance of a completion. */
    public static function completion(float $distanceYd, float $marginS): float
    {
        return self::accuracy($distanceYd) * self::logistic($marginS / self::MARGIN_S);
    }

    /** @return array{chance: float, yards: float} rounded as it is told */
    public function toArray(): array
    {
        return ['chance' => round($this->chance, 3), 'yards' => round($this->yards, 1)];
    }

    private static function logistic(float $x): float
    {
        return 1.0 / (1.0 + exp(-$x));
    }
}
