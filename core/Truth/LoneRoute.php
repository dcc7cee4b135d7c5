<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Truth;

use Jacotaxis\Core\Kinematics\Level;

/** A route alone against one way to play it, and how open it should be. */
final readonly class LoneRoute
{
    /** A margin this near the threshold is neither open nor covered, seconds. */
    private const CLOSE_S = 0.15;

    /** @param  string  $letters  O open, C close, X covered; each of them is right */
    public function __construct(
        public string $route,
        public string $call,
        public string $look,
        public string $letters,
        public Level $level,
    ) {
    }

    /**
     * Whether a margin is what the table says, seconds; null: the ball cannot be thrown. A twentieth of a second beyond
     * is forgiven.
     */
    public function holds(?float $margin): bool
    {
        $margin ??= -1.0;

        return match (true) {
            str_contains($this->letters, 'O') && $margin >= self::CLOSE_S => true,
            str_contains($this->letters, 'C') && abs($margin) <= self::CLOSE_S + 0.05 => true,
            str_contains($this->letters, 'X') => $margin <= -0.1,
            default => false,
        };
    }
}
