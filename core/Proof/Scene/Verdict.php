<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Scene;

use Jacotaxis\Core\Kinematics\Path;

/** What a call does to a look, in one word. */
enum Verdict: string
{
    /** A key is wrong whatever he does, and nobody else can take the call away for nothing. */
    case Bound = 'bound';
    /** Nobody is in conflict, somebody is open, and no single man can take him without opening another. */
    case Open = 'open';
    /** Good until somebody plays it right. */
    case Guess = 'guess';
    /** Nobody is open, whatever the defense does. */
    case Covered = 'covered';

    /** Whether the call is good: bound or open. */
    public function isGood(): bool
    {
        return $this === self::Bound || $this === self::Open;
    }

    /** Order from worst to best, for comparing two calls. */
    public function rank(): int
    {
        return match ($this) {
            self::Covered => 0,
            self::Guess => 1,
            self::Open, self::Bound => 2,
        };
    }

    /** Less than half a step of the model is noise and binds nobody, seconds. */
    private const NOISE_S = 0.5 * Path::STEP;

    /** The verdict of a bind that is as strong as this, seconds. */
    public function by(float $strengthS): self
    {
        return $this === self::Bound && $strengthS < self::NOISE_S ? self::Guess : $this;
    }

    /** The verdict of acts that all, partly or never are answered. */
    public static function ofActs(int $answered, int $acts): self
    {
        return match (true) {
            $answered === 0 => self::Covered,
            $answered === $acts => self::Bound,
            default => self::Guess,
        };
    }
}
