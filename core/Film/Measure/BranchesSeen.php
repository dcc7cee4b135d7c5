<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film\Measure;

use Jacotaxis\Core\Blocking\Run\Told\Branches;
use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Defense\Jobs\Movement;
use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Proof\Run\RunProof;
use Jacotaxis\Core\Proof\Run\RunProver;
use Jacotaxis\Core\Proof\Telling\Run\RunFrames;

/**
 * What defenders did on film of the things the branches of a run speak of. Where one did, the jobs are those of the
 * branch: the branch is graded, not the place (GRD-04).
 */
final readonly class BranchesSeen
{
    /**
     * He did it when he is nearer by this to where it takes him than to where he was meant to be, yards (product
     * default).
     */
    private const NEARER_YD = 0.4;

    /** Two ways that lie nearer together than this are not told apart, yards (product default). */
    private const PARTED_YD = 0.8;

    /** It is looked at so long after the movement: a lineman needs it to be where it takes him, seconds. */
    private const SETTLES_S = 0.4;

    public function __construct(private Measures $measures, private RunProof $planned)
    {
    }

    /** @return array<string, Movement> by role: what men did whom nobody reads */
    public function movements(): array
    {
        $read = array_column($this->planned->keys, 'role');
        $outcome = $this->planned->decider->outcome($this->planned->byRule);
        $frames = new RunFrames($this->planned, $outcome, $this->planned->byRule);
        $seen = [];
        foreach ($this->planned->resolved->blocks as $block) {
            foreach (Branches::of($block, $this->planned->resolved) as $branch) {
                $role = $branch->defender;
                if (
                    $role === null ||
                    $branch->movement === null ||
                    isset($seen[$role]) ||
                    in_array($role, $read, true)
                ) {
                    continue;
                }
                if ($this->did($role, $branch->movement, $frames)) {
                    $seen[$role] = $branch->movement;
                }
            }
        }

        return $seen;
    }

    /** The run against the look as it moved; the planned one where nobody did anything. */
    public function jobs(): RunProof
    {
        $movements = $this->movements();
        if ($movements === []) {
            return $this->planned;
        }
        $scene = $this->planned->scene;
        $look = $scene->look;
        foreach ($movements as $role => $movement) {
            $look = $look->changing($role, ['movement' => $movement]);
        }

        return RunProver::prove($scene->call, $look, $scene->setting);
    }

    private function did(string $role, Movement $movement, RunFrames $frames): bool
    {
        $at = $movement->kind->lasts() + self::SETTLES_S;
        $filmed = $this->measures->track($role)?->at($at);
        $man = array_values(array_filter(
            $this->planned->scene->defenders,
            fn (Defender $d): bool => $d->role === $role && $d->movement === null,
        ))[0] ?? null;
        if ($filmed === null || $man === null) {
            return false;
        }
        [$rx, $ry] = $frames->defenderAt($role, (int) round($at / Path::STEP));
        [$mx, $my] = $movement->to($man->xYd, $man->yYd);
        $toRule = hypot($filmed->xYd - $rx, $filmed->yYd - $ry);
        $toMove = hypot($filmed->xYd - $mx, $filmed->yYd - $my);

        return hypot($mx - $rx, $my - $ry) >= self::PARTED_YD && $toRule - $toMove >= self::NEARER_YD;
    }
}
