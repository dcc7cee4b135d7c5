<?php

use Jacotaxis\Core\Film\Chart\NoSuchQuestion;
use Jacotaxis\Core\Film\Chart\OpenQuestions;

function open(array $d): array
{
    return ['kind' => 'jacotaxis.film', 'version' => 1, 'call' => 'gun 2x2 right: smash right',
        'look' => '4-2 nickel, cover 2', ...$d];
}

it('lists what a snap leaves open', function (array $d, array $ids): void {
    expect(array_column(OpenQuestions::of(open($d)), 'id'))->toBe($ids);
})->with([
    'nothing' => [['marks' => [['kind' => 'snap', 'atS' => 1.0]]], []],
    'call and look' => [['call' => null, 'look' => ''], ['call', 'look']],
    'whose mark' => [['marks' => [['kind' => 'snap', 'atS' => 1.0], ['kind' => 'break', 'atS' => 2.4, 'man' => '?']]],
        ['marks/1/man']],
    'an uncertain mark' => [['marks' => [['kind' => 'catch', 'atS' => 4.0, 'man' => 'H', 'certain' => false]]],
        ['marks/0/certain']],
    'who was plotted, once for each angle' => [['plots' => [['id' => 'a', 'man' => '?', 'atS' => 1.0, 'xPx' => 1,
        'yPx' => 1], ['id' => 'b', 'man' => '?', 'atS' => 1.2, 'xPx' => 1, 'yPx' => 1],
        ['id' => 'c', 'man' => '?', 'atS' => 1.2, 'xPx' => 1, 'yPx' => 1, 'angle' => 'tight']]],
        ['plots/wide', 'plots/tight']],
    'a guess' => [['seen' => [['man' => 'mike', 'what' => 'choice', 'value' => 'drop', 'certain' => false]]],
        ['seen/0/certain']],
    'whose fault' => [['seen' => [['man' => 'Z', 'what' => 'owner', 'value' => 'undetermined']]], ['seen/0/value']],
]);

it('settles a question without doing the mark again, and keeps what stood there',
    function (array $d, string $id, string $answer, Closure $now, string $was): void {
        $done = OpenQuestions::settle(open($d), $id, $answer, 'Dale Merriweather', '2026-09-20');
        expect($now($done))
            ->toBe($answer)
            ->and($done['settled'][0])
            ->toMatchArray(['was' => $was, 'now' => $answer, 'by' => 'Dale Merriweather', 'on' => '2026-09-20'])
            ->and(array_column(OpenQuestions::of($done), 'id'))
            ->not->toContain($id);
    })->with([
        'the look' => [['look' => null], 'look', '4-2 nickel, cover 3', fn (array $d): string => $d['look'], ''],
        'whose mark' => [['marks' => [['kind' => 'break', 'atS' => 2.4, 'man' => '?']]], 'marks/0/man', 'Z',
            fn (array $d): string => $d['marks'][0]['man'], '?'],
        'a mark that is right' => [['marks' => [['kind' => 'catch', 'atS' => 4.0, 'certain' => false]]],
            'marks/0/certain',
            'yes', fn (array $d): string => count($d['marks']) === 1 ? 'yes' : 'gone', 'catch at 4.00 s'],
        'a mark that is not' => [['marks' => [['kind' => 'catch', 'atS' => 4.0, 'certain' => false]]],
            'marks/0/certain',
            'no', fn (array $d): string => $d['marks'] === [] ? 'no' : 'kept', 'catch at 4.00 s'],
        'who was plotted' => [['plots' => [['id' => 'a', 'man' => '?', 'atS' => 1.0, 'xPx' => 1, 'yPx' => 1],
            ['id' => 'b', 'man' => 'H', 'atS' => 1.0, 'xPx' => 1, 'yPx' => 1]]], 'plots/wide', 'Y',
            fn (array $d): string => $d['plots'][0]['man'], '?'],
        'an owner' => [['seen' => [['man' => 'Z', 'what' => 'owner', 'value' => 'undetermined']]], 'seen/0/value',
            'partner', fn (array $d): string => $d['seen'][0]['value'], 'undetermined'],
    ]);

it('refuses a question that is not open', fn () => expect(fn () => OpenQuestions::settle(open([]), 'look', 'x', 'me',
    'today'))->toThrow(NoSuchQuestion::class, 'not open on this snap'));

it('questions a clock the play cannot have, and asks no more once it is said to be right', function (
    array $marks,
    ?string $asks,
): void {
    $d = ['call' => 'gun 2x2 right: smash right', 'look' => '4-2 nickel, cover 2', 'marks' => array_map(
        fn (string $kind, float $atS): array => ['kind' => $kind, 'atS' => $atS],
        array_keys($marks),
        array_values($marks),
    )];
    $asked = OpenQuestions::of($d);
    expect(array_column($asked, 'text'))->toBe($asks === null ? [] : [$asks]);
    if ($asks !== null) {
        $yes = OpenQuestions::settle($d, $asked[0]['id'], 'yes', 'Dale', '2026-09-20');
        $no = OpenQuestions::settle($d, $asked[0]['id'], 'no', 'Dale', '2026-09-20');
        expect(OpenQuestions::of($yes))->toBe([])
            ->and($yes['marks'])->toHaveCount(count($marks))
            ->and($yes['settled'][0]['question'])->toBe($asks)
            ->and(OpenQuestions::of($no))->toBe([])
            ->and($no['marks'])->toHaveCount(count($marks) - 1);
    }
})->with([
    'as it is' => [['snap' => 1.0, 'back foot' => 2.4, 'ball out' => 2.7, 'catch' => 3.4], null],
    'out on the plant' => [['snap' => 1.0, 'back foot' => 2.4, 'ball out' => 2.4], null],
    'out before the back foot is down' => [
        ['snap' => 1.0, 'back foot' => 2.9, 'ball out' => 2.4],
        'The ball out at 2.40 s is 0.50 s before the back foot at 2.90 s. Is it right?',
    ],
    'caught before it is out' => [
        ['snap' => 1.0, 'ball out' => 3.0, 'catch' => 2.8],
        'The catch at 2.80 s is 0.20 s before the ball out at 3.00 s. Is it right?',
    ],
    'before the snap' => [
        ['snap' => 1.0, 'mesh' => 0.7],
        'The mesh at 0.70 s is 0.30 s before the snap at 1.00 s. Is it right?',
    ],
    'no snap, nothing to ask' => [['back foot' => 2.4, 'ball out' => 2.7], null],
    'set and motion come before the snap' => [['set' => 0.1, 'motion start' => 0.4, 'snap' => 1.0], null],
]);

it('asks no clock twice of one mark', function (): void {
    $marks = [['kind' => 'snap', 'atS' => 2.0], ['kind' => 'back foot', 'atS' => 3.0],
        ['kind' => 'ball out', 'atS' => 1.5]];
    $asked = OpenQuestions::of(['call' => 'a', 'look' => 'b', 'marks' => $marks]);
    expect(array_column($asked, 'id'))->toBe(['marks/2/clock']);
});
