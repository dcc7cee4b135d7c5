<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Words\Call;

use Jacotaxis\Core\Concept\Call;
use Jacotaxis\Core\Concept\CallBuilder;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Offense\Sets;
use Jacotaxis\Core\Words\NotUnderstood;
use Jacotaxis\Core\Words\Trade\Phrases;
use Jacotaxis\Core\Words\Trade\TradeCalls;

/**
 * A call that says no formation, "stick" or "3rd & 6 | smash left", stands in the first usual set that has its men.
 * Which set is usual for what is common practice.
 */
final readonly class UsualSet
{
    /** In the order they are tried. */
    private const SETS = ['gun 2x2', 'gun trips', 'gun trey', 'under center ace', 'under center I'];

    /** Where a run is at home that wants a fullback, slots or a wing. */
    private const HOMES = [
        'under center I' => ['iso', 'toss', 'lead option', 'F dive', 'F trap', 'F belly'],
        'under center double-slot' => ['midline', 'midline pitch', 'triple', 'rocket', 'load option',
            'freeze option', 'isolated dive'],
        'under center wing' => ['buck', 'belly', 'trap'],
        'under center ace' => ['quarterback sneak'],
    ];

    private const SIDE = '/(?<![\w-])(?:(left|lt)|right|rt)(?![\w-])/i';

    /** What may stand between the formation and the rest. */
    private const JOINS = [': ', ', '];

    /** @param  bool  $namesOne  whether something stands before a colon where a formation would */
    private function __construct(private string $situation, private string $call, public bool $namesOne)
    {
    }

    /** Null where the words name a set, or where the quarterback stands. */
    public static function of(string $words): ?self
    {
        $begins = [...Sets::names(), ...Sets::quarterbacks()];
        $own = TradeCalls::call($words);
        if (preg_match('/(?<![\w-])(?:'.Phrases::anyOf($begins).')(?![\w-])/i', $own) === 1) {
            return null;
        }
        // "goal line: fade left" says a situation, which the language divides off.
        $parts = explode('|', ! str_contains($words, '|') && str_contains($own, '|') ? $own : $words, 2);

        [$situation, $call] = count($parts) === 2 ? ["$parts[0]| ", $parts[1]] : ['', $words];

        return new self($situation, trim($call), str_contains($call, ':'));
    }

    /**
     * The call as it would be said from each usual set, the most usual first; of each the ways to join them.
     *
     * @return iterable<non-empty-list<string>>
     */
    public function said(): iterable
    {
        $side = $this->side()->value;
        foreach ($this->sets() as $set) {
            yield array_map(fn (string $join): string => "$this->situation$set $side$join$this->call", self::JOINS);
        }
    }

    /** Whether another set may have what is missing: a man, but no word that nobody knows. */
    public static function helps(NotUnderstood $refused): bool
    {
        return ! $refused->isNo() || strlen($refused->word) === 1;
    }

    /** Whether every family of the call found its men there. */
    public static function has(Call $call): bool
    {
        return array_filter($call->assumed, fn (string $a): bool => str_contains($a, CallBuilder::SHORT)) === [];
    }

    /** The set goes to the side that is said first. */
    private function side(): Side
    {
        $said = preg_match(self::SIDE, $this->call, $m) === 1;

        return $said && ($m[1] ?? '') !== '' ? Side::Left : Side::Right;
    }

    /** @return list<string> */
    private function sets(): array
    {
        $words = TradeCalls::call($this->call);
        $home = array_filter(
            self::HOMES,
            fn (array $runs): bool => preg_match('/(?<![\w-])(?:'.Phrases::runs($runs).')(?![\w-])/i', $words) === 1,
        );

        return [...array_keys($home), ...self::SETS];
    }
}
