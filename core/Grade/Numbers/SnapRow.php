<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Grade\Numbers;

use Jacotaxis\Core\Film\Chart\DefenderStood;

/**
 * One charted snap as the numbers read it. Yards and seconds; what is not known is null. A plain row: a season has
 * thousands.
 */
final class SnapRow
{
    /**
     * @param  int|null  $clockS  seconds left in the quarter
     * @param  int|null  $ahead  points the offense leads by, below 0 when it trails
     * @param  list<DefenderStood>  $stood  where defenders were seen to stand before the snap
     */
    public function __construct(
        public readonly string $id,
        public readonly ?string $call = null,
        public readonly ?string $family = null,
        public readonly ?string $formation = null,
        public readonly ?string $motion = null,
        public readonly ?string $personnel = null,
        public readonly ?string $front = null,
        public readonly ?string $shell = null,
        public readonly ?string $defender = null,
        public readonly ?string $choice = null,
        public readonly ?int $down = null,
        public readonly ?float $toGoYd = null,
        public readonly ?float $ballOnYd = null,
        public readonly ?string $hash = null,
        public readonly ?int $quarter = null,
        public readonly ?string $result = null,
        public readonly ?float $gainYd = null,
        public readonly bool $touchdown = false,
        public readonly bool $run = false,
        public readonly ?string $done = null,
        public readonly ?string $decision = null,
        public readonly ?int $box = null,
        public readonly ?float $outS = null,
        public readonly ?float $predictedS = null,
        public readonly ?float $separationYd = null,
        public readonly ?string $opponent = null,
        public readonly bool $nullified = false,
        public readonly ?string $penaltyBy = null,
        public readonly ?string $hole = null,
        public readonly ?string $reel = null,
        public readonly ?bool $gave = null,
        public readonly ?string $tag = null,
        public readonly ?string $action = null,
        public readonly ?string $back = null,
        public readonly ?string $wrinkle = null,
        public readonly ?string $carrier = null,
        public readonly ?int $clockS = null,
        public readonly ?int $ahead = null,
        public readonly array $stood = [],
    ) {
    }
}
