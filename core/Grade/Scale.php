<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Grade;

/** The three schools of a grade. What a man did is marked the same way under each; the school says what it is worth. */
enum Scale: string
{
    case PlusMinus = 'plus-minus';
    case ThreePart = 'three-part';
    case ZeroToTwo = '0-1-2';

    /** Percent from which a man won his day, unless the staff says otherwise (domain, section 12). */
    public const WINNING = 0.85;

    /** Points a hard job well done adds; difficulty never takes any away (GRD-12; product default). */
    private const HARD = 0.5;

    public function words(): string
    {
        return match ($this) {
            self::PlusMinus => 'plus or minus',
            self::ThreePart => 'assignment, technique and finish, a point each',
            self::ZeroToTwo => '2 right and well, 1 right, 0 wrong',
        };
    }

    /**
     * Points earned and possible for the marks of one man on one snap; an empty mark is no point possible, except that
     * a man graded at all has at least an overall mark.
     *
     * @param  array<string, int|null>  $marks  as Marks::WHAT, 1 0 or -1
     * @return array{float, float}
     */
    public function points(array $marks, int $overall, bool $hard = false): array
    {
        [$earned, $possible] = $this->plain($marks, $overall);

        return [$earned + ($hard && $overall > 0 ? self::HARD : 0.0), $possible];
    }

    /**
     * @param  array<string, int|null>  $marks
     * @return array{float, float}
     */
    private function plain(array $marks, int $overall): array
    {
        $given = fn (string $what): ?int => $marks[$what] ?? null;
        $assignment = $given('assignment') ?? ($given('decision') ?? $overall);
        $technique = $given('technique') ?? $overall;

        return match ($this) {
            // An even play is neither won nor lost: it is left out.
            self::PlusMinus => $overall === 0 ? [0.0, 0.0] : [$overall > 0 ? 1.0 : 0.0, 1.0],
            self::ThreePart => [
                array_sum(
                    array_map(fn (int $m): float => $m >= 0 ? 1.0 : 0.0, [
                        $assignment,
                        $technique,
                        $given('effort') ?? $overall,
                    ]),
                ),
                3.0,
            ],
            self::ZeroToTwo => [match (true) {
                $assignment < 0 => 0.0,
                $technique < 0 => 1.0,
                default => 2.0,
            }, 2.0],
        };
    }
}
