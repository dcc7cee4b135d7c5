<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Words\Trade\Look;

use Jacotaxis\Core\Defense\Aligning\Named;
use Jacotaxis\Core\Defense\Fronts;
use Jacotaxis\Core\Words\DefenderWords;
use Jacotaxis\Core\Words\Trade\Phrases;

/** Which men of a front are meant by what coaches call them: "the ss", "both ilbs", "weak olb". Common practice. */
final readonly class DefendersSaid
{
    /** What a man is called: the first of these roles his front has. */
    private const CALLED = [
        'ss' => ['strong safety', 'rover'],
        'fs' => ['free safety'],
        'star' => ['nickel', 'sam'],
        'spur' => ['nickel', 'sam'],
        'nickelback' => ['nickel'],
        'dimeback' => ['dime'],
    ];

    private const INSIDE = '(?:both )?(?:ilbs|inside (?:line)?backers)|both (?:(?:line)?backers|lbs?)';

    private const OUTSIDE = '(?:(strong|weak|both)(?: side)? )?(?:olb|outside (?:line)?backer)(s?)';

    /** The outside backers of a front, the strong one first. */
    private const OUTSIDE_BACKERS = ['3-4' => ['sam', 'jack'], 'tite' => ['sam', 'jack'],
        '4-3 over' => ['sam', 'will'], '4-3 under' => ['sam', 'will'], '4-4' => ['sam', 'rover'],
        '3-3 stack' => ['sam', 'will'], '5-3' => ['sam', 'will']];

    /** @param  list<string>  $roles */
    private function __construct(private string $front, private array $roles)
    {
    }

    public static function in(string $front): self
    {
        return new self($front, Fronts::get($front)->roles());
    }

    /** One man, or several who are called together, as a pattern without groups of its own. */
    public static function pattern(): string
    {
        $words = [...DefenderWords::known(), ...array_keys(self::CALLED), ...Named::KINDS];
        usort($words, fn (string $a, string $b): int => strlen($b) <=> strlen($a));
        $outside = str_replace(['(strong|', '(s?)'], ['(?:strong|', 's?'], self::OUTSIDE);
        $together = '(?:all|both)(?: (?:three|two|3|2))?(?: of)?(?: the)? (?:'.Phrases::anyOf(Named::together()).')';

        return self::INSIDE."|$outside|$together|".Phrases::anyOf($words);
    }

    /**
     * Those men in words of the language.
     *
     * @param  string  $side  where else in the words their side is said; empty where it is not
     * @return list<string>|null null where who is meant does not follow
     */
    public function men(string $said, string $side): ?array
    {
        $men = [];
        foreach (preg_split('/ (?:and|&) /i', strtolower($said)) ?: [] as $word) {
            $found = $this->one(preg_replace('/^the /', '', $word) ?? $word, $side);
            if ($found === null) {
                return null;
            }
            $men = [...$men, ...$found];
        }

        return $men;
    }

    /**
     * A man of whom there are two, said without a side: both of them.
     *
     * @return list<string>|null null where he is no such man
     */
    public function together(string $said): ?array
    {
        $both = ['corner' => 'corners', 'end' => 'ends', 'tackle' => 'tackles'];
        $word = preg_replace('/^the /', '', strtolower($said)) ?? $said;

        return isset($both[$word]) ? [$both[$word]] : null;
    }

    /** @return list<string>|null */
    private function one(string $word, string $side): ?array
    {
        $word = preg_replace('/^(?:all|both)(?: (?:three|two|3|2))?(?: of)?(?: the)? (?=ends|corners|tackles'
            .'|safeties)|^all(?: (?:three|two|3|2))?(?: of)?(?: the)? /', '', $word) ?? $word;
        $called = self::CALLED[$word] ?? null;

        return match (true) {
            preg_match('/^(?:'.self::INSIDE.')$/', $word) === 1 => $this->inside(),
            preg_match('/^'.self::OUTSIDE.'$/', $word, $m) === 1 => $this->outside($m[1] ?: $side, $m[2] !== ''),
            $called !== null => array_slice(array_values(array_intersect($called, $this->roles)), 0, 1) ?: null,
            in_array($word, Named::KINDS, true) => $side === '' ? null : ["$side $word"],
            default => [$word],
        };
    }

    /** @return list<string>|null the mike and the will where the front has them */
    private function inside(): ?array
    {
        $two = ['mike', 'will'];

        return array_diff($two, $this->roles) === [] ? $two : null;
    }

    /**
     * @param  bool  $together  whether more than one is said
     * @return list<string>|null the strong one, the weak one or both; null where it is not said, or the front has none
     */
    private function outside(string $which, bool $together): ?array
    {
        [$strong, $weak] = self::OUTSIDE_BACKERS[$this->front] ?? [null, null];

        return match (true) {
            $strong === null || $weak === null => null,
            $which === 'strong' => [$strong],
            $which === 'weak' => [$weak],
            $which === 'both' || $together => [$strong, $weak],
            default => null,
        };
    }
}
