<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Offense;

use DomainException;
use Jacotaxis\Core\Kinematics\SprintLaw;

/** A named man of the roster as a proof knows him: his timed forty, stride, throwing hand and what he is able to do. */
final readonly class Athlete
{
    /**
     * Share of a timed sprint that is played in pads, on grass, with a job (product default; it makes a level's speeds
     * its usual forties).
     */
    public const PLAYED = 0.87;

    /** What a man may be able to do beyond his letter. */
    public const FLAGS = ['reaches the end', 'reaches the backer', 'pulls', 'throws on the run', 'catches deep',
        'blocks a corner'];

    /** @param  list<string>  $flags of FLAGS */
    private function __construct(
        public string $name,
        public ?int $number,
        public ?float $fortyS,
        public ?float $strideYd,
        public string $throws,
        public array $flags,
    ) {
    }

    /**
     * @param  float|null  $fortyS  timed 40 yards in seconds
     * @param  float|null  $strideYd  length of a running step in yards
     * @param  list<string>  $flags
     *
     * @throws DomainException
     */
    public static function of(
        string $name,
        ?int $number = null,
        ?float $fortyS = null,
        ?float $strideYd = null,
        string $throws = 'right',
        array $flags = [],
    ): self {
        if ($fortyS !== null && ! ($fortyS >= 4.0 && $fortyS <= 9.0)) {
            throw new DomainException("A forty of $fortyS s cannot be: give 4 to 9 seconds.");
        }
        if ($strideYd !== null && ! ($strideYd >= 0.5 && $strideYd <= 3.0)) {
            throw new DomainException("A stride of $strideYd yd cannot be: give half a yard to three.");
        }
        if ($number !== null && ($number < 0 || $number > 99)) {
            throw new DomainException("Number $number cannot be worn: give 0 to 99.");
        }

        return new self(
            $name,
            $number,
            $fortyS,
            $strideYd,
            $throws,
            array_values(array_intersect(self::FLAGS, $flags)),
        );
    }

    /** How he runs in a play, or null when he has no time. */
    public function law(): ?SprintLaw
    {
        return $this->fortyS === null
            ? null
            : new SprintLaw(SprintLaw::tunedTo(40.0, $this->fortyS)->vmax * self::PLAYED);
    }
}
