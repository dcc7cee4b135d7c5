<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Plan\Mix;

/** How a game is best played by both sides: how often each choice, and what the row side gains then at least. */
final readonly class GameMix
{
    /**
     * @param  list<float>  $rows  shares of the row side's choices, 0 to 1
     * @param  list<float>  $columns  shares of the column side's choices
     */
    public function __construct(public array $rows, public array $columns, public float $value)
    {
    }
}
