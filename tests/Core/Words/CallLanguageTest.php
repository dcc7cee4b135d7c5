<?php

use Jacotaxis\Core\Concept\Document\CallDocument;
use Jacotaxis\Core\Concept\Families\Families;
use Jacotaxis\Core\Route\Routes;
use Jacotaxis\Core\Words\CallParser;
use Jacotaxis\Core\Words\Describer;
use Jacotaxis\Core\Words\Description;
use Jacotaxis\Core\Words\LookParser;
use Jacotaxis\Core\Words\NotUnderstood;

it('reads its own words back as the same call', function (string $words): void {
    $call = CallParser::parse($words);
    $again = CallParser::parse(Describer::words($call));
    expect(array_diff_key(CallDocument::write($again), ['situation' => 1]))->toEqual(
        array_diff_key(CallDocument::write($call), ['situation' => 1]),
    );
})->with(function (): Generator {
    foreach (array_keys(Families::all()) as $family) {
        foreach (['gun 2x2', 'gun trips'] as $set) {
            foreach (['left', 'right'] as $side) {
                yield "$set $side: $family $side" => "$set $side: $family $side";
                yield "$set $side: $family both" => "$set $side: $family both";
            }
        }
    }
    mt_srand(20261123);
    $routes = array_keys(Routes::all());
    for ($n = 0; $n < 60; $n++) {
        $parts = [];
        foreach (['X', 'Y', 'H', 'Z', 'R'] as $letter) {
            if (mt_rand(0, 2) > 0) {
                $shape = Routes::get($routes[mt_rand(0, count($routes) - 1)]);
                $depth =
                    round(
                        ($shape->minDepthYd +
                            (mt_rand() / mt_getrandmax()) * (min(16.0, $shape->maxDepthYd) - $shape->minDepthYd)) *
                            2,
                    ) / 2;
                $parts[] =
                    "$letter {$shape->name} $depth".
                    [' left', ' right', '', ''][mt_rand(0, 3)].
                    ['', '', ' clear', ' alert'][mt_rand(0, 3)];
            }
        }
        $parts = $parts ?: ['Z go'];
        $words = 'gun '.['2x2', 'trips'][$n % 2].' '.['left', 'right'][mt_rand(0, 1)].': '.implode(', ', $parts);
        yield "random $n: $words" => $words;
    }
});

it('keeps what a call without an order of its own is read by', function (string $words, array $reads): void {
    $call = CallParser::parse($words);
    expect($call->reads)->toBe($reads)->and(CallParser::parse(Describer::words($call))->reads)->toBe($reads);
})->with([
    'orders by coverage alone: the first of them' => ['gun stack left, quick: R out 13 clear; read open Z; read closed H', ['Z']],
    'nothing said that is read: whoever is not told otherwise' => ['gun trey left: Y post alert; X go clear; Z go clear; H dig alert; R check flat', []],
    'a man named who runs no route' => ['gun trey right, seven-man: Z slant; read open Y; read closed Z', ['Z']],
]);

it('says no more than it must', function (string $call): void {
    expect(Describer::words(CallParser::parse($call)))->toBe($call);
})->with([
    'gun 2x2 right: drive right',
    'gun 2x2 right: mesh right',
    'gun 2x2 right: smash both',
    'gun 2x2 right: smash right; post-dig left',
    'gun trips left: flood left',
    'gun trips right: four verticals right',
    'gun 2x2 right: smash right; Z hitch 7',
]);

it('resolves a call to routes and reads', function (string $words, array $routes, array $reads): void {
    $call = CallParser::parse($words);
    expect(array_map(fn ($r): string => $r->name, $call->routes))
        ->toMatchArray($routes)
        ->and($call->reads)
        ->toBe($reads);
})->with([
    'smash' => ['gun 2x2: smash right', ['H' => 'corner', 'Z' => 'hitch', 'X' => 'go', 'Y' => 'seam', 'R' => 'flat'],
        ['H', 'Z']],
    'smash both' => ['gun 2x2: smash both', ['X' => 'hitch', 'Y' => 'corner'], ['H', 'Z', 'Y', 'X']],
    'left' => ['gun 2x2 left: smash left', ['H' => 'corner', 'Z' => 'hitch'], ['H', 'Z']],
    'usual other side' => ['gun 2x2: post-dig right', ['X' => 'shallow'], ['H', 'Z', 'X']],
    'reads as said' => ['gun trips right: post-dig right; X shallow; read H dig, Z post, X shallow, R flat',
        ['R' => 'flat'], ['H', 'Z', 'X', 'R']],
    'by number' => ['gun trips right: #1 post, #2 dig 13, #3 flat; X shallow',
        ['Z' => 'post', 'H' => 'dig', 'Y' => 'flat'], ['H', 'Z', 'X']],
    'no commas' => ['gun 2x2 right: Z hitch H corner', ['Z' => 'hitch', 'H' => 'corner'], ['H', 'Z']],
    'backside' => ['gun 2x2 right: smash right; backside #1 dig', ['X' => 'dig'], ['H', 'Z']],
    'trips seam across' => ['gun trips right: four verticals', ['Y' => 'seam', 'X' => 'go'], ['H', 'Y', 'Z', 'X']],
]);

it('lists everything it filled in', function (): void {
    expect(CallParser::parse('2x2: smash')->assumed)->toBe([
        'gun', 'strength right', 'smash right, the strength', 'X go clears out', 'Y seam clears out',
        'R checks the rush, then the flat',
    ]);
});

it('names what it does not understand and the nearest words', function (string $words, string $message): void {
    expect(fn () => CallParser::parse($words))->toThrow(NotUnderstood::class, $message);
})->with([
    ['gun 2x2: smsh right', '"smsh" is not a man, family or run here. Did you mean smash'],
    ['gun 2x2: smash rigth', 'Did you mean right?'],
    ['gun 2x2: X pst', '"pst" is not a route for X. Did you mean post'],
    ['gum 2x2: smash', '"gum" is not a set'],
    ['gun 2x2', 'no colon'],
    ['gun 2x2:', 'no routes'],
    ['gun 2x2: #3 right seam', 'There is no #3 right'],
    ['gun 2x2: Q go', 'Q throws'],
    ['gun 2x2: Z hitch; Z go', 'Z has two jobs'],
    ['gun 2x2: Z corner 99', 'cannot break at 99 yd'],
    ['5th & 2 | gun 2x2: smash', 'Down 5 does not exist'],
    ['2nd & 80, ball on 30 | gun 2x2: smash', '80 to go does not fit'],
    ['gun 2x2 right, jet: smash', '"jet" is not a side, motion or drop'],
    ['gun 2x2, H jit left: smash right', '"jit" is not a motion for H. Did you mean jet'],
    ['gun 2x2, H jet left on hut: smash right', '"hut" is not a word of the cadence'],
    ['gun 2x2, splits 9 ft: smash right', 'A line split of 9 ft cannot be'],
    ['gun 2x4: smash right', 'Did you mean 2x2'],
    ['gun trips sideways: smash right', '"sideways" is not a side, motion or drop'],
]);

it('reads looks', function (string $words, string $look): void {
    expect(LookParser::parse($words)->words())->toBe($look);
})->with([['4-2 nickel, cover 3', '4-2 nickel, cover 3'], ['4-2 Nickel QUARTERS', '4-2 nickel, cover 4']]);

it('refuses looks it does not know', function (string $words, string $message): void {
    expect(fn () => LookParser::parse($words))->toThrow(NotUnderstood::class, $message);
})->with([
    ['5-9 heap, cover 3', 'is not a front'],
    ['4-2 nickel, cover 12', 'Did you mean cover 1 or'],
    ['4-2 nickel, cover 9', 'Staffs mean different coverages by it'],
    ['4-2 nickel, cover 2, zzz', '"zzz" is not a word'],
    ['4-2 nickel, cover 3, corners prss', '"prss" is not a word for the corners. Did you mean press'],
    ['4-2 nickel, cover 3, 8 on RG', '"8" is not a word'],
    ['4-2 nickel, cover 3, nine rush', '"nine" is not a word'],
    ['4-2 nickel, cover 3, mike plays guitar', '"guitar" is not a job'],
    ['4-2 nickel, cover 3, mike reacts in 4 s', 'give 0 to 1 seconds'],
    ['4-2 nickel, cover 3, safety rotates up', '"up" is not a side'],
    ['4-2 nickel, cover 3, nickel plays man on Q', '"q" is not a receiver'],
]);

it('W-01: names the family, why, and what differs when the routes swap', function (): void {
    $a = Description::of(CallParser::parse('gun trips right: #1 post, #2 dig 13, #3 flat; X shallow'));
    expect($a['family'])->toBe('post-dig')
        ->and($a['why'])->toBe('post by #1, dig by #2')
        ->and($a['otherSide'])->toBe(['X shallow, back side']);

    $b = Description::of(CallParser::parse('gun trips right: #1 dig 13, #2 post, #3 flat; X shallow'));
    expect($b['family'])
        ->toBe('inverted post-dig')
        ->and($b['alsoCalled'])
        ->toBe('dagger type')
        ->and($b['nearest'][0]['family'])
        ->toBe('post-dig')
        ->and($b['nearest'][0]['differs'])
        ->toContain('who runs the dig');
});
