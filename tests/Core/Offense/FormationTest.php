<?php

use Jacotaxis\Core\Field\Hash;
use Jacotaxis\Core\Field\PlayFrame;
use Jacotaxis\Core\Field\RuleSet;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Offense\Formation;
use Jacotaxis\Core\Offense\Legal\Legality;
use Jacotaxis\Core\Offense\LineSplits;
use Jacotaxis\Core\Offense\Lineup;
use Jacotaxis\Core\Offense\Motion\Clock;
use Jacotaxis\Core\Offense\Motion\Snap;
use Jacotaxis\Core\Offense\Sets;
use Jacotaxis\Core\Words\Call\FormationParser;
use Jacotaxis\Core\Words\NotUnderstood;

/** Receivers as the coach counts them, "X Y | H Z" from left to right, then the backs. */
function counted(Lineup $l): string
{
    return trim(
        implode(' ', $l->count->left).
            ' | '.
            implode(' ', array_reverse($l->count->right)).
            ' '.
            implode(' ', array_map(fn ($b) => "($b)", $l->count->backs)),
    );
}

it('counts receivers from the sidelines in, whatever the set',
    function (string $words, string $count, string $strong, string $front): void {
        $l = lineup($words);
        expect(counted($l))->toBe($count)->and($l->strong->value)->toBe($strong)->and($l->front->value)->toBe($front);
    })->with([
        ['gun 2x2 right', 'X Y | H Z (R)', 'right', 'right'],
        ['gun 2x2 left', 'Z H | Y X (R)', 'left', 'left'],
        ['gun trips left', 'Z H Y | X (R)', 'left', 'left'],
        ['gun trey right', 'X | Y H Z (R)', 'right', 'right'],
        ['gun bunch right', 'X | H Y Z (R)', 'right', 'right'],
        ['gun stack right', 'X Y | H Z (R)', 'right', 'right'],
        ['gun empty right', 'X Y | R H Z', 'right', 'right'],
        ['under center wing right', 'X H | Y Z (R)', 'right', 'right'],
        ['under center I right', 'X | Y Z (F) (R)', 'right', 'right'],
        ['gun two-back left', 'Z Y | X (F) (R)', 'left', 'left'],
        ['under center split-back right', 'X | Y Z (F) (R)', 'right', 'right'],
        ['under center wing-slot right', 'X H | Y R (F)', 'right', 'right'],
        ['under center double-slot right', 'X H | R Z (F)', 'right', 'right'],
        ['under center double-wing right', 'H X | Y Z (F)', 'right', 'right'],
        ['gun unbalanced right', 'X H | Y Z (R)', 'right', 'right'],
        ['gun H-back left', 'Z H | Y X (R)', 'left', 'left'],
        ['gun trips condensed right', 'X | Y H Z (R)', 'right', 'right'],
        ['gun wing left', 'Z Y | H X (R)', 'left', 'left'],
        ['gun 2x2 closed right', 'X H | Y Z (R)', 'right', 'right'],
        ['gun nub right', 'Y | H Z X (R)', 'right', 'left'],
        ['gun nub left', 'X Z H | Y (R)', 'left', 'right'],
        ['under center twins wing right', 'H Y | Z X (R)', 'right', 'left'],
        ['under center twins I left', 'X Z | Y (F) (R)', 'left', 'right'],
    ]);

it('is legal in every book, on every hash, from every place of the quarterback, with every modifier', function (
    string $set,
    string $quarterback,
): void {
    foreach (RuleSet::cases() as $rules) {
        foreach (Hash::cases() as $hash) {
            foreach (Side::cases() as $side) {
                foreach ([null, ...Formation::MODIFIERS] as $modifier) {
                    $frame = PlayFrame::of($rules, $hash, 40.0);
                    $formation = new Formation($quarterback, $set, $side, $modifier);
                    $men = $formation->men($frame);
                    $what = "{$formation->words()} {$rules->value} {$hash->value}";
                    $faults = array_filter(
                        Legality::check(Snap::of($men, [], $formation->splits(), $frame, Clock::usual()), $rules),
                        fn ($f): bool => $f->severity !== 'info',
                    );
                    expect($men)
                        ->toHaveCount(11, $what)
                        ->and(array_map(fn ($f): string => "$what: $f->text", $faults))
                        ->toBe([]);
                    foreach (array_values($men) as $n => $a) {
                        expect($a->xYd)
                            ->toBeGreaterThan($frame->sidelineX(Side::Left) + 3.0, $what)
                            ->toBeLessThan($frame->sidelineX(Side::Right) - 3.0, $what);
                        foreach (array_slice(array_values($men), $n + 1) as $b) {
                            expect(hypot($a->xYd - $b->xYd, $a->yYd - $b->yYd))->toBeGreaterThan(
                                0.6,
                                "$what: {$a->letter} on {$b->letter}",
                            );
                        }
                    }
                }
            }
        }
    }
})->with(Sets::names())->with(Sets::quarterbacks());

it('mirrors twice to itself, and once to the other side (CAL-16)', function (string $set): void {
    $frame = PlayFrame::of(RuleSet::Nfhs, Hash::Middle, 40.0);
    $formation = new Formation('gun', $set, Side::Right, null, null, ['H' => [7.25, -1.5], 'LT' => [-2.5, -0.6]]);
    expect($formation->mirrored()->mirrored())->toEqual($formation);
    $other = $formation->mirrored()->men($frame);
    foreach ($formation->men($frame) as $man) {
        $there = $other[$man->mirrored()->letter];
        expect($there->xYd)->toEqualWithDelta(-$man->xYd, 1e-9)->and($there->yYd)->toBe($man->yYd);
    }
})->with(Sets::names());

it('puts men where the trade puts them (common practice)',
    function (string $words, string $man, float $x, float $y): void {
        $at = lineup($words)->men[$man];
        expect($at->xYd)->toEqualWithDelta($x, 0.01)->and($at->yYd)->toEqualWithDelta($y, 0.01);
    })->with([
        'FRM-03: H-back, inside foot behind the tackle\'s outside foot, a yard behind him' => ['gun H-back right', 'H',
            7.0 / 3.0 + 0.25 + 0.25, -1.5],
        'FRM-03: back beside the quarterback, inside foot behind the guard\'s outside foot' => ['gun 2x2 right', 'R',
            -(3.5 / 3.0 + 0.25 + 0.25), -5.0],
        'gun at five' => ['gun trips right', 'Q', 0.0, -5.0],
        'pistol at four, back behind him' => ['pistol trips right', 'Q', 0.0, -4.0],
        'tailback in the pistol' => ['pistol trips right', 'R', 0.0, -7.0],
        'FRM-01: foot to foot 2 ft puts the tackle 7 ft out' => ['gun 2x2 right', 'RT', 7.0 / 3.0, -0.5],
        'FRM-01: 3.5 ft center to center' => ['double-slot right, splits 3.5 ft center to center', 'RT', 7.0 / 3.0,
            -0.5],
        'FRM-01: 3.5 ft foot to foot, the default of the double slot' => ['double-slot right', 'RT', 10.0 / 3.0, -0.5],
        'W-04: cut to 3 ft center to center' => ['double-slot right, splits 3 ft center to center', 'RT', 2.0, -0.5],
        'tackle over' => ['gun unbalanced right', 'LT', 3.5, -0.5],
        'tackle over by modifier, to the left' => ['gun trips over left', 'RT', -3.5, -0.5],
    ]);

it('closes down a split that would leave the field, and opens one to the wide side',
    function (string $words, Hash $hash, string $man, float $from, float $to): void {
        expect(abs(lineup($words, $hash)->men[$man]->xYd))->toBeGreaterThan($from)->toBeLessThan($to);
    })->with([
        ['gun trips right', Hash::Right, 'Z', 11.0, 13.5],
        ['gun trips right', Hash::Left, 'Z', 20.0, 22.0],
        ['gun 2x2 right', Hash::Left, 'X', 11.0, 13.5],
        ['gun 2x2 wide right', Hash::Middle, 'Z', 21.0, 22.0],
        ['gun 2x2 condensed right', Hash::Middle, 'Z', 7.0, 9.0],
        ['gun 2x2 tight right', Hash::Middle, 'Z', 5.0, 6.5],
    ]);

it('names the personnel by backs and tight ends', function (string $words, string $group): void {
    expect(FormationParser::parse($words)->formation->personnel())->toBe($group);
})->with([
    ['gun trips right', '11'],
    ['I right', '21'],
    ['double-slot right', '20'],
    ['empty right', '11'],
    ['double-wing right', '12'],
    ['ace right', '12'],
    ['strong I left', '21'],
    ['diamond right', '30'],
    ['split-back left', '21'],
]);

it('reads formation words in any order of set, modifier and side',
    function (string $words, string $back, array $assumed): void {
        $draft = FormationParser::parse($words);
        expect($draft->formation->words())->toBe($back)->and($draft->assumed)->toBe($assumed);
    })->with([
        ['gun condensed trips left', 'gun trips condensed left', []],
        ['gun trips left condensed', 'gun trips condensed left', []],
        ['double-slot right', 'under center double-slot right', ['under center']],
        ['I left', 'under center I left', ['under center']],
        ['trips field', 'gun trips right', ['field is right', 'gun']],
        ['gun wing boundary', 'gun wing left', ['boundary is left']],
        ['gun 2x2 right, splits 3 and 2 ft', 'gun 2x2 right, splits 3 and 2 ft', []],
        ['gun 2x2 right, splits 3.5 ft center to center', 'gun 2x2 right, splits 3.5 ft center to center', []],
        ['under center wing right, F jet left', 'under center wing right', ['F in for R']],
    ]);

it('puts a set to the field or the boundary by the hash', function (Hash $hash, string $words, Side $side): void {
    expect(FormationParser::parse($words, Jacotaxis\Core\Field\Situation::of(hash: $hash))->formation->side)->toBe(
        $side,
    );
})->with([
    [Hash::Left, 'gun trips field', Side::Right],
    [Hash::Right, 'gun trips field', Side::Left],
    [Hash::Left, 'gun trips boundary', Side::Left],
    [Hash::Right, 'gun trips boundary', Side::Right],
]);

it('refuses splits no line has', function (float $guard, float $tackle, bool $feet): void {
    expect(fn () => LineSplits::of($guard, $tackle, $feet))->toThrow(DomainException::class);
})->with([[-1, 2, true], [2, 7, true], [NAN, 2, true], [1.0, 3.0, false], [INF, 2, true]]);

it('finds the tight end, the wing and the end of the surface',
    function (string $words, Side $side, ?string $end, ?string $wing, string $last): void {
        $l = lineup($words);
        expect($l->tightEnd($side)?->letter)
            ->toBe($end)
            ->and($l->wing($side)?->letter)
            ->toBe($wing)
            ->and($l->end($side)->letter)
            ->toBe($last);
    })->with([
        ['gun trey right', Side::Right, 'Y', null, 'RT'],
        ['under center wing right', Side::Right, 'Y', 'Z', 'RT'],
        ['gun H-back right', Side::Right, null, 'H', 'RT'],
        ['double-slot right', Side::Left, null, 'H', 'LT'],
        ['gun unbalanced right', Side::Right, 'Y', null, 'LT'],
        ['gun unbalanced right', Side::Left, null, null, 'LG'],
        ['gun 2x2 right', Side::Right, null, null, 'RT'],
        ['double-wing left', Side::Left, 'Y', 'Z', 'LT'],
    ]);

it('checks the personnel said against the set', function (string $words, ?string $refused): void {
    $book = new Jacotaxis\Core\Words\StaffBook(groups: ['base' => '11', 'heavy people' => '21']);
    $read = fn () => FormationParser::parse($words, null, $book)->formation->personnel();
    $refused === null
        ? expect($read())->toBeString()
        : expect($read)->toThrow(NotUnderstood::class, $refused);
})->with([
    ['base gun trips right', null],
    ['heavy people I right', null],
    ['11 personnel gun trips right', null],
    ['base I right', 'I has 21 personnel'],
    ['20 personnel gun trips right', 'trips has 11 personnel (backs and tight ends), not 20'],
]);

it('stands a back where he is said to stand, and says it again', function (
    string $words,
    string $letter,
    float $x,
    float $y,
    string $again,
): void {
    $draft = FormationParser::parse($words);
    $man = $draft->formation->men(PlayFrame::of(RuleSet::Nfhs, Hash::Middle, 40.0))[$letter];
    expect($man->xYd)->toEqualWithDelta($x, 0.01)
        ->and($man->yYd)->toEqualWithDelta($y, 0.01)
        ->and($draft->formation->words())->toBe($again);
})->with([
    'from the weak to the strong side' => ['gun trips right, R right', 'R', 1.67, -5.0, 'gun trips right, R right'],
    'where he stands anyway is not said' => ['gun trips right, R left', 'R', -1.67, -5.0, 'gun trips right'],
    'turned over' => ['gun trips left, R left', 'R', -1.67, -5.0, 'gun trips left, R left'],
    'beside him in the pistol' => ['pistol 2x2 right, R left', 'R', -1.67, -4.0, 'pistol 2x2 right, R left'],
    'in front of a deep back' => ['under center ace right, R right', 'R', 1.67, -4.5,
        'under center ace right, R right'],
    'the second back changes places' => ['gun two-back right, F left', 'F', -1.67, -5.0,
        'gun two-back right, F left, R right'],
    'and so stands on the other side' => ['gun two-back right, F left', 'R', 1.67, -5.0,
        'gun two-back right, F left, R right'],
    'in the coach\'s words' => ['gun 2x2 right rb right', 'R', 1.67, -5.0, 'gun 2x2 right, R right'],
    'to the weak side' => ['gun 2x2 left back strong', 'R', -1.67, -5.0, 'gun 2x2 left, R left'],
]);

it('refuses a side for a man who is no back', function (): void {
    FormationParser::parse('gun trips right, Z left');
})->throws(NotUnderstood::class, '"left" is not a motion for Z');
