<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Telling\Run;

use Jacotaxis\Core\Blocking\Run\UnknownRun;
use Jacotaxis\Core\Concept\Call;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Proof\Run\RunProof;
use Jacotaxis\Core\Proof\Run\RunProver;
use Jacotaxis\Core\Proof\Scene\Setting;

/** A run on paper: what it is against a usual look, for cards and player pages where no look is chosen. */
final class RunJobs
{
    /** The look a card without one is drawn against. */
    public const FRONT = '4-3 over';

    private const SHELL = 'cover 3';

    /** The look a run is drawn against where none is chosen. */
    public static function usual(): Look
    {
        return Look::of(self::FRONT, self::SHELL);
    }

    /** The run against a look, the usual one without, or null when nobody can carry it. */
    public static function proof(Call $call, Situation $else, ?Look $look = null): ?RunProof
    {
        if ($call->run === null) {
            return null;
        }
        try {
            return RunProver::prove($call, $look ?? self::usual(), new Setting($call->situation ?? $else));
        } catch (UnknownRun) {
            return null;
        }
    }

    /**
     * What every man does against a look, the usual one without, by letter.
     *
     * @return array<string, string>
     */
    public static function of(Call $call, Situation $else, ?Look $look = null): array
    {
        $proof = self::proof($call, $else, $look);

        return $proof === null ? [] : array_column(RunReport::jobs($proof), 'job', 'man');
    }
}
