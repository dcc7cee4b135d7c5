<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Route;

use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Offense\Man;
use Jacotaxis\Core\School\Schools;

/**
 * What a receiver sees of the defense: who plays him, how near, on which side, man or zone, and the middle after the
 * snap.
 */
final readonly class Facing
{
    /** How far away sideways and how deep an under man still plays him, yards. */
    private const REACH_YD = 7.0;

    private const UNDER_YD = 9.5;

    /** Nearer than this he is head up, yards. */
    private const HEAD_UP_YD = 0.4;

    private function __construct(
        public Man $man,
        /** The defender over him, or the nearest under man. */
        public ?Defender $by,
        public float $cushionYd,
        /** inside, outside, head up or none */
        public string $leverage,
        public bool $manned,
        public bool $middleOpen,
        private float $pressYd,
        private float $offYd,
    ) {
    }

    /** @param  list<Defender>  $defenders */
    public static function of(Man $man, array $defenders, bool $middleOpen, ?Schools $schools = null): self
    {
        $schools ??= Schools::of();
        $by = $under = null;
        $manned = false;
        foreach ($defenders as $d) {
            if ($d->rushes()) {
                continue;
            }
            $manned = $manned || $d->takes === $man->letter;
            $away = abs($d->xYd - $man->xYd);
            if (
                ($d->takes === $man->letter || ($d->over === $man->letter && $d->takes === null)) &&
                ($by === null || $d->takes === $man->letter)
            ) {
                $by = $d;
            }
            if (
                $d->yYd <= self::UNDER_YD &&
                $away <= self::REACH_YD &&
                ($under === null || $away < abs($under->xYd - $man->xYd))
            ) {
                $under = $d;
            }
        }
        $by ??= $under;
        $in = $by === null ? 0.0 : ($man->xYd - $by->xYd) * $man->side()->sign();

        return new self($man, $by, $by === null ? 99.0 : $by->yYd - max(0.0, $man->yYd), match (true) {
            $by === null => 'none',
            abs($in) < self::HEAD_UP_YD => 'head up',
            default => $in > 0.0 ? 'inside' : 'outside',
        }, $manned, $middleOpen, (float) $schools->value('press'), (float) $schools->value('off'));
    }

    /** Whether a defender stands in his face. */
    public function pressed(): bool
    {
        return $this->by !== null &&
            ! $this->man->isBack() &&
            $this->cushionYd <= $this->pressYd &&
            abs($this->by->xYd - $this->man->xYd) <= $this->pressYd;
    }

    /** Whether a condition of a conversion holds. */
    public function holds(string $condition): bool
    {
        return match ($condition) {
            'press' => $this->pressed(),
            'off' => ! $this->pressed() && $this->cushionYd >= $this->offYd,
            'man' => $this->manned,
            'zone' => ! $this->manned,
            'middle open' => $this->middleOpen,
            'middle closed' => ! $this->middleOpen,
            'inside', 'outside', 'head up' => $this->leverage === $condition,
            default => false,
        };
    }
}
