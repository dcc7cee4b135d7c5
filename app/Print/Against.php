<?php

namespace App\Print;

use Jacotaxis\Core\Concept\Call;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Proof\Proving;
use Jacotaxis\Core\Proof\Scene\Setting;
use Jacotaxis\Core\Proof\Scene\Worth;

/** What a call is worth against the look it is printed with, in words: "bound, 72 to 90 %". */
final class Against
{
    public static function words(Call $call, Look $look, Situation $else): string
    {
        $proof = Proving::of($call, $look, new Setting($call->situation ?? $else));

        return self::said($proof->verdict()->value, $proof->worthByRule(), $proof->worthAtWorst());
    }

    public static function said(string $verdict, Worth $byRule, Worth $worst): string
    {
        $low = (int) round(100 * min($byRule->chance, $worst->chance));
        $high = (int) round(100 * max($byRule->chance, $worst->chance));

        return "$verdict, ".($low === $high ? "$low %" : "$low to $high %");
    }
}
