<?php

use Jacotaxis\Core\Truth\Cliffs;

it('counts verdicts that turn twice within a yard', function (string $verdicts, int $cliffs): void {
    expect(Cliffs::count(explode(' ', $verdicts)))->toBe($cliffs);
})->with([
    'never turns' => ['bound bound bound bound', 0],
    'turns once' => ['bound bound guess guess', 0],
    'turns and turns back' => ['bound guess bound bound', 1],
    'turns on' => ['bound guess covered covered', 1],
    'back after a yard' => ['bound guess guess bound', 0],
    'twice' => ['bound guess bound guess', 2],
    'one depth alone' => ['bound', 0],
]);

it('moves a route by half yards', function (): void {
    foreach (Cliffs::sweeps() as $sweep) {
        $depths = array_map(fn ($case): float => (float) preg_replace('/^.* /', '', $case->call), $sweep);
        foreach (array_slice($depths, 1) as $n => $yd) {
            expect($yd - $depths[$n])->toBe(0.5);
        }
    }
});
