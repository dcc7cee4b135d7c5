<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Offense;

use Jacotaxis\Core\Field\Hash;
use Jacotaxis\Core\Field\PlayFrame;
use Jacotaxis\Core\Field\Side;

/** The eleven on offense standing on the field, counted: what a defense lines up against. Yards in the play frame. */
final readonly class Lineup
{
    /** @var array<string, Man|null> by side */
    private array $wings;

    /** A man on the line this near the last lineman is a tight end, yards. */
    private const ATTACHED_YD = 1.9;

    /** A man off the line this near him is a wing or an H-back, yards. */
    private const WING_YD = 3.0;

    /**
     * @param  array<string, Man>  $men by letter
     * @param  list<Man>  $line  the five linemen from left to right
     * @param  array<string, Man|null>  $tightEnds  by side
     */
    private function __construct(
        public array $men,
        public ReceiverCount $count,
        public PlayFrame $frame,
        public Hash $hash,
        /** The passing strength: more receivers, else the field, else the side called. */
        public Side $strong,
        /** The front's strength: tight end, else the passing strength. */
        public Side $front,
        private array $line,
        private array $tightEnds,
    ) {
        $this->wings = self::bySide($this->findWing(...));
    }

    /** @param  array<string, Man>  $men by letter */
    public static function of(array $men, PlayFrame $frame, Hash $hash, Side $called): self
    {
        $count = ReceiverCount::of($men);
        $strong = $count->strength($hash, $called);
        $tightEnds = self::bySide(fn (Side $side): ?Man => self::attachedIn($men, $side));
        $attached = array_keys(array_filter($tightEnds));
        $front = count($attached) === 1 ? Side::from($attached[0]) : $strong;
        $line = array_map(fn (string $l): Man => $men[$l], Man::LINEMEN);
        usort($line, fn (Man $a, Man $b): int => $a->xYd <=> $b->xYd);

        return new self($men, $count, $frame, $hash, $strong, $front, $line, $tightEnds);
    }

    /** @return list<Man> the five linemen from left to right */
    public function line(): array
    {
        return $this->line;
    }

    /** Linemen more on a side than on the other, the center apart: two when a tackle is over. */
    public function extraLinemen(Side $side): int
    {
        $sides = array_map(fn (Man $m): int => ($m->xYd <=> 0.0) * $side->sign(), $this->line());

        return array_sum($sides);
    }

    /** The last lineman of a side. */
    public function end(Side $side): Man
    {
        return $side === Side::Left ? $this->line[0] : $this->line[4];
    }

    /** The tight end of a side, or null. */
    public function tightEnd(Side $side): ?Man
    {
        return $this->tightEnds[$side->value];
    }

    /** The wing, slot or H-back at the edge of a side, or null. */
    public function wing(Side $side): ?Man
    {
        return $this->wings[$side->value];
    }

    private function findWing(Side $side): ?Man
    {
        $edge = abs(($this->tightEnd($side) ?? $this->end($side))->xYd);
        foreach ($this->count->on($side) as $letter) {
            $man = $this->men[$letter];
            if (! $man->onLine() && abs($man->xYd) > 2.0 && abs($man->xYd) < $edge + self::WING_YD - 1.0) {
                return $man;
            }
        }

        return null;
    }

    /** Width of the last man of the blocking surface, yards from the ball. */
    public function surfaceXYd(Side $side): float
    {
        return max(
            abs($this->end($side)->xYd),
            abs($this->tightEnd($side)->xYd ?? 0.0),
            abs($this->wing($side)->xYd ?? 0.0),
        );
    }

    /**
     * Receivers by letter with everybody who may catch a pass.
     *
     * @return list<string>
     */
    public function eligible(): array
    {
        return [...$this->count->left, ...$this->count->right, ...$this->count->backs];
    }

    /** @return list<string> letters of tight ends, wings and backs who could block at the point */
    public function blockers(): array
    {
        $close = [];
        foreach (Side::cases() as $side) {
            foreach ([$this->tightEnd($side), $this->wing($side)] as $man) {
                if ($man !== null) {
                    $close[] = $man->letter;
                }
            }
        }

        return array_values(array_unique($close));
    }

    /**
     * @param  callable(Side): (Man|null)  $of
     * @return array<string, Man|null>
     */
    private static function bySide(callable $of): array
    {
        return [Side::Left->value => $of(Side::Left), Side::Right->value => $of(Side::Right)];
    }

    /** @param  array<string, Man>  $men */
    private static function attachedIn(array $men, Side $side): ?Man
    {
        $ends = array_map(fn (string $l): float => $side->sign() * $men[$l]->xYd, Man::LINEMEN);
        $end = max($ends);
        foreach ($men as $man) {
            $out = $side->sign() * $man->xYd - $end;
            if (
                ! $man->isLineman() &&
                ! $man->isQuarterback() &&
                $man->onLine() &&
                $out > 0.0 &&
                $out <= self::ATTACHED_YD
            ) {
                return $man;
            }
        }

        return null;
    }
}
