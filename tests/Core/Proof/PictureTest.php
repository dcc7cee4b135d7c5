<?php

use Jacotaxis\Core\Field\Hash;
use Jacotaxis\Core\Field\OutOfField;
use Jacotaxis\Core\Field\PlayFrame;
use Jacotaxis\Core\Field\RuleSet;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Offense\Formation;
use Jacotaxis\Core\Offense\ReceiverCount;

it('has the three fields (Rule 1 of each book, from memory)',
    function (RuleSet $rules, float $hashFt, float $betweenFt, float $downfield): void {
        expect($rules->hashFromSidelineYd() * 3.0)->toEqualWithDelta($hashFt, 1e-9)
            ->and((RuleSet::WIDTH_YD - 2.0 * $rules->hashFromSidelineYd()) * 3.0)->toEqualWithDelta($betweenFt, 1e-9)
            ->and($rules->ineligibleDownfieldYd())->toBe($downfield);
    })->with([
        'high school' => [RuleSet::Nfhs, 53.0 + 4.0 / 12.0, 53.0 + 4.0 / 12.0, 2.0],
        'college' => [RuleSet::Ncaa, 60.0, 40.0, 3.0],
        'professional' => [RuleSet::Nfl, 70.75, 18.5, 1.0],
    ]);

it('turns play yards into field yards and back', function (Hash $hash): void {
    $frame = PlayFrame::of(RuleSet::Nfhs, $hash, 35.0);
    expect($frame->toPlay(...$frame->toField(7.5, -3.25)))->toEqualWithDelta([7.5, -3.25], 1e-12)
        ->and($frame->sidelineX(Side::Right) - $frame->sidelineX(Side::Left))->toEqualWithDelta(160.0 / 3.0, 1e-12);
})->with(Hash::cases());

it('refuses downs and spots no field has', function (int $down, float $toGo, float $ball): void {
    expect(fn () => Situation::of(down: $down, toGoYd: $toGo, ballOnYd: $ball))->toThrow(OutOfField::class);
})->with([
    [0, 10, 40],
    [5, 10, 40],
    [1, 0, 40],
    [1, -3, 40],
    [1, 70, 40],
    [1, 10, 0],
    [1, 10, 100],
    [1, NAN, 40],
    [1, INF, 40],
    [1, 10, NAN],
]);

it('asks 40, 60, 100 and 100 percent of the distance (Carroll, Palmer and Thorn 1988)', function (
    int $down,
    float $need,
): void {
    expect(Situation::of(down: $down)->successYd())->toBe($need);
})->with([[1, 4.0], [2, 6.0], [3, 10.0], [4, 10.0]]);

it('counts receivers from the sideline in', function (
    string $set,
    Side $side,
    array $left,
    array $right,
    Side $strength,
): void {
    $count = ReceiverCount::of(
        (new Formation('gun', $set, $side))->men(PlayFrame::of(RuleSet::Nfhs, Hash::Middle, 40.0)),
    );
    expect($count->left)
        ->toBe($left)
        ->and($count->right)
        ->toBe($right)
        ->and($count->backs)
        ->toBe(['R'])
        ->and($count->strength(Hash::Middle, $side))
        ->toBe($strength);
})->with([
    ['2x2', Side::Right, ['X', 'Y'], ['Z', 'H'], Side::Right],
    ['2x2', Side::Left, ['Z', 'H'], ['X', 'Y'], Side::Left],
    ['trips', Side::Right, ['X'], ['Z', 'H', 'Y'], Side::Right],
    ['trips', Side::Left, ['Z', 'H', 'Y'], ['X'], Side::Left],
]);
