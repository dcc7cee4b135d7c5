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

    /** Read from words, as "strong safety triggers"; null where they say no act. */
    public static function said(string $words): ?self
    {
        foreach (DefenderAct::cases() as $act) {
            $who = trim(substr($words, 0, -strlen($act->value)));
            if (str_ends_with($words, " {$act->value}") && $who !== '') {
                return new self($who, $act);
            }
        }

        return null;
    }

    public function words(): string
    {
        return "{$this->defender} {$this->act->value}";
    }

    /** @return array{defender: string, act: string} */
    public function write(): array
    {
        return ['defender' => $this->defender, 'act' => $this->act->value];
    }
}
