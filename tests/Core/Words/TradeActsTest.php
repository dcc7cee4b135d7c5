<?php

/*
 * Men of a look and what they do, in words of the trade; and words that are left alone because who is meant, or what he
 * does, does not follow. Common practice without a published source.
 */

use Jacotaxis\Core\Words\Trade\Look\DefendersSaid;
use Jacotaxis\Core\Words\Trade\Look\TradeActs;

it('reads men and what they do in any order', function (string $front, string $said, string $means): void {
    expect(TradeActs::of($said, $front))->toBe($means);
})->with([
    'a verb before two men' => ['4-2 nickel', 'bring the ss and will', 'strong safety plays rush, will plays rush'],
    'a pair of one kind' => ['3-4', 'ilbs cross blitz', 'mike blitz, will blitz'],
    'both at the edges' => ['3-3 stack', 'sam and will off the edges', 'sam plays rush, will plays rush'],
    'all of a kind' => ['3-3 stack', 'all three backers blitz', 'backers blitz'],
    'all of a kind, said last' => ['5-3', 'backers all blitz', 'backers blitz'],
    'outside backers of a three-four' => ['3-4', 'both olbs come', 'sam plays rush, jack plays rush'],
    'outside backers of a four-four' => ['4-4', 'outside backers blitz', 'sam blitz, rover blitz'],
    'the strong one, side before' => ['tite', 'strong olb comes', 'sam plays rush'],
    'the weak one, side after' => ['4-3 over', 'olb blitz weak', 'will blitz'],
    'a corner by the side he comes from' => ['4-2 nickel', 'corner blitz from the boundary', 'boundary corner blitz'],
    'an overhang by his side' => ['tite', 'overhang field off the edge', 'field overhang plays rush'],
    'a name the front has for another' => ['4-3 over', 'star off the edge', 'sam plays rush'],
    'the same name with a fifth back' => ['4-2 nickel', 'star off the edge', 'nickel plays rush'],
    'two acts of the corners' => ['4-2 nickel', 'corners outside and soft', 'corners outside, corners off'],
    'how far off' => ['4-4', 'corners 8 off', 'corners off 8'],
    'one who squats' => ['4-2 nickel', 'boundary corner squats', 'boundary corner off 5'],
    'where he drops' => ['4-2 nickel', 'ss drops to the hook', 'strong safety plays hook'],
    'which flat' => ['4-2 nickel', 'nickel drops to the flat', 'nickel plays flat'],
    'who robs' => ['4-2 nickel', 'robber by the free safety', 'free safety plays robber'],
    'who walks up' => ['4-3 under', 'sam walked up on the line', 'walked sam'],
    'who is mugged in a gap' => ['4-3 over', 'mike mugged in the a gap', 'walked mike'],
    'a blitz to a side stays one' => ['tite', 'will blitz boundary', 'will blitz boundary'],
    'a cross to a side stays one' => ['4-2 nickel', 'nickel crosses left', 'nickel cross left'],
    'an end who squeezes to a side' => ['4-3 over', 'ends squeeze right', 'ends squeeze right'],
    'two parts' => ['3-4', 'jack drops, ilbs blitz', 'jack plays hook, mike blitz, will blitz'],
]);

it('leaves alone what does not follow', function (string $front, string $said): void {
    expect(TradeActs::of($said, $front))->toBe($said);
})->with([
    'which outside backer is not said' => ['3-4', 'olb blitz'],
    'a front without outside backers' => ['4-2 nickel', 'olbs blitz'],
    'a front without two inside backers' => ['6-1', 'ilbs blitz'],
    'which corner is not said' => ['4-2 nickel', 'corner blitz'],
    'an act of corners by a backer' => ['4-3 over', 'mike off'],
    'an act of ends by a backer' => ['4-3 over', 'mike crash'],
    'no star stands there' => ['5-2', 'star comes'],
    'two men and no act' => ['4-3 over', 'mike and will'],
    'words of the language' => ['4-2 nickel', 'nickel plays man on H'],
    'another part of a look' => ['4-2 nickel', 'safety rotates weak'],
]);

it('knows whom a front has by what coaches call them', function (
    string $front,
    string $said,
    string $side,
    ?array $men,
): void {
    expect(DefendersSaid::in($front)->men($said, $side))->toBe($men);
})->with([
    ['4-2 nickel', 'the ss', '', ['strong safety']],
    ['4-4', 'ss', '', ['rover']],
    ['6-2', 'ss', '', null],
    ['4-3 over', 'fs and ss', '', ['free safety', 'strong safety']],
    ['3-4', 'both ilbs', '', ['mike', 'will']],
    ['4-1 dime', 'ilbs', '', null],
    ['3-4', 'weak olb', '', ['jack']],
    ['3-4', 'olb', 'strong', ['sam']],
    ['3-4', 'olb', '', null],
    ['3-4', 'olbs', '', ['sam', 'jack']],
    ['4-2 nickel', 'corner', 'field', ['field corner']],
    ['4-2 nickel', 'corner', '', null],
    ['4-3 over', 'both ends', '', ['ends']],
    ['4-3 over', 'all the backers', '', ['backers']],
]);
