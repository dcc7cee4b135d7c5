<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Proof\Telling\Run;

use Jacotaxis\Core\Blocking\Run\Block;
use Jacotaxis\Core\Blocking\Run\RunKind;
use Jacotaxis\Core\Blocking\Run\Verb;
use Jacotaxis\Core\Field\Finding;
use Jacotaxis\Core\Proof\Run\RunProof;

/** What a line coach would want to be told of the blocks of a run: late, unset, without a man, alone across. */
final class BlockFindings
{
    /** @return list<Finding> */
    public static function of(RunProof $proof): array
    {
        return [...self::late($proof), ...self::refused($proof), ...self::combinations($proof)];
    }

    /** @return list<Finding> */
    private static function late(RunProof $proof): array
    {
        $findings = [];
        foreach ($proof->made as $letter => $made) {
            if ($made->makeable === false) {
                $findings[] = new Finding(
                    'block-late',
                    Finding::CAUTION,
                    $letter,
                    ucfirst("$letter cannot make his block: {$made->why}."),
                );
            }
            if ($made->makeable === null && $made->why !== null) {
                $findings[] = new Finding(
                    'block-unset',
                    Finding::INFO,
                    $letter,
                    "$letter: {$made->why}; the proof uses a product default, the backside end.",
                    'INZ-15',
                    'Fill in the split block in the staff book.',
                );
            }
        }
        foreach ($proof->resolved->blocks as $letter => $block) {
            if ($block->verb === Verb::Kick && $block->target === null) {
                $findings[] = new Finding(
                    'nobody-to-kick',
                    Finding::INFO,
                    $letter,
                    "$letter finds nobody to kick out: he turns up and seals.",
                    'JET-05',
                );
            }
        }

        return $findings;
    }

    /**
     * The tackle leaves the guard alone with the inside backer: where the guard cannot have him the tag does not go,
     * whatever the front is called (FRZ-03).
     *
     * @return list<Finding>
     */
    private static function refused(RunProof $proof): array
    {
        $guard = $proof->resolved->posts->letter('playside guard');
        $made = $guard === null ? null : $proof->made[$guard] ?? null;
        if ($proof->resolved->run->tagged('tackle arc') === null || $made?->makeable !== false) {
            return [];
        }

        return [new Finding(
            'tag-refused',
            Finding::FAULT,
            $guard,
            "The tackle arc does not go against this: $guard is alone, and {$made->why}.",
            'FRZ-03',
            'Call the freeze option without the arc: the tackle stays with the guard.',
        )];
    }

    /**
     * Where a line cannot double, it is said (INZ-02).
     *
     * @return list<Finding>
     */
    private static function combinations(RunProof $proof): array
    {
        if ($proof->resolved->run->scheme()->kind !== RunKind::Zone) {
            return [];
        }
        $doubles = array_filter($proof->resolved->blocks, fn (Block $b): bool => $b->verb === Verb::Double);

        return $doubles !== []
            ? []
            : [
                new Finding(
                    'no-combination',
                    Finding::INFO,
                    null,
                    'No combination is possible: the line is one on one across.',
                    'INZ-02',
                ),
            ];
    }
}
