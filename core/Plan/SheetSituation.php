<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Plan;

/** A row of the call sheet: the downs, distances and spots it is for, and the one its calls are proved in. Yards. */
final readonly class SheetSituation
{
    /**
     * @param  list<int>|null  $downs  null: any
     * @param  array{float, float}  $toGoYd  from and to, both in it
     * @param  array{float, float}  $ballOnYd  from the own goal line
     * @param  array{down: int, toGoYd: float, ballOnYd: float}  $provedIn
     */
    private function __construct(
        public string $id,
        public string $name,
        private ?array $downs,
        private array $toGoYd,
        private array $ballOnYd,
        public array $provedIn,
    ) {
    }

    /**
     * The rows of a sheet (common practice, no source).
     *
     * @return list<self>
     */
    public static function all(): array
    {
        $open = [11.0, 79.0];

        return [
            self::down('first-and-ten', 'First and ten', 1, [10.0, 10.0], $open, 10.0),
            self::down('second-long', 'Second and long', 2, [7.0, 99.0], $open, 8.0),
            self::down('second-medium', 'Second and medium', 2, [4.0, 6.9], $open, 5.0),
            self::down('second-short', 'Second and short', 2, [0.1, 3.9], $open, 2.0),
            self::down('third-long', 'Third and long', 3, [7.0, 99.0], $open, 9.0),
            self::down('third-medium', 'Third and medium', 3, [4.0, 6.9], $open, 5.0),
            self::down('third-short', 'Third and short', 3, [0.1, 3.9], $open, 2.0),
            self::spot('backed-up', 'Backed up', [1.0, 10.0], 1, 10.0, 5.0),
            self::spot('red-zone', 'Red zone, 20 to 10', [80.0, 90.0], 1, 10.0, 85.0),
            self::spot('goal-line', 'Goal line', [95.0, 99.0], 1, 3.0, 97.0),
        ];
    }

    /** Whether a snap is of this row; one whose down or spot is not charted is of none that asks for it. */
    public function holds(?int $down, ?float $toGoYd, ?float $ballOnYd): bool
    {
        $within = fn (?float $yd, array $limits): bool => $yd !== null && $yd >= $limits[0] && $yd <= $limits[1];
        $downs = $this->downs === null
            || in_array($down, $this->downs, true) && $within($toGoYd, $this->toGoYd);

        return $downs && $within($ballOnYd, $this->ballOnYd);
    }

    /**
     * @param  array{float, float}  $toGo
     * @param  array{float, float}  $ballOn
     */
    private static function down(string $id, string $name, int $down, array $toGo, array $ballOn, float $as): self
    {
        return new self(
            $id,
            $name,
            [$down],
            $toGo,
            $ballOn,
            ['down' => $down, 'toGoYd' => $as, 'ballOnYd' => 40.0],
        );
    }

    /** @param  array{float, float}  $ballOn */
    private static function spot(string $id, string $name, array $ballOn, int $down, float $toGo, float $as): self
    {
        return new self(
            $id,
            $name,
            null,
            [0.0, 99.0],
            $ballOn,
            ['down' => $down, 'toGoYd' => $toGo, 'ballOnYd' => $as],
        );
    }
}
