<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Route;

use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Kinematics\Cut;
use Jacotaxis\Core\Kinematics\Path;

/** A called route as it is run: the timed path and which of its cuts is the break. */
final readonly class RunRoute
{
    /** Depth in yards past which a straight release can only be a deep route (product default). */
    private const QUICK_GAME_YD = 7.0;

    /** Yards sideways that tell a flat or crossing release (product default). */
    private const SIDEWAYS_YD = 1.0;

    /** How long before his break the ball may leave on a route thrown in rhythm, seconds (product default). */
    private const RHYTHM_S = 0.2;

    public function __construct(
        public string $letter,
        public RouteSpec $spec,
        public Path $path,
        private int $break,
        public Side $to,
        /** The route as called, before what he sees made another of it. */
        public RouteSpec $called,
    ) {
    }

    public function break(): Cut
    {
        return $this->path->cuts[$this->break];
    }

    /** Whether what he sees made another route of the one called. */
    public function converted(): bool
    {
        return $this->spec->name !== $this->called->name || $this->spec->finish !== $this->called->finish;
    }

    /** When the defense can tell the route: at its break, or sooner by a release that is not vertical or is past the quick game. */
    public function declaredAt(): float
    {
        $cut = $this->break();
        foreach ($this->path->y as $i => $y) {
            $sideways = abs($this->path->x[$i] - $this->path->x[0]) >= self::SIDEWAYS_YD;
            if ($sideways || $y >= self::QUICK_GAME_YD) {
                return min($cut->t, $i * Path::STEP);
            }
        }

        return $cut->t;
    }

    /** From when on the ball may leave, seconds: at the break, on routes thrown in rhythm before it. */
    public function thrownFrom(): float
    {
        return $this->break()->t - ($this->spec->shape()->rhythm ? self::RHYTHM_S : $this->spec->shape()->leadS);
    }

    /** Seconds the read may take the ball after its break (product defaults). */
    public function slotLength(): float
    {
        $shape = $this->spec->shape();

        return $shape->slotS ?? match (true) {
            $shape->deep => 0.6,
            $this->spec->finish() === Finish::Run => 0.3,
            default => 0.5,
        };
    }
}
