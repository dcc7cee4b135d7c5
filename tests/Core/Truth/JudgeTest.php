<?php

use Jacotaxis\Core\Field\Hash;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Truth\Board;
use Jacotaxis\Core\Truth\Judge;
use Jacotaxis\Core\Truth\Judgement;
use Jacotaxis\Core\Truth\Truth;
use Jacotaxis\Core\Truth\TruthCase;
use Jacotaxis\Core\Truth\Want;

function judged(
    Want $want,
    string $call = 'gun 2x2 right: smash right',
    string $look = '4-2 nickel, cover 2',
): Judgement {
    return Judge::case(new TruthCase('a truth', $call, $look, $want));
}

it('holds a case that comes out as the trade says, and fails one that does not',
    function (Want $want, bool $verdict, ?bool $key): void {
        $judgement = judged($want);
        expect($judgement->verdict)->toBe($verdict)->and($judgement->key)->toBe($key);
    })->with([
        'the verdict' => [Want::bound(), true, null],
        'another verdict' => [Want::notGood(), false, null],
        'a verdict of two' => [Want::good(), true, null],
        'not bound' => [Want::notBound(), false, null],
        'the key' => [Want::bound()->key('right corner'), true, true],
        'one of two keys' => [Want::bound()->key('will', 'right corner'), true, true],
        'another key' => [Want::bound()->key('left corner'), true, false],
        'both balls' => [Want::bound()->throws('corner', 'hitch'), true, null],
        'one of two balls' => [Want::bound()->throws('post|corner'), true, null],
        'a ball nobody throws' => [Want::bound()->throws('post'), false, null],
        'a choice and its ball' => [Want::anything()->brings('sit', 'throw'), true, null],
        'a choice and another ball' => [Want::anything()->brings('sit', 'give'), false, null],
    ]);

it('says what it saw instead', function (): void {
    expect(judged(Want::notGood()->throws('post'))->seen)
        ->toContain('bound')
        ->toContain('no post thrown')
        ->toContain('right corner');
});

it('asks for the first key of a bound call alone', function (): void {
    expect(judged(Want::bound()->key('right corner'))->keyFirst)->toBeTrue()
        ->and(judged(Want::bound()->key('right corner'), look: '4-2 nickel, 2-man')->keyFirst)->toBeNull()
        ->and(judged(Want::bound())->keyFirst)->toBeNull();
});

it('varies a truth over sets, sides, fronts, shells, levels, hashes and depths', function (): void {
    $truth = Truth::of(
        't',
        Want::bound()->key('{side} corner'),
        'gun {set} {side}: smash {side}; H corner {yd}',
        ['2x2', 'trips'],
        ['cover 2', 'cover 3'],
    );
    $cases = $truth->depths('12', '13')->cases();
    expect($cases)->toHaveCount(2 * 2 * 2 * 2 * 3 * 2 * 3);
    $left = array_values(array_filter($cases, fn (TruthCase $c): bool => str_contains($c->call, 'smash left')));
    expect($left)->toHaveCount(count($cases) / 2)->and($left[0]->want->keys)->toBe(['left corner']);
    $one = $truth->depths('12')->fronts('3-4')->middle()->levels(Jacotaxis\Core\Kinematics\Level::College)->cases();
    expect($one)->toHaveCount(8)->and($one[0]->hash)->toBe(Hash::Middle)->and($one[0]->look)->toStartWith('3-4');
    expect(array_unique(array_map(fn (TruthCase $c): string => $c->call, $one)))->toHaveCount(2 * count(Side::cases()));
});

it('counts judgements by truth', function (): void {
    $case = fn (string $truth): TruthCase => new TruthCase($truth, 'call', 'look', Want::bound());
    $rows = Board::rows([
        new Judgement($case('a'), true, true, true, ''),
        new Judgement($case('a'), false, true, false, ''),
        new Judgement($case('b'), true, null, null, ''),
    ]);
    expect($rows)->toBe([
        ['name' => 'a', 'tried' => 2, 'verdict' => 0.5, 'key' => 1.0, 'keyFirst' => 0.5],
        ['name' => 'b', 'tried' => 1, 'verdict' => 1.0, 'key' => null, 'keyFirst' => null],
    ]);
});

it('has negative truths beside the positive ones', function (): void {
    $not = array_filter(
        Board::truths(),
        fn (Truth $t): bool => preg_match('/not good|capped|no |without|against/', $t->name) === 1,
    );
    expect(count($not))->toBeGreaterThan(20);
});

it('thins the cases evenly', function (): void {
    $all = Board::cases('1 smash against cover 2');
    expect(Board::cases('1 smash against cover 2', 4))->toHaveCount((int) ceil(count($all) / 4));
});
