<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Defense\Aligning;

use Jacotaxis\Core\Defense\Jobs\Job;
use Jacotaxis\Core\Defense\Jobs\JobKind;
use Jacotaxis\Core\Field\RuleSet;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Offense\Lineup;

/** Where the men behind the front stand against a lineup, and where their landmarks lie. Yards in the play frame. */
final class Spots
{
    /** How far inside the receiver he matches a safety stands at most, yards. */
    private const MATCH_INSIDE_YD = 3.0;

    /** Share of the way from the ball to the middle of the field at which a middle man plays. */
    private const TO_MIDDLE = 0.75;

    /**
     * On a tight receiver a man stands this far outside the surface, a corner wider and a force player nearer (yards).
     */
    private const TIGHT_OUT_YD = ['corner' => 3.2, 'inside' => 0.9];

    /** Deepest an inside man plays on the edge of a tight surface, yards. */
    private const TIGHT_DEEP_YD = 4.0;

    /** No landmark of a corner is narrower than this, yards. */
    private const CORNER_LANDMARK_YD = 11.0;

    /** How far inside a tight end his backer stands, yards. */
    private const INSIDE_YD = 1.0;

    /** Where a man with nobody to line up over stands outside the surface, yards. */
    private const ALONE_YD = 2.5;

    public function __construct(private readonly Lineup $lineup)
    {
    }

    /** The same job with its width as a signed landmark, opened or closed with the room on that side. */
    public function landed(Job $job, Side $side, bool $corner): Job
    {
        if ($job->kind === JobKind::Rush || $job->kind === JobKind::Man) {
            return $job;
        }
        $frame = $this->lineup->frame;
        $room = abs($frame->sidelineX($side)) / (RuleSet::WIDTH_YD / 2.0);
        $x = $side->sign() * $job->wideYd * max(0.6, min(1.2, $room));
        if ($job->wideYd < 1.0) {
            $x = self::TO_MIDDLE * $frame->middleX() + $side->sign() * $job->wideYd;
        }
        $first = $this->lineup->count->letter($side, 1);
        if ($corner && $first !== null) {
            $x =
                $side->sign() *
                max(self::CORNER_LANDMARK_YD * min(1.0, $room), abs($this->lineup->men[$first]->xYd) + $job->besideYd);
        }

        return $job->atWidth($x);
    }

    /**
     * Deep at the landmark, a matching safety inside his receiver when that is wider.
     *
     * @return array{float, float, null}
     */
    public function deep(Job $job, Side $side, float $offYd, float $insideYd): array
    {
        $letter =
            $job->match === null || $job->leverage !== 'inside'
                ? null
                : $this->lineup->count->letter($side, (int) $job->match[1]);
        $x = $job->wideYd + 0.15 * $this->lean($job);
        if ($letter !== null && $job->match === '#1') {
            $x = $side->sign() * min(abs($x), abs($this->lineup->men[$letter]->xYd) + 1.0);
        }
        if ($letter !== null && $job->match === '#2') {
            $x = $side->sign() * max(abs($job->wideYd), abs($this->lineup->men[$letter]->xYd) - self::MATCH_INSIDE_YD);
        }

        return [$x - $side->sign() * $insideYd, $offYd, null];
    }

    /**
     * Over a receiver; over one who is tight, on the edge outside him.
     *
     * @return array{float, float, string|null}
     */
    public function over(?string $letter, Side $side, float $offYd, float $insideYd, bool $corner): array
    {
        $surface = $this->lineup->surfaceXYd($side);
        if ($letter === null) {
            return [$side->sign() * max($surface + self::ALONE_YD, 5.5), min($offYd, 5.0), null];
        }
        $man = $this->lineup->men[$letter];
        $out = $man->xYd < 0.0 ? -1.0 : 1.0;
        $tight = abs($man->xYd) <= $surface + 1.5;
        if ($man->isBack()) {
            return [$man->xYd, max($offYd, 4.5), $letter];
        }
        if ($tight) {
            return [
                $out * ($surface + self::TIGHT_OUT_YD[$corner ? 'corner' : 'inside']),
                $corner ? min($offYd, 6.0) : min($offYd, self::TIGHT_DEEP_YD),
                $letter,
            ];
        }

        return [$man->xYd - $out * $insideYd, max(0.9, $offYd + min(0.0, $man->yYd + 1.5)), $letter];
    }

    /**
     * Between the surface and the slot, nearer to him: the front's apex man who is part of the box.
     *
     * @return array{float, float, string|null}
     */
    public function half(?string $letter, Side $side, float $share, float $deepYd): array
    {
        $surface = $this->lineup->surfaceXYd($side);
        $slot = $letter === null ? $surface + self::ALONE_YD : abs($this->lineup->men[$letter]->xYd);
        if ($slot <= $surface + 1.5) {
            return [$side->sign() * ($surface + 0.6), $deepYd, $letter];
        }

        return [$side->sign() * ($surface + $share * ($slot - $surface)), $deepYd, $letter];
    }

    /**
     * A backer inside the tight end or wing he has.
     *
     * @return array{float, float, string}
     */
    public function inside(string $letter, float $deepYd): array
    {
        $x = $this->lineup->men[$letter]->xYd;

        return [$x - ($x <=> 0.0) * self::INSIDE_YD, $deepYd, $letter];
    }

    /**
     * Three yards outside the surface and three deep, half way to a wide slot.
     *
     * @return array{float, float, null}
     */
    public function overhang(Side $side): array
    {
        $surface = $this->lineup->surfaceXYd($side);
        $second = $this->lineup->count->letter($side, 2);
        $slot = $second === null ? 0.0 : abs($this->lineup->men[$second]->xYd);

        return [$side->sign() * max($surface + 3.0, ($surface + $slot) / 2.0), 3.0, null];
    }

    /**
     * A box man walks out half way when a third receiver is displaced to his side and nobody else is there for him.
     *
     * @return array{float, float, string|null} width and depth in yards, and the letter he stands over
     */
    public function box(Side $side, float $xYd, float $deepYd): array
    {
        $middle = $this->lineup->line()[2]->xYd;
        $third = $this->lineup->count->letter($side, 3);
        $surface = $this->lineup->surfaceXYd($side);
        $x = $middle + $side->sign() * $xYd;
        if ($third !== null && abs($this->lineup->men[$third]->xYd) > $surface + 2.0) {
            $x =
                $side->sign() *
                max($side->sign() * $x, min(4.4, ($surface + abs($this->lineup->men[$third]->xYd)) / 2.0));
        }
        if ($this->lineup->count->backs === [] && $side !== $this->lineup->strong) {
            $second = $this->lineup->count->letter($side, 2);
            $x =
                $second === null || abs($this->lineup->men[$second]->xYd) < $surface + 2.0
                    ? $x
                    : ($side->sign() * ($surface + abs($this->lineup->men[$second]->xYd))) / 2.0;
        }

        return [$x, $deepYd, null];
    }

    /** A middle man leans a little toward the side with more receivers. */
    private function lean(Job $job): float
    {
        return abs($job->wideYd) < 6.0
            ? (float) (count($this->lineup->count->right) - count($this->lineup->count->left)) * 4.0
            : 0.0;
    }
}
