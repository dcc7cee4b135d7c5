<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film;

/**
 * What somebody saw without measuring it: a choice, what was done with the ball, a number by eye. A guess is kept
 * beside what was seen and never counted as it (REC-08).
 */
final readonly class Seen
{
    /** What is said of the play; what is said of a man is in the library (Grade\Library\ByEye). */
    public const OF_THE_PLAY = ['choice', 'action', 'owner', 'mesh spoiled', 'outcome', 'route'];

    public function __construct(
        public string $man,
        public string $what,
        public string|float $value,
        public bool $certain = true,
        public ?string $angle = null,
    ) {
    }

    public function yes(): bool
    {
        return $this->value === 'yes';
    }
}
