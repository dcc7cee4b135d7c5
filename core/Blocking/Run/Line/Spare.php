<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Blocking\Run\Line;

use Jacotaxis\Core\Blocking\Run\Block;
use Jacotaxis\Core\Blocking\Run\Front\FrontRead;
use Jacotaxis\Core\Blocking\Run\Front\Posts;
use Jacotaxis\Core\Blocking\Run\RunScheme;
use Jacotaxis\Core\Blocking\Run\Verb;

/**
 * Hats nobody needs where they stand: a free man of the box in reach, the inside backer of the play first, else the
 * overhang or the near corner of a wide run, else the free safety. Nobody is idle beside a man he can have.
 */
final readonly class Spare
{
    /** How far sideways a spare man gets to a free man of the line, and to a backer where he flows, yards. */
    private const LINE_YD = 1.6;

    private const BACKER_YD = 3.6;

    /** A wide man is out of reach from here, yards. */
    private const WIDE_YD = 6.0;

    /** Nobody climbs to a safety who is as near as a backer, yards. */
    private const DEEP_YD = 7.5;

    /** Jobs that end in the open when their own man is not there. */
    private const FREE = [
        Verb::Climb,
        Verb::Help,
        Verb::Wrap,
        Verb::Lead,
        Verb::Fill,
        Verb::Stalk,
        Verb::CutOff,
        Verb::Close,
        Verb::Hinge,
    ];

    /** Who shuts a gap does not leave it for a deep man. */
    private const SHUTS = [Verb::Close, Verb::Hinge];

    public function __construct(private Posts $posts, private FrontRead $front, private RunScheme $scheme)
    {
    }

    /**
     * @param  array<string, Block>  $blocks  by letter
     * @param  list<string>  $taken  roles that are had or read
     * @return list<Block> jobs that change
     */
    public function of(array $blocks, array $taken): array
    {
        $spare = array_filter(
            $blocks,
            fn (Block $b): bool => $b->target === null && in_array($b->verb, self::FREE, true),
        );
        uasort($spare, fn (Block $a, Block $b): int => $this->posts->u($b->letter) <=> $this->posts->u($a->letter));
        $changed = [];
        foreach ($spare as $letter => $block) {
            $role = $this->man($block, $taken, $blocks);
            if ($role === null) {
                continue;
            }
            $taken[] = $role;
            $down = $block->first;
            $changed[] = $block->with(['target' => $role, 'verb' => $this->verb($block, $role)]);
            $partner = $block->partner === null ? null : ($blocks[$block->partner] ?? null);
            if ($block->verb === Verb::Help && $partner !== null && $partner->partner === null
                && $partner->target === $down) {
                $changed[] = $partner->with(['verb' => Verb::Double, 'first' => $down, 'partner' => (string) $letter]);
            }
        }

        return $changed;
    }

    /** What the job is called now: a lead whose man stands behind the play fills for who pulled. */
    private function verb(Block $block, string $role): Verb
    {
        return match (true) {
            $block->verb === Verb::Help => Verb::Double,
            $block->verb === Verb::Lead && $this->front->isOnLine($role) && $this->front->u($role) < 0.0 => Verb::Fill,
            default => $block->verb,
        };
    }

    /**
     * @param  list<string>  $taken
     * @param  array<string, Block>  $blocks
     */
    private function man(Block $block, array $taken, array $blocks): ?string
    {
        $u = $this->posts->u($block->letter);
        $near = fn (string $role): bool => abs($this->front->u($role) - $u) <=
            ($this->front->isOnLine($role) ? self::LINE_YD : self::BACKER_YD);
        $box = array_filter(
            [...$this->front->fromTackle($this->front->backers), ...array_reverse($this->front->line)],
            $near,
        );
        $wide = ! $this->scheme->kind->goesWide() ? [] : array_filter(
            [...$this->front->overhangs, $this->front->corner($this->front->playside)],
            fn (?string $r): bool => $r !== null && $this->front->u($r) > 0.0
                && abs($this->front->u($r) - $u) <= self::WIDE_YD,
        );
        $safeties = array_unique(array_filter([$this->front->freeSafety(), $this->front->safety($this->front->playside),
            $this->front->safety($this->front->playside->opposite())], fn (?string $r): bool => $r !== null));
        $deep = in_array($block->verb, self::SHUTS, true) ? [] : array_filter(
            $safeties,
            fn (string $r): bool => $this->front->depth($r) >= self::DEEP_YD,
        );
        foreach ([...$box, ...$wide, ...$deep] as $role) {
            if (! in_array($role, $taken, true) && ! $this->crosses($block, $role, $blocks)) {
                return $role;
            }
        }

        return null;
    }

    /**
     * Two men of the line do not run through each other on the way to the second level.
     *
     * @param  array<string, Block>  $blocks
     */
    private function crosses(Block $block, string $role, array $blocks): bool
    {
        $u = $this->posts->u($block->letter);
        if ($this->front->isOnLine($role)) {
            foreach ($blocks as $other) {
                $his = $other->first ?? $other->target;
                if ($his === null || $other->verb->leaves() || ! $this->front->isOnLine($his)) {
                    continue;
                }
                if (
                    ($this->posts->u($other->letter) - $u) *
                        ($this->front->movedU($his) - $this->front->movedU($role)) <
                    0.0
                ) {
                    return true;
                }
            }
        }

        return false;
    }
}
