<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Blocking;

/** A protection by its word (common practice). */
enum Scheme: string
{
    case Man = 'man';
    case HalfSlide = 'half-slide';
    case FullSlide = 'full-slide';
    case Gap = 'gap';
    case BigOnBig = 'big-on-big';
    case FiveMan = 'five-man';
    case SixMan = 'six-man';
    case SevenMan = 'seven-man';
    case EightMan = 'eight-man';
    case Boot = 'boot';
    case HalfBoot = 'half-boot';
    case Naked = 'naked';
    case Pocket = 'pocket';

    /**
     * How far outside the ball the passer throws from when he rolls, yards, and 0 when he stays (roll width and depth
     * are unset; product defaults).
     */
    public function rollYd(): float
    {
        return match ($this) {
            self::Boot, self::Naked => 7.0,
            self::HalfBoot => 4.0,
            default => 0.0,
        };
    }

    public function rolls(): bool
    {
        return $this->rollYd() > 0.0;
    }

    /** Linemen who slide a gap over: the whole line, the half on the slide's side with the center, or nobody. */
    public function slides(): string
    {
        return match ($this) {
            self::FullSlide, self::Gap, self::Boot, self::HalfBoot, self::Naked => 'all',
            self::HalfSlide, self::FiveMan, self::SixMan, self::SevenMan, self::EightMan, self::Pocket => 'half',
            self::Man, self::BigOnBig => 'none',
        };
    }

    /** How many men protect, linemen and all, where the word says so: those without a route stay in. */
    public function keeps(): ?int
    {
        return match ($this) {
            self::FiveMan => 5,
            self::SixMan => 6,
            self::SevenMan => 7,
            self::EightMan => 8,
            default => null,
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::Man => 'every lineman the man on him, a back the first backer who comes',
            self::HalfSlide => 'the center and one side slide, the other side is man with the back',
            self::FullSlide => 'the whole line slides a gap, the back takes the edge behind it',
            self::Gap => 'everybody his own gap',
            self::BigOnBig => 'linemen on linemen, the back on the backer',
            self::FiveMan => 'half-slide, the back is free to release',
            self::SixMan => 'half-slide with a back staying',
            self::SevenMan => 'half-slide with tight end and back staying, or who stands nearest',
            self::EightMan => 'half-slide with three staying: backs, tight ends, then who stands nearest',
            self::Boot => 'the line blocks the fake, the passer rolls out with a blocker on the edge',
            self::HalfBoot => 'as boot, the passer stops behind the tackle',
            self::Naked => 'the line blocks the fake, nobody blocks the edge',
            self::Pocket => 'the fake first, then a pocket',
        };
    }
}
