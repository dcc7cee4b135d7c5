<?php

/* Two calls in one, and what chooses between them: as typed, said again, stored, mirrored and decided by the look. */

use Jacotaxis\Core\Concept\Document\BadDocument;
use Jacotaxis\Core\Concept\Document\CallDocument;
use Jacotaxis\Core\Concept\KillRule;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Proof\Killing;
use Jacotaxis\Core\Proof\Proving;
use Jacotaxis\Core\Proof\Scene\Setting;
use Jacotaxis\Core\Proof\Telling\Told;
use Jacotaxis\Core\Words\CallParser;
use Jacotaxis\Core\Words\Describer;
use Jacotaxis\Core\Words\LookParser;

it('understands two calls as they are typed', function (string $typed, string $means): void {
    $call = CallParser::parse($typed);
    expect(Describer::words($call))->toBe($means)
        ->and(Describer::words(CallParser::parse($means)))->toBe($means);
})->with([
    ['gun 2x2: zone right; kill to hitches if box heavy', 'gun 2x2 right: zone right; kill to hitches right if box heavy'],
    ['gun trips rt zone lt can smash', 'gun trips right: zone left; kill to smash right if box heavy'],
    ['gun trips right zone left kill four verticals vs 2 high', 'gun trips right: zone left; kill to four verticals right if middle open'],
    ['gun doubles: iz rt alert: four verts vs one high', 'gun 2x2 right: zone right; kill to four verticals right if middle closed'],
    ['gun doubles rt power rt kill power lt', 'gun 2x2 right: power right; kill to power left if numbers'],
    ['gun trips rt: check with me power rt / power lt by numbers', 'gun trips right: power right; kill to power left if numbers'],
    ['check with me gun 2x2: zone right, zone left by numbers', 'gun 2x2 right: zone right; kill to zone left if numbers'],
    ['gun 2x2: package: zone right or hitches by box', 'gun 2x2 right: zone right; kill to hitches right if box heavy'],
    ['gun 2x2: zone right or hitches', 'gun 2x2 right: zone right; kill to hitches right if box heavy'],
    ['gun 2x2: smash both; kill to draw right', 'gun 2x2 right: smash both; kill to draw right if box light'],
    ['gun trips right: stick right; can to quick: double slants if press', 'gun trips right: stick right; kill to quick: double slants right if press'],
    ['gun 2x2: zone right; kill to hitches if 7 in the box', 'gun 2x2 right: zone right; kill to hitches right if box of 7'],
    ['gun 2x2: zone right; kill hitches if box of 7 or more', 'gun 2x2 right: zone right; kill to hitches right if box of 7'],
    ['gun 2x2: smash both; check to slant-flat both if blitz', 'gun 2x2 right: smash both; kill to slant-flat both if walked up'],
]);

it('leaves a single call single', function (string $typed): void {
    expect(CallParser::parse($typed)->kill)->toBeNull();
})->with([
    'a back who checks' => ['gun 2x2: smash both; R check swing'],
    'a staff rule' => ['gun 2x2: zone right; if will insert then pull'],
    'reads by coverage' => ['gun 2x2: Z post; X dig; read man X; read zone Z'],
]);

it('says what it took the rule to be where none is said', function (): void {
    expect(CallParser::parse('gun 2x2: zone right; kill to hitches')->assumed)->toContain('kill if box heavy')
        ->and(CallParser::parse('gun 2x2: zone right; kill to hitches if box heavy')->assumed)
        ->not->toContain('kill if box heavy');
});

it('chooses the rule by what the two calls are', function (string $words, KillRule $rule): void {
    expect(CallParser::parse($words)->kill->when)->toBe($rule);
})->with([
    'a run, and a pass for a full box' => ['gun 2x2: zone right; kill to hitches', KillRule::HeavyBox],
    'a run, and the run to the other side' => ['gun 2x2: zone right; kill to zone left', KillRule::Numbers],
    'a pass, and a run for a light box' => ['gun 2x2: smash both; kill to zone right', KillRule::LightBox],
    'two passes' => ['gun 2x2: smash both; kill to four verticals', KillRule::MiddleOpen],
]);

/**
 * What is played of a call with a kill against a look: the words of the call and why.
 *
 * @return array{string, bool, string}
 */
function played(string $call, string $look): array
{
    $played = Killing::decided(CallParser::parse($call), LookParser::parse($look), new Setting(Situation::of()));

    return [Describer::words($played), $played->decided->killed ?? false, (string) $played->decided?->seen];
}

it('decides by what stands there before the snap', function (
    string $rule,
    string $look,
    bool $kills,
    string $seen,
): void {
    [$words, $killed, $why] = played("gun 2x2: quick: hitches both; kill to draw right if $rule", $look);
    expect($words)->toContain($kills ? 'draw right' : 'hitches both')
        ->and($killed)->toBe($kills)
        ->and($why)->toContain($seen);
})->with([
    'two deep' => ['middle open', '4-2 nickel, cover 2', true, 'the middle is open'],
    'one deep' => ['middle open', '4-2 nickel, cover 3', false, 'the middle is closed'],
    'one deep, asked the other way' => ['middle closed', '4-2 nickel, cover 3', true, 'the middle is closed'],
    'two deep shown, then one' => ['middle open', '4-2 nickel, cover 3, shows cover 2', true, 'middle is open'],
    'six of five' => ['box heavy', '4-2 nickel, cover 3', true, '6 in the box for 5 blockers'],
    'five of five' => ['box heavy', '4-2 nickel, cover 3, will at -9 5', false, '5 in the box for 5 blockers'],
    'light' => ['box light', '4-2 nickel, cover 3', false, '6 in the box'],
    'six asked, six there' => ['box of 6', '4-2 nickel, cover 3', true, '6 in the box'],
    'seven asked, six there' => ['box of 7', '4-2 nickel, cover 3', false, '6 in the box'],
    'a backer at the line' => ['walked up', '4-2 nickel, cover 1, walked mike', true, 'the mike is walked up'],
    'all at home' => ['walked up', '4-2 nickel, cover 1', false, 'no linebacker'],
    'in their faces' => ['press', '4-2 nickel, cover 1, corners press', true, 'presses'],
    'off' => ['press', '4-2 nickel, cover 3, corners off', false, 'no corner presses'],
    'off, asked the other way' => ['off', '4-2 nickel, cover 3, corners off', true, 'plays off'],
    'a nose' => ['odd front', '3-4, cover 3', true, 'the nose is over the center'],
    'no nose' => ['odd front', '4-2 nickel, cover 3', false, 'an even front'],
    'no nose, asked the other way' => ['even front', '4-2 nickel, cover 3', true, 'an even front'],
]);

it('runs to the side with fewer of them', function (string $look, string $side): void {
    expect(played('gun 2x2: power right; kill to power left', $look)[0])->toContain("power $side");
})->with([
    'more on the right' => ['4-2 nickel, cover 3, will at 3 4.5', 'left'],
    'more on the left' => ['4-2 nickel, cover 3, mike at -3 4.5', 'right'],
]);

it('does not count whom the run reads', function (): void {
    expect(played('gun 2x2: zone right; kill to hitches', '4-2 nickel, cover 2'))
        ->toEqual(['gun 2x2 right: zone right; kill to hitches right if box heavy',
            false, '6 in the box, 1 of them read, for 5 blockers']);
});

it('proves the call that is played and says which it is', function (): void {
    $call = CallParser::parse('gun 2x2: zone right; kill to hitches if middle open');
    $setting = new Setting(Situation::of());
    $open = Told::report(Proving::of($call, LookParser::parse('4-2 nickel, cover 2'), $setting));
    $closed = Told::report(Proving::of($call, LookParser::parse('4-2 nickel, cover 3'), $setting));
    expect($open['decided'])->toBe(['killed' => true, 'seen' => 'the middle is open'])
        ->and($open['run'])->toBeNull()
        ->and($closed['decided'])->toBe(['killed' => false, 'seen' => 'the middle is closed'])
        ->and($closed['run'])->not->toBeNull();
});

it('is stored whole and read back, the second call on the spots of the first', function (): void {
    $call = CallParser::parse('gun trips right, F jet left: zone left; kill to quick: smash right if box of 7');
    $document = CallDocument::write($call);
    expect($document['kill']['to'])->not->toHaveKey('set')
        ->and($document['kill']['box'])->toBe(7)
        ->and(Describer::words(CallDocument::read($document)))->toBe(Describer::words($call));
});

it('names the place of what cannot be in the second call', function (): void {
    $document = CallDocument::write(CallParser::parse('gun 2x2: zone right; kill to hitches'));
    $document['kill']['to']['reads'] = ['F'];
    try {
        CallDocument::read($document);
        $pointer = null;
    } catch (BadDocument $e) {
        $pointer = $e->pointer;
    }
    expect($pointer)->toBe('/kill/to/reads/0');
});

it('is mirrored with its second call', function (): void {
    $call = CallParser::parse('gun trips right: zone left; kill to smash right if middle open');
    expect(Describer::words($call->mirrored()))->toBe('gun trips left: zone right; kill to smash left if middle open')
        ->and($call->mirrored()->mirrored())->toEqual($call);
});
