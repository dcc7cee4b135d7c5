<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Defense\Aligning;

use Jacotaxis\Core\Defense\Defender;

/** Eleven defenders on the field, and what they did about the formation in words. */
final readonly class Aligned
{
    /**
     * @param  list<Defender>  $defenders  at the snap, the line first
     * @param  list<Defender>  $before  before the motion, in the same order
     * @param  list<string>  $notes  "mike bumps out to Y"
     */
    public function __construct(public array $defenders, public array $before, public array $notes)
    {
    }

    public function role(string $role): ?Defender
    {
        foreach ($this->defenders as $defender) {
            if ($defender->role === $role) {
                return $defender;
            }
        }

        return null;
    }
}
