<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Field;

/**
 * The play frame: origin at the ball before the snap, +x to the offense's right, +y downfield, yards.
 *
 * The field frame has X from the left sideline as the offense looks (0 to 53 1/3) and Y from the own goal line (0 to
 * 100).
 */
final readonly class PlayFrame
{
    private function __construct(public float $ballXYd, public float $ballYYd, public RuleSet $rules)
    {
    }

    /** The frame of a ball on yard $ballOnYd (1 to 99 from the own goal line) on a hash of a rule set. */
    public static function of(RuleSet $rules, Hash $hash, float $ballOnYd): self
    {
        $x = match ($hash) {
            Hash::Left => $rules->hashFromSidelineYd(),
            Hash::Middle => RuleSet::WIDTH_YD / 2.0,
            Hash::Right => RuleSet::WIDTH_YD - $rules->hashFromSidelineYd(),
        };

        return new self($x, $ballOnYd, $rules);
    }

    /** @return array{float, float} field yards of a play-frame point */
    public function toField(float $xYd, float $yYd): array
    {
        return [$this->ballXYd + $xYd, $this->ballYYd + $yYd];
    }

    /** @return array{float, float} play yards of a field-frame point */
    public function toPlay(float $fieldXYd, float $fieldYYd): array
    {
        return [$fieldXYd - $this->ballXYd, $fieldYYd - $this->ballYYd];
    }

    /** Width of a sideline in the play frame, yards (negative on the left). */
    public function sidelineX(Side $side): float
    {
        return $side === Side::Left ? -$this->ballXYd : RuleSet::WIDTH_YD - $this->ballXYd;
    }

    /** Width of the hash on a side in the play frame, yards. */
    public function hashX(Side $side): float
    {
        return $this->sidelineX($side) - $side->sign() * $this->rules->hashFromSidelineYd();
    }

    /** Width of the middle of the numbers on a side in the play frame, yards. */
    public function numbersX(Side $side): float
    {
        $numbers = $this->rules->numbersFromSidelineYd();

        return $this->sidelineX($side) - $side->sign() * array_sum($numbers) / count($numbers);
    }

    /** Width of the middle of the field in the play frame, yards. */
    public function middleX(): float
    {
        return RuleSet::WIDTH_YD / 2.0 - $this->ballXYd;
    }

    /** Distance in yards from the ball to the back of the end zone downfield. */
    public function endLineY(): float
    {
        return RuleSet::LENGTH_YD + 10.0 - $this->ballYYd;
    }
}
