<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Field;

/**
 * The three rule books and what they fix about the field and the line.
 *
 * Every value names the rule it comes from; the values are from memory of the books and marked so.
 */
enum RuleSet: string
{
    case Nfhs = 'nfhs';
    case Ncaa = 'ncaa';
    case Nfl = 'nfl';

    /** Width of the field between the sidelines: 160 ft (Rule 1 of all three books, from memory). */
    public const WIDTH_YD = 160.0 / 3.0;

    /** Length between the goal lines (Rule 1 of all three books, from memory). */
    public const LENGTH_YD = 100.0;

    /** Hash to the nearer sideline, yards (NFHS 1-2, NCAA 1-2, NFL 1-1, from memory). */
    public function hashFromSidelineYd(): float
    {
        return match ($this) {
            self::Nfhs => (53.0 + 4.0 / 12.0) / 3.0,
            self::Ncaa => 60.0 / 3.0,
            self::Nfl => (70.0 + 9.0 / 12.0) / 3.0,
        };
    }

    /**
     * Outer and inner edge of the painted numbers, yards from the sideline (Rule 1 of each book, from memory).
     *
     * @return array{float, float}
     */
    public function numbersFromSidelineYd(): array
    {
        return match ($this) {
            self::Nfhs, self::Ncaa => [7.0, 9.0],
            self::Nfl => [12.0, 14.0],
        };
    }

    /**
     * How far past the neutral zone an ineligible man may be on a pass (NFHS 7-5-12, NCAA 7-3-10, NFL 8-3-1, from
     * memory).
     */
    public function ineligibleDownfieldYd(): float
    {
        return match ($this) {
            self::Nfhs => 2.0,
            self::Ncaa => 3.0,
            self::Nfl => 1.0,
        };
    }

    /**
     * Least number of men on the line and most in the backfield at the snap
     * (NFHS 7-2-5, NCAA 7-1-4, NFL 7-5-1, from memory): the pro book counts seven on the line, the others four in the
     * backfield.
     *
     * @return array{line: int|null, backfield: int|null, rule: string}
     */
    public function formationLimits(): array
    {
        return match ($this) {
            self::Nfhs => ['line' => null, 'backfield' => 4, 'rule' => 'NFHS 7-2-5'],
            self::Ncaa => ['line' => null, 'backfield' => 4, 'rule' => 'NCAA 7-1-4'],
            self::Nfl => ['line' => 7, 'backfield' => 4, 'rule' => 'NFL 7-5-1'],
        };
    }

    /**
     * Where each book keeps a rule about the men before the snap (all from memory of the books).
     *
     * @param  string  $what  formation, numbering, eligible, motion, from-line, shift or interior
     */
    public function rule(string $what): string
    {
        return $this->book().' '.(match ($this) {
            self::Nfhs => ['formation' => '7-2-5a', 'numbering' => '7-2-5b', 'eligible' => '7-5-6', 'motion' => '7-2-7',
                'from-line' => '7-2-7', 'shift' => '7-2-6', 'interior' => '7-1-7'],
            self::Ncaa => ['formation' => '7-1-4a', 'numbering' => '7-1-4a', 'eligible' => '7-3-3',
                'motion' => '7-1-4c', 'from-line' => '7-1-4c', 'shift' => '7-1-4b', 'interior' => '7-1-3'],
            self::Nfl => ['formation' => '7-5-1', 'numbering' => '5-1-2', 'eligible' => '8-1-5', 'motion' => '7-4-7',
                'from-line' => '7-4-7', 'shift' => '7-4-6', 'interior' => '7-4-2'],
        })[$what].' (from memory)';
    }

    /**
     * Whether a man who starts on the line may be in motion at the snap only when five yards deep (NFHS 7-2-7, NCAA
     * 7-1-4c, from memory).
     */
    public function lineMotionNeedsDepth(): bool
    {
        return $this !== self::Nfl;
    }

    /**
     * Whether a number marks an eligible receiver: 1 to 49 and 80 to 99, and 0 where the book allows it (Rule 1 and 5
     * of the books, from memory).
     */
    public function eligibleNumber(int $number): bool
    {
        return ($number >= ($this === self::Nfhs ? 1 : 0) && $number <= 49) || ($number >= 80 && $number <= 99);
    }

    public function book(): string
    {
        return strtoupper($this->value);
    }
}
