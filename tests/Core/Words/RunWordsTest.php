<?php

use Jacotaxis\Core\Blocking\Run\Order;
use Jacotaxis\Core\Blocking\Run\Tag;
use Jacotaxis\Core\Blocking\Run\Verb;
use Jacotaxis\Core\Concept\Document\CallDocument;
use Jacotaxis\Core\Concept\StaffRule;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Words\CallParser;
use Jacotaxis\Core\Words\Describer;
use Jacotaxis\Core\Words\NotUnderstood;

/* Runs in the call language: words -> call -> words, documents, and what is not understood (words.md). */

it('reads a run in words', function (string $words, string $scheme, string $side, ?string $who, array $tags): void {
    $run = CallParser::parse($words)->run;
    expect([
        $run->scheme,
        $run->side->value,
        $run->who,
        array_map(fn (Tag $t): string => $t->words(), $run->tags),
    ])->toBe([$scheme, $side, $who, $tags]);
})->with([
    'a colon and a side' => ['double-slot: triple right', 'triple', 'right', null, []],
    'no colon' => ['gun 2x2 zone right', 'zone', 'right', null, []],
    'no colon, a comma' => ['gun 2x2, outside zone left', 'outside zone', 'left', null, []],
    'no side: the strength' => ['gun trey left: power', 'power', 'left', null, []],
    'who carries' => ['I right: F dive right', 'dive', 'right', 'F', []],
    'a motion and a sweep' => ['gun 2x2, H jet left: jet left', 'jet', 'left', null, []],
    'a motion before a run without a colon' => ['gun 2x2, H jet left, zone left', 'zone', 'left', null, []],
    'a tag with a side' => ['gun H-back left: zone right; tag arc left', 'zone', 'right', null, ['arc left']],
    'two tags' => ['gun two-back, freeze right: freeze option right; tag tackle arc; tag crack right', 'freeze option',
        'right', null, ['tackle arc', 'crack right']],
    'the longer name wins' => ['wing-slot: R jet counter left', 'jet counter', 'left', 'R', []],
    'by the field' => ['2nd & 5, left hash | gun 2x2: zone field', 'zone', 'right', null, []],
    'filler words and case' => ['GUN 2x2: The Zone Right', 'zone', 'right', null, []],
]);

it('reads jobs by hand and rules', function (string $words, array $orders, array $rules): void {
    $call = CallParser::parse($words);
    expect(array_map(fn (Order $o): string => $o->words(), $call->run->orders))->toBe($orders)
        ->and(array_map(fn (StaffRule $r): string => $r->words(), $call->rules))->toBe($rules);
})->with([
    'a job' => ['gun 2x2: zone right; X crack free safety', ['X' => 'crack free safety'], []],
    'third person' => ['gun 2x2: zone right; X cracks free safety', ['X' => 'crack free safety'], []],
    'a lineman' => ['gun 2x2: power right; LT base left end', ['LT' => 'base left end'], []],
    'no man said: who is over him' => ['gun 2x2: zone right; Z stalk', ['Z' => 'stalk'], []],
    'a rule for the ball' => ['gun 2x2: zone right; if left end crash then pull', [], ['if left end crash then pull']],
    'a rule with a phase' => ['gun 2x2: zone right, rpo: X slant; if will insert on the stem then throw X', [],
        ['if will insert stem then throw X']],
    'a rule for a man' => ['gun H-back left: zone right; if left end take the back then H arc', [],
        ['if left end take the back then H arc']],
    'for a pass too' => ['gun 2x2: zone right, rpo: Y slant; if will drop then give', [], ['if will drop then give']],
]);

it('reads a rule with a pass', function (): void {
    $call = CallParser::parse('gun 2x2 right: smash right; if right corner sink break then throw Z');
    expect($call->run)
        ->toBeNull()
        ->and($call->rules)
        ->toEqual([new StaffRule('right corner', 'sink', 'break', 'throw', 'Z')])
        ->and(CallParser::parse(Describer::words($call))->rules)
        ->toEqual($call->rules);
});

it('writes what reads back the same, also as a document', function (string $words): void {
    $call = CallParser::parse($words);
    $back = CallParser::parse(Describer::words($call));
    expect(CallDocument::write($back))->toBe(CallDocument::write($call))
        ->and(CallDocument::read(CallDocument::write($call)))->toEqual($call->with(['assumed' => []]))
        ->and(CallDocument::write($call->mirrored()->mirrored()))->toBe(CallDocument::write($call));
})->with([
    'double-slot: triple right',
    'gun 2x2: zone right give',
    'gun H-back left: zone right; tag arc left; X crack free safety',
    'gun 2x2: zone right, rpo: backside #2 slant; key will',
    'gun trips right: zone left, rpo: H bubble; Z now hitch; read H, Z',
    'gun two-back, freeze right: freeze option right; tag tackle arc',
    '3rd & 2 | I right: F dive right',
    'double-slot, H return right: midline pitch right; tag exchange',
    'gun 2x2: zone right, rpo: Y slant; if will drop break then throw Y',
    'gun 2x2, H jet left: jet left',
]);

it('keeps families and routes that sound like runs', function (string $words, ?string $route): void {
    $call = CallParser::parse($words);
    expect($call->run)->toBeNull();
    if ($route !== null) {
        expect(array_column(array_map(fn ($r): array => ['n' => $r->name], $call->routes), 'n'))->toContain($route);
    }
})->with([
    ['pistol trips right, crack right fake: crack-seam-wheel right', 'crack seam'],
    ['gun 2x2 right: Z crack seam; H wheel; read Z, H', 'crack seam'],
    ['gun 2x2, zone left fake: smash right', 'hitch'],
    ['under center wing right, jet left fake, boot right: boot flood right', 'over'],
    ['gun trips right: crack seam by Z; H wheel', 'crack seam'],
]);

it('names what it does not understand', function (string $words, string $says): void {
    expect(fn () => CallParser::parse($words))->toThrow(NotUnderstood::class, $says);
})->with([
    'a run misspelt' => ['gun 2x2: zonk right', 'Did you mean zone'],
    'a tag misspelt' => ['gun H-back left: zone right; tag ark left', 'Did you mean arc'],
    'a tag of another kind' => ['gun 2x2: zone right; tag exchange', 'does not go with zone'],
    'a tag with a pass' => ['gun 2x2: smash right; tag arc left', 'A tag goes with a run'],
    'a defender misspelt' => ['gun 2x2: zone right; if wil insert then give', 'Did you mean will'],
    'an act misspelt' => ['gun 2x2: zone right; if will inserd then give', 'Did you mean insert'],
    'two jobs' => ['gun 2x2: zone right; X crack; X stalk', 'X'],
    'nothing said' => ['gun 2x2', 'no routes and no run'],
]);

it('mirrors sides in tags, jobs and rules', function (): void {
    $call = CallParser::parse(
        'gun H-back left: zone right; tag arc left; LT base left end; if left end crash then pull',
    )->mirrored();
    expect($call->run->side)
        ->toBe(Side::Left)
        ->and($call->run->tags[0]->side)
        ->toBe(Side::Right)
        ->and($call->run->orders['RT'])
        ->toEqual(new Order(Verb::Base, 'right end'))
        ->and($call->rules[0]->defender)
        ->toBe('right end');
});
