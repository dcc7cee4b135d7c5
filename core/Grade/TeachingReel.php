<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Grade;

/**
 * Picks the clips that teach one rule, in the order they are shown: how it is done, how it went wrong, how it went in a
 * game.
 */
final class TeachingReel
{
    public const PARTS = ['model', 'fault', 'game'];

    /**
     * @param  string  $fault  id of the library
     * @param  list<array{id: string, man: string, kind: string, mark: int, faults: list<string>, day: int,
     *     group: string, asked: string}>  $grades  of all sessions, with film
     * @param  int  $each  clips for each part
     * @return list<array{part: string, id: string, man: string, why: string}>
     */
    public static function of(string $fault, array $grades, int $each = 2): array
    {
        $with = array_values(array_filter($grades, fn (array $g): bool => in_array($fault, $g['faults'], true)));
        $asked = array_unique(array_column($with, 'asked'));
        $men = array_unique(array_column($with, 'group'));
        $without = array_values(
            array_filter(
                $grades,
                fn (array $g): bool => $g['mark'] > 0 &&
                    ! in_array($fault, $g['faults'], true) &&
                    in_array($g['group'], $men, true),
            ),
        );
        // The same job done well teaches most, then praise, then the newest.
        $rank = fn (array $g): array => [
            in_array($g['asked'], $asked, true) ? 0 : 1,
            array_filter($g['faults'], fn (string $f): bool => str_starts_with($f, 'PRS')) === [] ? 1 : 0,
            -$g['day'],
        ];
        usort($without, fn (array $a, array $b): int => $rank($a) <=> $rank($b));
        usort($with, fn (array $a, array $b): int => $b['day'] <=> $a['day']);
        $practice = array_values(array_filter($without, fn (array $g): bool => $g['kind'] === 'practice'));
        $model = array_slice(
            [...$practice, ...array_filter($without, fn (array $g): bool => $g['kind'] !== 'practice')],
            0,
            $each,
        );
        $used = array_column($model, 'id');
        $game = array_slice(
            array_values(
                array_filter(
                    [...$without, ...$with],
                    fn (array $g): bool => $g['kind'] === 'game' &&
                        ! in_array($g['id'], $used, true) &&
                        $g['id'] !== ($with[0]['id'] ?? null),
                ),
            ),
            0,
            $each,
        );
        $reel = [];
        foreach (
            [
                ['model', $model, 'done as it is wanted'],
                ['fault', array_slice($with, 0, $each), Library\Library::entry($fault)['label']],
                ['game', $game, 'in a game'],
            ] as [$part, $clips, $why]
        ) {
            foreach ($clips as $g) {
                $reel[] = ['part' => $part, 'id' => $g['id'], 'man' => $g['man'], 'why' => match (true) {
                    $part !== 'game' => $why,
                    in_array($fault, $g['faults'], true) => 'the same in a game',
                    default => 'done right in a game',
                }];
            }
        }

        return $reel;
    }
}
