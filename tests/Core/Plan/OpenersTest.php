<?php

declare(strict_types=1);

use Jacotaxis\Core\Defense\Alignment;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Offense\Lineup;
use Jacotaxis\Core\Plan\Openers\Answer;
use Jacotaxis\Core\Plan\Openers\Asking;
use Jacotaxis\Core\Plan\Openers\Openers;
use Jacotaxis\Core\Plan\Openers\Question;
use Jacotaxis\Core\Plan\PlannedCall;
use Jacotaxis\Core\Proof\Scene\Setting;
use Jacotaxis\Core\Words\CallParser;
use Jacotaxis\Core\Words\LookParser;

/** @return list<Look> */
function looksOf(string ...$words): array
{
    return array_map(LookParser::parse(...), array_values($words));
}

/** @param  list<float>  $chance */
function opening(string $id, array $chance): PlannedCall
{
    return new PlannedCall($id, strtoupper($id), true, $chance, $chance, array_fill(0, count($chance), true));
}

it('tells man from zone by who answers the motion, and only where the other kind answers otherwise', function (
    string $call,
    array $answers,
): void {
    $looks = array_merge(...array_values($answers));
    $question = Asking::motion(CallParser::parse($call), looksOf(...$looks), new Setting(Situation::of()));
    $seen = [];
    foreach ($question->answers ?? [] as $answer) {
        $seen[$answer->words] = array_map(fn (int $l): string => $looks[$l], $answer->looks);
    }
    expect($seen)->toBe($answers);
})->with([
    'a man goes across with him, a zone bumps' => ['gun 2x2 right, H jet left: zone right', [
        'man: the nickel goes with him' => ['4-2 nickel, cover 1', '4-2 nickel, cover 0', '4-2 nickel, 2-man'],
        'zone: the nickel moves inside' => ['4-2 nickel, cover 3', '4-2 nickel, cover 4'],
    ]],
    'a back who flares' => ['gun 2x2 right, R fast right: slant-flat right', [
        'man: the will goes with him' => ['4-2 nickel, cover 1'],
        'zone: the will moves outside' => ['4-2 nickel, cover 3', '3-4, cover 2'],
        'man: nobody moves' => ['4-2 nickel, 2-man'],
    ]],
    'a zone that does not answer' => ['gun 2x2 right, H jet left: zone right', [
        'man: the nickel goes with him' => ['4-2 nickel, cover 1'],
        'zone: nobody moves' => ['4-2 nickel, cover 3, motion stay'],
    ]],
    'both kinds answer alike: it is not told which' => ['under center wing right, H orbit left: belly right', [
        'the strong safety moves across' => ['4-2 nickel, cover 1', '4-3 over, cover 3, motion rotate'],
        'zone: nobody moves' => ['4-2 nickel, cover 4'],
    ]],
]);

it('asks nothing by a motion that nobody makes, or that all answer alike', function (string $call, array $looks): void {
    expect(Asking::motion(CallParser::parse($call), looksOf(...$looks), new Setting(Situation::of())))->toBeNull();
})->with([
    'no motion' => ['gun 2x2 right: smash right', ['4-2 nickel, cover 1', '4-2 nickel, cover 3']],
    'one look' => ['gun 2x2 right, H jet left: zone right', ['4-2 nickel, cover 1']],
    'nobody moves in either' => [
        'gun 2x2 right, H jet left: zone right',
        ['4-2 nickel, cover 3, motion stay', '4-2 nickel, cover 2, motion stay'],
    ],
]);

it('keeps each man himself when the strength goes to the other side', function (string $role): void {
    $call = CallParser::parse('gun 2x2 right, H shift left: smash left');
    $situation = Situation::of();
    $snap = $call->snap($situation->frame());
    $before = Lineup::of($snap->before, $situation->frame(), $situation->hash, Side::Right);
    $now = Lineup::of($snap->men, $situation->frame(), $situation->hash, Side::Right);
    $men = Alignment::of(LookParser::parse('4-2 nickel, cover 1'), $now, $before);
    $n = array_search($role, array_column($men->defenders, 'role'), true);
    expect($men->before[$n]->role)->toBe($role)
        ->and(abs($men->defenders[$n]->xYd - $men->before[$n]->xYd))->toBeLessThan(1.0)
        ->and(implode('; ', $men->notes))->not->toContain(ucfirst($role).' moves');
})->with(['left corner', 'right corner', 'left end', 'right end']);

it('asks who is in conflict where that differs', function (array $keys, ?array $answers): void {
    $question = Asking::conflict($keys);
    expect($question === null ? null : array_map(fn (Answer $a): array => [$a->words, $a->looks], $question->answers))
        ->toBe($answers);
})->with([
    'two men' => [['nickel', 'mike', 'nickel'], [['the nickel', [0, 2]], ['the mike', [1]]]],
    'a man or nobody' => [['nickel', null], [['the nickel', [0]], ['nobody', [1]]]],
    'one man always' => [['nickel', 'nickel'], null],
    'nobody ever' => [[null, null], null],
]);

it('chooses the next call by the answer, and tells what the answer is worth', function (): void {
    // Against man B is best, against zone C; not knowing which, C is: 0.5 x 0.2 + 0.5 x 0.7 = 0.45.
    $calls = [opening('a', [0.4, 0.4]), opening('b', [0.6, 0.1]), opening('c', [0.2, 0.7])];
    $asks = Question::of('who goes with H', ['man', 'zone']);
    $rows = (new Openers($calls, [0.5, 0.5]))->asked(['a' => array_filter([$asks])]);
    expect($rows[0]['id'])->toBe('a')
        ->and($rows[0]['worth'])->toEqualWithDelta(0.4, 1e-9)
        // 0.5 x 0.6 + 0.5 x 0.7 - 0.45
        ->and($rows[0]['tells'])->toEqualWithDelta(0.2, 1e-9)
        ->and(array_column($rows[0]['questions'][0]['answers'], 'words'))->toBe(['man', 'zone'])
        ->and($rows[0]['questions'][0]['answers'][0]['next']['id'])->toBe('b')
        ->and($rows[0]['questions'][0]['answers'][0]['next']['worth'])->toEqualWithDelta(0.6, 1e-9)
        ->and($rows[0]['questions'][0]['answers'][1]['next']['id'])->toBe('c')
        // Who asks nothing stands behind, the better first.
        ->and(array_column($rows, 'id'))->toBe(['a', 'c', 'b'])
        ->and($rows[1]['tells'])->toBe(0.0)
        ->and($rows[1]['questions'])->toBe([]);
});

it('gives an answer no worth that changes nothing', function (): void {
    $calls = [opening('a', [0.6, 0.7]), opening('b', [0.3, 0.2])];
    $asks = Question::of('who goes with H', ['man', 'zone']);
    $row = (new Openers($calls, [0.3, 0.7]))->asked(['b' => array_filter([$asks])])[0];
    expect($row['id'])->toBe('a')
        ->and((new Openers($calls, [0.3, 0.7]))->asked(['a' => array_filter([$asks])])[0]['tells'])
        ->toEqualWithDelta(0.0, 1e-9);
});

it('weighs the looks of an answer by their shares', function (): void {
    // Two looks are man: 0.2 x 0.9 and 0.6 x 0.1 of 0.8 are 0.3 for A; B has 0.4 in each.
    $calls = [opening('a', [0.9, 0.1, 0.5]), opening('b', [0.4, 0.4, 0.4])];
    $asks = Question::of('who goes with H', ['man', 'man', 'zone']);
    $row = (new Openers($calls, [0.2, 0.6, 0.2]))->asked(['a' => array_filter([$asks])])[0];
    $answers = $row['questions'][0]['answers'];
    expect($answers[0])->toMatchArray(['words' => 'man', 'looks' => [0, 1]])
        ->and($answers[0]['share'])->toEqualWithDelta(0.8, 1e-9)
        ->and($answers[0]['next']['id'])->toBe('b')
        ->and($answers[1]['next']['id'])->toBe('a');
});
