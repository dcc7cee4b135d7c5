<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Blocking\Run\Line;

use Jacotaxis\Core\Blocking\Run\Block;
use Jacotaxis\Core\Blocking\Run\Front\FrontRead;
use Jacotaxis\Core\Blocking\Run\Front\Posts;
use Jacotaxis\Core\Blocking\Run\RunKind;
use Jacotaxis\Core\Blocking\Run\RunScheme;
use Jacotaxis\Core\Blocking\Run\Verb;

/**
 * The doubles that follow from who has whom: a man who handed his man over helps on him first, then whoever is on a
 * backer, the inside backer of the play first, then who has nobody; each down man is doubled once, and the one with
 * the backer climbs (INZ-02, INZ-06, INZ-08, INZ-09).
 */
final class Doubles
{
    /** A man this far to the side is reached or blocked down on, yards. */
    private const BESIDE_YD = 0.6;

    /**
     * On his way to a backer a man touches the hip of a neighbor whose man is this far beyond both their hands, yards.
     */
    private const CHECKED_YD = 0.7;

    /** @var array<string, Block> */
    private array $blocks = [];

    /** @var array<string, true> by role */
    private array $doubled = [];

    /**
     * @param  array<string, string|null>  $has  role by letter of those the matching served, from the back side to the
     *     play side
     * @param  array<string, string>  $named  role on the line by letter of those with a job of their own who stay
     */
    public function __construct(
        private readonly array $has,
        private readonly array $named,
        private readonly ?string $first,
        private readonly RunScheme $scheme,
        private readonly Posts $posts,
        private readonly FrontRead $front,
        private readonly float $touchYd,
    ) {
    }

    /**
     * @return array<string, Block> by letter: the men the matching served, and neighbors with a job of their own who
     *     are helped
     */
    public function blocks(): array
    {
        foreach ($this->helpers() as $letter) {
            $this->help($letter);
        }
        foreach ($this->has as $letter => $role) {
            $this->blocks[$letter] ??= $this->alone($letter, $role);
        }

        return $this->blocks;
    }

    /** @return list<string> in the order they choose a partner */
    private function helpers(): array
    {
        $free = array_keys(
            array_filter($this->has, fn (?string $role): bool => $role === null || ! $this->front->isOnLine($role)),
        );
        $rank = fn (string $letter): array => [
            $this->handedTo($letter) === null ? 1 : 0,
            match (true) {
                $this->has[$letter] === null => 2,
                $this->has[$letter] === $this->first => 0,
                default => 1,
            },
            -$this->posts->u($letter),
        ];
        usort($free, fn (string $a, string $b): int => $rank($a) <=> $rank($b));

        return $free;
    }

    private function help(string $letter): void
    {
        $role = $this->has[$letter];
        $partner = $this->partner($letter, false);
        if ($partner !== null && ! $this->onTrack($partner)) {
            $down = (string) $this->man($partner);
            $this->doubled[$down] = true;
            $this->blocks[$letter] = $this->block(
                $letter,
                $role === null ? Verb::Help : Verb::Double,
                $role,
                $down,
                $partner,
            );
            if ($role !== null && isset($this->has[$partner])) {
                $this->blocks[$partner] = $this->block($partner, Verb::Double, $down, $down, $letter);
            }

            return;
        }
        $near = $role === null ? null : ($partner ?? $this->partner($letter, true) ?? $this->inside($letter));
        if ($near !== null) {
            $this->blocks[$letter] = $this->block($letter, Verb::Check, $role, partner: $near);
        }
    }

    /**
     * The neighbor on whose man he helps.
     *
     * @param  bool  $already  a man who is doubled already is only touched on the way
     */
    private function partner(string $letter, bool $already): ?string
    {
        $handed = $this->handedTo($letter);
        foreach ([...($handed === null ? [] : [$handed]), ...$this->neighbors($letter)] as $neighbor) {
            $down = $this->man($neighbor);
            if (
                $down !== null &&
                isset($this->doubled[$down]) === $already &&
                abs($this->front->movedU($down) - $this->posts->u($letter)) <= $this->touchYd
            ) {
                return $neighbor;
            }
        }

        return null;
    }

    /** The neighbor to the play whose man is too far to be doubled, but not to be touched (INZ-06). */
    private function inside(string $letter): ?string
    {
        $neighbor = $this->neighbors($letter)[0] ?? null;
        $down = $neighbor === null ? null : $this->man($neighbor);

        return $down !== null &&
            abs($this->front->movedU($down) - $this->posts->u($letter)) <= $this->touchYd + self::CHECKED_YD
            ? $neighbor
            : null;
    }

    /** The edge blocker of a sweep stays on his track alone (JET-02). */
    private function onTrack(string $letter): bool
    {
        return $this->scheme->kind === RunKind::Jet &&
            ! $this->posts->lineup->men[$letter]->isLineman() &&
            $this->posts->u($letter) > $this->front->middle();
    }

    /** The neighbor who took over the man on him. */
    private function handedTo(string $letter): ?string
    {
        $on = $this->front->on($letter);
        foreach ($on === null || $on === $this->has[$letter] ? [] : $this->neighbors($letter) as $neighbor) {
            if ($this->man($neighbor) === $on) {
                return $neighbor;
            }
        }

        return null;
    }

    /**
     * Men beside him who stay. On zone he helps to the play side first, on a gap run to the inside.
     *
     * @return list<string>
     */
    private function neighbors(string $letter): array
    {
        $line = array_keys([...$this->has, ...$this->named]);
        usort($line, fn (string $a, string $b): int => $this->posts->u($a) <=> $this->posts->u($b));
        $at = (int) array_search($letter, $line, true);
        $u = $this->posts->u($letter);
        $toPlay = $this->scheme->kind->slides() || $u < $this->front->middle() - 0.1;
        $beside = $toPlay
            ? [$line[$at + 1] ?? null, $line[$at - 1] ?? null]
            : [$line[$at - 1] ?? null, $line[$at + 1] ?? null];

        return array_values(
            array_filter(
                $beside,
                fn (?string $other): bool => $other !== null && abs($this->posts->u($other) - $u) <= $this->touchYd,
            ),
        );
    }

    /** The man on the line a man of the line keeps. */
    private function man(string $letter): ?string
    {
        $role = $this->has[$letter] ?? $this->named[$letter] ?? null;

        return $role !== null && $this->front->isOnLine($role) ? $role : null;
    }

    private function alone(string $letter, ?string $role): Block
    {
        if ($role === null || ! $this->front->isOnLine($role)) {
            return $this->block($letter, Verb::Climb, $role);
        }
        $u = $this->posts->u($letter);
        $to = $this->front->movedU($role);

        return $this->block($letter, match (true) {
            // On a sweep an end or a wing stays on his track to the outside shoulder.
            $this->onTrack($letter) => Verb::Edge,
            $to > $u + self::BESIDE_YD => Verb::Reach,
            $to < $u - self::BESIDE_YD && $u > $this->front->middle() => Verb::Down,
            default => Verb::Base,
        }, $role);
    }

    private function block(
        string $letter,
        Verb $verb,
        ?string $target,
        ?string $first = null,
        ?string $partner = null,
    ): Block {
        return new Block($letter, $this->posts->post($letter), $verb, $target, $first, $partner);
    }
}
