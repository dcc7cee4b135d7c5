<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Blocking\Run;

/**
 * How the ball of a screen gets to its man: what he sells, where he catches it behind the line, where he turns up.
 * Yards and seconds.
 */
final readonly class Screen
{
    /**
     * @param  float  $sellsS  seconds he blocks or stems before he goes to the place
     * @param  float  $setS  seconds the linemen who go out set up first
     * @param  float|null  $wideYd  width of the catch from the ball on the side of the play; null: from where he stands
     * @param  float  $outYd  yards outward from where he stands, negative inward, where no width is given
     * @param  float  $behindYd  yards behind the line at the catch
     * @param  float  $turnYd  yards outward from the catch to where he crosses the line, negative inward
     * @param  float  $dropYd  yards behind the line from where it is thrown, at the least
     * @param  string  $receiver  what the receiver is told first
     * @param  string  $passer  what the passer is told
     */
    public function __construct(
        public float $sellsS,
        public float $setS,
        public ?float $wideYd,
        public float $outYd,
        public float $behindYd,
        public float $turnYd,
        public float $dropYd,
        public string $receiver,
        public string $passer,
    ) {
    }
}
