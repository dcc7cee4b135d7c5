<?php

/*
 * The spaced repetition SM-2 (P. A. Wozniak, 1990; from memory): I(1) = 1 day, I(2) = 6 days, I(n) = I(n-1) * EF
 * rounded up, EF' = EF + 0.1 - (5 - q) * (0.08 + (5 - q) * 0.02), at least 1.3; under 3 from the beginning, EF kept.
 */

use Jacotaxis\Core\Reps\Answer;
use Jacotaxis\Core\Reps\Kind;
use Jacotaxis\Core\Reps\Schedule;

/**
 * Answers about the ball (3 s are allowed) on given days: 'fast', 'slow', 'late' or 'wrong'.
 *
 * @param  array<int, string>  $byDay
 * @return list<Answer>
 */
function repAnswers(array $byDay): array
{
    $took = ['fast' => 1.0, 'slow' => 2.5, 'late' => 6.0, 'wrong' => 1.0];

    return array_map(fn (int $day, string $how): Answer => new Answer(
        Kind::Ball,
        $how !== 'wrong',
        $took[$how],
        new DateTimeImmutable("2026-09-01 18:00 +$day days"),
    ), array_keys($byDay), $byDay);
}

it('brings a question again after the days of the schedule', function (
    array $byDay,
    int $days,
    float $easiness,
    string $due,
): void {
    $schedule = Schedule::after(repAnswers($byDay));

    expect($schedule->days)->toBe($days)
        ->and($schedule->easiness)->toEqualWithDelta($easiness, 1e-9)
        ->and($schedule->dueOn()?->format('Y-m-d'))->toBe($due);
})->with([
    'known at once' => [[0 => 'fast'], 1, 2.6, '2026-09-02'],
    'known twice' => [[0 => 'fast', 1 => 'fast'], 6, 2.7, '2026-09-08'],
    'known three times: 6 days by 2.7' => [[0 => 'fast', 1 => 'fast', 7 => 'fast'], 17, 2.8, '2026-09-25'],
    'four times: 17 by 2.8' => [[0 => 'fast', 1 => 'fast', 7 => 'fast', 24 => 'fast'], 48, 2.9, '2026-11-12'],
    'in time keeps the easiness' => [[0 => 'slow', 1 => 'slow'], 6, 2.5, '2026-09-08'],
    'too late for the play lowers it' => [[0 => 'late', 1 => 'late'], 6, 2.22, '2026-09-08'],
    'missed starts again, the easiness kept' => [[0 => 'fast', 1 => 'fast', 7 => 'wrong'], 1, 2.7, '2026-09-09'],
    'and is six days after the next two' => [
        [0 => 'fast', 1 => 'fast', 7 => 'wrong', 8 => 'fast', 9 => 'fast'],
        6,
        2.9,
        '2026-09-16',
    ],
    'never under 1.3' => [array_fill(0, 12, 'late'), 825, 1.3, '2028-12-15'],
]);

it('counts several answers of a day once, the first of them', function (): void {
    $at = fn (string $time): DateTimeImmutable => new DateTimeImmutable("2026-09-01 $time");
    $wrong = new Answer(Kind::Ball, false, 1.0, $at('18:00'));
    $right = new Answer(Kind::Ball, true, 1.0, $at('18:05'));

    expect(Schedule::after([$wrong, $right])->repetitions)->toBe(0)
        ->and(Schedule::after([$right, $wrong])->repetitions)->toBe(1);
});

it('is due from its day on and never before it was asked', function (string $on, bool $due): void {
    expect(Schedule::after(repAnswers([0 => 'fast']))->isDue(new DateTimeImmutable($on)))->toBe($due);
})->with([
    'the same evening' => ['2026-09-01 23:59', false],
    'the next morning' => ['2026-09-02 00:00', true],
    'a week later' => ['2026-09-09 12:00', true],
]);

it('is not due where nothing was asked', function (): void {
    expect(Schedule::after([])->isDue(new DateTimeImmutable('2030-01-01')))->toBeFalse()
        ->and(Schedule::after([])->dueOn())->toBeNull();
});

it('rates an answer by right and by the time there is', function (
    Kind $kind,
    bool $right,
    float $s,
    int $rating,
): void {
    expect((new Answer($kind, $right, $s, new DateTimeImmutable))->rating())->toBe($rating);
})->with([
    'at once' => [Kind::Ball, true, 1.5, 5],
    'in time' => [Kind::Ball, true, 1.51, 4],
    'just in time' => [Kind::Ball, true, 3.0, 4],
    'too late' => [Kind::Ball, true, 3.01, 3],
    'wrong at once' => [Kind::Ball, false, 0.4, 1],
    'a job has more time' => [Kind::Job, true, 4.0, 5],
    'and its end' => [Kind::Job, true, 8.1, 3],
    'a key' => [Kind::Key, true, 5.0, 4],
    'a coverage' => [Kind::Coverage, true, 3.0, 5],
]);
