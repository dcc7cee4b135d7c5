<?php

use Illuminate\Support\Facades\Artisan;
use Jacotaxis\Core\Concept\Document\CallDocument;
use Jacotaxis\Core\Words\CallParser;

it('proves on the command line with the stable keys', function (): void {
    [$code, $report] = jx('jx:prove', [
        '--call' => 'gun 2x2: smash right',
        '--look' => '4-2 nickel, cover 2',
        '--json' => true,
        '--frames' => true,
    ]);
    expect($code)
        ->toBe(0)
        ->and($report['verdict'])
        ->toBe('bound')
        ->and(array_keys($report))
        ->toContain(
            'verdict',
            'strength',
            'protection',
            'ruleTrue',
            'keys',
            'spoilers',
            'picture',
            'run',
            'assignments',
            'reads',
            'findings',
            'assumed',
            'frames',
        )
        ->and(array_keys($report['ruleTrue']))
        ->toContain('action', 'man', 'number', 'side', 'route', 'outAt', 'margin', 'completion', 'gain', 'why')
        ->and(array_keys($report['keys'][0]))
        ->toContain('defender', 'question', 'verdict', 'acts', 'choices')
        ->and(array_keys($report['picture']))
        ->toContain(
            'middle',
            'middleAfterSnap',
            'box',
            'boxEffective',
            'boxBlockers',
            'receivers',
            'strength',
            'support',
            'covered',
            'numbers',
        )
        ->and(array_keys($report['reads'][0]))
        ->toContain('man', 'route', 'number', 'flag', 'slot', 'breakAt', 'depthYd', 'state', 'killedBy', 'windows');
});

it('scales with the level and takes its rule book unless one is given', function (): void {
    $break = fn (string $level): float => jx('jx:prove', [
        '--call' => 'gun 2x2: smash right',
        '--look' => '4-2 nickel, cover 2',
        '--level' => $level,
        '--json' => true,
    ])[1]['reads'][0]['breakAt'];
    expect($break('professional'))->toBeLessThan($break('high-school'));
});

it('ends with 1 when it found faults and 2 when it did not understand',
    function (string $command, array $options, int $code): void {
        expect(Artisan::call($command, $options))->toBe($code);
    })->with([
        ['jx:prove', ['--call' => 'gun 2x2: smsh', '--look' => '4-2 nickel, cover 2'], 2],
        ['jx:prove', ['--call' => 'gun 2x2: smash', '--look' => 'heap, cover 2'], 2],
        ['jx:prove', ['--look' => '4-2 nickel, cover 2'], 2],
        ['jx:prove', ['file' => '/nowhere.json', '--look' => '4-2 nickel, cover 2'], 2],
        ['jx:prove', ['--call' => 'gun 2x2: smash', '--look' => '4-2 nickel, cover 2', '--level' => 'moon'], 2],
        ['jx:describe', ['--call' => 'gun 2x2: smash'], 0],
        ['jx:legal', ['--call' => 'gun 2x2: smash', '--rules' => 'nfl'], 0],
        ['jx:measure', ['file' => '/nowhere.json'], 2],
        ['jx:families', [], 0],
    ]);

it('checks a document for legality and ends with 1 on a fault', function (): void {
    $file = tempnam(sys_get_temp_dir(), 'jx');
    $document =
        ['spots' => [['man' => 'Y', 'xYd' => -9.0, 'yYd' => -0.5]]] +
        CallDocument::write(CallParser::parse('gun 2x2 right: smash right'));
    file_put_contents($file, json_encode($document));
    [$code, $found] = jx('jx:legal', ['file' => $file, '--rules' => 'nfhs', '--json' => true]);
    unlink($file);
    expect($code)->toBe(1)
        ->and($found['findings'][0]['man'])->toBe('Y')
        ->and($found['findings'][0]['rule'])->toContain('NFHS')
        ->and($found['findings'][0]['fix'])->toContain('Move Y');
});

it('says a call in words', function (): void {
    [, $said] = jx('jx:describe', ['--call' => 'gun 2x2 right: Z hitch, H corner', '--json' => true]);
    expect($said['words'])->toBe('gun 2x2 right: smash right')
        ->and($said['family'])->toBe('smash')
        ->and($said['why'])->toBe('hitch by #1, corner by #2')
        ->and($said['nearest'])->not->toBe([]);
});

it('measures and grades the example of the film schema without the database', function (): void {
    $schema = json_decode(file_get_contents(base_path('schemas/film.schema.json')), true);
    $file = tempnam(sys_get_temp_dir(), 'jx');
    file_put_contents($file, json_encode($schema['examples'][0]));
    [, $measured] = jx('jx:measure', ['file' => $file]);
    [, $graded] = jx('jx:grade', ['file' => $file]);
    unlink($file);
    expect(array_keys($measured['plots'][0]))->toContain('id', 'xYd', 'yYd', 'sdYd')
        ->and(array_keys($measured['assignments'][0]))->toContain('man', 'measure', 'planned', 'done', 'error', 'sd')
        ->and(array_keys($graded['keys'][0]))->toContain('defender', 'choice', 'rightRead', 'decision', 'why');
});

it('films a run and writes the truth beside it', function (): void {
    $out = sys_get_temp_dir().'/jx-film-test.webm';
    expect(Artisan::call('jx:film', ['out' => $out, '--call' => 'gun 2x2 right: smash right',
        '--look' => '4-2 nickel, cover 2', '--act' => 'right corner: sink', '--width' => 160, '--height' => 90]))
        ->toBe(0);
    $truth = json_decode(file_get_contents(str_replace('.webm', '.truth.json', $out)), true);
    expect((new App\Film\Files\Probe)->film($out)->video()['widthPx'])->toBe(160)
        ->and($truth['thrownTo'])->toBe('Z')
        ->and($truth['marks']['snap'])->toEqual(1.0);
    array_map(unlink(...), [$out, str_replace('.webm', '.truth.json', $out)]);
});
