<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Blocking\Run\Front;

use Jacotaxis\Core\Defense\Count\Edges;
use Jacotaxis\Core\Defense\Count\Point;
use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Kinematics\Group;
use Jacotaxis\Core\Offense\Lineup;

/**
 * A defense as the rules of a run see it: down men, backers, edges and support, counted from the side the run goes to.
 * Widths are yards playside of the ball.
 */
final class FrontRead
{
    /** A man this near the line is on it, yards. */
    public const LINE_YD = 1.8;

    /** Men of the second level stand no deeper than this, yards. */
    private const SECOND_YD = 7.5;

    /** A man within this of a lineman touches him: head-up or on either shoulder, yards. */
    private const TOUCH_YD = 0.6;

    /** A head-up nose counts from the center out, a shade does not, yards. */
    public const HEAD_UP_YD = 0.15;

    /** A backer this far outside the tackle is no man of the inside pair, yards. */
    private const OUTSIDE_YD = 0.8;

    /** A backer farther outside the surface than this is an overhang, yards. */
    private const BOX_YD = 1.0;

    /** @var array<string, Defender> by role */
    public readonly array $men;

    /** @var list<string> men on the line from the backside to the playside */
    public readonly array $line;

    /** @var list<string> second level inside the surface, from the backside to the playside */
    public readonly array $backers;

    /** @var list<string> second level outside the surface, from the backside to the playside */
    public readonly array $overhangs;

    public readonly ?string $mike;

    /** @var array<string, string|null> support by side */
    public readonly array $support;

    /** @param  list<Defender>  $defenders */
    public function __construct(
        array $defenders,
        private readonly Lineup $lineup,
        Look $look,
        public readonly Side $playside,
    ) {
        $men = [];
        foreach ($defenders as $d) {
            $men[$d->role] = $d;
        }
        $this->men = $men;
        $this->line = $this->sorted(fn (Defender $d): bool => $this->onLine($d));
        $second = fn (Defender $d): bool => ! $this->onLine($d) &&
            $d->group !== Group::Corner &&
            $d->yYd <= self::SECOND_YD;
        $inside = fn (Defender $d): bool => abs($d->xYd) <= $this->surface(Side::ofX($d->xYd)) + self::BOX_YD;
        $this->backers = $this->sorted(fn (Defender $d): bool => $second($d) && $inside($d));
        $this->overhangs = $this->sorted(fn (Defender $d): bool => $second($d) && ! $inside($d));
        $this->mike = Point::of($defenders, $lineup);
        $this->support = [
            'playside' => Edges::support($defenders, $look, $lineup, $playside),
            'backside' => Edges::support($defenders, $look, $lineup, $playside->opposite()),
        ];
    }

    public function u(string $role): float
    {
        return $this->men[$role]->xYd * $this->playside->sign();
    }

    /** Where he is when his movement at the snap is done. */
    public function movedU(string $role): float
    {
        $d = $this->men[$role];

        return ($d->movement === null ? $d->xYd : $d->movement->to($d->xYd, $d->yYd)[0]) * $this->playside->sign();
    }

    public function depth(string $role): float
    {
        return $this->men[$role]->yYd;
    }

    public function isOnLine(string $role): bool
    {
        return in_array($role, $this->line, true);
    }

    /** @return list<string> everybody of the box: the line and the backers inside the surface */
    public function box(): array
    {
        return [...$this->line, ...$this->backers];
    }

    /**
     * From the tackle in: the man of the second level the play runs at first.
     *
     * @param  list<string>  $backers
     * @return list<string>
     */
    public function fromTackle(array $backers): array
    {
        $tackle = $this->end($this->playside) + self::OUTSIDE_YD;
        usort(
            $backers,
            fn (string $a, string $b): int => [$this->u($a) > $tackle, -$this->u($a)] <=> [
                $this->u($b) > $tackle,
                -$this->u($b),
            ],
        );

        return $backers;
    }

    /** The man on a lineman or end, head-up or shaded, or null. */
    public function on(string $letter): ?string
    {
        foreach ($this->line as $role) {
            if ($this->men[$role]->over === $letter && ($this->men[$role]->technique !== null)) {
                return $role;
            }
        }

        return null;
    }

    public function nose(): ?string
    {
        foreach ($this->line as $role) {
            if ($this->men[$role]->technique === '0') {
                return $role;
            }
        }

        return null;
    }

    /** A man on the center's shoulder, of two the one to the play. */
    public function shade(): ?string
    {
        foreach (array_reverse($this->line) as $role) {
            if ($this->men[$role]->technique === '1') {
                return $role;
            }
        }

        return null;
    }

    /**
     * Down men from the center out to the playside: a head-up nose counts, a shade does not (INZ-19, CNT-11).
     *
     * @return list<string>
     */
    public function downOut(bool $shadeCounts = false): array
    {
        $middle = $this->middle();

        return array_values(array_filter($this->line, function (string $r) use ($middle, $shadeCounts): bool {
            $u = $this->u($r) - $middle;
            $shade = $this->men[$r]->technique === '1';

            return $this->men[$r]->technique !== null &&
                (abs($u) <= self::HEAD_UP_YD || ($u > 0.0 && (! $shade || $shadeCounts)));
        }),
        );
    }

    /**
     * Option men from the man on the playside tackle out: #1, #2, #3 and so on (CNT-11, VER-01).
     *
     * @return list<string>
     */
    public function optionCount(): array
    {
        $tackle = $this->end($this->playside);
        $line = array_values(
            array_filter($this->line, fn (string $r): bool => $this->u($r) >= $tackle - self::TOUCH_YD),
        );
        $touching = array_values(
            array_filter($line, fn (string $r): bool => abs($this->u($r) - $tackle) <= self::TOUCH_YD),
        );
        $first = $touching[0] ?? ($line[0] ?? null);
        if ($first === null) {
            return [];
        }
        $count = [$first];
        // A backer inside the surface fits the dive, he is nobody's third.
        $wide = array_filter(
            [...$this->backers, ...$this->overhangs],
            fn (string $r): bool => $this->u($r) > $tackle + self::OUTSIDE_YD,
        );
        $out = array_filter(
            [...$this->line, ...$wide],
            fn (string $r): bool => $r !== $first && $this->u($r) > $this->u($first) + 0.2,
        );
        usort(
            $out,
            fn (string $a, string $b): int => [$this->u($a), $this->depth($a)] <=> [$this->u($b), $this->depth($b)],
        );
        $support = $this->support['playside'];
        foreach ([...$out, $support, ...$this->tight(), $this->safety($this->playside),
            $this->corner($this->playside)] as $role) {
            // The free man in the middle is the inside pair's, unless he is the support.
            if (
                $role !== null &&
                ! in_array($role, $count, true) &&
                ($role === $support || $role !== $this->freeSafety() || $this->deepCount() > 1)
            ) {
                $count[] = $role;
            }
        }

        return $count;
    }

    /** First down man past the center on the playside. */
    public function firstDown(): ?string
    {
        foreach ($this->line as $role) {
            if ($this->u($role) - $this->middle() > self::HEAD_UP_YD && $this->men[$role]->technique !== '1') {
                return $role;
            }
        }

        return null;
    }

    /** The next man on the line outside another. */
    public function lineOutside(string $role): ?string
    {
        $at = array_search($role, $this->line, true);

        return $at === false ? null : ($this->line[$at + 1] ?? null);
    }

    /** Last man on the line of a side. */
    public function emol(Side $side): ?string
    {
        $line = $side === $this->playside ? array_reverse($this->line) : $this->line;
        foreach ($line as $role) {
            if ($this->u($role) * ($side === $this->playside ? 1.0 : -1.0) > 0.5) {
                return $role;
            }
        }

        return null;
    }

    public function corner(Side $side): ?string
    {
        foreach ($this->men as $role => $d) {
            if ($d->group === Group::Corner && Side::ofX($d->xYd) === $side) {
                return $role;
            }
        }

        return null;
    }

    /** The safety of a side, down or deep; the middle one belongs to both. */
    public function safety(Side $side): ?string
    {
        $sign = $side === $this->playside ? 1.0 : -1.0;
        $safe = array_filter(array_keys($this->men), fn (string $r): bool => $this->men[$r]->group === Group::Safety);
        usort($safe, fn (string $a, string $b): int => $sign * $this->u($b) <=> $sign * $this->u($a));

        return $safe[0] ?? null;
    }

    /** The deep man nearest the middle: of two the one who is not the support of the playside. */
    public function freeSafety(): ?string
    {
        $deep = array_values(
            array_filter(
                array_keys($this->men),
                fn (string $r): bool => $this->men[$r]->group === Group::Safety && $this->depth($r) > self::SECOND_YD,
            ),
        );
        usort(
            $deep,
            fn (string $a, string $b): int => [
                $a === $this->support['playside'] && count($deep) > 1,
                abs($this->u($a)),
            ] <=> [$b === $this->support['playside'] && count($deep) > 1, abs($this->u($b))],
        );

        return $deep[0] ?? null;
    }

    public function overhang(Side $side): ?string
    {
        $out = array_values(
            array_filter(
                $this->overhangs,
                fn (string $r): bool => $this->u($r) * ($side === $this->playside ? 1.0 : -1.0) > 0.0,
            ),
        );
        usort($out, fn (string $a, string $b): int => abs($this->u($a)) <=> abs($this->u($b)));

        return $out[0] ?? null;
    }

    /** Width of the last lineman of a side, yards playside of the ball. */
    public function end(Side $side): float
    {
        return $this->lineup->end($side)->xYd * $this->playside->sign();
    }

    public function middle(): float
    {
        return $this->lineup->line()[2]->xYd * $this->playside->sign();
    }

    private function deepCount(): int
    {
        return count(
            array_filter(
                $this->men,
                fn (Defender $d): bool => $d->group === Group::Safety && $d->yYd > self::SECOND_YD,
            ),
        );
    }

    /**
     * Corners so tight that they are men of the count.
     *
     * @return list<string>
     */
    private function tight(): array
    {
        $corner = $this->corner($this->playside);

        return $corner !== null && abs($this->u($corner)) <= Edges::CONDENSED_YD + 2.0 ? [$corner] : [];
    }

    public function surface(Side $side): float
    {
        return $this->lineup->surfaceXYd($side);
    }

    private function onLine(Defender $d): bool
    {
        return $d->yYd <= self::LINE_YD &&
            ! $d->group->isSecondary() &&
            abs($d->xYd) <= $this->surface(Side::ofX($d->xYd)) + 3.0;
    }

    /** @return list<string> roles from the backside to the playside */
    private function sorted(callable $keeps): array
    {
        $men = array_filter($this->men, $keeps);
        uasort(
            $men,
            fn (Defender $a, Defender $b): int => $a->xYd * $this->playside->sign() <=>
                $b->xYd * $this->playside->sign(),
        );

        return array_keys($men);
    }
}
