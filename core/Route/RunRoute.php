<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Route;

use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Kinematics\Cut;
use Jacotaxis\Core\Kinematics\CutKind;
use Jacotaxis\Core\Kinematics\Path;

/** A called route as it is run: the timed path and which of its cuts is the break. */
final readonly class RunRoute
{
    /** Depth in yards past which a straight release can only be a deep route (product default). */
    private const QUICK_GAME_YD = 7.0;

    /** Yards sideways, at a speed in yards a second, that tell a flat or crossing release (product defaults). */
    private const SIDEWAYS_YD = 1.0;

    private const SIDEWAYS_YD_S = 3.0;

    /** A tell is seen for at most this long before the cut, seconds (settled by the truths). */
    public const TELL_S = 0.5;

    /** A man who settles may have the ball this share of his braking before he stands (settled by the truths). */
    private const SETTLES_SHARE = 0.7;

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
        /** Cuts of his release, which come before those of the route. */
        public int $releaseCuts = 0,
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

    /**
     * When the defense can tell the route, seconds: at the tell of its break, sooner where he leaves his line at
     * speed; a straight route when it is past the quick game.
     */
    public function declaredAt(): float
    {
        $cut = $this->break();
        $straight = $this->spec->shape()->straight() || $cut->kind === CutKind::Bend;
        $tell = $straight ? $cut->t : max($cut->tellAt, $cut->t - self::TELL_S);
        foreach ($this->path->y as $i => $y) {
            if ($i * Path::STEP >= $tell) {
                break;
            }
            $sideways =
                abs($this->path->x[$i] - $this->path->x[0]) >= self::SIDEWAYS_YD &&
                abs($this->path->vx[$i]) >= self::SIDEWAYS_YD_S;
            if ($sideways || ($straight && $y >= self::QUICK_GAME_YD)) {
                return $i * Path::STEP;
            }
        }

        return $tell;
    }

    /** From when on the ball may leave, seconds: at the break, on routes thrown in rhythm before it. */
    public function thrownFrom(): float
    {
        $cut = $this->break();
        $shape = $this->spec->shape();
        $early = match (true) {
            $shape->rhythm => self::RHYTHM_S,
            $cut->kind === CutKind::Settle => max($shape->leadS, self::SETTLES_SHARE * $cut->braking()),
            default => $shape->leadS,
        };

        return $this->threatensAt() - $early;
    }

    /** From when on he threatens: at his break, or when he is past the man he must pass, seconds. */
    public function threatensAt(): float
    {
        $cut = $this->break();
        $shape = $this->spec->shape();
        $home = $this->path->x[0] < 0.0 ? -1.0 : 1.0;
        $past =
            array_values(
                array_filter($shape->passesYd, fn (float $wide): bool => $wide < $this->path->x[0] * $home),
            )[0] ?? null;
        if ($past === null) {
            return $cut->t + ($this->spec->depth() < $shape->threatensFromYd ? 0.0 : $shape->threatensS);
        }
        for ($i = (int) ceil($cut->t / Path::STEP); $i < Path::STEPS; $i++) {
            if ($past >= $this->path->x[$i] * $home) {
                return max($i * Path::STEP, $cut->t + $shape->threatensS);
            }
        }

        return $cut->t + $shape->threatensS;
    }

    /** Seconds the read may take the ball after its break (product defaults). */
    public function slotLength(): float
    {
        $shape = $this->spec->shape();

        return $shape->slotS ?? match (true) {
            $shape->deep => 0.6,
            $shape->stem === Stem::ToFlat => 0.6,
            $this->spec->finish() === Finish::Run => 0.3,
            default => 0.5,
        };
    }
}
