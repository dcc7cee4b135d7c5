<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Film\Chart;

/** A defender and what he was seen to do on a snap. */
final readonly class DefenderSeen
{
    /** Roles by the letters of the quick entry. */
    public const ROLES = [
        'ss' => 'strong safety', 'fs' => 'free safety', 'lc' => 'left corner', 'rc' => 'right corner',
        'le' => 'left end', 're' => 'right end', 'lt' => 'left tackle', 'rt' => 'right tackle', 'n' => 'nickel',
        's' => 'sam', 'm' => 'mike', 'w' => 'will',
    ];

    public function __construct(public string $defender, public DefenderAct $act)
    {
    }

    /**
     * @param  array{defender: string, act: string}  $seen
     */
    public static function read(array $seen): self
    {
        return new self($seen['defender'], DefenderAct::from($seen['act']));
    }

    /** @return array{defender: string, act: string} */
    public function write(): array
    {
        return ['defender' => $this->defender, 'act' => $this->act->value];
    }
}
