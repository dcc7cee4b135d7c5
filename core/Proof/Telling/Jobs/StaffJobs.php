<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Telling\Jobs;

use Jacotaxis\Core\Concept\Call;
use Jacotaxis\Core\Concept\StaffRule;

/** What the staff's own rules add to the job of a man, for the ledger. */
final class StaffJobs
{
    /** "; if the will inserts, gets the throw", or nothing. */
    public static function of(Call $call, string $letter): string
    {
        return implode(
            '',
            array_map(
                fn (StaffRule $r): string => "; if {$r->defender} {$r->act} ({$r->phase}): ".
                    match (true) {
                        $r->action === null => (string) $r->job,
                        $r->action === 'throw' => $letter === 'Q' ? "throw {$r->man}" : 'the ball is his',
                        default => $r->action,
                    },
                array_filter(
                    $call->rules,
                    fn (StaffRule $r): bool => $r->man === $letter || ($letter === 'Q' && $r->action !== null),
                ),
            ),
        );
    }
}
