<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Telling\Jobs;

use Jacotaxis\Core\Concept\Call;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Offense\Man;
use Jacotaxis\Core\Proof\Telling\Run\RunJobs;
use Jacotaxis\Core\Words\Describer;

/** What every man does in a call on paper, where no look is chosen: routes as called, a run against the usual front. */
final class CalledJobs
{
    /** @return array<string, string> by letter */
    public static function of(Call $call, ?Situation $else = null): array
    {
        if ($call->run !== null) {
            return RunJobs::of($call, $else ?? Situation::of());
        }
        $jobs = [];
        foreach ([...Man::LINEMEN, 'Q', ...$call->formation->letters()] as $letter) {
            $jobs[$letter] ??= self::job($call, $letter);
        }

        return $jobs;
    }

    /** One man's job in a pass. */
    private static function job(Call $call, string $letter): string
    {
        $read = $call->readNumber($letter);

        return match (true) {
            isset($call->routes[$letter]) => Describer::job($call, $letter).($read === null ? '' : ", read $read"),
            $letter === 'Q' => 'Reads '.implode(', ', $call->reads),
            default => 'Protects',
        };
    }
}
