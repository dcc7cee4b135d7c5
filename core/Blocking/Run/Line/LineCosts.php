<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Blocking\Run\Line;

use Jacotaxis\Core\Blocking\Run\Front\FrontRead;
use Jacotaxis\Core\Blocking\Run\Front\Posts;
use Jacotaxis\Core\Blocking\Run\RunKind;
use Jacotaxis\Core\Blocking\Run\RunScheme;
use Jacotaxis\Core\School\Schools;

/**
 * What it costs a man of the line to have a defender, and the play to leave one: time and leverage to his track, in
 * yards of reach. Places are yards playside of the ball; a defender's is after his movement on the line, before it
 * behind.
 *
 * The numbers are product defaults, settled by the jobs a line coach signs on every front; order and hand-over decide
 * most.
 */
final readonly class LineCosts
{
    /** Nothing to do costs a little: better than a man he need not have. */
    public const IDLE = 3.0;

    /** A covered man leaves his man although no neighbor has him. */
    public const HAND_OVER = 9.0;

    /** The neighbor is overtaken and takes the next man out. */
    public const SLIDE = 2.5;

    /** A climber and the down block beside him cross, for every yard. */
    public const TWO_LEVELS = 3.0;

    /** A man this far past a neighbor who stays is the neighbor's, yards. */
    public const PAST_YD = 0.15;

    private const LEFT_FIRST_BACKER = 18.0;

    private const LEFT_BACKER = [16.0, 1.6, 6.0];

    private const DOWN_WEIGHT = 1.5;

    private const BACKER_WEIGHT = 0.6;

    private const COVERED = 1.2;

    /** On the backside shoulder a man is passed on more easily; straight ahead nobody is favored. */
    private const COVERED_LOOSELY = 0.3;

    /** A man head-up or shaded this near covers, yards. */
    private const COVERS_YD = 0.62;

    private const FAR_BACKER_YD = 4.5;

    private const FAR_BACKER = 8.0;

    /** The last man away from the play is far enough off to be left from here, yards backside of the ball. */
    private const AWAY_YD = 2.0;

    private const HEAD_UP = ['0', '2', '4', '6'];

    /** Yards from guard to tackle: how far a lineman reaches grows with the splits. */
    private float $gapYd;

    public function __construct(
        private RunScheme $scheme,
        private Posts $posts,
        private FrontRead $front,
        private Schools $schools,
    ) {
        $guard = $posts->letter('playside guard');
        $tackle = $posts->letter('playside tackle');
        $this->gapYd = $guard === null || $tackle === null ? 1.17 : abs($posts->u($tackle) - $posts->u($guard));
    }

    /** How far sideways two neighbors have hands on the same man, yards. */
    public function touchYd(): float
    {
        return $this->gapYd + 0.6;
    }

    /** What a man on the line costs a blocker, null when he is out of his reach. */
    public function down(string $letter, string $role): ?float
    {
        $u = $this->posts->u($letter);
        $to = $this->front->movedU($role);
        if (abs($to - $u) > $this->gapYd + 1.0) {
            return null;
        }
        $away = abs($to - $u - $this->step($u));

        // Twice as far is more than twice as hard: of two neighbors each takes the nearer man.
        return self::DOWN_WEIGHT * $away * (0.4 + 0.6 * $away) - $this->covered($letter, $role);
    }

    public function backer(string $letter, string $role): float
    {
        $u = $this->posts->u($letter);
        $away = abs($this->flowed($role) - $u - $this->step($u));

        return 0.3 + self::BACKER_WEIGHT * $away + ($away > self::FAR_BACKER_YD ? self::FAR_BACKER : 0.0);
    }

    /** Where a backer is met: where he flows to, behind a gap play's back side where he stands. */
    public function flowed(string $role): float
    {
        $u = $this->front->u($role);

        return $this->scheme->kind === RunKind::Gap && $u < $this->front->middle() ? $u : $u + $this->scheme->flowYd;
    }

    /** @param  bool  $last  he is the last man of the line away from the play */
    public function leftDown(string $role, bool $last): float
    {
        return $last && $this->front->u($role) < -self::AWAY_YD ? $this->scheme->onAir() : RunKind::BLOCKED;
    }

    /** @param  bool  $first  the inside backer of the play */
    public function leftBacker(string $role, bool $first): float
    {
        if ($first) {
            return self::LEFT_FIRST_BACKER;
        }
        [$most, $perYd, $least] = self::LEFT_BACKER;

        return max($least, $most - $perYd * abs($this->front->u($role) - $this->entry()));
    }

    public function slides(): bool
    {
        return $this->scheme->kind->slides();
    }

    /** How far playside a man of the line works on his first steps: behind a gap play he only cuts off. */
    private function step(float $u): float
    {
        return $this->scheme->kind === RunKind::Gap && $u < $this->front->middle() ? 0.2 : $this->scheme->stepYd;
    }

    private function covered(string $letter, string $role): float
    {
        $d = $this->front->men[$role];
        if (
            $d->over !== $letter ||
            abs($this->front->u($role) - $this->posts->u($letter)) > self::COVERS_YD ||
            $this->works($d->technique)
        ) {
            return 0.0;
        }
        $backside = $this->front->u($role) < $this->posts->u($letter) - 0.1;

        return ($this->scheme->kind->slides() && $backside) || $this->scheme->ownsInside
            ? self::COVERED_LOOSELY
            : self::COVERED;
    }

    /** A head-up man leaves his lineman uncovered where the staff says so (SET-15). */
    private function works(?string $technique): bool
    {
        return $this->schools->is('SET-15', 'B') && in_array($technique, self::HEAD_UP, true);
    }

    /** Where the runner enters, yards playside of the ball. */
    private function entry(): float
    {
        $u = fn (string $post): float => $this->posts->letter($post) === null
            ? 0.0
            : $this->posts->u($this->posts->letter($post));

        return match ($this->scheme->entry) {
            'center' => $u('center'),
            'A' => 0.5 * ($u('center') + $u('playside guard')),
            'G' => $u('playside guard'),
            'B' => 0.5 * ($u('playside guard') + $u('playside tackle')),
            'C' => $u('playside tackle') + 0.6,
            'D' => $u('playside tackle') + 2.0,
            default => $u('playside tackle') + 3.0,
        };
    }
}
