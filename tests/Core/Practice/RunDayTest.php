<?php

/*
 * PRA-08: one family of runs a day; what an inside run takes on it.
 */

use Jacotaxis\Core\Blocking\Run\RunKind;
use Jacotaxis\Core\Practice\PeriodKind;
use Jacotaxis\Core\Practice\RunDay;
use Jacotaxis\Core\Practice\Script;
use Jacotaxis\Core\Practice\ScriptCall;

it('has two days of each family in turn, and none on the others', function (string $day, RunDay $usual): void {
    expect(RunDay::usual(new DateTimeImmutable($day)))->toBe($usual);
})->with([
    'Monday' => ['2026-10-05', RunDay::Zone], 'Tuesday' => ['2026-10-06', RunDay::Gap],
    'Wednesday' => ['2026-10-07', RunDay::Zone], 'Thursday' => ['2026-10-08', RunDay::Gap],
    'Friday' => ['2026-10-09', RunDay::Any], 'Saturday' => ['2026-10-10', RunDay::Any],
    'Sunday' => ['2026-10-11', RunDay::Any],
]);

it('takes runs of its family', function (RunDay $day, array $kinds): void {
    $takes = array_filter([...RunKind::cases(), null], fn (?RunKind $kind): bool => $day->takes($kind));
    expect(array_values($takes))->toBe($kinds);
})->with([
    [RunDay::Zone, [RunKind::Zone, RunKind::Jet]],
    [RunDay::Gap, [RunKind::Gap]],
    [RunDay::Any, [...RunKind::cases(), null]],
]);

it('fills an inside run with the family of the day, and no other period', function (
    PeriodKind $kind,
    RunDay $day,
    array $calls,
): void {
    $book = [
        new ScriptCall('zone', true, false, kind: RunKind::Zone),
        new ScriptCall('power', true, false, kind: RunKind::Gap),
        new ScriptCall('triple', true, false, kind: RunKind::Option),
        new ScriptCall('bubble', true, true, kind: RunKind::Zone),
        new ScriptCall('smash', false, true),
    ];
    $rows = array_column(Script::filled($kind, $book, [], 10, $day), 'call');
    expect(array_values(array_unique($rows)))->toBe($calls);
})->with([
    'a zone day' => [PeriodKind::InsideRun, RunDay::Zone, ['zone', 'bubble']],
    'a gap day' => [PeriodKind::InsideRun, RunDay::Gap, ['power']],
    'any day' => [PeriodKind::InsideRun, RunDay::Any, ['zone', 'power', 'triple', 'bubble']],
    'team on a gap day' => [PeriodKind::Team, RunDay::Gap, ['zone', 'power', 'triple', 'bubble', 'smash']],
    'seven on seven on a gap day' => [PeriodKind::SevenOnSeven, RunDay::Gap, ['bubble', 'smash']],
]);

it('takes all runs where the book has none of the family', function (): void {
    $book = [new ScriptCall('triple', true, false, kind: RunKind::Option),
        new ScriptCall('speed', true, false, kind: RunKind::Option)];
    $rows = array_column(Script::filled(PeriodKind::InsideRun, $book, [], 4, RunDay::Gap), 'call');
    expect($rows)->toBe(['triple', 'speed', 'triple', 'speed']);
});
