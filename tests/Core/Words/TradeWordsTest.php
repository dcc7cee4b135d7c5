<?php

/*
 * What words of the trade are asked about, told how to say, or left as they are.
 * Common practice without a published source.
 */

use Jacotaxis\Core\Words\CallParser;
use Jacotaxis\Core\Words\Describer;
use Jacotaxis\Core\Words\LookParser;
use Jacotaxis\Core\Words\NotUnderstood;
use Jacotaxis\Core\Words\StaffBook;
use Jacotaxis\Core\Words\Trade\TradeCalls;

it('asks what staffs mean differently, and never proposes the word it refused', function (string $typed): void {
    try {
        CallParser::parse($typed);
        $said = null;
    } catch (NotUnderstood $e) {
        $said = $e;
    }
    expect($said)->not->toBeNull()->and($said->suggestions)->not->toContain($said->word);
})->with([
    'gun doubles weak: zone weak',
    'I rt bo sweep rt',
]);

it('says how to say what it has other words for', function (string $typed, string $says): void {
    expect(fn () => CallParser::parse($typed))->toThrow(NotUnderstood::class, $says);
})->with([
    ['pro rt: power rt', 'split-back or I'],
    ['I right 26 power left', 'What 26 means'],
    ['gun spread right 52 slant', 'What 52 means is the staff\'s own'],
    ['double wing tight, wedge', '"wedge": Staffs mean different things by it: say quarterback sneak or'],
    ['gun stack: rub rt', '"rub": Staffs mean different things by it: say slant-flat or spot-rub.'],
    ['gun trips rt: wr screen rt', 'bubble screen, now screen or tunnel screen'],
]);

it('keeps a route a route where a word may also be a run', function (string $typed, string $means): void {
    expect(Describer::words(CallParser::parse($typed)))->toBe($means);
})->with([
    'a bubble told to a man' => ['gun 2x2: Z go; H bubble; read H', 'gun 2x2 right: Z go; H bubble; read H'],
    'a bubble by number' => ['gun 2x2 right: #2 right bubble right; read H', 'gun 2x2 right: H bubble right'],
    'a bubble behind a jet motion is the screen' => [
        'gun trips rt, H jet lt: bubble rt',
        'gun trips right, H jet left: bubble screen right',
    ],
    'under is a route, under center is not' => [
        'under center 2x2: Y under; X dig',
        'under center 2x2 right: Y shallow; X dig',
    ],
    'the run said after its jobs' => [
        'gun trey rt: RT climb will; zone rt',
        'gun trey right: zone right; RT climb will',
    ],
    'jobs in other words' => [
        'I right: power right; Z insert mike; LT pull',
        'under center I right: power right; Z lead mike; LT wrap',
    ],
    'a lead told to a man' => ['I right: power right; F lead sam', 'under center I right: power right; F lead sam'],
    'rocket the run, jet the motion' => [
        'double-slot, H jet right: rocket rt',
        'under center double-slot right, H jet right: rocket right',
    ],
]);

it('says which word of a look it does not know, and never that the front is unknown when it is the shell', function (
    string $typed,
    string $says,
): void {
    expect(fn () => LookParser::parse($typed))->toThrow(NotUnderstood::class, $says);
})->with([
    'no shell' => ['4-2-5 cat blitz', '"cat blitz" is not a shell'],
    'man, but which' => ['4-2-5 man press', '"man": Staffs mean different things by it: say cover 0, cover 1 or'],
    'two high is no shell' => ['2 high, 4-2-5', '"2 high": Staffs mean different things by it: say cover 2, tampa 2,'],
    'nor is one high' => ['4-2-5, 1 high press', 'cover 1 or cover 3'],
    'what cover 7 is differs' => ['4-2-5 cover 7', '"cover 7": Staffs mean different things by it: say cover 4, cover 4'],
    'an even front is several' => ['even front, cover 3', '4-3 under'],
    'where he walks out to' => ['3-4 cover 3, sam walked out on H', 'Say where he stands'],
    'who has a stunt' => ['4-3 c1, end and tackle stunt', 'Say who moves'],
    'no tackles in this front' => ['3-4 c3, tackles cross', 'There are no tackles in the 3-4'],
    'no coverage' => ['4-4 stack', 'No coverage is said'],
    'a rusher is no coverage' => ['odd, mike blitz', 'No coverage is said'],
    'an eagle front is two' => ['eagle front cover 1', '"eagle": Staffs mean different things by it: say bear, 4-3 under or 5-2.'],
    'which end' => ['4-2-5, end drops, nickel comes, cover 3', 'Say which end'],
    'man with five rushers, but which' => ['5 man pressure man', '"man": Staffs mean different things by it: say cover 0, cover 1 or'],
    'who drops where three rush' => ['3 man rush tampa', 'Say who drops'],
    'who walks where' => ['walk the sam out, quarters', 'Say where he stands'],
    'which corner' => ['4-3 cover 3, corner blitz', 'Say which corner'],
    'who comes, and who drops' => ['4-3 cover 1, sim pressure', 'will comes, strong end drops'],
    'a man the front has not' => ['3-4 cover 3, nickel blitz', 'There is no nickel in the 3-4'],
    'a safety where an overhang stands' => ['4-4 c3, ss blitz', 'There is no strong safety in the 4-4'],
    'who drops of four down men' => ['4-2-5 cover 3, drop 8', 'Say who drops'],
]);

it('leaves the language\'s own words as they are', function (string $own): void {
    expect(TradeCalls::call($own))->toBe($own);
})->with([
    'gun 2x2 right: shallow cross right; read X, H',
    'gun trips right, half-boot right: roll-out crossers right',
    'under center wing right, F jet left, zone left fake, boot right: Y slide, H over 12',
    'gun H-back left: split zone right; tag arc left',
    'gun 2x2 right: Z post-corner; X slant-go; H out-up',
    'gun two-back right, freeze right: freeze option right; tag tackle arc',
]);

it('keeps RT and LT the tackles where a man is meant', function (string $typed, string $put): void {
    expect(TradeCalls::call($typed))->toBe($put);
})->with([
    'a side' => ['gun trips rt: zone lt', 'gun trips right: zone left'],
    'a job' => ['gun trips: zone right; LT climb will', 'gun trips: zone right; LT climb will'],
    'a motion' => ['unbalanced right, LT shift left: zone right', 'unbalanced right, LT shift left: zone right'],
]);

it('keeps a man in who is told to block, and says so again', function (string $typed, string $man): void {
    $call = CallParser::parse($typed);
    expect($call->routes)->not->toHaveKey($man)
        ->and(CallParser::parse(Describer::words($call))->routes)->toEqual($call->routes);
})->with([
    'a tight end' => ['gun trey right: smash left; Y block', 'Y'],
    'a back' => ['gun 2x2 right: curl-flat right; R stays in', 'R'],
    'a slot, routes by hand' => ['gun 2x2 right: Z post; X dig; H protect; read Z, X', 'H'],
]);

it('refuses two jobs for a man who stays in', function (): void {
    CallParser::parse('gun 2x2 right: smash right; R block; R flat');
})->throws(NotUnderstood::class);

it('tells what it read by a rule of the trade', function (string $typed, string $told): void {
    expect(implode('; ', CallParser::parse($typed)->assumed))->toContain($told);
})->with([
    'an even hole' => ['I right 26 power', '26 power goes right'],
    'an odd hole' => ['I right 33 iso', '33 iso goes left'],
    'who takes the snap' => ['wildcat right: quarterback power right', 'who takes the snap is Q'],
    'a route without a man' => ['gun 2x2: go outside release right', 'go by Z'],
    'a back\'s route' => ['gun 2x2: mesh, wheel', 'wheel by R'],
    'tempo' => ['no huddle gun 2x2: smash right', '"no huddle" is heard'],
]);

it('takes no hole where the side is said or the number is a spot', function (string $typed, string $means): void {
    expect(Describer::words(CallParser::parse($typed)))->toBe($means);
})->with([
    ['I right 26 power right', 'under center I right: power right'],
    ['1st & 10, ball on 30 | I right: power left', '1st & 10, ball on 30, middle | under center I right: power left'],
]);

it('puts a line over once: a second time changes nothing', function (string $typed): void {
    $once = TradeCalls::call($typed);
    expect(TradeCalls::call($once))->toBe($once);
})->with([
    'doubles rt iz lt',
    'I rt power o lt',
    'uc wing rt, PA stretch lt, bootleg rt: sail rt',
    'gun trips rt: Z fade, H drag 12, Y glance',
    '3rd & 8 | dubs: 4 verts',
]);

it('reads a staff\'s own set and family without a colon, too', function (): void {
    $set = CallParser::parse('gun trips left: smash left')->formation;
    $book = new StaffBook(sets: ['ridge' => $set]);
    expect(CallParser::parse('ridge smash lt', null, $book)->formation->words())->toBe($set->words());
});

it('takes no personnel for a yard line, and no kick of a fullback for his run', function (
    string $typed,
    string $means,
): void {
    expect(Describer::words(CallParser::parse($typed)))->toBe($means);
})->with([
    ['3rd & 4 on 20, gun 2x2: stick', '3rd & 4, ball on 20, middle | gun 2x2 right: stick right'],
    ['trap left with fullback, I right', 'under center I right: F trap left'],
]);

it('does not read a call whose situation ends in a personnel as one at that yard line', function (): void {
    try {
        $words = Describer::words(CallParser::parse('3rd & 4 from 11 personnel, gun 2x2: stick'));
    } catch (NotUnderstood) {
        $words = '';
    }
    expect($words)->not->toContain('ball on 11');
});
