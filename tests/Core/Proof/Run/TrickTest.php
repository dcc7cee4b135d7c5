<?php

use Jacotaxis\Core\Blocking\Fake;
use Jacotaxis\Core\Blocking\Run\Block;
use Jacotaxis\Core\Blocking\Trick;
use Jacotaxis\Core\Concept\Document\CallDocument;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Proof\Telling\Told;
use Jacotaxis\Core\Words\CallParser;
use Jacotaxis\Core\Words\Describer;

/* A shovel inside the man who is read, a flea flicker, a back's pass (common practice, no source). */

it('gives each of the eleven his job in a shovel', function (string $call, string $look, array $jobs): void {
    $resolved = carried($call, $look)->resolved;
    $done = array_map(fn (Block $b): string => $b->words(), $resolved->blocks);
    unset($done['Q']);
    ksort($done);
    ksort($jobs);
    expect($done)->toBe($jobs)->and($resolved->unaccounted)->toBe([]);
})->with([
    'slot across, even front' => ['gun 2x2: shovel right', '4-2 nickel, cover 3', [
        'LT' => 'Blocks the left end',
        'LG' => 'Pulls and wraps to the mike',
        'C' => 'Blocks the left tackle',
        'RG' => 'Doubles the right tackle with RT, climbs to the will',
        'RT' => 'Doubles the right tackle with RG, keeps him',
        'R' => 'Leads through',
        'Y' => 'Takes the pitch',
        'X' => 'Cuts off the free safety',
        'H' => 'Stalks the nickel, one yard in front of him',
        'Z' => 'Stalks the right corner, one yard in front of him',
    ]],
    'H-back across, odd front' => ['gun H-back left: shovel right', '3-4, cover 2', [
        'LT' => 'Blocks the left end',
        'LG' => 'Pulls and wraps to the will',
        'C' => 'Doubles the nose with RG, climbs to the mike',
        'RG' => 'Doubles the nose with C, keeps him',
        'RT' => 'Blocks the right end',
        'R' => 'Leads through',
        'H' => 'Takes the pitch',
        'Z' => 'Cuts off the strong safety',
        'Y' => 'Stalks the right corner, one yard in front of him',
        'X' => 'Stalks the free safety, one yard in front of him',
    ]],
]);

it('shovels inside an end who takes the quarterback, keeps outside one who sits inside', function (
    string $call,
    string $look,
): void {
    $proof = carried($call, $look);
    expect(ball($proof, 'take the quarterback'))->toStartWith('pitch')
        ->and(ball($proof, 'take the pitch'))->toStartWith('keep')
        ->and($proof->carriers['pitch']->where)->toContain('inside')
        ->and($proof->carriers['keep']->where)->toContain('outside');
})->with(['gun 2x2: shovel right', 'gun trips right: shovel left', 'gun H-back left: shovel right'])
    ->with(['4-2 nickel, cover 3', '4-3 over, cover 4', '3-4, cover 2']);

it('beats an end who is upfield both ways, and is beaten by one who waits', function (): void {
    $upfield = carried('gun H-back left: shovel right', '4-2 nickel, cover 3, right end upfield');
    $waits = carried('gun H-back left: shovel right', '4-2 nickel, cover 3');
    expect($upfield->verdict()->value)->toBe('bound')->and($waits->verdict()->value)->toBe('guess')
        ->and(ball($waits, 'between'))->toContain('pitch');
});

it('turns the shovel up inside the read man, and the quarterback runs outside of him', function (): void {
    $proof = carried('gun 2x2: shovel right', '4-2 nickel, cover 3');
    $end = $proof->resolved->front->men[(string) $proof->resolved->key('pitch')]->xYd;
    $at = fn (string $action): float => $proof->carriers[$action]->path->x[$proof->carriers[$action]->stepPast(0.0)];
    expect($at('pitch'))->toBeLessThan($end)
        ->and($at('keep'))->toBeGreaterThan($end)
        ->and($proof->carriers['pitch']->path->y[(int) round($proof->carriers['pitch']->from / Path::STEP)])
        ->toBeLessThan(0.0);
});

it('sends nobody in motion for a shovel and judges no pitch relation', function (): void {
    $call = CallParser::parse('gun 2x2: shovel right');
    expect($call->motions)->toBe([])
        ->and(array_column(told('gun 2x2: shovel right', '4-2 nickel, cover 3')['findings'], 'code'))
        ->not->toContain('pitch-relation')
        ->and(array_column(told('gun 2x2: speed option right', '4-2 nickel, cover 3')['findings'], 'code'))
        ->toContain('pitch-relation');
});

it('holds whoever reads the run longer with a trick than with a fake, and lets the ball out later', function (
    string $trick,
): void {
    $fake = proof('I right, toss right fake: Z post; X over', 'cover 4');
    $tricked = proof("I right, toss right $trick: Z post; X over", 'cover 4');
    foreach ($fake->scene->defenders as $n => $d) {
        $held = $fake->scene->hold($d);
        $longer = $tricked->scene->hold($tricked->scene->defenders[$n]);
        expect($longer)->toBe($held > 0.0 ? $held + Trick::from($trick)->holdsS() : 0.0, $d->role);
    }
    expect($tricked->readings['Z']->from)->toBeGreaterThan($fake->readings['Z']->from)
        ->and($tricked->protection->arrivalAt)->toBeGreaterThan($fake->protection->arrivalAt);
})->with(['flicker', 'back pass']);

it('throws a flea flicker from the pocket and a back\'s pass from where the back sets his feet', function (): void {
    expect(proof('I right, toss right flicker: Z post', 'cover 3')->scene->launch()[0])->toBe(0.0)
        ->and(proof('I right, toss right back pass: Z post', 'cover 3')->scene->launch())->toBe([6.0, -5.0])
        ->and(proof('I left, toss left back pass: X post', 'cover 3')->scene->launch())->toBe([-6.0, -5.0]);
});

it('names who throws, and he neither protects nor runs a route', function (): void {
    $proof = proof('I right, toss right back pass: Z post; X over', 'cover 3');
    expect($proof->scene->passer())->toBe('R')
        ->and($proof->scene->routes)->not->toHaveKey('R')
        ->and($proof->scene->pickup->takes)->not->toHaveKey('R')
        ->and(proof('I right, toss right flicker: Z post', 'cover 3')->scene->passer())->toBe('Q')
        ->and((new Fake('toss', Side::Right, 'F', Trick::BackPass))->passer($proof->scene->lineup, Side::Right))
        ->toBe('F');
});

it('takes a back\'s ball for a longer throw than the quarterback\'s', function (): void {
    $back = proof('I right, toss right back pass: Z post; X over', 'cover 3')->scene;
    $quarterback = proof('I right, toss right fake: Z post; X over', 'cover 3')->scene;
    expect($back->aimYd(10.0))->toBeGreaterThan($quarterback->aimYd(10.0))
        ->and($quarterback->aimYd(10.0))->toBe(10.0);
});

it('tells the two men who have the ball what to do', function (string $words, array $jobs): void {
    $told = array_column(told($words, '4-3 over, cover 3')['assignments'], 'job', 'man');
    foreach ($jobs as $man => $says) {
        expect($told[$man])->toContain($says);
    }
})->with([
    'flicker' => ['I right, power right flicker: Z post; X over', [
        'Q' => 'Hands off as in power right, opens to the back for the pitch',
        'R' => 'turns and pitches it back to Q',
    ]],
    'back\'s pass' => ['I right, toss right back pass: Z post; X over', [
        'Q' => 'Gives the ball to R as in toss right',
        'R' => 'sets his feet 6 yd outside and 5 behind the ball, throws: reads',
    ]],
    'a plain fake' => ['I right, power right fake: Z post; X over', ['Q' => 'Fakes power right']],
]);

it('shows the ball where the man is who throws it', function (): void {
    $frames = Told::frames(proof('I right, toss right back pass: Z post; X over', 'cover 3'), null);
    $back = 2 * array_search('R', $frames['men'], true);
    $late = (int) round(1.5 / $frames['step']);
    expect($frames['ball'][$late][0])->toBe($frames['at'][$late][$back])
        ->and($frames['ball'][$late][0])->toBeGreaterThan(2.5);
});

it('stores a trick with its fake, and turns it over', function (string $words): void {
    $call = CallParser::parse($words);
    expect(Describer::words(CallDocument::read(CallDocument::write($call))))->toBe(Describer::words($call))
        ->and($call->mirrored()->fake?->trick)->toBe($call->fake?->trick);
})->with(['I right, power right flicker: Z post; X over', 'I right, toss right back pass: Z go; Y over']);
