<?php

use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Plan\SheetSituation;

it('puts a snap in the rows it is of', function (?int $down, ?float $toGo, ?float $ballOn, array $rows): void {
    $of = array_filter(SheetSituation::all(), fn (SheetSituation $s): bool => $s->holds($down, $toGo, $ballOn));
    expect(array_values(array_map(fn (SheetSituation $s): string => $s->id, $of)))->toBe($rows);
})->with([
    'first and ten' => [1, 10.0, 40.0, ['first-and-ten']],
    'first and five after a foul' => [1, 5.0, 40.0, []],
    'second and seven is long' => [2, 7.0, 40.0, ['second-long']],
    'second and six and a half is medium' => [2, 6.5, 40.0, ['second-medium']],
    'second and four' => [2, 4.0, 40.0, ['second-medium']],
    'second and three' => [2, 3.0, 40.0, ['second-short']],
    'third and inches' => [3, 0.5, 40.0, ['third-short']],
    'third and twelve' => [3, 12.0, 60.0, ['third-long']],
    'third and five' => [3, 5.0, 60.0, ['third-medium']],
    'backed up, whatever the down' => [3, 12.0, 4.0, ['backed-up']],
    'the own ten is backed up, the eleven is not' => [1, 10.0, 10.0, ['backed-up']],
    'the eleven' => [1, 10.0, 11.0, ['first-and-ten']],
    'the twenty of theirs' => [1, 10.0, 80.0, ['red-zone']],
    'just outside of it' => [1, 10.0, 79.0, ['first-and-ten']],
    'between red zone and goal line' => [1, 8.0, 92.0, []],
    'the five' => [2, 5.0, 95.0, ['goal-line']],
    'nothing charted' => [null, null, null, []],
    'a down without a spot' => [3, 5.0, null, []],
    'a spot without a down' => [null, null, 5.0, ['backed-up']],
]);

it('is proved in a situation of its own kind', function (SheetSituation $row): void {
    $in = $row->provedIn;
    Situation::of(down: $in['down'], toGoYd: $in['toGoYd'], ballOnYd: $in['ballOnYd']);
    expect($row->holds($in['down'], $in['toGoYd'], $in['ballOnYd']))->toBeTrue();
})->with(fn (): array => array_map(fn (SheetSituation $s): array => [$s], SheetSituation::all()));

it('names every row once', function (): void {
    $ids = array_map(fn (SheetSituation $s): string => $s->id, SheetSituation::all());
    expect($ids)->toBe(array_unique($ids));
});
