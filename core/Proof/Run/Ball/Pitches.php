<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Run\Ball;

use Jacotaxis\Core\Blocking\Run\Resolved;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Kinematics\CutKind;
use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Kinematics\PathBuilder;
use Jacotaxis\Core\Proof\Scene\Scene;

/** The ball that is pitched: outside into relation with the quarterback, or shoveled inside the man who is read. */
final readonly class Pitches
{
    /** Pitch relation: this wide of the quarterback and this deep (common practice: 4 to 5 and 1), yards. */
    private const PITCH_YD = [4.5, 1.0];

    /** Where a shovel is caught: inside the gap and behind the line, yards (from memory). */
    private const SHOVEL_YD = [1.5, 2.0];

    /** Share of his depth a pitch man still has when he bends up into relation (from memory). */
    private const BENDS_UP = 0.6;

    /** Flight of a pitch, and the longest the quarterback waits for his pitch man, seconds (product defaults). */
    private const PITCHED_S = 0.25;

    private const WAITS_S = 0.5;

    private int $sign;

    /** @param  float  $edge  how wide the edge of the blocks is to the side of the run, yards from the ball */
    public function __construct(
        private Scene $scene,
        private Resolved $resolved,
        private Lanes $lanes,
        private string $gap,
        private float $edge,
    ) {
        $this->sign = $resolved->run->side->sign();
    }

    /** The pitch to a man, off the way the quarterback would have kept the ball. */
    public function to(string $letter, Carrier $keep): Carrier
    {
        $at = $this->comesToKeyAt($keep);
        if ($this->resolved->run->scheme()->shovels) {
            return $this->shoveled($letter, $keep, $at);
        }
        [$qx, $qy] = $keep->path->at($at);
        $u = $qx * $this->sign + self::PITCH_YD[0];
        $man = $this->scene->men[$letter];
        $start = new PathBuilder($this->scene->setting->law($letter), $man->xYd, $man->yYd, $man->vxYd, $man->vyYd);
        $start->inside(
            $this->scene->frame->sidelineX(Side::Left) + 0.4,
            $this->scene->frame->sidelineX(Side::Right) - 0.4,
        );
        $relation = [$this->sign * $u, min($qy - self::PITCH_YD[1], -0.2)];
        $bends = [
            $this->sign * max($man->xYd * $this->sign + 0.1, $u - 2.5),
            min(self::BENDS_UP * $man->yYd, -2.5, $relation[1]),
        ];
        $path = $start
            ->to(...$bends)
            ->cut(CutKind::Bend)
            ->to(...$relation)
            ->cut(CutKind::Speed)
            ->run(20.0 * $this->sign);
        // Who would be there too soon throttles down; who is late gets the ball when he is there.
        $there = $path->acrossAt($u - 0.1, $this->sign);
        $path = $there < $at ? $path->paced(0.0, $there, $at) : $path;
        $caughtAt = max($at + self::PITCHED_S, $path->acrossAt($u - 1.0, $this->sign));

        return new Carrier(
            'pitch',
            $letter,
            $path,
            $caughtAt,
            "{$this->resolved->run->side->value} alley",
            pitched: $this->pitched($keep, $at, $caughtAt),
        );
    }

    /**
     * How the quarterback goes when he pitches: he does not outrun his pitch man, and keeps his feet at the key until
     * that man comes.
     */
    private function pitched(Carrier $keep, float $at, float $caughtAt): Pitched
    {
        $leaves = $caughtAt - self::PITCHED_S;
        $late = $leaves - $at;
        if ($late <= 0.0) {
            return new Pitched($leaves, $keep->path, 0.0);
        }
        $there = min($caughtAt, $at + self::WAITS_S);

        return new Pitched($leaves, $keep->path->paced($keep->from, $at, $there), $late);
    }

    /** Inside the man who is read: he comes across behind the line and turns up in the gap with the ball. */
    private function shoveled(string $letter, Carrier $keep, float $at): Carrier
    {
        $man = $this->scene->men[$letter];
        $key = (string) $this->resolved->key('pitch');
        $u = min($this->lanes->u($this->gap), $this->resolved->front->u($key) - Carriers::INSIDE_READ_YD);
        $inside = $u - self::SHOVEL_YD[0];
        $path = (new PathBuilder($this->scene->setting->law($letter), $man->xYd, $man->yYd, $man->vxYd, $man->vyYd))
            ->to($this->sign * $inside, -self::SHOVEL_YD[1])
            ->cut(CutKind::Bend)
            ->to($this->sign * $u, 0.2)
            ->cut(CutKind::Bend)
            ->run(0.0);
        $there = $path->acrossAt($inside - 0.2, $this->sign);
        $path = $there < $at ? $path->paced(0.0, $there, $at) : $path;
        $words = $this->lanes->words($this->gap);

        return new Carrier('pitch', $letter, $path, max($there, $at), "$words, inside the $key");
    }

    /** When the quarterback comes to the pitch key and must decide. */
    private function comesToKeyAt(Carrier $keep): float
    {
        $key = $this->resolved->key('pitch');
        $u = $key === null ? $this->edge : $this->resolved->front->u($key);
        for ($i = $keep->fromStep(); $i < Path::STEPS; $i++) {
            if ($u - 2.5 < $keep->path->x[$i] * $this->sign || $keep->path->y[$i] > 0.0) {
                return $i * Path::STEP;
            }
        }

        return 2.0;
    }
}
