<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film;

/**
 * What somebody saw without measuring it: a choice, what was done with the ball, a number by eye. A guess is kept beside what was
 * seen and never counted as it (REC-08).
 */
final readonly class Seen
{
    /** What may be said of a man by eye, and the unit of a number among it. */
    public const WHAT = [
        'choice' => null, 'action' => null, 'block' => null, 'route' => null, 'break foot' => null, 'gathers' => null, 'toes reached' => null,
        'sudden' => null, 'pressed' => null, 'method' => null, 'owner' => null, 'foul' => null, 'outcome' => null, 'mesh spoiled' => null, 'moving at contact' => null,
        'break depth' => 'yd', 'quicks' => 'steps', 'quicks planned' => 'steps', 'cuts' => 'cuts', 'gap at the top' => 'yd',
    ];

    public function __construct(public string $man, public string $what, public string|float $value, public bool $certain = true, public ?string $angle = null)
    {
    }

    public function yes(): bool
    {
        return $this->value === 'yes';
    }
}
