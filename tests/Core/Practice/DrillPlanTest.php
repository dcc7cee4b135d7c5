<?php

/*
 * From fault to minutes to effect (PRA-05, PRA-11): which drills the faults on film ask for, which fit a period, and
 * what is said of a fault after its drill was given. Shares with the score interval (Wilson 1927).
 */

use App\Practice\ShippedDrills;
use Jacotaxis\Core\Grade\Interval;
use Jacotaxis\Core\Practice\DrillEffect;
use Jacotaxis\Core\Practice\DrillPlan;
use Jacotaxis\Core\Practice\Effect;
use Jacotaxis\Core\Practice\FaultSeen;
use Jacotaxis\Core\Practice\GradedSnap;
use Jacotaxis\Core\Practice\PeriodKind;
use Jacotaxis\Core\Practice\ProposedDrill;

/**
 * @param  list<array{string, string, int}>  $seen
 * @return list<ProposedDrill>
 */
function drillsFor(array $seen): array
{
    return DrillPlan::proposed(
        array_map(fn (array $f): FaultSeen => new FaultSeen($f[0], $f[1], $f[2]), $seen),
        ShippedDrills::all(),
    );
}

/** @return array<string, int> how often what each proposed drill cures was seen, by its name */
function drillsDue(array $seen): array
{
    $due = [];
    foreach (drillsFor($seen) as $p) {
        $due[$p->drill->name] = $p->times();
    }

    return $due;
}

it('proposes the drills of what came again, most seen first', function (array $seen, array $due): void {
    expect(drillsDue($seen))->toBe($due);
})->with([
    'a fault seen twice' => [[['FLT-28', 'line', 2]], ['combination' => 2]],
    'a slip is no habit' => [[['FLT-28', 'line', 1]], []],
    'two faults of one drill' => [[['FLT-28', 'line', 1], ['FLT-29', 'line', 2]], ['combination' => 3]],
    'the same fault of another group is not his drill\'s' => [[['FLT-28', 'backs', 5]], []],
    'most seen first' => [
        [['FLT-41', 'backs', 2], ['FLT-28', 'line', 4]],
        ['combination' => 4, 'triangle' => 2],
    ],
    'as often, in the order of the cards' => [
        [['FLT-41', 'backs', 2], ['FLT-28', 'line', 2]],
        ['combination' => 2, 'triangle' => 2],
    ],
    'two cards for one fault' => [
        [['FLT-06', 'receivers', 3]],
        ['partner hands, heavy bag' => 3, 'chop and rip' => 3],
    ],
    'praise asks for nothing' => [[['PRS-05', 'quarterback', 9]], []],
    'a fault without a drill' => [[['FLT-33', 'line', 9]], []],
    'nothing seen' => [[], []],
]);

it('fits drills into the minutes of a period, each group having all of them', function (
    array $seen,
    int $minutes,
    array $names,
): void {
    expect(DrillPlan::fitting(drillsFor($seen), $minutes))->toBe($names);
})->with([
    'one' => [[['FLT-28', 'line', 2]], 10, ['combination']],
    'too short' => [[['FLT-28', 'line', 2]], 9, []],
    'the next that fits' => [[['FLT-28', 'line', 3], ['FLT-31', 'line', 2]], 9, ['drive']],
    'two of a group' => [[['FLT-28', 'line', 3], ['FLT-31', 'line', 2]], 16, ['combination', 'drive']],
    'groups beside one another' => [
        [['FLT-28', 'line', 3], ['FLT-41', 'backs', 2]],
        10,
        ['combination', 'triangle'],
    ],
    'one card a fault' => [[['FLT-06', 'receivers', 3]], 30, ['partner hands, heavy bag']],
    'a second card for what the first leaves' => [
        [['FLT-09', 'receivers', 3], ['FLT-11', 'receivers', 2]],
        30,
        ['three-count break', 'two small balls, then a football'],
    ],
    'no minutes' => [[['FLT-28', 'line', 2]], 0, []],
]);

it('says what became of a fault after its drill', function (array $before, array $after, Effect $said): void {
    $effect = new DrillEffect('combination', '2026-09-15', 2, Interval::of(...$before), Interval::of(...$after));

    expect($effect->state())->toBe($said);
})->with([
    'half as often on much film' => [[60, 300], [20, 300], Effect::Less],
    'less, but the intervals meet' => [[6, 60], [3, 60], Effect::Fewer],
    'as often' => [[6, 60], [6, 60], Effect::None],
    'a little more' => [[6, 60], [8, 60], Effect::None],
    'not seen before, once since' => [[0, 80], [1, 209], Effect::Unseen],
    'not seen before or since' => [[0, 80], [0, 209], Effect::Unseen],
    'not seen before, often since' => [[0, 80], [40, 80], Effect::More],
    'gone, on much film' => [[60, 300], [0, 300], Effect::Less],
    'more on much film' => [[20, 300], [60, 300], Effect::More],
    'not seen any more, and little film' => [[3, 60], [0, 40], Effect::Gone],
    'no film after it' => [[6, 60], [0, 0], Effect::TooEarly],
    'a snap short' => [[6, 60], [0, 29], Effect::TooEarly],
    'enough' => [[6, 60], [0, 30], Effect::Gone],
    'no film before it' => [[0, 0], [3, 60], Effect::TooEarly],
]);

/**
 * Graded snaps of a line, a line each: "day 10 game FLT-28 FLT-31", "day 10 practice".
 *
 * @param  list<string>  $said
 * @return list<GradedSnap>
 */
function drillSnaps(array $said, string $group = 'line'): array
{
    return array_map(function (string $one) use ($group): GradedSnap {
        [, $day, $kind] = explode(' ', $one);

        return new GradedSnap($group, (int) $day, $kind === 'game', array_slice(explode(' ', $one), 3));
    }, $said);
}

it('sees what the latest film before a day shows, within the window', function (array $snaps, array $seen): void {
    $found = DrillPlan::seen(drillSnaps($snaps), 20, 14);

    expect(array_map(fn (FaultSeen $f): array => [$f->fault, $f->group, $f->times], $found))->toBe($seen);
})->with([
    'on the latest day' => [['day 19 game FLT-28', 'day 19 game FLT-28'], [['FLT-28', 'line', 2]]],
    'on practice film, too' => [['day 19 practice FLT-28'], [['FLT-28', 'line', 1]]],
    'several of one snap' => [['day 19 game FLT-28 FLT-31'], [['FLT-28', 'line', 1], ['FLT-31', 'line', 1]]],
    'the first day of the window' => [['day 6 game FLT-28', 'day 19 game'], [['FLT-28', 'line', 1]]],
    'a day before the window' => [['day 5 game FLT-28', 'day 19 game'], []],
    'the window ends with the film, not with the day' => [['day 2 game FLT-28', 'day 9 game'], [['FLT-28', 'line', 1]]],
    'on the day itself' => [['day 20 game FLT-28'], []],
    'no film' => [[], []],
]);

it('counts a fault of the group in games before and after its drill', function (
    array $snaps,
    array $before,
    array $after,
    string $group = 'line',
): void {
    $drill = ShippedDrills::all()['combination'];
    $effect = DrillEffect::counted($drill, '2026-09-15', 1, drillSnaps($snaps, $group), 50, 60, 7);

    expect([$effect->before->hits, $effect->before->of])->toBe($before)
        ->and([$effect->after->hits, $effect->after->of])->toBe($after);
})->with([
    'before and after' => [['day 49 game FLT-28', 'day 49 game', 'day 50 game FLT-29'], [1, 2], [1, 1]],
    'two windows back, and no further' => [['day 36 game FLT-28', 'day 35 game FLT-28'], [1, 1], [0, 0]],
    'up to the practice, without its day' => [['day 59 game FLT-28', 'day 60 game FLT-28'], [0, 0], [1, 1]],
    'two of its faults on one snap are one' => [['day 50 game FLT-28 FLT-29'], [0, 0], [1, 1]],
    'another fault' => [['day 50 game FLT-31'], [0, 0], [0, 1]],
    'practice film is no game' => [['day 50 practice FLT-28'], [0, 0], [0, 0]],
    'another group' => [['day 50 game FLT-28'], [0, 0], [0, 0], 'backs'],
]);

it('gives drills in the periods without a script', function (PeriodKind $kind): void {
    expect($kind->hasDrills())->toBe(in_array($kind, [PeriodKind::Individual, PeriodKind::Group], true));
})->with(PeriodKind::cases());
