<?php

/* Families by who runs what: common practice; the worked cases by their names. */

use Jacotaxis\Core\Concept\Document\CallDocument;
use Jacotaxis\Core\Concept\Families\Families;
use Jacotaxis\Core\Concept\Families\Wish;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Words\CallParser;
use Jacotaxis\Core\Words\Describer;
use Jacotaxis\Core\Words\Description;

it('W-02: tests in order, first hit wins', function (string $call, string $family): void {
    expect(Description::of(CallParser::parse($call))['family'])->toBe($family);
})->with([
    'drive' => ['gun 2x2 right: #1 right shallow; #2 right dig 12; X hitch; Y corner', 'drive'],
    'still drive with another left side' => ['gun 2x2 right: #1 right shallow; #2 right dig 12; X go; Y out', 'drive'],
    'shallow cross' => ['gun 2x2 right: #1 right go; #2 right dig 12; X shallow; Y seam', 'shallow cross'],
    'levels' => ['gun 2x2 right: #1 right in 5; #2 right dig 10; X go; Y seam', 'levels'],
    'post-dig wins over shallow cross' => ['gun 2x2 right: #1 right post; #2 right dig; X shallow', 'post-dig'],
    'inverted' => ['gun 2x2 right: #1 right dig; #2 right post; X shallow', 'inverted post-dig'],
]);

/** A family called from a set that has the men: four on one side take a back out of the backfield. */
function called(string $name, string $set, string $side): string
{
    $four = max(array_keys(Families::get($name)->usual()->other ?: [0])) > 3;

    return $four
        ? "gun $set ".
                ($side === 'right' ? 'left' : 'right').
                ', R fast '.
                ($side === 'right' ? 'left' : 'right').
                ": $name $side"
        : "gun $set $side: $name $side";
}

it('recognises every family it spreads, on either side, and says why',
    function (string $name, string $set, string $side): void {
        $said = Description::of(CallParser::parse(called($name, $set, $side)));
        expect($said['family'])->toBe($name)->and($said['side'])->toBe($side)->and($said['why'])->toContain(' by ');
        expect(count($said['nearest']))->toBe(str_contains(called($name, $set, $side), 'fast') ? 0 : 2);
        foreach ($said['nearest'] as $near) {
            expect($near['family'])->not->toBe($name)->and($near['differs'])->not->toBe('');
        }
    })->with(array_keys(Families::all()))->with(['trips'])->with(['left', 'right']);

it('reads its own words of every family back as the same call', function (string $name, string $set): void {
    $call = CallParser::parse(called($name, $set, 'right'));
    $again = CallParser::parse(Describer::words($call));
    expect(CallDocument::write($again))->toEqual(CallDocument::write($call));
})->with(array_keys(Families::all()))->with(['trips', 'trey', 'bunch']);

it('keeps the name when the back side, the motion or the set changes (CAL-03)', function (string $call): void {
    expect(Description::of(CallParser::parse($call))['family'])->toBe('slant-flat');
})->with([
    'gun 2x2 right: slant-flat right',
    'gun 2x2 right: Z slant; H flat; X go',
    'gun trips right: Z slant; H flat; Y go; X hitch',
    'gun 2x2 right, Y fast right: Z slant; H flat; X go',
]);

it('gives a family the depth of its own', function (): void {
    $call = CallParser::parse('gun 2x2 right: levels right');
    expect($call->routes['H']->depth())->toBe(10.0)
        ->and($call->routes['Z']->depth())->toBe(5.0)
        ->and(Wish::of('seam across')->route(Side::Right)->side)->toBe(Side::Left)
        ->and(Wish::of('dig 10')->route(Side::Right)->depthYd)->toBe(10.0);
});

it('proves every family against the four base shells of either front without falling over', function (
    string $name,
): void {
    foreach (['cover 1', 'cover 2', 'cover 3', 'cover 4'] as $shell) {
        $proof = proof("gun trips right: $name right", $shell);
        expect($proof->verdict()->value)
            ->toBeIn(['bound', 'open', 'guess', 'covered'])
            ->and($proof->strength() ?? 0.0)
            ->toBeGreaterThan(-9.0)
            ->toBeLessThan(9.0);
    }
})->with(array_keys(Families::all()));

it('truth 7: slant-flat has the hard flat corner as key, slant behind him or flat under him', function (): void {
    $proof = proof('gun 2x2: slant-flat right', 'cover 2');
    expect($proof->verdict()->value)->toBe('bound')->and($proof->mainKey()->role)->toBe('right corner');
    $to = array_column(
        array_map(
            fn (array $a): array => [$a['act']->toward, $a['outcome']->letter],
            array_filter($proof->mainKey()->acts, fn (array $a): bool => $a['act']->toward !== null),
        ),
        1,
        0,
    );
    expect($to)->toEqual(['Z' => 'H', 'H' => 'Z']);
});

it('truth 5: flood high-lows the flat defender, the go clears the deep third', function (
    string $shell,
    string $depth,
): void {
    $proof = proof("gun trips right: flood right; H out $depth", $shell);
    expect($proof->verdict()->value)->toBe('bound')->and($proof->mainKey()->role)->toBe('nickel');
    $low = array_values(array_filter($proof->mainKey()->acts, fn (array $a): bool => $a['act']->toward === 'Y'))[0];
    $high = array_values(array_filter($proof->mainKey()->acts, fn (array $a): bool => $a['act']->toward === 'H'))[0];
    expect($low['outcome']->letter)->toBe('H')->and($high['outcome']->letter)->toBe('Y');
})->with(['cover 3', 'cover 4'])->with(['12', '13', '14']);

it('truth 9: drive high-lows the hook man in two-high zone', function (string $shell): void {
    $proof = proof('gun 2x2: drive right', $shell);
    expect($proof->verdict()->value)->toBe('bound')->and($proof->mainKey()->role)->toBe('mike');
    $to = [];
    foreach ($proof->mainKey()->acts as $a) {
        if ($a['act']->toward !== null) {
            $to[$a['act']->toward] = $a['outcome']->letter;
        }
    }
    expect($to)->toEqual(['Z' => 'H', 'H' => 'Z']);
})->with(['cover 2']);

it('throws a shallow once he is past the hook man, before he is across', function (string $letter): void {
    $proof = proof('gun 2x2: Z shallow; X shallow; H dig; Y dig; read Z, X', 'cover 2');
    $run = $proof->scene->routes[$letter];
    expect($run->break()->t)->toBeGreaterThan(1.4)->toBeLessThan(2.4)
        ->and(abs($run->break()->xYd))->toBeLessThan(11.0)->toBeGreaterThan(4.0);
})->with(['Z', 'X']);
