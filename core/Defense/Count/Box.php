<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Defense\Count;

use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Offense\Lineup;
use Jacotaxis\Core\School\Schools;

/** Men in the box against blockers, and the sum in words (CNT-01 to CNT-04). */
final readonly class Box
{
    /**
     * The box: this wide at least, and this deep, yards (product defaults, UNS-01); how far past the surface the staff
     * says.
     */
    private const WIDE_YD = 4.6;

    private const DEEP_YD = 6.5;

    /** An edge man on the line is in the box a little wider, yards. */
    private const LINE_YD = 1.8;

    /** A man this much farther out is half in, yards. */
    private const HALF_YD = 1.6;

    /** Nine within this of the line call for the prepared play-action (CNT-04), yards. */
    private const NEAR_YD = 10.0;

    /**
     * @param  list<string>  $in  roles in the box
     * @param  list<string>  $half  roles half in, not counted unless the coach counts them
     * @param  list<string>  $read  roles the play reads
     * @param  array<string, string>  $out  reason by role counted out
     * @param  list<string>  $blockers  letters besides the five linemen
     */
    private function __construct(
        public array $in,
        public array $half,
        public array $read,
        public array $out,
        public int $blockerCount,
        public array $blockers,
        public int $nearCount,
    ) {
    }

    /**
     * @param  list<Defender>  $defenders
     * @param  list<string>  $read  roles of men read
     * @param  array<string, string>  $out  reason by role counted out of the box by the coach
     * @param  array<string, string>  $counted  reason by role counted in
     */
    public static function of(
        array $defenders,
        Lineup $lineup,
        Schools $schools,
        array $read = [],
        array $out = [],
        array $counted = [],
    ): self {
        $in = $half = [];
        $near = 0;
        foreach ($defenders as $d) {
            $edge = self::edgeYd($d, $lineup, (float) $schools->value('box-width'));
            $near += $d->yYd <= self::NEAR_YD ? 1 : 0;
            if ($d->yYd > self::DEEP_YD) {
                if (isset($counted[$d->role])) {
                    $in[] = $d->role;
                }

                continue;
            }
            $onLine = $d->yYd <= self::LINE_YD && abs($d->xYd) <= $edge + self::HALF_YD;
            if (abs($d->xYd) <= $edge || $onLine || isset($counted[$d->role])) {
                $in[] = $d->role;
            } elseif (abs($d->xYd) <= $edge + self::HALF_YD) {
                // Half in: asked, out or in by the staff (SET-20).
                $in = $schools->is('SET-20', 'C') ? [...$in, $d->role] : $in;
                $half = $schools->is('SET-20', 'A') ? [...$half, $d->role] : $half;
            }
        }
        $blockers = $lineup->blockers();
        // Of two backs one may carry the ball; the others block.
        $backs = array_slice($lineup->count->backs, 0, max(0, count($lineup->count->backs) - 1));
        $blockers = [...$blockers, ...$backs];

        return new self(
            $in,
            $half,
            array_values(array_intersect($read, $in)),
            array_intersect_key($out, array_flip($in)),
            5 + count($blockers),
            $blockers,
            $near,
        );
    }

    public function raw(): int
    {
        return count($this->in);
    }

    public function effective(): int
    {
        return $this->raw() - count(array_unique([...$this->read, ...array_keys($this->out)]));
    }

    /** How many more defenders than blockers; negative when the offense has one to spare. */
    public function free(): int
    {
        return $this->effective() - $this->blockerCount;
    }

    /** throw or run (CNT-03). */
    public function says(): string
    {
        return $this->free() > 0 ? 'throw' : 'run';
    }

    /** The sum in words: "7 - 1 = 6 against 6: the run is sound." */
    public function words(): string
    {
        $raw = $this->raw();
        $less = $raw - $this->effective();
        $free = $this->free();
        $sum = "$raw - $less = {$this->effective()} against {$this->blockerCount}";
        $why = array_map(fn (string $role): string => "$role counted out: {$this->out[$role]}", array_keys($this->out));
        $half = $this->half === [] ? [] : ['half in, not counted: '.implode(', ', $this->half)];
        $tail = implode('; ', [...array_map(fn (string $r): string => "$r read", $this->read), ...$why, ...$half]);

        return $sum.', '.match (true) {
            $free > 1 => self::number($free).' free: throw to either side',
            $free === 1 => 'one free: throw outside',
            default => 'the run is sound',
        }.($tail === '' ? '.' : " ($tail).");
    }

    private static function number(int $n): string
    {
        return [2 => 'two', 3 => 'three', 4 => 'four', 5 => 'five'][$n] ?? (string) $n;
    }

    private static function edgeYd(Defender $d, Lineup $lineup, float $pastYd): float
    {
        $side = $d->xYd < 0.0 ? Side::Left : Side::Right;

        return max(self::WIDE_YD, $lineup->surfaceXYd($side) + $pastYd);
    }
}
