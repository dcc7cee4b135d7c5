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
