<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof;

use Jacotaxis\Core\Concept\Call;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Proof\Pass\Prover;
use Jacotaxis\Core\Proof\Run\RunProver;
use Jacotaxis\Core\Proof\Scene\Proven;
use Jacotaxis\Core\Proof\Scene\Setting;

/** The one door to a proof: of a pass, or of a run with or without a throw; of two calls the one that is played. */
final class Proving
{
    /** @param  array<string, string>  $press  what the man in a receiver's face does, by letter */
    public static function of(Call $call, Look $look, Setting $setting, array $press = []): Proven
    {
        $played = Killing::decided($call, $look, $setting);

        return $played->run === null
            ? Prover::prove($played, $look, $setting, $press)
            : RunProver::prove($played, $look, $setting, $press);
    }
}
