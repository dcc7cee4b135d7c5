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

    /** Outer and inner edge of the painted numbers, yards from the sideline (Rule 1 of each book, from memory). */
    public function numbersFromSidelineYd(): array
    {
        return match ($this) {
            self::Nfhs, self::Ncaa => [7.0, 9.0],
            self::Nfl => [12.0, 14.0],
        };
    }

    /** How far past the neutral zone an ineligible man may be on a pass (NFHS 7-5-12, NCAA 7-3-10, NFL 8-3-1, from memory). */
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
     * (NFHS 7-2-5, NCAA 7-1-4, NFL 7-5-1, from memory): the pro book counts seven on the line, the others four in the backfield.
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

    public function book(): string
    {
        return strtoupper($this->value);
    }
}
