<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Play\Behaviour;

use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Kinematics\SprintLaw;
use Jacotaxis\Core\Proof\Play\SeenRoute;
use Jacotaxis\Core\Proof\Play\Sight;

/**
 * A deep zone: on top of whatever runs vertically in his lane, between two of them when there are two.
 *
 * His lane ends at the midline to the next deep man. Where the shell gives him a receiver to match, he plays that man
 * while the stem is vertical and stays with him past the match depth; a short break sends him back to his zone.
 */
final class Deep extends Mover
{
    /** Yards over which a threat fades at the edge of a lane. */
    private const EDGE_YD = 2.0;

    /** A receiver who moves sideways faster than this leaves short, yards a second. */
    private const SHORT_YD_S = 3.0;

    /** How far inside the outside receiver he robs, yards. */
    private const ROB_INSIDE_YD = 4.0;

    /** With nobody inside on his side he helps on the outside man from this depth of that man on, yards. */
    private const ALONE_YD = 5.0;

    /** How far ahead of a runner he overlaps, seconds. */
    private const AHEAD = 0.7;

    /** A release counts as vertical for him from this depth on, yards (settled by the truths). */
    private const COUNTS_YD = 4.0;

    /**
     * The middle man stays this far over any vertical within this width of him, yards, and takes one who comes his way
     * this much before he is there, seconds.
     */
    private const MIDDLE_OVER_YD = 4.0;

    private const CAPS_YD = 19.0;

    private const COMING_S = 1.5;

    /** How far he leans from the middle toward where the verticals are, yards. */
    private const LEANS_YD = 4.0;

    /** Whether he has the middle of the field to himself. */
    private readonly bool $middle;

    private ?self $left = null;

    private ?self $right = null;

    private ?OverTop $man = null;

    private readonly ?SeenRoute $mine;

    /** The outside receiver he robs when his own does not come deep. */
    private readonly ?SeenRoute $robbed;

    /** The third receiver of the other side, whom a safety takes who has nobody inside on his own. */
    private readonly ?SeenRoute $third;

    /** @var list<SeenRoute> the routes as seen from his leverage */
    private readonly array $views;

    private bool $matched = false;

    public function __construct(
        Defender $defender,
        SprintLaw $law,
        Sight $sight,
        ?int $match,
        ?int $robs = null,
        ?int $third = null,
    ) {
        parent::__construct($defender, $law, $sight);
        $this->views = array_map(
            fn (int $r): SeenRoute => $sight->by($r, $defender->job->leverage),
            array_keys($sight->quick),
        );
        $this->middle = $match === null && $defender->job->leverage === 'none';
        $this->mine = $match === null ? null : $sight->quick[$match];
        $this->third = $third === null ? null : $sight->quick[$third];
        $this->robbed = $robs === null ? null : $sight->by($robs, $defender->job->leverage);
        $this->man = $match === null ? null : new OverTop($defender, $law, $sight, $match);
    }

    public function start(): void
    {
        parent::start();
        $this->matched = false;
    }

    public function landmarkX(): float
    {
        return $this->defender->job->wideYd;
    }

    public function between(?self $left, ?self $right): void
    {
        $this->left = $left;
        $this->right = $right;
    }

    public function steer(int $i): void
    {
        if ($this->mine !== null && ! $this->matched) {
            $this->matched = $this->defender->job->takesOver($this->mine->y[$i], $this->mine->vy[$i]);
        }
        if (
            $this->robbed !== null &&
            ! $this->matched &&
            ($this->mine === null ? $this->alone($i) : $this->leavesShort($i))
        ) {
            $this->rob($this->robbed, $i);

            return;
        }
        if ($this->man !== null && ($this->matched || $this->man->unbroken($i))) {
            $this->man->x = $this->x;
            $this->man->y = $this->y;
            $this->man->vx = $this->vx;
            $this->man->vy = $this->vy;
            $this->man->steer($i);
            $this->wx = $this->man->wx;
            $this->wy = $this->man->wy;

            return;
        }
        $this->zone($i);
    }

    /** With nobody inside on his side he helps on the outside man, unless a third man comes up from the other side. */
    private function alone(int $i): bool
    {
        return $this->robbed !== null &&
            $this->robbed->y[$i] > self::ALONE_YD &&
            ($this->third === null || ! $this->third->runsUp($i));
    }

    /** His receiver is going out or across, not up. */
    private function leavesShort(int $i): bool
    {
        $mine = $this->mine;

        return $mine !== null &&
            abs($mine->vx[$i]) > self::SHORT_YD_S &&
            abs($mine->vx[$i]) > $mine->vy[$i] &&
            $mine->y[$i] < $this->defender->job->matchYd;
    }

    /** Inside and over the outside receiver: two on one with the corner. */
    private function rob(SeenRoute $seen, int $i): void
    {
        $out = $this->defender->job->wideYd < $this->sight->scene->frame->middleX() ? -1.0 : 1.0;
        $this->wx = $seen->vx[$i] * 0.5 + ($seen->x[$i] - $out * self::ROB_INSIDE_YD - $this->x) * 0.5 * self::CLOSE;
        $this->wy = $this->onTop($seen->y[$i], $seen->vy[$i], $this->sight->scene->setting->overYd);
        $this->limit();
    }

    private function zone(int $i): void
    {
        $frame = $this->sight->scene->frame;
        $from = $this->left === null ? $frame->sidelineX(Side::Left) - 5.0 : ($this->x + $this->left->x) / 2.0;
        $to = $this->right === null ? $frame->sidelineX(Side::Right) + 5.0 : ($this->x + $this->right->x) / 2.0;
        $sum = $mean = $verticals = $lean = 0.0;
        $top = $topVy = $deepest = -99.0;
        foreach ($this->views as $seen) {
            $weight = $seen->y[$i] <= self::COUNTS_YD ? 0.0 : $this->threat($seen, $i, $from, $to);
            if ($weight > 0.02) {
                $sum += $weight;
                $mean += $weight * ($seen->x[$i] + $seen->vx[$i] * self::AHEAD);
            }
            if ($this->middle && $seen->runsUp($i) && $seen->y[$i] > self::COUNTS_YD) {
                $verticals++;
                $lean += $seen->x[$i] - $this->defender->job->wideYd;
            }
            $over =
                $this->middle && $seen->runsUp($i) && abs($seen->x[$i] - $this->x) < self::CAPS_YD
                    ? 1.0
                    : min(1.0, $weight * 4.0);
            if ($over > 0.08 && $deepest < $seen->y[$i] * $over) {
                $deepest = $seen->y[$i] * $over;
                $top = $seen->y[$i];
                $topVy = $seen->vy[$i];
            }
        }
        $job = $this->defender->job;
        $rest = max(0.0, 1.0 - $sum);
        $home = $job->wideYd + ($verticals > 0.0 ? max(-self::LEANS_YD, min(self::LEANS_YD, $lean / $verticals)) : 0.0);
        $x = ($mean + $rest * $home) / ($sum + $rest);
        $this->wx = max(-$this->vmax, min($this->vmax, ($x - $this->x) * self::CLOSE));
        $idle = max(-$this->drop, min($this->drop, (($job->deepYd - $this->y) * self::CLOSE) / 2.0));
        $busy =
            $deepest > -90.0
                ? $this->onTop(
                    $top,
                    $topVy,
                    $this->middle ? self::MIDDLE_OVER_YD : $this->sight->scene->setting->overYd,
                )
                : 0.0;
        $share = $this->middle && $deepest > -90.0 ? 1.0 : min(1.0, $sum);
        $this->wy = $share * max($busy, $idle * (1.0 - $share)) + (1.0 - $share) * $idle;
        $this->limit();
    }

    /** How much a receiver is this man's business, 0 to 1: vertical or already deep, and in the lane. */
    private function threat(SeenRoute $seen, int $i, float $from, float $to): float
    {
        $y = $seen->y[$i];
        $up =
            $seen->vy[$i] > 1.0
                ? max(0.0, min(1.0, ($y - self::COUNTS_YD) / 4.0))
                : max(0.0, min(1.0, ($y - 12.0) / 4.0));
        if ($up <= 0.0) {
            return 0.0;
        }
        $x = $seen->x[$i];
        if ($this->middle && $seen->vx[$i] * ($this->x - $x) > 0.0) {
            // Who runs toward the middle is his before he is there.
            $x += self::COMING_S * $seen->vx[$i];
        }
        $in = min($x - $from, $to - $x) / self::EDGE_YD + 0.5;

        return $up * max(0.0, min(1.0, $in));
    }
}
