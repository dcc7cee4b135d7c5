<?php

/* Words by which staffs mean different things: which they are, what is offered, and that each of it can stand there. */

use Jacotaxis\Core\Words\CallParser;
use Jacotaxis\Core\Words\Describer;
use Jacotaxis\Core\Words\LookParser;
use Jacotaxis\Core\Words\NotUnderstood;
use Jacotaxis\Core\Words\StaffBook;

function refusedBy(Closure $read): ?NotUnderstood
{
    try {
        $read();
    } catch (NotUnderstood $e) {
        return $e;
    }

    return null;
}

it('asks what a word of a call means, and takes every answer in its place', function (
    string $typed,
    string $word,
    array $meanings,
): void {
    $asked = refusedBy(fn () => CallParser::parse($typed));
    expect($asked?->word)->toBe($word)
        ->and($asked->meanings)->toBe($meanings)
        ->and($asked->getMessage())->toContain('Staffs mean different things by it: say '.$meanings[0]);
    foreach ($meanings as $meaning) {
        $answered = str_replace($word, $meaning, strtolower($typed));
        expect(refusedBy(fn () => CallParser::parse($answered))?->getMessage())->toBeNull($answered);
        $book = new StaffBook(aliases: [$word => $meaning]);
        $own = CallParser::parse($typed, book: $book);
        expect(Describer::words($own))->toBe(Describer::words(CallParser::parse($answered)));
    }
})->with([
    ['gun twins right: smash', 'twins', ['2x2', 'trips', 'twins wing', 'twins I', 'wing-slot']],
    ['gun deuce left: curl-flat', 'deuce', ['2x2', '2x2 closed', 'ace']],
    ['pro right: power right', 'pro', ['2x2 closed', 'split-back', 'I']],
    ['gun slot right: zone right', 'slot', ['2x2', 'wing-slot', 'double-slot']],
    ['gun pair left: power left', 'pair', ['2x2', '2x2 closed', 'twins wing']],
    ['gun trio right: zone right', 'trio', ['trips', 'trey', 'bunch', 'nub']],
    ['gun cluster left: zone left', 'cluster', ['bunch', 'stack']],
    ['heavy right: power right', 'heavy', ['full house', 'power I', 'double-wing', 'ace']],
    ['stack i right: iso right', 'stack i', ['I', 'power I', 'full house']],
    ['I right: sweep left', 'sweep', ['buck', 'jet', 'toss', 'pin and pull']],
    ['gun 2x2: rub right', 'rub', ['slant-flat', 'spot-rub']],
    ['I right: wedge', 'wedge', ['quarterback sneak', 'dive']],
    ['gun trips: throwback screen', 'throwback screen', ['slip screen', 'tight end screen', 'tunnel screen']],
    ['gun 2x2: middle screen', 'middle screen', ['slip screen', 'tight end screen', 'tunnel screen']],
    ['double-slot: trap option right', 'trap option', ['trap', 'speed option']],
    ['double-slot: outside veer right', 'outside veer', ['triple', 'lead option', 'speed option']],
    ['gun trips: tackle trap left', 'tackle trap', ['trap', 'dart']],
    ['gun 2x2: mid zone right', 'mid zone', ['zone', 'outside zone']],
    ['gun 2x2: follow right', 'follow', ['drive', 'levels', 'shallow cross']],
    ['gun bunch right: triangle', 'triangle', ['spot', 'curl-flat', 'stick']],
    ['gun trips right: high low', 'high low', ['drive', 'levels', 'post-dig', 'curl-flat']],
    ['gun 2x2: wr screen left', 'wr screen', ['bubble screen', 'now screen', 'tunnel screen']],
    ['gun trips right: screen to z', 'screen', ['bubble screen', 'now screen', 'tunnel screen', 'slip screen']],
    ['gun 2x2: double screen', 'double screen', ['bubble screen', 'slip screen', 'tunnel screen']],
    ['double tight i: iso right', 'double tight i', ['power I', 'full house', 'ace']],
    ['wing-T: criss cross', 'criss cross', ['counter', 'jet counter', 'reverse']],
    ['double-slot: option right', 'option', ['triple', 'midline', 'speed option', 'lead option', 'counter option']],
    ['double-slot: counter iso', 'counter iso', ['counter', 'iso']],
    ['double-slot: qb follow right', 'qb follow', ['quarterback iso', 'dive']],
    ['gun 2x2: qb zone right', 'qb zone',
        ['quarterback iso', 'quarterback power', 'quarterback counter', 'power read']],
    ['gun 2x2: q run left', 'q run', ['quarterback iso', 'quarterback power', 'quarterback counter', 'power read']],
    ['gun 2x2: bash counter right', 'bash counter', ['quarterback counter', 'power read']],
    ['single wing: power right', 'single wing', ['wildcat', 'gun wing']],
]);

it('asks what a word of a look means, and takes every answer in its place', function (
    string $typed,
    string $word,
    array $meanings,
): void {
    $asked = refusedBy(fn () => LookParser::parse($typed));
    expect($asked?->word)->toBe($word)->and($asked->meanings)->toBe($meanings);
    foreach ($meanings as $meaning) {
        $answered = str_replace($word, $meaning, $typed);
        expect(refusedBy(fn () => LookParser::parse($answered))?->getMessage())->toBeNull($answered);
    }
})->with([
    ['eagle, cover 3', 'eagle', ['bear', '4-3 under', '5-2']],
    ['4-2-5, cover 7', 'cover 7', ['cover 4', 'cover 4 trap', 'cover 6', 'cover 1']],
    ['4 down, cover 3', '4 down', ['4-3 over', '4-3 under', '4-2 nickel', '4-4']],
    ['3 down, cover 3', '3 down', ['3-4', '3-3 stack', 'tite', '3-2 dime']],
    ['4-3, 1 high', '1 high', ['cover 1', 'cover 3']],
    ['4-3, 2 high', '2 high', ['cover 2', 'tampa 2', '2-man', 'cover 4', 'cover 6']],
    ['even, cover 1', 'even', ['4-3 over', '4-3 under', '4-2 nickel', '4-4']],
    ['4-2-5, man', 'man', ['cover 0', 'cover 1', '2-man']],
    ['4-3, zone', 'zone', ['cover 2', 'cover 3', 'cover 4', 'cover 6']],
    ['4-3, mofc', 'mofc', ['cover 1', 'cover 3']],
    ['4-3, mofo', 'mofo', ['cover 2', '2-man', 'cover 4', 'cover 6']],
    ['4-3, man coverage', 'man coverage', ['cover 0', 'cover 1', '2-man']],
    ['light box, cover 3', 'light box', ['4-2 nickel', '4-1 dime', '3-2 dime']],
    ['6 man box, cover 2', '6 man box', ['4-2 nickel', '3-3 stack', 'tite']],
    ['seven in the box, cover 3', 'seven in the box', ['4-3 over', '4-3 under', '3-4', 'bear']],
    ['8 man box, cover 1', '8 man box', ['4-4', '5-3', '5-2']],
    ['penny, cover 1', 'penny', ['tite', 'bear', '5-2']],
]);

it('asks nothing where the words beside it say which', function (string $typed, string $means): void {
    expect(Describer::words(CallParser::parse($typed)))->toBe($means);
})->with([
    ['I right: buck sweep left', 'under center I right: buck left'],
    ['gun 2x2: jet sweep right', 'gun 2x2 right: jet right'],
    ['I right: toss sweep left', 'under center I right: toss left'],
    ['I twins left: iso right', 'under center twins I left: iso right'],
    ['ace twins right: zone left', 'under center twins wing right: zone left'],
    ['gun pro right: curl flat', 'gun 2x2 closed right: curl-flat right'],
    ['I pro right: power right', 'under center I right: power right'],
]);

it('explains what is refused, not another word of the call', function (string $typed, string $says): void {
    $refused = refusedBy(fn () => CallParser::parse($typed));
    expect($refused?->getMessage())->toContain($says)->and($refused->meanings)->toBe([]);
})->with([
    'a word beside a sweep that is clear' => ['gun 2x2: buck sweep right, sucker', 'sucker'],
    'who runs it, not which motion' => ['gun 2x2, H return motion: whip', 'Say who runs the whip'],
    'a second set' => ['gun trips bunch right stack: flood', '"stack" is a set, and bunch was said before it'],
    'a word of the staff' => ['gun 2x2: osprey', 'A word of your own gets its meaning in the staff book.'],
]);
