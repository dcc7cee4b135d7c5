<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Blocking\Run\Told;

use Jacotaxis\Core\Blocking\Run\Block;
use Jacotaxis\Core\Blocking\Run\Resolved;
use Jacotaxis\Core\Blocking\Run\Verb;
use Jacotaxis\Core\Defense\Jobs\Movement;
use Jacotaxis\Core\Defense\Jobs\MovementKind;
use Jacotaxis\Core\Field\Side;

/**
 * The branches every job carries, general rules over what a man does and where his man stands (jobs.md, what each man
 * is told).
 */
final readonly class Branches
{
    /** A down man on the outside shoulder from here out is a 5, yards outside the tackle. */
    private const FIVE_YD = 0.2;

    private function __construct(private Resolved $resolved)
    {
    }

    /** @return list<Branch> */
    public static function of(Block $block, Resolved $resolved): array
    {
        $own = new self($resolved);

        return array_values(array_filter([
            $own->overTheTop($block),
            ...$own->alone($block),
            $own->widens($block),
            ...$own->slotOnSecond($block),
            $own->crosses($block),
            ...$own->leads($block),
            $own->nobodyToKick($block),
            $own->slantsIn($block),
            $own->outOfReach($block),
            ...$own->combination($block),
            $own->pull($block),
        ]));
    }

    /** VER-04, VER-05 */
    private function overTheTop(Block $block): ?Branch
    {
        $climbs = $block->verb === Verb::Climb && $block->post === 'playside guard' && $block->target !== null;
        if (
            ! $climbs ||
            ! $this->resolved->run->scheme()->isOption() ||
            $this->resolved->front->isOnLine($block->target)
        ) {
            return null;
        }
        $tackle = $this->resolved->posts->letter('playside tackle');

        return new Branch(
            "the {$block->target} runs over the top",
            "replaces him, inside knee on the free safety; $tackle has the {$block->target}",
            $block->target,
            new Movement(MovementKind::Scrape, $this->resolved->run->side),
        );
    }

    /**
     * A tackle alone on a 5 (FBL-02).
     *
     * @return list<Branch>
     */
    private function alone(Block $block): array
    {
        $tackle =
            $block->post === 'playside tackle' &&
            in_array($block->verb, [Verb::Base, Verb::Reach], true) &&
            $block->partner === null;
        if (
            ! $tackle ||
            $block->target === null ||
            $this->resolved->front->u($block->target) < $this->resolved->posts->u($block->letter) + self::FIVE_YD
        ) {
            return [];
        }

        return [
            new Branch(
                "the {$block->target} comes inside",
                'wheels and pins him, no penetration',
                $block->target,
                new Movement(MovementKind::Spike),
            ),
            new Branch(
                "the {$block->target} stays out",
                'outside of his chest, runs him to the sideline',
                $block->target,
            ),
        ];
    }

    /** FRZ-04, JET-01 */
    private function widens(Block $block): ?Branch
    {
        if (
            $block->target === null ||
            ! in_array($block->verb, [Verb::Arc, Verb::Stalk, Verb::Edge], true) ||
            $this->isBehind($block)
        ) {
            return null;
        }

        return new Branch("the {$block->target} widens", 'kicks him out, the ball goes inside', $block->target);
    }

    /**
     * FBL-09
     *
     * @return list<Branch>
     */
    private function slotOnSecond(Block $block): array
    {
        $second = $this->resolved->front->optionCount()[1] ?? null;
        if (
            $block->verb !== Verb::Block ||
            $block->target === null ||
            $block->target !== $second ||
            ! in_array($block->post, ['playside slot', 'playside wing'], true)
        ) {
            return [];
        }

        return [
            new Branch("the $second is pinned inside", 'goes outside of him', $second),
            new Branch("the $second runs out", 'goes inside of him', $second),
        ];
    }

    /** FBL-10 */
    private function crosses(Block $block): ?Branch
    {
        $second = $this->resolved->front->optionCount()[1] ?? null;
        if (
            $block->verb !== Verb::Block ||
            $second === null ||
            $block->target !== $second ||
            $block->post !== 'playside wide'
        ) {
            return null;
        }
        $guard = $this->resolved->posts->letter('playside guard');

        return new Branch(
            "the $second crosses inside",
            "goes on to the safety; $guard takes him",
            $second,
            new Movement(MovementKind::Spike),
        );
    }

    /**
     * FBL-05
     *
     * @return list<Branch>
     */
    private function leads(Block $block): array
    {
        if (
            $block->verb !== Verb::Lead ||
            ! in_array($block->target, $this->resolved->front->backers, true) ||
            ! $this->resolved->posts->lineup->men[$block->letter]->isBack()
        ) {
            return [];
        }

        return [
            new Branch(
                'B opens',
                "takes the {$block->target} there at once",
                $block->target,
                new Movement(MovementKind::Blitz),
            ),
            new Branch('the backers cross', 'finds B and fills it'),
        ];
    }

    /** JET-05 */
    private function nobodyToKick(Block $block): ?Branch
    {
        return $block->verb !== Verb::Kick ? null : new Branch('nobody is there to kick', 'turns up and seals');
    }

    /** INZ-06: whom nobody covers owns his gap. */
    private function slantsIn(Block $block): ?Branch
    {
        $helps =
            in_array($block->verb, [Verb::Double, Verb::Check, Verb::Help, Verb::Climb], true) &&
            $this->resolved->posts->lineup->men[$block->letter]->isLineman();
        if (! $helps || $this->resolved->front->on($block->letter) !== null) {
            return null;
        }
        $next = $this->nextOut($block->letter);

        return new Branch(
            'somebody slants into his gap',
            'he is his',
            $next,
            $next === null ? null : new Movement(MovementKind::Slant, $this->towardX($next, $block->letter)),
        );
    }

    /** ARC-02 */
    private function outOfReach(Block $block): ?Branch
    {
        return $block->verb !== Verb::Arc || $block->target === null ? null : new Branch(
            "he cannot reach the {$block->target}",
            'pushes him to the sideline, the ball cuts inside',
            $block->target,
        );
    }

    /**
     * INZ-08
     *
     * @return list<Branch>
     */
    private function combination(Block $block): array
    {
        if ($block->verb !== Verb::Double || $block->first === null || $block->partner === null) {
            return [];
        }

        return $block->target === $block->first
            ? [new Branch("{$block->partner} has left", "stays: the {$block->first} is his", $block->first)]
            : [
                new Branch(
                    "{$block->partner} has taken over the {$block->first}",
                    "leaves for the {$block->target} at once",
                    $block->target,
                ),
            ];
    }

    /** INZ-23, VER-08 */
    private function pull(Block $block): ?Branch
    {
        $key = $this->resolved->key('give');
        if ($block->verb !== Verb::Quarterback || $key === null) {
            return null;
        }

        return new Branch(
            "the $key takes the back",
            'replaces him, tight and vertical',
            $key,
            new Movement(MovementKind::Squeeze),
        );
    }

    private function isBehind(Block $block): bool
    {
        return $this->resolved->posts->u($block->letter) < $this->resolved->front->middle();
    }

    /** The nearest man on the line outside a blocker whom he does not have. */
    private function nextOut(string $letter): ?string
    {
        $u = $this->resolved->posts->u($letter);
        $out = $u >= $this->resolved->front->middle() ? 1.0 : -1.0;
        $read = array_column($this->resolved->keys, 'role');
        $line = array_values(array_filter(
            $this->resolved->front->line,
            fn (string $r): bool => ($this->resolved->front->u($r) - $u) * $out > 0.3 && ! in_array($r, $read, true),
        ));
        usort(
            $line,
            fn (string $a, string $b): int => abs($this->resolved->front->u($a) - $u) <=>
                abs($this->resolved->front->u($b) - $u),
        );

        return $line[0] ?? null;
    }

    /** The side a man slants to who comes toward a blocker. */
    private function towardX(string $role, string $letter): Side
    {
        return Side::ofX($this->resolved->posts->lineup->men[$letter]->xYd - $this->resolved->front->men[$role]->xYd);
    }
}
