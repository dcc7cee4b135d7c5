<?php

declare(strict_types=1);

namespace Tests\Core\Blocking;

use Jacotaxis\Core\Blocking\Run\Block;
use Jacotaxis\Core\Blocking\Run\Resolved;
use Jacotaxis\Core\Blocking\Run\Told\Technique;
use Jacotaxis\Core\Blocking\Run\Verb;
use Jacotaxis\Core\Offense\Man;

/**
 * Reads eleven jobs as a line coach does and lists what he would not sign (jobs.md, invariants): linemen who cross, a
 * man sent past a nearer one, a man idle beside a free man of the box, a double without its backer, a read man
 * touched, a job without step or aim. Yards.
 */
final class LineAudit
{
    /** How far sideways a man without a job gets to a free man on the line, and to a free backer, yards. */
    private const REACH_LINE_YD = 1.5;

    private const REACH_BACKER_YD = 3.0;

    /** Men as wide as each other are told apart from here, yards. */
    private const SAME_YD = 0.1;

    /** Jobs that leave the line's order: they run around their neighbors. */
    private const AROUND = [
        Verb::Kick,
        Verb::Wrap,
        Verb::Split,
        Verb::Arc,
        Verb::Bluff,
        Verb::Lead,
        Verb::Fold,
        Verb::Hook,
        Verb::Release,
        Verb::Load,
        Verb::Crack,
        Verb::Block,
    ];

    /** @return list<string> sentences, none when all is well */
    public static function of(Resolved $resolved): array
    {
        $audit = new self($resolved);

        return [
            ...$audit->eleven(),
            ...$audit->crossed(),
            ...$audit->past(),
            ...$audit->idle(),
            ...$audit->doubles(),
            ...$audit->read(),
        ];
    }

    private function __construct(private readonly Resolved $resolved)
    {
    }

    /** @return list<string> */
    private function eleven(): array
    {
        $said = count($this->resolved->blocks) === 11 ? [] : ['not eleven jobs'];
        foreach ($this->resolved->blocks as $letter => $block) {
            $told = Technique::of($block, $this->resolved);
            if ($told->step === '' || $told->aim === '' || $told->eyes === '') {
                $said[] = "step: $letter ({$block->verb->value}) has no step, aim or eyes";
            }
        }

        return $said;
    }

    /** @return list<string> */
    private function crossed(): array
    {
        $said = [];
        $inPlace = array_filter(
            $this->resolved->blocks,
            fn (Block $b): bool => $this->inPlace($b) && $b->target !== null,
        );
        foreach ($inPlace as $one) {
            foreach ($inPlace as $other) {
                if (
                    $this->u($one) < $this->u($other) - self::SAME_YD &&
                    $this->isLine((string) $one->target) &&
                    $this->isLine((string) $other->target) &&
                    $this->at((string) $one->target) > $this->at((string) $other->target) + self::SAME_YD
                ) {
                    $said[] = "cross: {$one->letter} ({$one->target}) and {$other->letter} ({$other->target})";
                }
            }
        }

        return $said;
    }

    /**
     * Nobody is sent past a nearer man whom nobody has.
     *
     * @return list<string>
     */
    private function past(): array
    {
        $said = [];
        foreach ($this->resolved->blocks as $block) {
            if (! $this->inPlace($block)) {
                continue;
            }
            foreach ($this->freeDown() as $role) {
                $near = $this->at($role) - $this->u($block);
                $far = $block->target === null ? 99.0 : $this->at($block->target) - $this->u($block);
                $onTheWay =
                    abs($near) < 0.9 &&
                    ($block->target === null ||
                        ! $this->isLine($block->target) ||
                        (abs($near) < abs($far) - self::SAME_YD && $near * $far > 0.0));
                $between =
                    $block->target !== null &&
                    $this->isLine($block->target) &&
                    $near * $far > 0.0 &&
                    abs($near) < abs($far) - self::SAME_YD;
                if ($onTheWay || $between) {
                    $said[] = "past: {$block->letter} ({$block->verb->value} {$block->target}) leaves the $role";
                    break;
                }
            }
        }

        return $said;
    }

    /**
     * Nobody without a man beside a free man of the box he can reach.
     *
     * @return list<string>
     */
    private function idle(): array
    {
        $said = [];
        foreach ($this->resolved->blocks as $letter => $block) {
            $man = $this->resolved->posts->lineup->men[$letter];
            if (
                $block->target !== null ||
                $block->verb->isBallJob() ||
                (! $man->isLineman() && $this->resolved->front->surface($man->side()) + 1.0 < abs($man->xYd))
            ) {
                continue;
            }
            foreach ($this->free() as $role) {
                $reach = $this->isLine($role) ? self::REACH_LINE_YD : self::REACH_BACKER_YD;
                if (abs($this->at($role) - $this->u($block)) <= $reach) {
                    $said[] = "idle: $letter ({$block->verb->value}) beside the $role";
                    break;
                }
            }
        }

        return $said;
    }

    /** @return list<string> */
    private function doubles(): array
    {
        $said = [];
        foreach ($this->resolved->blocks as $letter => $block) {
            if ($block->verb !== Verb::Double || $block->target !== $block->first) {
                continue;
            }
            $partner = $this->resolved->blocks[(string) $block->partner] ?? null;
            $climbs = $partner !== null && $partner->target !== null && $partner->target !== $block->first;
            foreach ($climbs ? [] : $this->free() as $role) {
                if (! $this->isLine($role) && abs($this->at($role) - $this->u($block)) <= self::REACH_BACKER_YD) {
                    $said[] = "double: $letter and {$block->partner} on the {$block->first} with the $role free";
                    break;
                }
            }
        }

        return $said;
    }

    /** @return list<string> */
    private function read(): array
    {
        $said = [];
        foreach ($this->resolved->keys as ['role' => $role]) {
            foreach ($this->resolved->blockersOf($role) as $letter) {
                $said[] = "read: $letter touches the $role";
            }
        }

        return $said;
    }

    private function inPlace(Block $block): bool
    {
        return in_array($block->letter, Man::LINEMEN, true) &&
            ! in_array($block->verb, self::AROUND, true) &&
            ! $block->verb->isBallJob();
    }

    private function u(Block $block): float
    {
        return $this->resolved->posts->u($block->letter);
    }

    private function isLine(string $role): bool
    {
        return $this->resolved->front->isOnLine($role);
    }

    private function at(string $role): float
    {
        return $this->isLine($role) ? $this->resolved->front->movedU($role) : $this->resolved->front->u($role);
    }

    /** @return list<string> men of the box nobody has and the play does not read */
    private function free(): array
    {
        $read = array_column($this->resolved->keys, 'role');

        // The last man away from a run that goes the other way at once is too far off to be blocked.
        $away = $this->resolved->run->scheme()->leavesLast() ? $this->resolved->front->line[0] ?? null : null;

        return array_values(
            array_filter(
                $this->resolved->front->box(),
                fn (string $r): bool => $r !== $away &&
                    ! in_array($r, $this->resolved->letThrough(), true) &&
                    ! in_array($r, $read, true) &&
                    $this->resolved->blockersOf($r) === [],
            ),
        );
    }

    /** @return list<string> */
    private function freeDown(): array
    {
        return array_values(array_filter($this->free(), $this->isLine(...)));
    }
}
