<?php

/* Minutes of a practice and of its week, the caution of contact, and the gate of the game-ready call (SET-28). */

use Jacotaxis\Core\Practice\Load;
use Jacotaxis\Core\Practice\Period;
use Jacotaxis\Core\Practice\PeriodKind;
use Jacotaxis\Core\Practice\Ready;
use Jacotaxis\Core\School\Schools;

it('adds minutes and minutes of contact', function (array $periods, int $minutes, int $contact): void {
    $load = Load::of(array_map(
        fn (array $p): Period => new Period(PeriodKind::Team, $p[0], $p[1]),
        $periods,
    ));

    expect($load->minutes)->toBe($minutes)
        ->and($load->contactMinutes)->toBe($contact);
})->with([
    'nothing' => [[], 0, 0],
    'one of each' => [[[15, false], [20, true]], 35, 20],
    'contact is said of the period, not of its kind' => [[[15, false], [15, false]], 30, 0],
    'all' => [[[10, true], [12, true], [8, true]], 30, 30],
]);

it('adds the practices of a week', function (): void {
    $week = (new Load(90, 35))->and(new Load(80, 20))->and(new Load(0, 0));

    expect([$week->minutes, $week->contactMinutes])->toBe([170, 55]);
});

it('cautions by what the staff has of its association', function (
    int $contact,
    ?float $limit,
    bool $over,
    string $says,
): void {
    $load = new Load(120, $contact);
    $values = $limit === null ? [] : ['contact-minutes' => $limit];
    $held = Schools::of([], $values)->value('contact-minutes');

    expect($load->isOver($held))->toBe($over)
        ->and($load->caution($held))->toContain($says);
})->with([
    'under' => [55, 90.0, false, '55 of 90 min of full contact this week.'],
    'at the limit' => [90, 90.0, false, '90 of 90 min'],
    'a minute over' => [91, 90.0, true, '1 over the 90 your staff book has of the state association'],
    'none is set' => [91, null, false, 'No limit is set'],
    'no contact is allowed' => [5, 0.0, true, '5 over the 0'],
]);

it('says when a call is ready and by how much it is short', function (
    int $planned,
    int $given,
    bool $ready,
    int $short,
): void {
    $needed = (int) Schools::of([], [])->value('ready-reps');
    $call = new Ready($planned, $given, $needed);

    expect($needed)->toBe(5)
        ->and($call->isReady())->toBe($ready)
        ->and($call->short())->toBe($short);
})->with([
    'nothing yet' => [0, 0, false, 5],
    'planned is not given' => [5, 0, false, 0],
    'some of both' => [2, 1, false, 2],
    'given' => [0, 5, true, 0],
    'more than wanted' => [3, 9, true, 0],
]);

it('takes the staff\'s own number of reps', function (): void {
    $needed = (int) Schools::of([], ['ready-reps' => 8.0])->value('ready-reps');

    expect((new Ready(0, 6, $needed))->isReady())->toBeFalse()
        ->and((new Ready(0, 6, $needed))->short())->toBe(2);
});
