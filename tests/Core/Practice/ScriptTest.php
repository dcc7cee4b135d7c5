<?php

/*
 * Filling a script, worked by hand: who is short of reps comes first, looks come by their share (largest remainder,
 * Hamilton 1792), a call meets the look it has had least; and what belongs into which period.
 */

use Jacotaxis\Core\Plan\ShownLook;
use Jacotaxis\Core\Practice\PeriodKind;
use Jacotaxis\Core\Practice\Script;
use Jacotaxis\Core\Practice\ScriptCall;
use Jacotaxis\Core\Practice\ScriptRow;

/**
 * Calls by id with their reps; "run", "pass" or "both".
 *
 * @param  array<string, array{0: string, 1: int, 2?: array<string, int>, 3?: int, 4?: int}>  $calls
 * @return list<ScriptCall>
 */
function scriptCalls(array $calls): array
{
    return array_map(fn (string $id, array $c): ScriptCall => new ScriptCall(
        $id,
        $c[0] !== 'pass',
        $c[0] !== 'run',
        $c[1],
        $c[2] ?? [],
        $c[3] ?? 0,
        $c[4] ?? 0,
    ), array_keys($calls), array_values($calls));
}

/**
 * @param  array<string, int>  $shown
 * @return list<ShownLook>
 */
function scriptLooks(array $shown): array
{
    return array_map(
        fn (string $look, int $n): ShownLook => new ShownLook($look, $n),
        array_keys($shown),
        array_values($shown),
    );
}

/** @return list<string> "call against look" */
function scripted(PeriodKind $kind, array $calls, array $shown, int $rows): array
{
    return array_map(
        fn (ScriptRow $r): string => "$r->call against ".($r->look ?? 'nothing'),
        Script::filled($kind, scriptCalls($calls), scriptLooks($shown), $rows),
    );
}

it('gives the looks their share of the rows', function (array $shown, int $rows, array $shares): void {
    expect(Script::shares(scriptLooks($shown), $rows))->toBe($shares);
})->with([
    // 10 rows: 5.0, 3.0, 2.0.
    'even' => [['a' => 50, 'b' => 30, 'c' => 20], 10, ['a' => 5, 'b' => 3, 'c' => 2]],
    // 8 rows: 4.0, 2.4, 1.6: the rest goes to the largest remainder.
    'a remainder' => [['a' => 50, 'b' => 30, 'c' => 20], 8, ['a' => 4, 'b' => 2, 'c' => 2]],
    // 7 rows: 3.5, 2.1, 1.4: one is left for 0.5.
    'another' => [['a' => 50, 'b' => 30, 'c' => 20], 7, ['a' => 4, 'b' => 2, 'c' => 1]],
    'what is rare does not come' => [['a' => 98, 'b' => 2], 6, ['a' => 6, 'b' => 0]],
    'nothing was counted: alike' => [['a' => 0, 'b' => 0, 'c' => 0], 6, ['a' => 2, 'b' => 2, 'c' => 2]],
    'no look' => [[], 6, []],
]);

it('never gives out more or fewer rows than there are', function (int $rows): void {
    foreach ([[7, 5, 3], [1, 1, 1], [100, 1, 1], [13, 0, 4], [1]] as $shown) {
        $looks = array_combine(array_map(fn (int $n): string => "look $n", array_keys($shown)), $shown);
        expect(array_sum(Script::shares(scriptLooks($looks), $rows)))->toBe($rows);
    }
})->with([1, 2, 5, 8, 13]);

it('fills by hand-worked cases', function (
    PeriodKind $kind,
    array $calls,
    array $shown,
    int $rows,
    array $expected,
): void {
    expect(scripted($kind, $calls, $shown, $rows))->toBe($expected);
})->with([
    'nobody has a rep: the plan\'s order, each against what comes most' => [
        PeriodKind::Team,
        ['smash' => ['pass', 0], 'zone' => ['run', 0], 'stick' => ['pass', 0]],
        ['cover 3' => 60, 'cover 1' => 40],
        5,
        // 3 of cover 3, 2 of cover 1. After two rows 1 and 2 are left, so stick meets cover 1; smash has not yet met
        // it; zone takes what is left.
        ['smash against cover 3', 'zone against cover 3', 'stick against cover 1', 'smash against cover 1',
            'zone against cover 3'],
    ],
    'who is short comes first' => [
        PeriodKind::Team,
        ['smash' => ['pass', 4], 'zone' => ['run', 1], 'stick' => ['pass', 3]],
        ['cover 3' => 1],
        4,
        ['zone against cover 3', 'zone against cover 3', 'stick against cover 3', 'zone against cover 3'],
    ],
    'a mental error of last week is a rep that is missing' => [
        PeriodKind::Team,
        ['smash' => ['pass', 1], 'zone' => ['run', 2, [], 2]],
        ['cover 3' => 1],
        3,
        ['zone against cover 3', 'smash against cover 3', 'zone against cover 3'],
    ],
    'what a trigger calls for comes once before the others' => [
        PeriodKind::Team,
        ['smash' => ['pass', 1], 'leak' => ['pass', 1, [], 0, 1]],
        ['cover 3' => 1],
        3,
        ['leak against cover 3', 'smash against cover 3', 'leak against cover 3'],
    ],
    'a trigger does not outweigh reps that are missing' => [
        PeriodKind::Team,
        ['smash' => ['pass', 0], 'leak' => ['pass', 3, [], 0, 1]],
        ['cover 3' => 1],
        2,
        ['smash against cover 3', 'smash against cover 3'],
    ],
    'he meets what he has had least' => [
        PeriodKind::Team,
        ['smash' => ['pass', 2, ['cover 3' => 2]], 'zone' => ['run', 2]],
        ['cover 3' => 50, 'cover 1' => 50],
        2,
        ['smash against cover 1', 'zone against cover 3'],
    ],
    'an inside run takes runs' => [
        PeriodKind::InsideRun,
        ['smash' => ['pass', 0], 'zone' => ['run', 5], 'slant on zone' => ['both', 9]],
        ['bear' => 1],
        2,
        ['zone against bear', 'zone against bear'],
    ],
    'seven on seven takes throws' => [
        PeriodKind::SevenOnSeven,
        ['smash' => ['pass', 3], 'zone' => ['run', 0], 'slant on zone' => ['both', 2]],
        ['cover 2' => 1],
        2,
        ['slant on zone against cover 2', 'smash against cover 2'],
    ],
    'no opponent has shown anything' => [
        PeriodKind::WalkThrough,
        ['zone' => ['run', 0]],
        [],
        2,
        ['zone against nothing', 'zone against nothing'],
    ],
    'nothing belongs there' => [PeriodKind::InsideRun, ['smash' => ['pass', 0]], ['cover 3' => 1], 6, []],
    'individual work has no script' => [PeriodKind::Individual, ['zone' => ['run', 0]], ['cover 3' => 1], 6, []],
    'no call' => [PeriodKind::Team, [], ['cover 3' => 1], 6, []],
]);

it('brings every call as often as another, within one', function (): void {
    $calls = array_fill_keys(['a', 'b', 'c', 'd', 'e'], ['both', 0]);
    $rows = scripted(PeriodKind::Team, $calls, ['x' => 3, 'y' => 2, 'z' => 1], 13);
    $count = array_count_values(array_map(fn (string $r): string => $r[0], $rows));

    expect(max($count) - min($count))->toBeLessThanOrEqual(1)
        ->and(array_sum($count))->toBe(13);
});

it('knows what a period is', function (PeriodKind $kind, bool $script, bool $contact): void {
    expect($kind->hasScript())->toBe($script)
        ->and($kind->isContact())->toBe($contact);
})->with([
    [PeriodKind::Individual, false, false],
    [PeriodKind::Group, false, false],
    [PeriodKind::InsideRun, true, true],
    [PeriodKind::SevenOnSeven, true, false],
    [PeriodKind::Team, true, true],
    [PeriodKind::WalkThrough, true, false],
]);
