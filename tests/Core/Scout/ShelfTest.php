<?php

use Jacotaxis\Core\Scout\Shelf;

it('says where a shelf says other than the film shows', function (): void {
    $rows = Shelf::beside(
        ['4-3 over, cover 3' => 60, '4-3 over, cover 2' => 38, 'bear, cover 0' => 2],
        ['4-3 over, cover 3' => 6, '4-3 over, cover 2' => 12, '4-3 over, cover 1' => 2],
    );

    expect(array_column($rows, 'words'))->toBe(['4-3 over, cover 3', '4-3 over, cover 2', 'bear, cover 0',
        '4-3 over, cover 1'])
        ->and(array_column($rows, 'charted'))->toBe([60, 38, 2, 0])
        ->and(array_column($rows, 'shown'))->toBe([6, 12, 0, 2])
        ->and(array_column($rows, 'said'))->toBe([0.3, 0.6, 0.0, 0.1])
        ->and(array_column($rows, 'differs'))->toBe([
            'shown more often than is said',
            'said more often than it is shown',
            'on film, not on the shelf',
            'on the shelf, on no film',
        ]);
});

it('has nothing to say where the shelf lies within what the film leaves open, or where there is no film', function (
    array $charted,
    array $shown,
): void {
    expect(array_filter(array_column(Shelf::beside($charted, $shown), 'differs')))->toBe([]);
})->with([
    'counted from film' => [['a' => 7, 'b' => 3], ['a' => 7, 'b' => 3]],
    'within the interval' => [['a' => 7, 'b' => 3], ['a' => 60, 'b' => 40]],
    'no film' => [[], ['a' => 7, 'b' => 3]],
]);
