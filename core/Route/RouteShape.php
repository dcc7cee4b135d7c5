<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Route;

use Jacotaxis\Core\Kinematics\CutKind;

/**
 * How a named route is run: stem, break, angle, finish. Angles in degrees from downfield, positive toward the break
 * side.
 */
final readonly class RouteShape
{
    /**
     * @param  bool  $inward  whether the route breaks toward the ball when no side is said
     * @param  bool  $deep  whether its slot is that of a deep break
     * @param  float  $backYd  yards he comes back after the break
     * @param  float|null  $fakeDeg  heading of the first break of a double move, degrees toward the break side
     * @param  float  $sellS  seconds he blocks or sells a block before he leaves
     * @param  int|null  $insideStep  contact of the inside foot on which he breaks, where coaches count it
     * @param  float|null  $slotS  seconds after the break in which the ball may leave, where it is not the usual time
     *     of its kind
     * @param  float  $leadS  seconds before his break from which the ball may be laid in front of him
     * @param  float  $threatensS  seconds after his break from which he threatens: he has passed the man he must pass
     * @param  list<float>  $passesYd  widths of the under men a crosser has to pass, outside in: he threatens when he
     *     is past the first inside of him
     * @param  float  $threatensFromYd  broken short of this depth he threatens at once, yards
     * @param  bool  $counted  whether the throw to him is chosen before the snap, on numbers, grass and leverage
     *     (CNT-10)
     * @param  bool  $rhythm  whether the ball leaves before his break: he is thrown to in rhythm
     */
    public function __construct(
        public string $name,
        public Stem $stem,
        public float $depthYd,
        public ?CutKind $break,
        public float $angleDeg,
        public Finish $finish,
        public bool $inward = false,
        public bool $deep = false,
        public float $backYd = 0.0,
        public float $minDepthYd = 1.0,
        public float $maxDepthYd = 30.0,
        public ?float $fakeDeg = null,
        public float $sellS = 0.0,
        public ?int $insideStep = null,
        public ?float $slotS = null,
        public bool $rhythm = false,
        public bool $counted = false,
        public float $leadS = 0.0,
        public float $threatensS = 0.0,
        public array $passesYd = [],
        public float $threatensFromYd = 0.0,
    ) {
    }

    /** Whether he crosses the field after his break, so that a width tells where he stops. */
    public function crosses(): bool
    {
        return $this->inward && $this->finish === Finish::Run && $this->angleDeg >= 60.0;
    }

    /** Whether he runs straight up the field, so that no break tells him from others. */
    public function straight(): bool
    {
        return $this->stem === Stem::Vertical && $this->angleDeg < 10.0 && $this->finish === Finish::Run;
    }

    /** Whether a width may be said for him: where a crosser stops, or the line a vertical route is run on. */
    public function takesWidth(): bool
    {
        return $this->crosses() || $this->stem === Stem::Landmark || $this->stem === Stem::Inside || $this->straight();
    }

    /** Yards past the line at which the ball is caught when he breaks at $depthYd: less where he comes back. */
    public function breakForCatchAt(float $depthYd): float
    {
        return $depthYd + $this->backYd;
    }
}
