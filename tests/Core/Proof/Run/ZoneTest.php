<?php

use Jacotaxis\Core\Blocking\Run\Block;
use Jacotaxis\Core\Blocking\Run\Front\CutKey;
use Jacotaxis\Core\Proof\Scene\Setting;
use Jacotaxis\Core\School\Schools;

/* Inside zone against the fronts a coach sees: combinations,
    cut key and read key (truth 15, INZ-01 to INZ-24; common practice, no source). */

it('blocks inside zone front by front', function (string $call, string $look, array $jobs, ?string $read): void {
    $proof = carried($call, $look);
    $done = array_map(fn (Block $b): string => $b->words(), $proof->resolved->blocks);
    foreach ($jobs as $letter => $words) {
        expect($done[$letter])->toBe($words, "$letter against $look");
    }
    expect($proof->resolved->key('give'))->toBe($read);
})->with([
    'zone right, 4-3 over: the 3 alone, the 1 doubled to the mike' => ['gun 2x2: zone right', '4-3 over, cover 3',
        ['RT' => 'Blocks the right end', 'RG' => 'Blocks the right tackle',
            'C' => 'Doubles the left tackle with LG, climbs to the mike',
            'LG' => 'Doubles the left tackle with C, keeps him',
            'LT' => 'Checks the near hip of LG, climbs to the will'], 'left end'],
    'zone left, 4-3 over: the end and the 3 doubled, the 1 reached' => ['gun 2x2: zone left', '4-3 over, cover 3',
        ['LT' => 'Doubles the left end with LG, keeps him', 'LG' => 'Doubles the left end with LT, climbs to the will',
            'C' => 'Blocks the left tackle', 'RG' => 'Doubles the right tackle with RT, climbs to the mike',
            'RT' => 'Doubles the right tackle with RG, keeps him'], 'right end'],
    'zone right, 4-2: as 4-3, six in the box' => ['gun 2x2: zone right', '4-2 nickel, cover 4',
        ['RT' => 'Blocks the right end', 'RG' => 'Blocks the right tackle',
            'C' => 'Doubles the left tackle with LG, climbs to the mike'], 'left end'],
    'zone right, 3-4: center and backside guard on the nose, the backside end sealed, the edge read (INZ-10)' => ['gun 2x2: zone right', '3-4, cover 3', ['C' => 'Doubles the nose with LG, keeps him',
        'LG' => 'Doubles the nose with C, climbs to the will',
        'LT' => 'Blocks the left end', 'RT' => 'Doubles the right end with RG, keeps him',
        'RG' => 'Doubles the right end with RT, climbs to the mike'], 'jack'],
    'zone right, bear: one on one across' => ['gun 2x2: zone right', 'bear, cover 3',
        ['RG' => 'Blocks the right tackle', 'RT' => 'Reaches the right end',
            'LT' => 'Doubles the left tackle with LG, keeps him', 'C' => 'Blocks the nose'], 'left end'],
    'zone right, bear with the end on the slot: the 3 doubled' => ['gun 2x2: zone right', 'bear, cover 1',
        ['RG' => 'Doubles the right tackle with RT, keeps him',
            'RT' => 'Doubles the right tackle with RG, climbs to the mike'], 'left end'],
    'zone right, 4s on the tackles' => ['gun 2x2: zone right', '3-4, cover 3, 4 on LT, 4 on RT',
        ['LT' => 'Blocks the left end', 'C' => 'Doubles the nose with LG, keeps him'], 'jack'],
]);

it('mirrors: a run to the left against the turned-over front gives the mirrored jobs', function (
    string $scheme,
    string $look,
): void {
    $flip = fn (?string $role): ?string => $role === null ? null : strtr($role, ['left' => 'right', 'right' => 'left']);
    $men = ['LT' => 'RT', 'RT' => 'LT', 'LG' => 'RG', 'RG' => 'LG'];
    $right = carried("gun trey right: $scheme right", $look);
    $left = carried("gun trey left: $scheme left", $look);
    foreach ($right->resolved->blocks as $letter => $block) {
        $other = $left->resolved->blocks[$men[$letter] ?? $letter];
        expect([$other->verb, $flip($other->target)])->toBe([$block->verb, $block->target], "$scheme: $letter");
    }
    expect(round($left->strength(), 2))
        ->toBe(round($right->strength(), 2))
        ->and($left->verdict()->value)
        ->toBe($right->verdict()->value);
})
    ->with(['zone', 'outside zone', 'split zone', 'duo', 'power', 'counter', 'toss', 'crack', 'jet counter'])
    ->with(['4-3 over, cover 3', '3-4, cover 4', '5-2, cover 1', '4-2 nickel, cover 2']);

it('finds the cut key by front (W-24, INZ-19)', function (string $look, ?string $key, string $technique): void {
    $cut = told('gun 2x2: zone right', $look)['run']['cutKey'];
    expect($cut['defender'])->toBe($key)->and($cut['technique'])->toBe($technique);
})->with([
    '0 with 4s' => ['3-4, cover 3, 4 on LT, 4 on RT', 'nose', '0'],
    'no 0, a 3 on the right guard' => ['4-3 over, cover 3', 'right tackle', '3'],
    'only a 4i on the right' => ['tite, cover 3, 1 on C', 'right end', '4i'],
    'a shade on the left shoulder of the center does not count' => ['4-3 over, cover 2', 'right tackle', '3'],
]);

it('cuts by what the key does, then by who fills (W-25, W-26)', function (string $look, string $gap): void {
    expect(told('gun 2x2: zone right', $look)['run']['cutKey']['gap'])->toBe($gap);
})->with([
    'nose reached: A' => ['3-4, cover 3', 'A'],
    'nose to the backside, 4i stays: A' => ['tite, cover 3, nose slants left', 'A'],
    '4i spikes into A: B' => ['tite, cover 3, nose slants left, right end spikes', 'B'],
    'nose to the playside: back to a' => ['3-4, cover 3, nose slants right', 'a'],
    'even front, 3 plays B: A' => ['4-3 over, cover 3', 'A'],
    'the 3 spikes to A: B' => ['4-3 over, cover 3, right tackle spikes', 'B'],
]);

it('runs out of the playside A in the gun and B from under center (SET-17)',
    function (string $call, array $chosen, string $gap): void {
        $setting = new Setting(Jacotaxis\Core\Field\Situation::of(), schools: Schools::of($chosen));
        $proof = carried($call, '3-3 stack, cover 3, nose slants left', $setting);
        expect(CutKey::of($proof->resolved, $setting->schools)->gap)->toBe($gap);
    })->with([
        'gun' => ['gun 2x2: zone right', [], 'A'],
        'gun, leg of the center' => ['gun 2x2: zone right', ['SET-17' => 'B'], 'A'],
    ]);

it('counts a head-up man as covered or not by the school (SET-15)',
    function (string $school, string $verb, string $target): void {
        $setting = new Setting(Jacotaxis\Core\Field\Situation::of(), schools: Schools::of(['SET-15' => $school]));
        $guard = carried('double-slot, H return right: triple right', '4-4, cover 3', $setting)->resolved->blocks['RG'];
        expect([$guard->verb->value, $guard->target])->toBe([$verb, $target]);
    })->with(['covered: the man on him' => ['A', 'base', 'right tackle'],
        'uncovered: climbs' => ['B', 'climb', 'mike']]);

it('reads the backside edge: pull when he crashes, give when he sits (INZ-10, INZ-23, W-28)', function (
    string $look,
): void {
    $proof = carried('gun 2x2: zone right', $look);
    expect(ball($proof, 'take the back'))->toBe('pull Q')
        ->and(ball($proof, 'take the quarterback'))->toBe('give R')
        ->and($proof->verdict()->value)->toBe('bound');
})->with(['4-2 nickel, cover 3', '4-2 nickel, cover 4', '3-4, cover 3', '4-3 over, cover 2', '3-3 stack, cover 3']);

it('hands off whatever the key does when only the give is called (PAC-19)', function (): void {
    expect(carried('gun 2x2: zone right give', '4-2 nickel, cover 3')->keys)->toBe([]);
});

it('brings the split block of a man off the line to the tight end\'s side, unset until the staff fills it in (W-30, INZ-15)', function (): void {
    $row = array_column(told('under center wing right: zone right', '4-3 over, cover 3')['assignments'], null,
        'man')['Z'];
    expect($row['job'])->toContain('Split block')->and($row['makeable'])->toBeNull()->and($row['why'])
        ->toContain('unset');
    $set = carried('under center wing right: zone right', '4-3 over, cover 3',
        new Setting(Jacotaxis\Core\Field\Situation::of(), schools: Schools::of([], ['split-block' => 1.0])));
    expect($set->made['Z']->makeable)->toBeTrue()
        ->and(carried('gun trey right: zone right', '4-3 over, cover 3')->resolved->blocks['Y']->verb)
        ->not->toBe(Jacotaxis\Core\Blocking\Run\Verb::Split);
});

it('names who is left when there are more men than hats, and says where the throw is (W-05, CNT-03, CNT-05)',
    function (): void {
        $told = told('gun 2x2: zone right', 'bear, cover 3');
        $codes = array_column($told['findings'], null, 'code');
        expect($told['run']['unaccounted'])->toBe(['mike'])
            ->and($told['verdict'])->toBe('covered')
            ->and($codes['unaccounted']['severity'])->toBe('fault')
            ->and($codes['box']['text'])->toContain('throw outside');
    });

it('says when no combination is possible (INZ-02)', function (string $look, bool $none): void {
    expect(
        in_array('no-combination', array_column(told('gun 2x2: zone right', $look)['findings'], 'code'), true),
    )->toBe($none);
})->with(['six on the line' => ['6-2, cover 3', true], 'four down' => ['4-2 nickel, cover 3', false]]);

it('arcs past the read end to the first man of the second level (ARC-01, ARC-03)', function (): void {
    $proof = carried('gun H-back left: zone right; tag arc left', '4-2 nickel, cover 3');
    expect($proof->resolved->blocks['H']->words())->toBe('Releases around the end to the nickel, outside shoulder')
        ->and($proof->resolved->key('give'))->toBe('left end')
        ->and(ball($proof, 'take the back'))->toBe('pull Q');
});

it('without the arc the H-back has the end and nobody is read', function (): void {
    $proof = carried('gun H-back left: zone right', '4-2 nickel, cover 3');
    expect($proof->resolved->keys)->toBe([])->and($proof->resolved->blocks['H']->target)->toBe('left end');
});
