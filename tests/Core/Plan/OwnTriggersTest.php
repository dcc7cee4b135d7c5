<?php

/*
 * A trigger of the staff's own, put together from lists: what it counts, in which picture and window, and what it
 * refuses (PAC-12). Almost right is not right.
 */

use Jacotaxis\Core\Plan\Trigger\TriggerDocument;
use Jacotaxis\Core\Plan\Trigger\Watch;
use Jacotaxis\Core\Plan\Trigger\WatchedSnap;

/** @return array<string, mixed> what a staff has said: the corner sinks twice, then smash */
function ownTrigger(array $changed = []): array
{
    return $changed + ['name' => 'Their corner sinks', 'on' => [], 'any' => false, 'then' => ['smash'],
        'why' => 'the flat is open', 'formation' => null, 'within' => null,
        'needs' => [['kind' => 'corner', 'acts' => ['sinks'], 'box' => null, 'times' => 2]]];
}

/**
 * @param  list<WatchedSnap>  $snaps
 * @return array<string, string> state by picture
 */
function ownStates(array $changed, array $snaps): array
{
    return array_column(Watch::of($snaps, [TriggerDocument::read('own', ownTrigger($changed))]), 'state', 'picture');
}

it('counts what the staff waits for', function (array $changed, array $said, array $states): void {
    $snaps = array_map(fn (string|array $one): WatchedSnap => watched(...(array) $one), $said);

    expect(ownStates($changed, $snaps))->toBe($states);
})->with([
    'twice' => [[], ['zone: left corner sinks', 'smash: right corner sinks'], ['I' => 'due']],
    'once' => [[], ['zone: left corner sinks'], ['I' => 'one short']],
    'another man' => [[], ['zone: free safety sinks', 'zone: free safety sinks'], []],
    'another act' => [[], ['zone: left corner triggers', 'zone: left corner triggers'], []],
    'in two pictures, once each' => [
        [],
        [['zone: left corner sinks', 'I'], ['zone: left corner sinks', 'gun 2x2']],
        ['I' => 'one short', 'gun 2x2' => 'one short'],
    ],
    'in the formation that is meant' => [
        ['formation' => 'gun 2x2'],
        [
            ['zone: left corner sinks', 'gun 2x2'],
            ['zone: left corner sinks', 'gun 2x2'],
            ['zone: left corner sinks', 'I'],
        ],
        ['gun 2x2' => 'due'],
    ],
    'in another formation' => [['formation' => 'gun 2x2'], [['zone: left corner sinks', 'I']], []],
    'on the calls that are meant' => [
        ['on' => ['smash']],
        ['smash: left corner sinks', 'zone: left corner sinks', 'smash: left corner sinks'],
        ['I' => 'due'],
    ],
    'on other calls' => [['on' => ['smash']], ['zone: left corner sinks', 'zone: left corner sinks'], []],
    'within the window' => [
        ['within' => 3],
        ['zone: left corner sinks', 'zone', 'zone: left corner sinks'],
        ['I' => 'due'],
    ],
    'the first is out of the window' => [
        ['within' => 2],
        ['zone: left corner sinks', 'zone', 'zone: left corner sinks'],
        ['I' => 'one short'],
    ],
    'the window is the picture\'s own' => [
        ['within' => 2],
        [['zone: left corner sinks', 'I'], ['zone', 'gun 2x2'], ['zone: left corner sinks', 'I']],
        ['I' => 'due'],
    ],
    'either of two' => [
        ['any' => true, 'needs' => [
            ['kind' => 'corner', 'acts' => ['sinks'], 'box' => null, 'times' => 2],
            ['kind' => 'safety', 'acts' => ['triggers'], 'box' => null, 'times' => 1],
        ]],
        ['zone: free safety triggers'],
        ['I' => 'due'],
    ],
    'both of two, one seen' => [
        ['needs' => [
            ['kind' => 'corner', 'acts' => ['sinks'], 'box' => null, 'times' => 2],
            ['kind' => 'safety', 'acts' => ['triggers'], 'box' => null, 'times' => 1],
        ]],
        ['zone: free safety triggers'],
        ['I' => 'begun'],
    ],
    'anybody' => [
        ['needs' => [['kind' => '', 'acts' => ['sinks', 'contains'], 'box' => null, 'times' => 2]]],
        ['zone: mike sinks', 'zone: left end contains'],
        ['I' => 'due'],
    ],
    'men in the box' => [
        ['needs' => [['kind' => '', 'acts' => [], 'box' => 8, 'times' => 1]]],
        [['zone', 'I', null, null, 8]],
        ['I' => 'due'],
    ],
    'a man too few in the box' => [
        ['needs' => [['kind' => '', 'acts' => [], 'box' => 8, 'times' => 1]]],
        [['zone', 'I', null, null, 7]],
        [],
    ],
]);

it('refuses what could never come, and says how to cure it', function (array $changed, string $says): void {
    expect(fn () => TriggerDocument::read('own', ownTrigger($changed)))->toThrow(DomainException::class, $says);
})->with([
    'nothing to see' => [['needs' => []], 'Say what has to be seen'],
    'nothing to call' => [['then' => []], 'Say what to call then'],
    'no act' => [
        ['needs' => [['kind' => 'corner', 'acts' => [], 'box' => null, 'times' => 1]]],
        'Say what he has to do',
    ],
    'an act that is none' => [
        ['needs' => [['kind' => 'corner', 'acts' => ['yells'], 'box' => null, 'times' => 1]]],
        'No act is called "yells"',
    ],
    'a kind that is none' => [
        ['needs' => [['kind' => 'umpire', 'acts' => ['sinks'], 'box' => null, 'times' => 1]]],
        'There is no kind of defender "umpire": say one of safety, corner, backer, end',
    ],
    'more often than the window is long' => [
        ['within' => 1],
        'It can never come: 2 times are wanted in the last 1 snaps.',
    ],
]);
