<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Blocking\Run\Told;

use Jacotaxis\Core\Blocking\Run\Block;
use Jacotaxis\Core\Blocking\Run\Resolved;
use Jacotaxis\Core\Blocking\Run\Verb;

/**
 * What a line says before the snap, in the order it is said: the mike first, then from the first uncovered lineman out
 * who has help and who is alone, then every double with its backer (INZ-02, INZ-09, FBL-01).
 */
final class LineCalls
{
    /** @return list<array{from: string, to: string, say: string, changes: string}> */
    public static function of(Resolved $resolved): array
    {
        $front = $resolved->front;
        $calls = [];
        if ($front->mike !== null) {
            $has = $resolved->blockersOf($front->mike);
            $calls[] = self::call(
                'C',
                'all',
                "{$front->mike} is the mike",
                match (count($has)) {
                    0 => 'nobody has him',
                    1 => "{$has[0]} works to him",
                    default => implode(' and ', $has).' work to him',
                },
            );
        }
        if ($resolved->run->scheme()->screen !== null) {
            return [...$calls, ...self::goOut($resolved)];
        }
        foreach ($resolved->keys as ['role' => $role, 'decision' => $decision]) {
            $near = self::nearest($resolved, $role);
            $calls[] = self::call(
                $near,
                'Q',
                "leave the $role",
                $decision === 'pitch' ? 'he is the pitch key' : 'he is read, give or pull',
            );
        }

        return [...$calls, ...self::alone($resolved), ...self::doubles($resolved), ...self::pulls($resolved)];
    }

    /**
     * Who goes out with a screen, told by the center; the others hear that they stay.
     *
     * @return list<array{from: string, to: string, say: string, changes: string}>
     */
    private static function goOut(Resolved $resolved): array
    {
        $out = array_filter(
            $resolved->blocks,
            fn (Block $b): bool => $resolved->posts->lineup->men[$b->letter]->isLineman()
                && ($b->verb === Verb::Lead || $b->verb->pulls()),
        );

        return $out === [] ? [] : [self::call(
            'C',
            'all',
            implode(', ', array_keys($out)).' out',
            'they set up, let their men go and lead; the others hold theirs',
        )];
    }

    /**
     * From the center out: uncovered offers help inside, covered leaves the next man alone.
     *
     * @return list<array{from: string, to: string, say: string, changes: string}>
     */
    private static function alone(Resolved $resolved): array
    {
        $calls = [];
        $posts = ['center' => 'playside guard', 'playside guard' => 'playside tackle',
            'playside tackle' => 'playside end'];
        foreach ($posts as $post => $next) {
            $letter = $resolved->posts->letter($post);
            $to = $resolved->posts->letter($next);
            if ($letter === null || $to === null) {
                continue;
            }
            $covered = $resolved->front->on($letter) !== null;
            $helps = in_array($resolved->blocks[$letter]->verb, [Verb::Double, Verb::Check, Verb::Help], true);
            if (! $covered && ($helps || $post === 'center')) {
                $calls[] = self::call($letter, $to, 'help inside', "$to may work outside his man");
            }
            if ($covered && $resolved->blocks[$to]->blocks() && $resolved->blocks[$to]->partner === null) {
                $gap = ['center' => 'A', 'playside guard' => 'B', 'playside tackle' => 'C'][$post];
                $back = $resolved->who(Verb::Lead);
                $calls[] = self::call(
                    $letter,
                    $to,
                    "alone in $gap",
                    "$to has nobody inside".
                        ($back === null || $gap !== 'B' ? '' : "; $back hears it and checks B for run-through"),
                );
            }
        }

        return $calls;
    }

    /** @return list<array{from: string, to: string, say: string, changes: string}> */
    private static function doubles(Resolved $resolved): array
    {
        $calls = [];
        foreach ($resolved->blocks as $letter => $block) {
            if ($block->verb === Verb::Double && $block->partner !== null && $block->target !== $block->first) {
                $calls[] = self::call(
                    $block->partner,
                    $letter,
                    "double the {$block->first} to the {$block->target}",
                    "$letter leaves for the {$block->target} when {$block->partner} has the {$block->first}",
                );
            }
        }

        return $calls;
    }

    /** @return list<array{from: string, to: string, say: string, changes: string}> */
    private static function pulls(Resolved $resolved): array
    {
        $calls = [];
        foreach ($resolved->blocks as $letter => $block) {
            if ($block->verb->pulls() && $resolved->posts->lineup->men[$letter]->isLineman()) {
                $say = $block->verb === Verb::Kick ? 'pull, kick' : 'pull, lead';
                $calls[] = self::call(
                    $letter,
                    'C',
                    $say,
                    $block->target === null ? 'nobody to kick: turn up and seal' : "the {$block->target} is his",
                );
            }
        }

        return $calls;
    }

    private static function nearest(Resolved $resolved, string $role): string
    {
        $line = array_map(fn ($m): string => $m->letter, $resolved->posts->lineup->line());
        usort(
            $line,
            fn (string $a, string $b): int => abs($resolved->posts->u($a) - $resolved->front->u($role)) <=>
                abs($resolved->posts->u($b) - $resolved->front->u($role)),
        );

        return $line[0];
    }

    /** @return array{from: string, to: string, say: string, changes: string} */
    private static function call(string $from, string $to, string $say, string $changes): array
    {
        return ['from' => $from, 'to' => $to, 'say' => $say, 'changes' => $changes];
    }
}
