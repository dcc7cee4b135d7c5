<?php

use Jacotaxis\Core\Proof\Telling\Run\RunFrames;
use Jacotaxis\Core\Words\CallParser;

/* Option football: the count from the inside out, who is read and who is blocked,
    the gates of the tags (VER, MID, FRZ, LOD, FBL of the rules; common practice, no source). */

it('reads the man on the tackle and the next man out (truth 16, VER-01)', function (string $look, array $keys): void {
    expect(told('double-slot, H return right: triple right', $look)['run']['keysInOrder'])->toBe($keys);
})->with([
    '4i is read' => ['3-4, cover 3, 4i on RT', ['right end', 'sam']],
    'a 5 is read' => ['3-4, cover 3', ['right end', 'sam']],
    'a 4 is read' => ['3-4, cover 3, 4 on RT', ['right end', 'sam']],
    '5-2: tackle, then end' => ['5-2, cover 3', ['right tackle', 'right end']],
    '4-4: end, then overhang' => ['4-4, cover 3', ['right end', 'sam']],
    'bear: nobody touches the tackle, the end is first' => ['bear, cover 3', ['right end', 'right corner']],
]);

it('gives the same eleven jobs against a 4i, a 4 and a 5 (W-32)', function (): void {
    $jobs = array_map(
        fn (string $t): array => jobs('double-slot, H return right: triple right', "3-4, cover 3, $t on RT"),
        ['4i', '4', '5'],
    );
    expect($jobs[1])
        ->toBe($jobs[0])
        ->and($jobs[2])
        ->toBe($jobs[0])
        ->and($jobs[0]['RG'])
        ->toBe('Climbs to the mike')
        ->and($jobs[0]['RT'])
        ->toBe('Releases outside the read man to the free safety');
});

it('has exactly one of guard and tackle on the mike, the other on the free safety (VER-04, VER-05)', function (
    string $look,
): void {
    $blocks = carried('double-slot, H return right: triple right', $look)->resolved->blocks;
    $has = [$blocks['RG']->target, $blocks['RT']->target];
    sort($has);
    expect($has)->toBe(['free safety', 'mike']);
})->with([
    '3-4, cover 3',
    '3-4, cover 3, mike scrapes right',
    '5-2, cover 3',
    '3-4, cover 3, 4i on RT, mike scrapes right',
]);

it('lets the tackle have a mike who runs over the top (VER-04)', function (): void {
    $jobs = jobs('double-slot, H return right: triple right', '3-4, cover 3, mike scrapes right');
    expect($jobs['RT'])->toContain('mike')->and($jobs['RG'])->toContain('free safety');
});

it('doubles a nose with center and backside guard when the playside guard is uncovered (VER-02)', function (): void {
    $blocks = carried('double-slot, H return right: triple right', '3-4, cover 3')->resolved->blocks;
    expect($blocks['C']->target)->toBe('nose')->and($blocks['LT']->verb->value)->toBe('close');
});

it('gives, keeps or pitches by what the two keys do (W-33, VER-08)', function (string $look): void {
    $proof = carried('double-slot, H return right: triple right', $look);
    foreach (
        [
            ['take the quarterback', 'take the quarterback', 'give F'],
            ['take the quarterback', 'take the pitch', 'give F'],
            ['take the back', 'take the pitch', 'keep Q'],
            ['take the back', 'take the quarterback', 'pitch H'],
        ] as [$first, $second, $ball]
    ) {
        expect(ball($proof, $first, $second))->toBe($ball, "$first and $second against $look");
    }
    expect($proof->verdict()->value)->toBe('bound')
        ->and(told('double-slot, H return right: triple right', $look)['run']['carriersOnKeys'])->toBe('3 on 2');
})->with(['3-4, cover 3, 4i on RT', '5-2, cover 3', '4-4, cover 4', '4-3 over, cover 2']);

it('takes the first down man past the center on the midline (truth 16, MID-01)', function (
    string $look,
    string $key,
): void {
    expect(told('double-slot: midline right', $look)['run']['readKey'])->toBe($key);
})->with([
    '5-2' => ['5-2, cover 3', 'right tackle'],
    '3-4' => ['3-4, cover 3', 'right end'],
    '4-4' => ['4-4, cover 3', 'right tackle'],
    '6-1' => ['6-1, cover 3', 'right guard'],
    '4-3 over' => ['4-3 over, cover 3', 'right tackle'],
]);

it('names the free edge man against six on the line and offers the exchange (W-35, CNT-05, MID-05)', function (): void {
    $call = 'double-slot, H return right: midline pitch right';
    $told = told($call, '6-1, cover 3');
    expect($told['run']['unaccounted'])
        ->toBe(['right end'])
        ->and(array_column($told['run']['answers'], 'tag'))
        ->toContain('exchange');
    $tagged = carried("$call; tag exchange", '6-1, cover 3');
    expect($tagged->resolved->unaccounted)->toBe([])
        ->and($tagged->resolved->blocks['RT']->target)->toContain('safety')
        ->and($tagged->resolved->blocks['R']->target)->toBe('mike')
        ->and($tagged->resolved->key('pitch'))->toBe('right end');
});

it('keeps, pitches or pitches at once on the midline with pitch (MID-02)', function (): void {
    $proof = carried('double-slot, H return right: midline pitch right', '5-2, cover 3');
    expect(ball($proof, 'take the back', 'take the pitch'))->toBe('keep Q')
        ->and(ball($proof, 'take the back', 'take the quarterback'))->toBe('pitch H')
        ->and(ball($proof, 'take the quarterback', 'take the quarterback'))->toBe('give F');
});

it('gates the tackle-arc tag by the man on the guard (truth 17, FRZ-02, FRZ-03, W-36)', function (
    string $look,
    bool $makeable,
): void {
    $call = 'gun two-back, freeze right: freeze option right; tag tackle arc';
    $made = carried($call, $look)->made['RG'];
    $refused = array_filter(
        told($call, $look)['findings'],
        fn (array $f): bool => $f['code'] === 'tag-refused' && $f['severity'] === 'fault',
    );
    expect($made->makeable)->toBe($makeable, $look)->and(count($refused))->toBe($makeable ? 0 : 1);
    if (! $makeable) {
        expect($made->why)->toContain('on RG, holds him');
    }
})->with([
    'nobody on him' => ['3-4, cover 3', true],
    'nobody on him, two deep' => ['3-3 stack, cover 2', true],
    'tite' => ['tite, cover 4', true],
    'a 2i on him' => ['4-2 nickel, cover 3, 2i on RG', false],
    'a 2 on him' => ['4-2 nickel, cover 3, 2 on RG', false],
    'a 3 on him' => ['4-2 nickel, cover 3, 3 on RG', false],
    'three down with a 3 on him' => ['3-4, cover 3, 3 on RG', false],
]);

it('moves support and the pitch key from safety to corner when the split is condensed (truth 18, FBL-04, FBL-08, W-38)',
    function (string $look): void {
        $wide = told('double-slot: lead option right', $look);
        $tight = told('double-slot condensed: lead option right', $look);
        expect($wide['run']['pitchKey'])->toContain('safety')
            ->and($tight['run']['pitchKey'])->toBe('right corner')
            ->and($tight['picture']['support']['right'])->toBe('right corner')
            ->and($wide['picture']['support']['right'])->not->toBe('right corner');
    })->with(['4-4, cover 4', '4-3 over, cover 4', '4-4, cover 3', '3-4, cover 4']);

it('has the fullback lead on the mike with a wide split, on the safety when it is condensed (FBL-04, FBL-08)',
    function (): void {
        $wide = carried('double-slot: lead option right', '4-4, cover 4')->resolved->blocks;
        $tight = carried('double-slot condensed: lead option right', '4-4, cover 4')->resolved->blocks;
        expect($wide['F']->target)->toBe('mike')
            ->and($tight['F']->target)->toContain('safety')
            ->and($tight['R']->target)->toBe('mike')
            ->and($tight['Z']->target)->toBe('sam');
    });

it(
    'gives a second man who crosses inside to the guard, and the receiver goes to the safety (FBL-10)',
    function (): void {
        $tight = carried('double-slot condensed: lead option right', '4-4, cover 4, sam spikes')->resolved->blocks;
        expect($tight['RG']->target)->toBe('sam')->and($tight['Z']->target)->toContain('safety');
    },
);

it('never gives the mike to the backside combination of the lead option (FBL-03)', function (string $look): void {
    $blocks = carried('double-slot: lead option right', $look)->resolved->blocks;
    expect(array_filter([$blocks['C']->target, $blocks['LG']->target], fn (?string $t): bool => $t === 'mike'))->toBe(
        [],
    );
})->with(['4-4, cover 4', '5-2, cover 3', '3-4, cover 4', '4-3 over, cover 4']);

it('loads the dive key and the next man and leaves one decision (LOD-01)', function (): void {
    $proof = carried('double-slot, H return right: load option right', '4-4, cover 4');
    expect($proof->resolved->blocks['RT']->target)->toBe('right end')
        ->and(array_column($proof->resolved->keys, 'decision'))->toBe(['pitch']);
});

it('keeps the pitch key\'s shoulder by where he stands (OPT-04): inside an overhang, wider off the last man of the line', function (): void {
    $u = function (string $call, string $look): float {
        $proof = carried($call, $look);
        $keep = $proof->carriers['keep'];

        return round(
            $keep->path->x[$keep->stepPast(0.5)] - $proof->resolved->front->u($proof->resolved->key('pitch')),
            1,
        );
    };
    expect($u('gun 2x2, freeze right: freeze option right', '4-2 nickel, cover 3'))
        ->toBeLessThan(-1.0)
        ->and($u('gun 2x2: speed option right', '4-2 nickel, cover 3'))
        ->toBeGreaterThan($u('gun 2x2, freeze right: freeze option right', '4-2 nickel, cover 3'));
},
);

it('tells the pitch relation, and a motion man who is late (MOT-03, OPT-05, W-34)', function (): void {
    $codes = array_column(
        told('double-slot, H return right: midline pitch right', '5-2, cover 3')['findings'],
        'text',
        'code',
    );
    expect($codes['pitch-relation'])->toContain('outside');
    $late = array_column(
        told('double-slot, H return right on last go: midline pitch right', '5-2, cover 3')['findings'],
        null,
        'code',
    );
    expect($late['pitch-motion']['man'])
        ->toBe('H')
        ->and($late['pitch-motion']['text'])
        ->toContain('his fault, not the pitch');
});

it('says when nobody is there for the pitch', function (): void {
    expect(array_column(told('double-slot: lead option right', '4-4, cover 4')['findings'], 'code'))
        ->not->toContain('no-pitch-man')
        ->and(array_column(told('under center 2x2: triple right', '5-2, cover 3')['findings'], 'code'))
        ->toBeArray();
});

it('calls inside out from the uncovered lineman (FBL-01, W-38)', function (): void {
    $calls = told('double-slot: lead option right', '4-3 over, cover 4')['run']['lineCalls'];
    $say = array_map(fn (array $c): string => "{$c['from']} to {$c['to']}: {$c['say']}", $calls);
    expect($say[0])->toContain('is the mike')->and(implode('; ', $say))->toContain('RG to RT: alone in B');
});

it('blocks everybody once: nobody single has another single\'s man', function (string $call, string $look): void {
    $targets = [];
    foreach (carried($call, $look)->resolved->blocks as $letter => $block) {
        if ($block->blocks() && $block->target !== $block->first) {
            $targets[$letter] = $block->target;
        }
    }
    expect(count($targets))->toBe(count(array_unique($targets)), json_encode($targets));
})->with([
    'double-slot, H return right: triple right',
    'double-slot: midline right',
    'I right: power right',
    'gun trey right: counter left',
    'wing-slot: trap right',
    'gun 2x2, H jet left: jet left',
    'gun two-back: freeze option right; tag tackle arc',
    'double-wing: buck right',
    'split-back: belly right',
])
    ->with(['4-3 over, cover 3', '3-4, cover 4', '5-2, cover 2', '6-2, cover 1', 'bear, cover 0']);

it('sends the pitch man of a run that says no motion, and lists it as assumed (jobs.md, support and option count)',
    function (string $call, string $look, string $motion): void {
        $told = told($call, $look);
        $relation = array_column($told['findings'], null, 'code')['pitch-relation'];
        expect($told['assumed'])->toContain("$motion, for the pitch")->and($relation['severity'])->toBe('info');
    })->with([
        'triple' => ['double-slot: triple right', '5-2, cover 4', 'H pitch right'],
        'to the left' => ['double-slot: triple left', '5-2, cover 4', 'R pitch left'],
        'one-back freeze' => ['gun 2x2: freeze option right', '4-2 nickel, cover 3', 'Y pitch right'],
        'lead option' => ['double-slot: lead option right', '4-3 over, cover 4', 'H pitch right'],
        'midline with pitch' => ['double-slot: midline pitch right', '3-4, cover 4', 'H pitch right'],
    ]);

it('sends nobody where a motion is said, a back takes the pitch or nobody is pitched to', function (
    string $call,
): void {
    expect(implode('; ', CallParser::parse($call)->assumed))->not->toContain('for the pitch');
})->with([
    'double-slot, H pitch right: triple right',
    'gun two-back, freeze right: freeze option right',
    'gun 2x2: speed option right',
    'double-slot: midline right',
    'double-slot: isolated dive right',
    'gun 2x2: zone right',
]);

it('makes a pitch man who cannot be there a fault that says what cures it (OPT-05)',
    function (string $call, string $look, string $severity, string $cure): void {
        $relation = array_column(told($call, $look)['findings'], null, 'code')['pitch-relation'];
        expect($relation['severity'])
            ->toBe($severity)
            ->and((string) ($relation['cure'] ?? ($relation['fix'] ?? '')))
            ->toContain($cure);
    })->with([
        'in relation' => ['double-slot, H pitch right: triple right', '5-2, cover 4', 'info', ''],
        'sent the other way' => ['double-slot, H pitch right: triple left', '5-2, cover 3', 'caution', 'H pitch left'],
        'in motion elsewhere' => ['gun 2x2, Y short left: freeze option right', '4-2 nickel, cover 3', 'fault',
            'Y pitch right'],
    ]);

it('never pitches to a halfback who is not there: the quarterback waits for him, and says so (OPT-05)',
    function (string $call, string $look): void {
        $finding = array_column(told($call, $look)['findings'], null, 'code')['pitch-relation'];
        $pitched = carried($call, $look)->carriers['pitch']->pitched;
        expect($finding['severity'])
            ->toBe('caution')
            ->and($finding['text'])
            ->toContain(sprintf('Q waits %.1f s at the key for him', $pitched->lateS))
            ->and($pitched->lateS)
            ->toBeGreaterThan(0.15);
    })->with(['wishbone: triple right', 'wishbone: triple left', 'wing-T: triple right'])
    ->with(['4-3 over, cover 3', '4-4, cover 3', '5-2, cover 3']);

it('waits for nobody who is there when the quarterback comes to the key', function (string $call, string $look): void {
    $pitched = carried($call, $look)->carriers['pitch']->pitched;
    $keep = carried($call, $look)->carriers['keep'];
    expect($pitched->lateS)->toBe(0.0)->and($pitched->quarterback->at(1.5))->toBe($keep->path->at(1.5));
})->with(['full house: triple right', 'double-slot: triple left'])->with(['4-3 over, cover 3', '4-4, cover 3']);

it('keeps a quarterback who turns up with the ball from waiting: only who pitches waits', function (): void {
    $run = carried('wishbone: triple right', '5-2, cover 3');
    $waits = $run->carriers['pitch']->pitched->quarterback->at(1.3)[1];
    expect($waits)->toBeLessThan($run->carriers['keep']->path->at(1.3)[1] - 0.3);
});

it('flies a pitch from the hand of the quarterback to the hand of the pitch man', function (string $call): void {
    $run = carried($call, '5-2, cover 3');
    $pitch = $run->carriers['pitch'];
    $frames = (new RunFrames($run, $run->decider->carried('pitch', $run->byRule), $run->byRule))->all();
    $row = fn (float $t): int => (int) round($t / $frames['step']);
    $at = fn (string $who, float $t): array => $who === 'ball'
        ? array_slice($frames['ball'][$row($t)], 0, 2)
        : array_slice($frames['at'][$row($t)], 2 * (int) array_search($who, $frames['men'], true), 2);
    $far = fn (array $a, array $b): float => hypot($a[0] - $b[0], $a[1] - $b[1]);
    $leaves = floor($pitch->pitched->leaves / $frames['step']) * $frames['step'];
    $caught = ceil($pitch->from / $frames['step']) * $frames['step'];
    $between = ($leaves + $caught) / 2.0;
    expect($far($at('ball', $leaves), $at('Q', $leaves)))
        ->toBeLessThan(0.6)
        ->and($far($at('ball', $caught), $at($pitch->letter, $caught)))
        ->toBeLessThan(0.6)
        ->and($far($at('ball', $between), $at('Q', $between)))
        ->toBeGreaterThan(0.6)
        ->and($far($at('ball', $between), $at($pitch->letter, $between)))
        ->toBeGreaterThan(0.6);
})->with(['wishbone: triple right', 'double-slot: triple left', 'gun 2x2: speed option right']);
