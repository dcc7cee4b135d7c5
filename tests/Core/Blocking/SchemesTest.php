<?php

use Jacotaxis\Core\Blocking\Run\Block;
use Jacotaxis\Core\Blocking\Run\Catalogue\Schemes;
use Jacotaxis\Core\Blocking\Run\Catalogue\Tags;

/* Gap schemes, jet and tags as a coach would check them,
    one line a job (domain.md section 8, JET, RUN, ARC; common practice, no source). */

it('blocks front by front', function (string $call, string $look, array $jobs): void {
    $done = array_map(fn (Block $b): string => $b->words(), carried($call, $look)->resolved->blocks);
    foreach ($jobs as $letter => $words) {
        expect($done[$letter])->toBe($words, "$letter: $call against $look");
    }
})->with([
    'power, 4-3 over: end kicked out, guard wraps to the mike, down blocks inside' => ['I right: power right',
        '4-3 over, cover 3', ['F' => 'Kicks out the right end', 'LG' => 'Pulls and wraps to the mike',
            'RT' => 'Doubles the right tackle with RG, keeps him', 'C' => 'Blocks the left tackle',
            'RG' => 'Doubles the right tackle with RT, climbs to the will']],
    'power, 3-4: the edge man kicked out' => ['I right: power right', '3-4, cover 4',
        ['F' => 'Kicks out the sam', 'LG' => 'Pulls and wraps to the mike']],
    'counter, 4-3 over: guard kicks, wing wraps' => ['under center wing right: counter left', '4-3 over, cover 3',
        ['RG' => 'Pulls and kicks out the left end', 'Z' => 'Wraps to the will',
            'LG' => 'Doubles the left tackle with C, keeps him',
            'C' => 'Doubles the left tackle with LG, climbs to the mike']],
    'counter by tackle from one back' => ['gun 2x2: counter right', '4-2 nickel, cover 4',
        ['LG' => 'Pulls and kicks out the right end', 'LT' => 'Pulls and wraps to the mike']],
    'trap, 4-3 over: the 3 is let in and trapped' => ['wing-slot: trap right', '4-3 over, cover 3',
        ['LG' => 'Pulls and kicks out the right tackle', 'C' => 'Doubles the left tackle with RG, keeps him',
            'RG' => 'Doubles the left tackle with C, climbs to the will']],
    'buck: playside guard kicks, backside guard leads' => ['double-wing: buck right', '5-2, cover 3',
        ['LG' => 'Pulls and wraps to the mike']],
    'jet: the edge stays on track' => ['gun trey right, H jet right: jet right', '4-3 over, cover 3',
        ['Y' => 'Outside shoulder of the right end, stays on track']],
    'split zone: a man across on the backside end' => ['gun H-back right: split zone right', '4-2 nickel, cover 3',
        ['H' => 'Split block on the left end']],
    'outside zone reaches' => ['gun 2x2: outside zone right', '5-2, cover 3',
        ['RT' => 'Reaches the right end', 'RG' => 'Reaches the right tackle']],
    'crack: the receiver cracks, the tackle has the corner' => ['gun 2x2: crack right', '4-2 nickel, cover 4',
        ['H' => 'Cracks the nickel', 'Z' => 'Cracks the strong safety', 'RT' => 'Leads on the right corner']],
]);

it('traps with the tackle against odd, with the guard where his fill is too long (W-31, JET-04, JET-05)',
    function (string $look, string $kicks, string $fills): void {
        $blocks = carried('wing-slot: R jet counter right', $look)->resolved->blocks;
        expect($blocks[$kicks]->verb->value)->toBe('kick')->and($blocks[$fills]->verb->value)->toBe('fill');
    })->with([
        'odd' => ['5-2, cover 3', 'LT', 'LG'],
        'even with a 5' => ['4-3 over, cover 3', 'LG', 'LT'],
        'even with a 4i' => ['4-3 over, cover 3, 4i on LT', 'LT', 'LG'],
    ]);

it('takes jobs given by hand before any rule', function (): void {
    $proof = carried('gun 2x2: zone right; X crack free safety; LT base left end', '4-2 nickel, cover 3');
    expect($proof->resolved->blocks['X']->words())->toBe('Cracks the free safety')
        ->and($proof->resolved->blocks['LT']->target)->toBe('left end')
        ->and($proof->resolved->key('give'))->toBeNull();
});

it('lets the end go by arc or bluff, and takes the end when the backer is the edge and he can reach him (ARC-04, W-39)',
    function (array $flags, string $verb, string $target): void {
        $men = ['H' => Jacotaxis\Core\Offense\Athlete::of('Hollis Marne', 41, flags: $flags)];
        $proof = carried('gun H-back left: zone right; tag arc left', '3-4, cover 3',
            new Jacotaxis\Core\Proof\Scene\Setting(Jacotaxis\Core\Field\Situation::of(), men: $men));
        expect([$proof->resolved->blocks['H']->verb->value])->toBe([$verb])->and($proof->resolved->blocks['H']->target)
            ->toContain($target);
    })->with([
        'able: he blocks the end, the backer is read' => [['reaches the end'], 'base', 'end'],
        'not able: he goes for the second level' => [[], 'arc', ''],
    ]);

it('offers only tags that account for somebody or win the down, the best first', function (
    string $call,
    string $look,
): void {
    $told = told($call, $look);
    $rank = ['covered' => 0, 'guess' => 1, 'bound' => 2];
    $last = 9;
    foreach ($told['run']['answers'] as $answer) {
        expect($rank[$answer['verdict']])->toBeLessThanOrEqual($last)
            ->and($rank[$answer['verdict']] >= $rank[$told['verdict']])->toBeTrue();
        $last = $rank[$answer['verdict']];
    }
    expect($told['run']['answers'])->toBeArray();
})->with([
    ['gun H-back left: zone right', '4-4, cover 3'],
    ['double-slot, H return right: midline pitch right', '6-1, cover 3'],
    ['gun two-back: freeze option right', '4-2 nickel, cover 4'],
    ['I right: power right', '4-4, cover 3'],
]);

it('knows every scheme and tag it can name', function (): void {
    foreach (Schemes::names() as $name) {
        expect(Schemes::get($name)->words)->not->toBe('')->and(Schemes::get($name)->gaps)->not->toBe([]);
    }
    foreach (Tags::names() as $name) {
        expect([...Tags::get($name)->jobs, ...Tags::get($name)->keys])->not->toBe([]);
    }
    expect(fn () => Schemes::get('zonk'))->toThrow(
        Jacotaxis\Core\Blocking\Run\UnknownRun::class,
        'There is no run "zonk"',
    );
});

it('says the caution where it belongs, by rule book (domain.md section 14)',
    function (string $call, string $look, string $code, string $text): void {
        $codes = array_column(told($call, $look)['findings'], 'text', 'code');
        expect($codes[$code] ?? '')->toContain($text);
    })->with([
        'crack' => ['gun 2x2: crack right', '4-2 nickel, cover 4', 'caution-crack', 'blind-side'],
        'low blocks' => ['double-slot, H return right: triple right', '5-2, cover 3', 'caution-low-block', 'chop'],
        'hits on the quarterback' => ['gun 2x2: zone right', '4-2 nickel, cover 3', 'caution-quarterback',
            'athletic trainer'],
        'split' => ['gun H-back right: split zone right', '4-2 nickel, cover 3', 'caution-wham', 'from the front'],
    ]);
