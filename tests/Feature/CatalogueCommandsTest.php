<?php

use Illuminate\Support\Facades\Artisan;
use Jacotaxis\Core\Concept\Document\LookDocument;
use Jacotaxis\Core\Words\LookParser;

it('lists every set, front and shell', function (): void {
    [, $sets] = jx('jx:formations', []);
    [, $looks] = jx('jx:looks', []);
    expect(array_column($sets['sets'], 'name'))
        ->toContain(
            '2x2',
            'trips',
            'trey',
            'bunch',
            'stack',
            'empty',
            'wing',
            'I',
            'two-back',
            'split-back',
            'double-slot',
            'double-wing',
            'unbalanced',
            'H-back',
        )
        ->and(array_column($looks['fronts'], 'name'))
        ->toBe(Jacotaxis\Core\Defense\Fronts::names())
        ->and($looks['shells'])
        ->toHaveCount(count(Jacotaxis\Core\Defense\Shells::names()))
        ->and($looks['techniques'])
        ->toHaveCount(2);
    foreach ($sets['sets'] as $set) {
        expect($set['men'])->toHaveCount(11);
    }
});

it('names what spots are, and goes there and back', function (): void {
    [, $front] = jx('jx:front', ['--look' => 'tite, cover 4', '--formation' => 'gun trey right']);
    $spots = json_encode(array_map(fn (array $d): array => [$d['xYd'], $d['yYd']], $front['defenders']));
    [$code, $named] = jx('jx:front', ['--spots' => $spots, '--formation' => 'gun trey right',
        '--school' => 'count out']);
    expect($code)->toBe(0)
        ->and($named['front'])->toBe('tite')
        ->and($named['shells'][0]['shell'])->toBe('cover 4')
        ->and($named['look'])->toBe('tite, cover 4');
    [, $sets] = jx('jx:formations', []);
    $bunch = array_values(array_filter($sets['sets'], fn (array $s): bool => $s['name'] === 'bunch'))[0];
    [, $found] = jx('jx:formations', [
        '--spots' => json_encode(array_map(fn (array $m): array => [$m['xYd'], $m['yYd']], $bunch['men'])),
    ]);
    expect($found['formations'][0]['words'])->toBe('gun bunch right');
});

it('says what the picture says', function (): void {
    [, $front] = jx('jx:front', ['--look' => '4-2 nickel, cover 3',
        '--formation' => 'gun 2x2 right, H short left to 6 wide']);
    expect($front['notes'])->not->toBe([])
        ->and($front['picture']['gaps'])->toHaveCount(8)
        ->and($front['picture']['boxWords'])->toContain('against');
});

it('finds the numbering, the motion and the shift on the command line',
    function (array $options, int $code, array $codes): void {
        [$exit, $found] = jx('jx:legal', $options + ['--json' => true]);
        expect($exit)->toBe($code)->and(array_column($found['findings'], 'code'))->toBe($codes);
    })->with([
        [['--call' => 'gun 2x2 right: X go', '--numbers' => 'LT:82,LG:60,C:50,RG:61,RT:71'], 1, ['numbering']],
        [['--call' => 'gun 2x2 right, H jet left, Y short right: X go', '--rules' => 'ncaa'], 1, ['two-in-motion']],
        [['--call' => 'gun 2x2 right, R shift right on the last sound of set: X go', '--rules' => 'nfl'], 1,
            ['not-set']],
        [['--call' => 'gun unbalanced right: X go'], 0, []],
    ]);

it('does not understand, and says what', function (string $command, array $options, string $says): void {
    $output = new Symfony\Component\Console\Output\BufferedOutput;
    expect(Artisan::call($command, $options, $output))->toBe(2);
})->with([
    ['jx:front', [], 'no look'],
    ['jx:front', ['--look' => '4-9, cover 3'], 'front'],
    ['jx:front', ['--look' => '4-2 nickel, cover 3', '--formation' => 'gun 9x9'], 'set'],
    ['jx:front', ['--spots' => 'no'], '0 spots'],
    ['jx:front', ['--spots' => '[[1,2]]'], '1 spots'],
    ['jx:front', ['--spots' => '[["a",2]]'], '/0'],
    ['jx:front', ['--look' => '4-2 nickel, cover 3', '--school' => 'none'], 'school'],
    ['jx:formations', ['--spots' => '[[0,0],[1]]'], '/1'],
    ['jx:legal', ['--call' => 'gun 2x2: X go', '--numbers' => 'LT=72'], 'jersey'],
    ['jx:prove', ['--call' => 'gun 2x2: X go', '--look' => '3-4, cover 3, nickel blitz'], 'nickel'],
]);

it('proves every look of the words file', function (string $look): void {
    [$code, $report] = jx('jx:prove', ['--call' => 'gun trips right: smash right', '--look' => $look,
        '--json' => true]);
    expect($code)->toBeIn([0, 1])
        ->and($report['verdict'])->toBeIn(['bound', 'open', 'guess', 'covered'])
        ->and(LookDocument::read(LookDocument::write(LookParser::parse($look))))->toEqual(LookParser::parse($look));
})->with([
    '4-2 nickel, cover 3',
    '4-3 over, cover 2, corners press',
    '3-4, cover 1, safety rotates weak, walked W',
    '5-2, cover 3, edge pressure field',
    '4-2 nickel, cover 6',
    '4-2 nickel, cover 3, 2i on RG',
    'bear, cover 0, six rush',
]);

it('reads every formation of the words file', function (string $call): void {
    [$code, $said] = jx('jx:describe', ['--call' => $call, '--json' => true]);
    expect($code)->toBe(0)->and($said['words'])->not->toBe('');
})->with([
    'gun 2x2: smash both',
    'gun trips right: post-dig right; X shallow',
    'gun trips right, H short left: #1 right dig 14, #2 right seam, #3 right flat; X shallow',
    'gun bunch right: smash right',
    'under center wing right, F jet left: Y flat; X post',
    'double-slot condensed: X go',
    'gun H-back left: smash left',
    'gun two-back: X post',
    'pistol trips right: smash right',
    'gun unbalanced left: Z go',
]);
