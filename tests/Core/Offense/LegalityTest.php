<?php

use Jacotaxis\Core\Concept\CallFix;
use Jacotaxis\Core\Field\Finding;
use Jacotaxis\Core\Field\Hash;
use Jacotaxis\Core\Field\PlayFrame;
use Jacotaxis\Core\Field\RuleSet;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Offense\Formation;
use Jacotaxis\Core\Offense\Legal\Legality;
use Jacotaxis\Core\Offense\Motion\Clock;
use Jacotaxis\Core\Offense\Motion\Snap;
use Jacotaxis\Core\Words\CallParser;

// The numbers of the rules are from memory of the three books.
const BOOKS = [RuleSet::Nfhs, RuleSet::Ncaa, RuleSet::Nfl];

/**
 * @param  array<string, array{float, float}>  $spots
 * @return list<string>
 */
function spotted(array $spots, RuleSet $rules, array $out = [], array $numbers = []): array
{
    $formation = new Formation('gun', '2x2', Side::Right, null, null, $spots);
    $frame = PlayFrame::of($rules, Hash::Middle, 40.0);
    $snap = Snap::of($formation->men($frame), [], $formation->splits(), $frame, Clock::usual());

    return array_values(
        array_map(
            fn ($f): string => trim("{$f->severity} {$f->code} {$f->man}"),
            array_filter(Legality::check($snap, $rules, $out, $numbers), fn ($f): bool => $f->severity !== 'info'),
        ),
    );
}

it('finds what stands wrong under each book', function (RuleSet $rules, array $spots, array $out, array $found): void {
    expect(spotted($spots, $rules, $out))->toBe($found);
})->with(BOOKS)->with([
    'nothing wrong' => [[], ['X', 'Y', 'H', 'Z'], []],
    'covered slot goes out' => [['Y' => [-9.0, -0.5]], ['Y'], ['fault covered Y']],
    'covered slot stays in' => [['Y' => [-9.0, -0.5]], [], ['caution covered Y']],
    'both slots covered' => [['Y' => [-9.0, -0.5], 'H' => [9.0, -0.5]], ['Y', 'H'],
        ['fault covered Y', 'fault covered H']],
    'five in the backfield' => [['Z' => [18.0, -1.5]], [], ['fault backfield Z']],
    'six in the backfield' => [['Z' => [18.0, -1.5], 'X' => [-18.0, -1.5]], [], ['fault backfield X']],
    'a guard off the line' => [['LG' => [-1.17, -1.2]], [], ['fault line-off LG']],
    'neither on nor off' => [['H' => [9.0, -0.9]], [], ['caution between H']],
    'a lineman goes out' => [[], ['LT', 'X'], ['fault ineligible LT']],
]);

it('numbers: five men from 50 to 79 on the line, nobody else with such a number',
    function (RuleSet $rules, array $numbers, array $out, array $found): void {
        expect(spotted([], $rules, $out, $numbers + ['LT' => 72, 'LG' => 63, 'C' => 55, 'RG' => 64, 'RT' => 77]))
            ->toBe($found);
    })->with(BOOKS)->with([
        'as it should be' => [['X' => 1, 'Z' => 88, 'H' => 49], ['X'], []],
        'a tackle in 82' => [['LT' => 82], [], ['fault numbering LT']],
        'two of them' => [['LT' => 82, 'C' => 49], [], ['fault numbering LT', 'fault numbering C']],
        'a receiver in 60 goes out' => [['X' => 60], ['X'], ['fault number-ineligible X']],
        'a receiver in 60 stays in' => [['X' => 60], [], ['caution number-ineligible X']],
    ]);

it('number 0 is an eligible number in two of the books', function (RuleSet $rules, array $found): void {
    expect(spotted([], $rules, ['X'], ['X' => 0]))->toBe($found);
})->with([[RuleSet::Nfhs, ['fault number-ineligible X']], [RuleSet::Ncaa, []], [RuleSet::Nfl, []]]);

it('finds what moves wrong under each book', function (RuleSet $rules, string $call, array $found): void {
    expect(faults($call, $rules))->toBe($found);
})->with(BOOKS)->with([
    'a jet from the slot' => ['gun 2x2 right, H jet left: X go', []],
    'two in motion' => ['gun 2x2 right, H jet left, Y short right: X go', ['two-in-motion Y']],
    'three in motion' => ['gun 2x2 right, H jet left, Y short right, R fast right: X go',
        ['two-in-motion Y', 'two-in-motion R']],
    'a shift and a motion are two different things' => ['gun 2x2 right, Y shift right, H jet left: X go', []],
    'a shift that never sets' => ['gun 2x2 right, Y shift right on the last sound of set: X go', ['not-set Y']],
    'a shift set for too short a time' => ['gun 2x2 right, R shift right on the first sound of ready: X go',
        ['not-set R']],
    'a shift in good time' => ['gun 2x2 right, R shift right on the first sound of down: X go', []],
    'a back toward the line' => ['gun 2x2 right, R short right to 6 wide 2 deep: X go', ['motion-forward R']],
    'a tackle in motion' => ['gun 2x2 right, LT short left: X go', ['lineman-moves LT']],
]);

it('from the line a man in motion must be five yards deep where the book says so', function (
    RuleSet $rules,
    string $call,
    array $found,
): void {
    expect(
        array_values(array_filter(faults($call, $rules), fn ($f): bool => str_starts_with($f, 'motion-from-line'))),
    )->toBe($found);
})->with([
    [RuleSet::Nfhs, 'gun 2x2 right, Z jet left: X go', ['motion-from-line Z']],
    [RuleSet::Ncaa, 'gun 2x2 right, Z jet left: X go', ['motion-from-line Z']],
    [RuleSet::Nfl, 'gun 2x2 right, Z jet left: X go', []],
    [RuleSet::Nfhs, 'gun 2x2 right, Z orbit left: X go', []],
    [RuleSet::Nfhs, 'gun trey right, Z jet left: X go', []],
]);

it('counts the line at the snap: a man who leaves it in motion leaves six', function (RuleSet $rules): void {
    expect(faults('gun 2x2 right, Z orbit left: X go', $rules))->toBe(['backfield H']);
})->with(BOOKS);

it('names rule, man and fix in every finding, and the fixes made one after the other leave a legal call', function (
    RuleSet $rules,
    string $words,
): void {
    $call = CallParser::parse($words);
    for ($n = 0; $n < 8; $n++) {
        $wrong = array_values(array_filter(legality($call, $rules), fn (Finding $f): bool => $f->severity === 'fault'));
        foreach ($wrong as $finding) {
            expect($finding->rule)->toContain($rules->book())
                ->and($finding->man)->not->toBeNull()
                ->and($finding->fix)->not->toBeEmpty()
                ->and($finding->apply)->not->toBeNull();
        }
        if ($wrong === []) {
            break;
        }
        $call = CallFix::apply($call, $wrong[0]);
    }
    expect(
        array_map(
            fn ($f): string => $f->text,
            array_filter(legality($call, $rules), fn (Finding $f): bool => $f->severity === 'fault'),
        ),
    )
        ->toBe([])
        ->and($n)
        ->toBeGreaterThan(0);
})
    ->with(BOOKS)
    ->with([
        'gun 2x2 right, H jet left, Y short right: X go',
        'gun 2x2 right, Y shift right on the last sound of set: X go',
        'gun 2x2 right, R short right to 6 wide 2 deep: X go',
        'gun 2x2 right, LT short left: X go',
        'gun 2x2 right: LT go; X go',
        'gun 2x2 right, Z orbit left: X go',
        'gun trips right, X orbit right, H jet left: Z go',
        'gun 2x2 right, R shift right on the first sound of ready: X go',
    ]);

it('a trade that covers its man says so, with both fixes ending legal', function (): void {
    $call = CallParser::parse('gun trey right, Y trade left: Y flat; X go');
    $findings = legality($call, RuleSet::Nfhs);
    expect(
        array_map(
            fn ($f): string => "$f->code $f->man",
            array_filter($findings, fn ($f): bool => $f->severity === 'fault'),
        ),
    )->toContain('covered Y');
});
