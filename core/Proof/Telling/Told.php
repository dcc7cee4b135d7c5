<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Telling;

use Jacotaxis\Core\Proof\Pass\Proof;
use Jacotaxis\Core\Proof\Run\RunProof;
use Jacotaxis\Core\Proof\Scene\Proven;
use Jacotaxis\Core\Proof\Telling\Jobs\PassJobs;
use Jacotaxis\Core\Proof\Telling\Run\RunReport;
use Jacotaxis\Core\Proof\Telling\Run\RunStage;

/**
 * A proof of any kind told: its report, what a board draws, and its frames.
 *
 * @phpstan-import-type FrameRows from Frames
 */
final class Told
{
    /** @return array<string, mixed> under the stable output keys */
    public static function report(Proven $proof): array
    {
        $report = $proof instanceof RunProof ? RunReport::of($proof) : Report::of(self::pass($proof));

        return [...$report, 'decided' => $proof->scene()->call->decided?->toArray()];
    }

    /**
     * Everybody's job, without the rest of the report.
     *
     * @return list<array<string, mixed>> eleven rows with man, job and target
     */
    public static function jobs(Proven $proof): array
    {
        return $proof instanceof RunProof ? RunReport::jobs($proof) : PassJobs::of(self::pass($proof));
    }

    /** @return array<string, mixed> */
    public static function stage(Proven $proof): array
    {
        return $proof instanceof RunProof ? RunStage::of($proof) : Stage::of(self::pass($proof));
    }

    /**
     * The frames of the rule-true play or of what a key, or two keys, do.
     *
     * @return FrameRows
     */
    public static function frames(Proven $proof, ?AskedAct $act = null): array
    {
        return $proof instanceof RunProof ? RunStage::frames($proof, $act) : Stage::frames(self::pass($proof), $act);
    }

    private static function pass(Proven $proof): Proof
    {
        assert($proof instanceof Proof);

        return $proof;
    }
}
