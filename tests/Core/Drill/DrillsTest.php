<?php

/*
 * The drill cards that ship (PRA-01 to PRA-04, PRA-10): every drill of the fault library has one, each says what a card
 * must say, and in the other direction everything lies across the middle with the feet swapped.
 */

use App\Practice\ShippedDrills;
use Jacotaxis\Core\Drill\Drill;
use Jacotaxis\Core\Drill\DrillDocument;
use Jacotaxis\Core\Drill\Foot;
use Jacotaxis\Core\Drill\Mark;
use Jacotaxis\Core\Drill\Path;
use Jacotaxis\Core\Drill\Step;
use Jacotaxis\Core\Grade\Library\FaultKeys;
use Jacotaxis\Core\Grade\Library\Library;

/** @return array<string, array{Drill}> */
function everyDrill(): array
{
    return array_map(fn (Drill $d): array => [$d], ShippedDrills::all());
}

/** A card as it is sent, with something changed. */
function drillSent(array $changed = []): array
{
    return $changed + DrillDocument::write(ShippedDrills::all()['three-count break']);
}

it('has a card for every drill of the fault library, and the card names the fault', function (string $fault): void {
    $drill = Library::entry($fault)['drill'];
    $card = ShippedDrills::all()[$drill] ?? null;

    expect($card)->not->toBeNull("no card \"$drill\"")
        ->and($card?->faults)->toContain($fault);
})->with(fn (): array => array_values(array_filter(
    Library::ids(),
    fn (string $id): bool => Library::entry($id)['drill'] !== null,
)));

it('has the drills of release, break, hands and the option week', function (string $name, string $group): void {
    expect(ShippedDrills::all()[$name]->group)->toBe($group);
})->with([
    'PRA-02 cone release' => ['cone release', 'receivers'],
    'PRA-03 breaks below full speed' => ['break drill', 'receivers'],
    'PRA-03 warm-up catch' => ['warm-up catch', 'receivers'],
    'PRA-04 chop and rip' => ['chop and rip', 'receivers'],
    'PRA-04 counter' => ['counter to a step', 'receivers'],
    'PRA-04 hands' => ['partner hands, heavy bag', 'receivers'],
    'PRA-04 arc' => ['arc', 'tight ends'],
    'PRA-10 option week' => ['option walk-through', 'quarterback'],
]);

it('says what a card must say (PRA-01)', function (Drill $drill): void {
    foreach (['purpose', 'start', 'finish', 'tempo', 'rotation'] as $said) {
        expect($drill->$said)->not->toBe('', "$drill->name says no $said");
    }
    expect(FaultKeys::GROUPS)->toContain($drill->group)
        ->and($drill->equipment)->not->toBe([])
        ->and(count($drill->cues))->toBeGreaterThanOrEqual(2)
        ->and($drill->minutes)->toBeGreaterThanOrEqual(5)->toBeLessThanOrEqual(10)
        ->and($drill->contact && $drill->caution === null)->toBeFalse();
    $runs = array_filter($drill->paths, fn (Path $p): bool => ! $p->isBall);
    expect($runs)->not->toBe([]);
    foreach ($runs as $path) {
        expect($path->lengthYd())->toBeGreaterThan(0.0)->toBeLessThan(40.0);
    }
})->with(everyDrill(...));

it('counts the steps of a man in order, each on the other foot', function (Drill $drill): void {
    foreach ($drill->paths as $path) {
        $counted = array_values(array_filter($path->steps, fn (Step $s): bool => $s->count !== null));
        $feet = array_map(fn (Step $s): ?Foot => $s->foot, $counted);
        expect(array_map(fn (Step $s): ?int => $s->count, $counted))
            ->toBe($counted === [] ? [] : range(1, count($counted)), $drill->name);
        foreach (array_slice($feet, 1) as $n => $foot) {
            expect($foot)->toBe($feet[$n]?->other(), "$drill->name, count ".($n + 2));
        }
    }
})->with(everyDrill(...));

it('lies across the middle in the other direction, and twice is itself', function (Drill $drill): void {
    $other = $drill->mirrored();
    foreach ($drill->paths as $n => $path) {
        foreach ($path->steps as $m => $step) {
            expect($other->paths[$n]->steps[$m]->xYd)->toBe(0.0 - $step->xYd)
                ->and($other->paths[$n]->steps[$m]->yYd)->toBe($step->yYd)
                ->and($other->paths[$n]->steps[$m]->foot)->toBe($step->foot?->other())
                ->and($other->paths[$n]->steps[$m]->count)->toBe($step->count);
        }
        expect($other->paths[$n]->lengthYd())->toEqualWithDelta($path->lengthYd(), 1e-9);
    }
    foreach (['cones', 'bags'] as $marks) {
        expect(array_map(fn (Mark $m): array => [0.0 - $m->xYd, $m->yYd, $m->label], $other->$marks))
            ->toBe(array_map(fn (Mark $m): array => [$m->xYd, $m->yYd, $m->label], $drill->$marks));
    }
    expect($other->coach->xYd)->toBe(0.0 - $drill->coach->xYd)
        ->and($other->mirrored())->toEqual($drill);
})->with(everyDrill(...));

it('is the same after it is written and read', function (Drill $drill): void {
    $written = json_encode(DrillDocument::write($drill), JSON_THROW_ON_ERROR);

    expect(DrillDocument::read(json_decode($written, true)))->toEqual($drill);
})->with(everyDrill(...));

it('refuses what cannot be, and says how to cure it', function (array $changed, string $says): void {
    expect(fn () => DrillDocument::read(drillSent($changed)))->toThrow(DomainException::class, $says);
})->with([
    'no such group' => [['group' => 'punters'], 'There is no group "punters": say one of quarterback, backs,'],
    'a path of nobody' => [
        ['paths' => [['man' => 'Z', 'points' => [['xYd' => 0, 'yYd' => 0]]]]],
        'A path is Z\'s, who is not among the men (X, Q): add him there.',
    ],
    'two of one letter' => [
        ['men' => [['letter' => 'X', 'role' => 'a'], ['letter' => 'X', 'role' => 'b']]],
        'Two men of the drill have one letter',
    ],
    'no such fault' => [['faults' => ['FLT-99']], 'The library has no fault "FLT-99"'],
    'praise is no fault' => [['faults' => ['PRS-01']], 'The library has no fault "PRS-01"'],
]);

it('takes a ball the coach throws, and no run of his', function (bool $isBall): void {
    $read = fn (): Drill => DrillDocument::read(drillSent(['paths' => [
        ['man' => 'C', 'ball' => $isBall, 'points' => [['xYd' => 0, 'yYd' => 0], ['xYd' => 3, 'yYd' => 4]]],
    ]]));

    $isBall ? expect($read()->paths[0]->lengthYd())->toBe(5.0) : expect($read)->toThrow(DomainException::class);
})->with([true, false]);
