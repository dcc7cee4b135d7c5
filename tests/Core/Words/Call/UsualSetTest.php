<?php

/*
 * What a call leaves out and a staff still means: the set, who goes in motion, the run a pass is faked off. Each is
 * told as assumed. Common practice without a published source.
 */

use Jacotaxis\Core\Words\CallParser;
use Jacotaxis\Core\Words\Describer;
use Jacotaxis\Core\Words\NotUnderstood;

it('stands a call without a formation in the usual set that has its men', function (
    string $typed,
    string $means,
    string $told,
): void {
    $call = CallParser::parse($typed);

    expect(Describer::words($call))->toBe($means)
        ->and($call->assumed[0])->toBe($told);
})->with([
    'two and two' => ['smash', 'gun 2x2 right: smash right', 'formation gun 2x2 right: none is said'],
    'to the side said' => ['smash lt', 'gun 2x2 left: smash left', 'formation gun 2x2 left: none is said'],
    'three on a side' => [
        '#3 corner, #2 flat, #1 curl',
        'gun trips right: curl-flat right; Y corner',
        'formation gun trips right: none is said',
    ],
    'a fullback' => ['iso rt', 'under center I right: iso right', 'formation under center I right: none is said'],
    'slots' => [
        'midline lt',
        'under center double-slot left: midline left',
        'formation under center double-slot left: none is said',
    ],
    'a wing' => [
        'buck sweep rt',
        'under center wing right: buck right',
        'formation under center wing right: none is said',
    ],
    'any set will do' => ['zone read lt', 'gun 2x2 left: zone left', 'formation gun 2x2 left: none is said'],
    'a situation before it' => [
        '3rd & 6 | smash',
        '3rd & 6, ball on -40, middle | gun 2x2 right: smash right',
        'formation gun 2x2 right: none is said',
    ],
    'a situation with a colon' => [
        'goal line: fade lt',
        '1st & 3, ball on 3, middle | gun 2x2 left: Z go outside release',
        'formation gun 2x2 left: none is said',
    ],
    'a roll before it' => [
        'sprint lt smash',
        'gun 2x2 left, half-boot left: smash left',
        'formation gun 2x2 left: none is said',
    ],
    'two calls' => [
        'power rt kill zone lt',
        'gun 2x2 right: power right; kill to zone left if numbers',
        'formation gun 2x2 right: none is said',
    ],
]);

it('assumes no set where one is meant, and tells of the word it does not know', function (
    string $typed,
    string $says,
): void {
    expect(fn () => CallParser::parse($typed))->toThrow(NotUnderstood::class, $says);
})->with([
    'a set misspelt' => ['trisp rt: stick', '"trisp" is not a set'],
    'a set with an unknown word' => ['gun trips rt flibber: stick', '"flibber" is not a side, motion or drop'],
    'a word nobody knows' => ['flibber rt', '"flibber" is not a man, family or run here'],
    'a family with one' => ['smash flibber', '"flibber" is not a man or family here'],
    'a set alone' => ['trips', 'no routes and no run'],
    'a name of several meanings' => ['twins rt: smash', 'Staffs mean different things by it'],
]);

it('assumes no formation where one is said', function (string $typed): void {
    $told = implode(' | ', CallParser::parse($typed)->assumed);

    expect($told)->not->toContain('none is said');
})->with(['gun trips rt stick', 'trips stick', 'gun: smash', 'stick from trips lt', 'wildcat counter lt']);

it('sends the usual man in motion where nobody is named', function (string $typed, string $means, string $told): void {
    $call = CallParser::parse($typed);

    expect(Describer::words($call))->toBe($means)
        ->and($call->assumed)->toContain($told);
})->with([
    'the slot from the other side' => [
        'gun doubles, jet rt, zone lt',
        'gun 2x2 right, Y jet right: zone left',
        'jet motion by Y',
    ],
    'the other way' => ['gun doubles, jet lt, zone rt', 'gun 2x2 right, H jet left: zone right', 'jet motion by H'],
    'who is alone there' => [
        'gun trips rt, jet rt, zone lt',
        'gun trips right, X jet right: zone left',
        'jet motion by X',
    ],
    'around behind' => [
        'gun doubles, orbit motion rt: zone lt',
        'gun 2x2 right, Y orbit right: zone left',
        'orbit motion by Y',
    ],
    'the throw is his' => [
        'gun doubles, orbit rt, zone lt, swing',
        'gun 2x2 right, Y orbit right: zone left, rpo: Y swing',
        'swing by Y',
    ],
]);

it('leaves the jet a run where it is one, and the motion his who is named', function (string $typed, string $means): void {
    expect(Describer::words(CallParser::parse($typed)))->toBe($means);
})->with([
    ['gun doubles: jet rt', 'gun 2x2 right: jet right'],
    ['gun doubles, jet sweep lt', 'gun 2x2 right: jet left'],
    ['gun doubles, H jet lt, zone rt', 'gun 2x2 right, H jet left: zone right'],
    ['gun doubles, Z jet lt: zone rt', 'gun 2x2 right, Z jet left: zone right'],
]);

it('fakes the usual run where the play-action names none', function (string $typed, string $means, string $told): void {
    $call = CallParser::parse($typed);

    expect(Describer::words($call))->toBe($means)
        ->and($call->assumed)->toContain($told);
})->with([
    [
        'gun trips rt: PA flood',
        'gun trips right, zone fake: flood right',
        'fakes zone: no run is said with the play-action',
    ],
    [
        'ace rt play action yankee',
        'under center ace right, zone fake: yankee right',
        'fakes zone: no run is said with the play-action',
    ],
    [
        'flexbone rt: play action verts',
        'under center double-slot right, triple fake: four verticals right',
        'fakes triple: no run is said with the play-action',
    ],
]);

it('fakes what is said, and a boot what goes with it', function (string $typed, string $means): void {
    $call = CallParser::parse($typed);

    expect(Describer::words($call))->toBe($means)
        ->and(implode(' | ', $call->assumed))->not->toContain('play-action');
})->with([
    ['gun trips rt pa power rt: flood', 'gun trips right, power right fake: flood right'],
    ['ace rt pa boot lt', 'under center ace right, boot left: boot flood left'],
    ['gun trips rt flood', 'gun trips right: flood right'],
]);

it('tells of a family that another word takes away, and of no other', function (string $typed, bool $gone): void {
    $told = implode(' | ', CallParser::parse($typed)->assumed);

    expect(str_contains($told, 'any more'))->toBe($gone);
})->with([
    'the corner is gone' => ['gun 2x2 rt: smash rt; H dig', true],
    'the hitch stays a hitch' => ['gun 2x2 rt: smash rt; X dig', false],
    'one of four bends' => ['gun trips rt: 4 verts, H bender', false],
    'one of four stops' => ['gun trips rt: 4 verts, H curl', true],
    'nothing is changed' => ['gun trips rt: flood', false],
]);

it('turns a family of both sides to where its men stand, and no other', function (string $typed, string $means): void {
    expect(Describer::words(CallParser::parse($typed)))->toBe($means);
})->with([
    'mesh from three on the other side' => ['gun trips rt: mesh lt', 'gun trips right: mesh right'],
    'verticals' => ['gun trips rt: verts lt', 'gun trips right: four verticals right'],
    'two stand there' => ['gun 2x2 rt: mesh lt', 'gun 2x2 right: mesh left'],
    'a family of one side stays' => ['gun 2x2 rt: smash lt', 'gun 2x2 right: smash left'],
]);

it('reads backside after a family as the side away', function (string $typed, string $means): void {
    expect(Describer::words(CallParser::parse($typed)))->toBe($means);
})->with([
    ['gun 2x2 rt: stick, slants backside', 'gun 2x2 right: stick right; double slants left'],
    ['gun 2x2 rt: smash; curl-flat backside', 'gun 2x2 right: smash right; curl-flat left'],
    ['gun trips rt: levels w/ backside post', 'gun trips right: levels right; X post'],
]);
