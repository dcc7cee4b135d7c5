<?php

use Jacotaxis\Core\Grade\Interval;
use Jacotaxis\Core\Grade\Numbers\SnapRow;
use Jacotaxis\Core\Scout\Habits;
use Jacotaxis\Core\Scout\Shares;
use Jacotaxis\Core\Scout\Showing;

/** @return list<SnapRow> sixty snaps: on third and long quarters in 16 of 20, else in 4 of 40 */
function thirdsAndLong(): array
{
    $rows = [];
    for ($n = 0; $n < 20; $n++) {
        $rows[] = scouted("long $n", $n < 16 ? 'cover 4' : 'cover 2', more: ['down' => 3, 'toGoYd' => 9.0]);
    }
    for ($n = 0; $n < 40; $n++) {
        $rows[] = scouted("first $n", $n < 4 ? 'cover 4' : ($n < 22 ? 'cover 2' : 'cover 3'), more: [
            'down' => 1, 'toGoYd' => 10.0, 'hash' => ['left', 'right'][$n % 2],
        ]);
    }

    return $rows;
}

it('finds what they do in one case and not in others, with both counts and the clips', function (): void {
    $habits = Habits::of(thirdsAndLong());

    expect($habits[0]->by)->toBe('situation')
        ->and($habits[0]->name)->toBe('3rd and long')
        ->and($habits[0]->what)->toBe('cover 4')
        ->and($habits[0]->showing)->toBe(Showing::Shell)
        ->and([$habits[0]->share->hits, $habits[0]->share->of])->toBe([16, 20])
        ->and([$habits[0]->else->hits, $habits[0]->else->of])->toBe([4, 40])
        ->and($habits[0]->difference())->toEqualWithDelta(0.7, 1e-9)
        ->and($habits[0]->ids)->toHaveCount(16);
    // The hash says nothing: half of every coverage is on either.
    expect(array_filter($habits, fn ($h): bool => $h->by === 'hash'))->toBe([]);
});

it('does not name a habit of a handful of snaps, nor one that chance gives', function (): void {
    // Four of four is no habit; under five a case is not asked at all.
    $few = [
        ...array_map(fn (int $n): SnapRow => scouted("g$n", 'cover 0', more: ['ballOnYd' => 97.0]), range(1, 4)),
        ...array_map(fn (int $n): SnapRow => scouted("m$n", 'cover 3', more: ['ballOnYd' => 50.0]), range(1, 40)),
    ];
    expect(Habits::of($few))->toBe([]);

    $named = 0;
    for ($seed = 1; $seed <= 20; $seed++) {
        mt_srand($seed);
        $rows = array_map(fn (int $n): SnapRow => scouted("s$n", 'cover '.mt_rand(1, 4), more: [
            'down' => mt_rand(1, 3), 'toGoYd' => (float) mt_rand(1, 10), 'ballOnYd' => (float) mt_rand(1, 99),
            'hash' => ['left', 'middle', 'right'][mt_rand(0, 2)], 'box' => mt_rand(5, 8),
            'formation' => ['gun 2x2', 'gun trips', 'gun empty'][mt_rand(0, 2)], 'quarter' => mt_rand(1, 4),
        ]), range(1, 150));
        $named += count(Habits::of($rows));
    }
    expect($named)->toBeLessThanOrEqual(1);
});

it('tells shares by one part of the situation against everything else', function (): void {
    $table = Shares::table(thirdsAndLong(), 'situation', Showing::Shell);

    expect($table['columns'])->toBe(['cover 2', 'cover 4', 'cover 3'])
        ->and(array_column($table['rows'], 'name'))->toBe(['1st and 10', '3rd and long'])
        ->and(array_column($table['rows'], 'snaps'))->toBe([40, 20])
        ->and(array_column($table['rows'][1]['cells'], 'hits'))->toBe([4, 16, 0])
        ->and(array_column($table['rows'][1]['cells'], 'apart'))->toBe([false, true, true])
        ->and($table['rows'][1]['cells'][1]['ids'][0])->toBe('long 0')
        ->and(array_column($table['all'], 'hits'))->toBe([22, 20, 18]);
});

it('tells few snaps as few, and leaves out what was not charted', function (): void {
    $rows = [
        ...array_map(fn (int $n): SnapRow => scouted("a$n", 'cover 3', more: ['hash' => 'left']), range(1, 4)),
        ...array_map(fn (int $n): SnapRow => scouted("b$n", 'cover 2', more: ['hash' => 'right']), range(1, 20)),
        new SnapRow('not charted', hash: 'left'),
    ];
    $table = Shares::table($rows, 'hash', Showing::Shell);

    expect(array_column($table['rows'], 'snaps'))->toBe([20, 4])
        ->and(array_column($table['rows'], 'few'))->toBe([false, true])
        // All of four and none of twenty lie apart, and still nothing is framed of four.
        ->and(array_merge(...array_map(fn (array $r): array => array_column($r['cells'], 'apart'), $table['rows'])))
        ->toBe([false, false, false, false]);
});

it('counts everything that came with a look, and that nothing did', function (): void {
    $rows = [
        scouted('a', 'cover 3', more: ['wrinkle' => 'edge pressure field, shows cover 2']),
        scouted('b', 'cover 3'),
        new SnapRow('front only', front: '3-4'),
    ];
    $table = Shares::table($rows, 'front', Showing::Wrinkle);

    expect($table['columns'])->toEqualCanonicalizing(['edge pressure field', 'shows cover 2', 'nothing beside it'])
        ->and($table['all'][0]['of'])->toBe(2);
});

it('asks for as much more sureness as there are questions', function (int $questions, float $z): void {
    // 95 % two-sided deviates of the standard normal over so many questions (scipy.stats.norm.ppf).
    $exact = Interval::of(12, 40, $z);
    $asked = Interval::asked(12, 40, $questions);

    expect($asked->low)->toEqualWithDelta($exact->low, 2e-4)
        ->and($asked->high)->toEqualWithDelta($exact->high, 2e-4);
})->with([
    [1, 1.9599640],
    [4, 2.4977055],
    [20, 3.0233415],
    [100, 3.4807564],
    [1000, 4.0556270],
]);

it('says by how much one share leads another at least', function (array $a, array $b, float $least): void {
    // Method 10 of Newcombe (1998), table II of the paper, from memory: the lower ends of its worked cases.
    expect(Interval::of(...$a)->leads(Interval::of(...$b)))->toEqualWithDelta($least, 5e-4);
})->with([
    'a' => [[56, 70], [48, 80], 0.0524],
    'b' => [[9, 10], [3, 10], 0.1705],
    'c' => [[6, 7], [2, 7], 0.0582],
    'e' => [[5, 56], [0, 29], -0.0381],
    'g' => [[10, 10], [0, 20], 0.6791],
    'h' => [[10, 10], [0, 10], 0.6075],
]);
