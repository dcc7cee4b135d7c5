<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Blocking\Run\Told;

use Jacotaxis\Core\Blocking\Run\Block;
use Jacotaxis\Core\Blocking\Run\Front\CutKey;
use Jacotaxis\Core\Blocking\Run\Resolved;
use Jacotaxis\Core\Blocking\Run\Verb;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\School\Schools;

/**
 * What a man is told besides his job: the first step by foot and direction, where he aims, the angle and count where
 * the trade has one, and whom he looks at (INZ-03 to INZ-05, INZ-17, INZ-23, VER-04 to VER-07, ARC-01, FBL-05, FBL-06,
 * PRO-08; else common practice, no source).
 */
final readonly class Technique
{
    private function __construct(public string $step, public string $aim, public ?string $count, public string $eyes)
    {
    }

    public static function of(Block $block, Resolved $resolved, ?Schools $schools = null): self
    {
        $own = new TechniqueWords($block, $resolved);

        return new self(
            $own->step(),
            $own->aim(),
            $own->count(),
            self::eyes($block, $resolved, $schools ?? Schools::of()),
        );
    }

    private static function eyes(Block $block, Resolved $resolved, Schools $schools): string
    {
        return match (true) {
            $block->verb === Verb::Quarterback => self::quarterbackLooks($resolved),
            $block->verb === Verb::Carry => self::carrierLooks($resolved, $schools),
            $block->verb === Verb::Pitch => 'Q, hands ready, then the block in front of him',
            $block->verb === Verb::Fake => 'the mesh, as if he had the ball',
            $block->verb === Verb::Route => 'his route',
            $block->first !== null && $block->target !== $block->first => "the {$block->target}, "
                ."hands on the {$block->first}",
            $block->target !== null => "the {$block->target}",
            $block->first !== null => "the {$block->first}, then the first man through",
            $resolved->front->mike !== null => "his gap, then the {$resolved->front->mike}",
            default => 'his gap, then the second level',
        };
    }

    private static function quarterbackLooks(Resolved $resolved): string
    {
        $read = array_column($resolved->keys, 'role');

        return $read === [] ? 'the mesh, then the man he fakes to' : 'the '.implode(', then the ', $read);
    }

    /** A runner who cuts reads the line, another the block he runs behind. */
    private static function carrierLooks(Resolved $resolved, Schools $schools): string
    {
        if ($resolved->run->scheme()->cuts) {
            $key = CutKey::of($resolved, $schools);

            return $key->defender === null ? 'the track' : "the {$key->defender}, his cut key";
        }
        if ($resolved->run->scheme()->isOption()) {
            return "the block of {$resolved->posts->letter('playside guard')}";
        }
        foreach ([Verb::Lead, Verb::Wrap, Verb::Kick, Verb::Edge] as $verb) {
            $letter = $resolved->who($verb);
            if ($letter !== null) {
                return "the block of $letter";
            }
        }

        return 'the inside leg of the '.($resolved->run->side === Side::Right ? 'right' : 'left').' guard';
    }
}
