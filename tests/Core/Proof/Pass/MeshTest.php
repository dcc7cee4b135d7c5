<?php

/* Mesh (MSH) and its worked case W-44: common practice without a published source. */

use Jacotaxis\Core\Proof\Telling\Report;
use Jacotaxis\Core\Words\CallParser;
use Jacotaxis\Core\Words\Description;

/**
 * Codes of the findings of a proof, with the man each names.
 *
 * @return array<string, string|null>
 */
function codes(string $call, string $look): array
{
    return array_column(Report::of(proof($call, $look))['findings'], 'man', 'code');
}

it('MSH-01: finds the five jobs in every form, outside pair or inside pair', function (
    string $set,
    string $side,
): void {
    $call = CallParser::parse("gun $set $side: mesh $side");
    $names = array_count_values(array_map(fn ($r): string => $r->name, array_values($call->routes)));
    expect($names['shallow'])->toBe(2)
        ->and($names['sit'])->toBe(1)
        ->and(($names['post'] ?? 0) + ($names['corner'] ?? 0))->toBe(1)
        ->and($names['wheel'])->toBe(1)
        ->and(Description::of($call)['family'])->toBe('mesh');
})->with(['2x2', 'trips', 'bunch', 'trey'])->with(['left', 'right']);

it('MSH-02: reads the back, the front-side crosser, the sit, then top and other crosser', function (): void {
    expect(CallParser::parse('gun 2x2 right: mesh right')->reads)->toBe(['R', 'Z', 'Y', 'H', 'X']);
});

it('MSH-12: without a back the front-side crosser is read 1', function (): void {
    $call = CallParser::parse('gun empty right: mesh right');
    expect($call->routes[$call->reads[0]]->name)->toBe('shallow');
});

it('W-44: the back is dead with a defender outside or over him, live with the defender inside', function (
    string $look,
    bool $live,
): void {
    $proof = proof('gun 2x2 right: mesh right', $look);
    expect($proof->windows->bestThrow('R')['margin'] >= 0.15)->toBe($live);
    if (! $live) {
        $crosser = max($proof->windows->bestThrow('Z')['margin'], $proof->windows->bestThrow('X')['margin']);
        expect($crosser)->toBeGreaterThan(0.15);
    }
})->with([
    'the flat man is outside and over him' => ['cover 3', false],
]);

it('W-44: a slide to the side of read 1 is warned, away from it is not (PRO-10)', function (
    string $slide,
    bool $warned,
): void {
    $found = codes("gun 2x2 right, half-slide $slide: mesh right", 'cover 1');
    $warned ? expect($found)->toHaveKey('slide-to-read') : expect($found)->not->toHaveKey('slide-to-read');
})->with([['right', true], ['left', false]]);

it('W-44: both crossers over the top are warned, one a yard under the other is not (MSH-07)', function (
    string $depth,
    bool $warned,
): void {
    $found = codes("gun 2x2 right: mesh right; X shallow $depth", 'cover 1');
    $warned ? expect($found)->toHaveKey('no-gap')->toHaveKey('contact') : expect($found)->not->toHaveKey('no-gap');
})->with([['6', true], ['5', false], ['4', false]]);

it('W-44: the planned path differs between man and zone, and never settles before the ball', function (
    string $man,
    float $past,
): void {
    $end = fn (string $shell): float => ($run = proof('gun 2x2 right: mesh right', $shell)->scene->routes[$man])->path
        ->x[count($run->path->x) - 1] * $past;
    expect($end('cover 3'))
        ->toBeGreaterThan(2.0)
        ->toBeLessThan(7.0)
        ->and($end('cover 1'))
        ->toBeGreaterThan($end('cover 3') + 2.0);
})->with([['Z', -1.0], ['X', 1.0]]);

it('W-44: empty, the hot side is the side read 1 runs to (MSH-14)', function (): void {
    $proof = proof('gun empty right: mesh right', 'cover 0, six rush');
    $first = $proof->scene->routes[$proof->scene->reads[0]];
    expect($proof->protection->free)->not->toBeNull()
        ->and($proof->scene->pickup->slide)->toBe(Jacotaxis\Core\Field\Side::ofX($first->break()->xYd)->opposite());
});

it('W-44: who is hot on a side is the crosser who runs into it, not the one who starts there', function (
    string $shell,
    string $hot,
): void {
    $proof = proof('gun empty right: mesh right', $shell);
    expect($proof->protection->free)->not->toBeNull()->and($proof->protection->hot)->toBe($hot);
})->with([
    'from the left: R runs there from the right' => ['cover 1, edge pressure left', 'R'],
    'from the right: Y runs there from the left' => ['cover 1, edge pressure right', 'Y'],
]);

it(
    'CAL-06: a same-side shallow and dig with a second crosser and a sit is drive, or mesh by the school (SET-31)',
    function (): void {
        $call = CallParser::parse('gun trips right: #1 right shallow 6, #2 right dig 12, #3 right sit; X shallow 5');
        expect(Description::of($call))->toMatchArray(['family' => 'drive', 'alsoCalled' => 'looks like mesh']);
        $book = new Jacotaxis\Core\Words\StaffBook(schools: Jacotaxis\Core\School\Schools::of(['SET-31' => 'B']));
        expect(Description::of($call, book: $book)['family'])->toBe('mesh');
    },
);

it('SET-40: the back runs the arrow where the staff says so', function (): void {
    $book = new Jacotaxis\Core\Words\StaffBook(schools: Jacotaxis\Core\School\Schools::of(['SET-40' => 'B']));
    expect(CallParser::parse('gun 2x2 right: mesh right', book: $book)->routes['R']->name)->toBe('arrow');
});
