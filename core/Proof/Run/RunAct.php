<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Run;

/**
 * What a read man does: his choice in coaches' words, the carrier he goes to, and where he is when it shows. Yards and
 * seconds.
 */
final readonly class RunAct
{
    /**
     * @param  string|null  $toward  action of the carrier he takes, or null for his rule and for standing between
     * @param  float  $share  how far he is from his first carrier to his second, 0 to 1
     */
    public function __construct(public string $name, public ?string $toward, public float $share)
    {
    }

    public function isChoice(): bool
    {
        return $this->toward !== null;
    }
}
