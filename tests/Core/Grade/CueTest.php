<?php

use Jacotaxis\Core\Grade\Cue;

it('REC-05: takes one cue along', function (array $faults, array $repeats, ?string $fault, string $why = ''): void {
    $cue = Cue::of(array_map(fn (array $f): array => ['faults' => $f, 'correction' => ''], $faults), $repeats);
    expect($cue['fault'] ?? null)->toBe($fault)->and($cue['why'] ?? '')->toBe($why);
})->with([
    'nothing seen' => [[], [], null],
    'only snaps without a word' => [[[], []], [], null],
    'the one fault' => [[['FLT-13'], []], [], 'FLT-13', 'once'],
    'the most frequent' => [[['FLT-13'], ['FLT-01'], ['FLT-13']], [], 'FLT-13', '2 times'],
    'of as many the newest' => [[['FLT-13'], ['FLT-01']], [], 'FLT-01', 'once'],
    'what came again is first' => [[['FLT-13'], ['FLT-13'], ['FLT-01']],
        [['fault' => 'FLT-01', 'state' => 'returned', 'text' => 'returned after 9 snaps without it']], 'FLT-01',
        'returned after 9 snaps without it'],
    'what is gone is none' => [[['FLT-13']], [['fault' => 'FLT-01', 'state' => 'fixed', 'text' => 'gone for 9 snaps']],
        'FLT-13', 'once'],
    'praise when nothing else' => [[['PRS-03'], ['PRS-01']], [], 'PRS-01', 'done well: keep it'],
    'a fault before praise' => [[['PRS-03', 'FLT-20'], ['PRS-03']], [], 'FLT-20', 'once'],
]);

it('says what is wanted and the drill; what the coach said comes first',
    function (array $snaps, string $wanted, ?string $drill): void {
        expect(Cue::of(array_map(fn (array $s): array => ['faults' => $s[0], 'correction' => $s[1] ?? ''], $snaps)))
            ->toMatchArray(['wanted' => $wanted, 'drill' => $drill]);
    })->with([
        [[[['FLT-13']]], 'the planned depth', 'landmark walk'],
        [[[['FLT-20']]], 'legal hands', null],
        [[[['FLT-28']]], 'leave at once', 'combination'],
        [[[['FLT-13'], 'break at 10']], 'break at 10', 'landmark walk'],
        'the newest he said of it' => [[[['FLT-13'], 'break at 10'], [['FLT-13'], 'count three'],
            [['FLT-01'], 'stagger'],
            [['FLT-13']]], 'count three', 'landmark walk'],
        'not of another fault' => [[[['FLT-01'], 'stagger'], [['FLT-13']], [['FLT-13']]], 'the planned depth',
            'landmark walk'],
    ]);
