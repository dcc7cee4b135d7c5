<?php

use Jacotaxis\Core\Blocking\Run\Block;
use Jacotaxis\Core\Blocking\Run\Catalogue\JobRow;
use Jacotaxis\Core\Blocking\Run\Catalogue\KeyRow;
use Jacotaxis\Core\Blocking\Run\Catalogue\Schemes;
use Jacotaxis\Core\Blocking\Run\Resolved;
use Jacotaxis\Core\Blocking\Run\Resolver;
use Jacotaxis\Core\Blocking\Run\RunCall;
use Jacotaxis\Core\Blocking\Run\Told\Branch;
use Jacotaxis\Core\Blocking\Run\Told\Branches;
use Jacotaxis\Core\Blocking\Run\Told\Technique;
use Jacotaxis\Core\Blocking\Run\UnknownRun;
use Jacotaxis\Core\Blocking\Run\Verb;
use Jacotaxis\Core\Concept\Call;
use Jacotaxis\Core\Defense\Fronts;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Offense\Formation;
use Jacotaxis\Core\Offense\Sets;
use Jacotaxis\Core\Proof\Proving;
use Jacotaxis\Core\Proof\Run\RunProof;
use Jacotaxis\Core\Proof\Scene\Scene;
use Jacotaxis\Core\Proof\Scene\Setting;
use Jacotaxis\Core\Words\CallParser;
use Jacotaxis\Core\Words\LookParser;
use Tests\Core\Blocking\LineAudit;

/*
 * Each of the eleven men as a line coach reads him, scheme by scheme and front by front (jobs.md; INZ, RUN, JET, VER,
 * MID, FRZ, LOD, FBL, ARC; common practice, no source). The quarterback's order is his keys.
 */

it('gives each of the eleven his job', function (string $call, string $look, array $jobs, array $keys,
    array $free): void {
    $resolved = carried($call, $look)->resolved;
    $done = array_map(fn (Block $b): string => $b->words(), $resolved->blocks);
    expect($done)->toHaveCount(11)
        ->and($resolved->blocks['Q']->verb)->toBe(Verb::Quarterback)
        ->and(array_column($resolved->keys, 'role'))->toBe($keys)
        ->and($resolved->unaccounted)->toBe($free);
    unset($done['Q']);
    ksort($done);
    ksort($jobs);
    expect($done)->toBe($jobs);
})->with([
    'inside zone, 4-3 over (INZ-02, INZ-06, INZ-09)' => ['gun 2x2: zone right', '4-3 over, cover 3', [
        'LT' => 'Checks the near hip of LG, climbs to the will',
        'LG' => 'Doubles the left tackle with C, keeps him',
        'C' => 'Doubles the left tackle with LG, climbs to the mike',
        'RG' => 'Blocks the right tackle',
        'RT' => 'Blocks the right end',
        'R' => 'Carries the ball',
        'Y' => 'Stalks the strong safety, one yard in front of him',
        'X' => 'Cuts off the left corner',
        'H' => 'Stalks the sam, one yard in front of him',
        'Z' => 'Stalks the right corner, one yard in front of him',
    ], ['left end'], []],
    'inside zone, 3-4: center and backside guard on the nose (INZ-10)' => ['gun 2x2: zone right', '3-4, cover 4', [
        'LT' => 'Blocks the left end',
        'LG' => 'Doubles the nose with C, climbs to the will',
        'C' => 'Doubles the nose with LG, keeps him',
        'RG' => 'Doubles the right end with RT, climbs to the mike',
        'RT' => 'Doubles the right end with RG, keeps him',
        'R' => 'Carries the ball',
        'Y' => 'Stalks the free safety, one yard in front of him',
        'X' => 'Cuts off the left corner',
        'H' => 'Stalks the sam, one yard in front of him',
        'Z' => 'Stalks the right corner, one yard in front of him',
    ], ['jack'], []],
    'triple from the wishbone, 5-2: the halfback leads on who comes to the pitch' => [
        'wishbone right: triple right', '5-2, cover 3', [
            'LT' => 'Steps to the hip of the backside guard, shuts the gap on the left tackle',
            'LG' => 'Doubles the nose with C, climbs to the will',
            'C' => 'Doubles the nose with LG, keeps him',
            'RG' => 'Climbs to the mike',
            'RT' => 'Releases outside the read man to the free safety',
            'F' => 'Carries the ball',
            'H' => 'Takes the pitch',
            'R' => 'Leads on the strong safety',
            'X' => 'Cuts off the left corner',
            'Y' => 'Climbs to the right corner',
        ], ['right tackle', 'right end'], []],
    'triple from the wishbone to the split end, 4-3 over: he leads on the sam' => [
        'wishbone right: triple left', '4-3 over, cover 3', [
            'LT' => 'Releases outside the read man to the free safety',
            'LG' => 'Climbs to the will',
            'C' => 'Blocks the left tackle',
            'RG' => 'Doubles the right tackle with RT, climbs to the mike',
            'RT' => 'Steps to the hip of the backside guard, shuts the gap on the right tackle',
            'F' => 'Carries the ball',
            'H' => 'Leads on the sam',
            'R' => 'Takes the pitch',
            'X' => 'Stalks the left corner, one yard in front of him',
            'Y' => 'Blocks the right end',
        ], ['left end', 'strong safety'], []],
    'iso from three backs, 4-3 over: the deep back carries, both others lead' => [
        'power I right: iso right', '4-3 over, cover 3', [
            'LT' => 'Blocks the left end',
            'LG' => 'Doubles the left tackle with C, climbs to the will',
            'C' => 'Doubles the left tackle with LG, keeps him',
            'RG' => 'Doubles the right tackle with RT, keeps him',
            'RT' => 'Doubles the right tackle with RG, climbs to the free safety',
            'F' => 'Leads on the mike',
            'H' => 'Leads on the sam',
            'R' => 'Carries the ball',
            'X' => 'Cuts off the left corner',
            'Y' => 'Blocks the right end',
        ], [], []],
    'quarterback wham off jet, 4-2 (JET-06)' => ['gun two-back right, Z jet left: quarterback wham left',
        '4-2 nickel, cover 3', [
            'LT' => 'Doubles the left end with LG, keeps him',
            'LG' => 'Doubles the left end with LT, climbs to the free safety',
            'C' => 'Blocks the left tackle',
            'RG' => 'Doubles the right tackle with RT, climbs to the mike',
            'RT' => 'Doubles the right tackle with RG, keeps him',
            'F' => 'Leads on the will',
            'R' => 'Releases around the end to the strong safety, outside shoulder',
            'X' => 'Stalks the left corner, one yard in front of him',
            'Y' => 'Reaches the right end',
            'Z' => 'Carries out his fake',
        ], [], []],
    'quarterback wham off jet, 3-4' => ['gun 2x2 right, H jet left: quarterback wham left', '3-4, cover 3', [
        'LT' => 'Reaches the jack',
        'LG' => 'Reaches the left end',
        'C' => 'Blocks the nose',
        'RG' => 'Blocks the right end',
        'RT' => 'Blocks the sam',
        'R' => 'Leads on the will',
        'Y' => 'Stalks the strong safety, one yard in front of him',
        'X' => 'Stalks the left corner, one yard in front of him',
        'H' => 'Carries out his fake',
        'Z' => 'Cuts off the right corner',
    ], [], ['mike']],
    'quarterback power, 4-3 over' => ['gun trips right: quarterback power right', '4-3 over, cover 3', [
        'LT' => 'Blocks the left end',
        'LG' => 'Pulls and wraps to the will',
        'C' => 'Blocks the left tackle',
        'RG' => 'Doubles the right tackle with RT, climbs to the free safety',
        'RT' => 'Doubles the right tackle with RG, keeps him',
        'R' => 'Kicks out the right end',
        'X' => 'Cuts off the left corner',
        'Y' => 'Stalks the mike, one yard in front of him',
        'H' => 'Stalks the sam, one yard in front of him',
        'Z' => 'Stalks the right corner, one yard in front of him',
    ], [], []],
    'quarterback draw, 4-2' => ['gun 2x2 right: quarterback draw right', '4-2 nickel, cover 3', [
        'LT' => 'Blocks the left end',
        'LG' => 'Doubles the left tackle with C, keeps him',
        'C' => 'Doubles the left tackle with LG, climbs to the mike',
        'RG' => 'Blocks the right tackle',
        'RT' => 'Blocks the right end',
        'R' => 'Leads on the will',
        'Y' => 'Stalks the strong safety, one yard in front of him',
        'X' => 'Cuts off the left corner',
        'H' => 'Stalks the nickel, one yard in front of him',
        'Z' => 'Stalks the right corner, one yard in front of him',
    ], [], []],
    'quarterback sneak, 4-4' => ['under center I right: quarterback sneak right', '4-4, cover 3', [
        'LT' => 'Blocks the left end',
        'LG' => 'Doubles the left tackle with C, keeps him',
        'C' => 'Doubles the left tackle with LG, climbs to the will',
        'RG' => 'Blocks the right tackle',
        'RT' => 'Doubles the right end with Y, climbs to the mike',
        'F' => 'Carries out his fake',
        'R' => 'Carries out his fake',
        'X' => 'Cuts off the left corner',
        'Y' => 'Doubles the right end with RT, keeps him',
        'Z' => 'Stalks the right corner, one yard in front of him',
    ], [], []],
    'inside zone, tite' => ['gun 2x2: zone right', 'tite, cover 4', [
        'LT' => 'Blocks the left end',
        'LG' => 'Doubles the nose with C, climbs to the will',
        'C' => 'Doubles the nose with LG, keeps him',
        'RG' => 'Doubles the right end with RT, keeps him',
        'RT' => 'Doubles the right end with RG, climbs to the mike',
        'R' => 'Carries the ball',
        'Y' => 'Stalks the free safety, one yard in front of him',
        'X' => 'Cuts off the left corner',
        'H' => 'Stalks the sam, one yard in front of him',
        'Z' => 'Stalks the right corner, one yard in front of him',
    ], ['jack'], []],
    'outside zone, 3-4' => ['gun 2x2: outside zone right', '3-4, cover 4', [
        'LT' => 'Blocks the left end',
        'LG' => 'Doubles the nose with C, keeps him',
        'C' => 'Doubles the nose with LG, climbs to the will',
        'RG' => 'Doubles the right end with RT, climbs to the mike',
        'RT' => 'Doubles the right end with RG, keeps him',
        'R' => 'Carries the ball',
        'Y' => 'Stalks the free safety, one yard in front of him',
        'X' => 'Cuts off the left corner',
        'H' => 'Stalks the sam, one yard in front of him',
        'Z' => 'Stalks the right corner, one yard in front of him',
    ], ['jack'], []],
    'split zone, 4-2' => ['gun H-back right: split zone right', '4-2 nickel, cover 4', [
        'LT' => 'Checks the near hip of LG, climbs to the will',
        'LG' => 'Doubles the left tackle with C, keeps him',
        'C' => 'Doubles the left tackle with LG, climbs to the mike',
        'RG' => 'Blocks the right tackle',
        'RT' => 'Blocks the right end',
        'R' => 'Carries the ball',
        'Y' => 'Stalks the free safety, one yard in front of him',
        'X' => 'Cuts off the left corner',
        'H' => 'Split block on the left end',
        'Z' => 'Stalks the right corner, one yard in front of him',
    ], [], ['nickel']],
    'duo, 4-2' => ['under center wing right: duo right', '4-2 nickel, cover 4', [
        'LT' => 'Blocks the left end',
        'LG' => 'Doubles the left tackle with C, climbs to the will',
        'C' => 'Doubles the left tackle with LG, keeps him',
        'RG' => 'Blocks the right tackle',
        'RT' => 'Doubles the right end with Y, climbs to the mike',
        'R' => 'Carries the ball',
        'H' => 'Stalks the free safety, one yard in front of him',
        'X' => 'Cuts off the left corner',
        'Y' => 'Doubles the right end with RT, keeps him',
        'Z' => 'Checks the near hip of Y, climbs to the nickel',
    ], [], []],
    'power, 4-3 over' => ['under center I right: power right', '4-3 over, cover 4', [
        'LT' => 'Blocks the left end',
        'LG' => 'Pulls and wraps to the mike',
        'C' => 'Blocks the left tackle',
        'RG' => 'Doubles the right tackle with RT, climbs to the will',
        'RT' => 'Doubles the right tackle with RG, keeps him',
        'F' => 'Kicks out the right end',
        'R' => 'Carries the ball',
        'X' => 'Cuts off the left corner',
        'Y' => 'Checks the near hip of RT, climbs to the sam',
        'Z' => 'Stalks the right corner, one yard in front of him',
    ], [], []],
    'power, 4-4: the end is inside the tight end' => ['under center I right: power right', '4-4, cover 3', [
        'LT' => 'Blocks the left end',
        'LG' => 'Pulls and wraps to the mike',
        'C' => 'Blocks the left tackle',
        'RG' => 'Doubles the right tackle with RT, climbs to the will',
        'RT' => 'Doubles the right tackle with RG, keeps him',
        'F' => 'Kicks out the sam',
        'R' => 'Carries the ball',
        'X' => 'Cuts off the left corner',
        'Y' => 'Blocks down on the right end',
        'Z' => 'Stalks the right corner, one yard in front of him',
    ], [], []],
    'power, 4-2: the nickel is too far away, the end is kicked' => [
        'under center I right: power right', '4-2 nickel, cover 3', [
            'LT' => 'Blocks the left end',
            'LG' => 'Pulls and wraps to the mike',
            'C' => 'Blocks the left tackle',
            'RG' => 'Doubles the right tackle with RT, climbs to the will',
            'RT' => 'Doubles the right tackle with RG, keeps him',
            'F' => 'Kicks out the right end',
            'R' => 'Carries the ball',
            'X' => 'Cuts off the left corner',
            'Y' => 'Checks the near hip of RT, climbs to the nickel',
            'Z' => 'Stalks the right corner, one yard in front of him',
        ], [], [],
    ],
    'power from the double wing, 4-4' => ['under center double-wing right: power right', '4-4, cover 3', [
        'LT' => 'Doubles the left end with X, climbs to the will',
        'LG' => 'Pulls and wraps to the mike',
        'C' => 'Blocks the left tackle',
        'RG' => 'Blocks the right tackle',
        'RT' => 'Doubles the right end with Y, climbs to the free safety',
        'F' => 'Carries the ball',
        'X' => 'Doubles the left end with LT, keeps him',
        'H' => 'Climbs to the second level',
        'Y' => 'Doubles the right end with RT, keeps him',
        'Z' => 'Kicks out the sam',
    ], [], []],
    'counter, 4-4' => ['under center wing right: counter right', '4-4, cover 3', [
        'LT' => 'Pulls and wraps to the mike',
        'LG' => 'Pulls and kicks out the sam',
        'C' => 'Blocks the left tackle',
        'RG' => 'Doubles the right tackle with RT, climbs to the will',
        'RT' => 'Doubles the right tackle with RG, keeps him',
        'R' => 'Carries the ball',
        'H' => 'Stalks the rover, one yard in front of him',
        'X' => 'Cuts off the left corner',
        'Y' => 'Blocks down on the right end',
        'Z' => 'Climbs to the free safety',
    ], [], ['left end']],
    'pin and pull without a wing, 4-3 over: the guard has the Sam' => [
        'under center ace right: pin and pull right', '4-3 over, cover 4', [
            'LT' => 'Doubles the left end with H, climbs to the will',
            'LG' => 'Reaches the left tackle',
            'C' => 'Pulls and wraps to the mike',
            'RG' => 'Pulls and kicks out the sam',
            'RT' => 'Blocks down on the right tackle',
            'R' => 'Carries the ball',
            'H' => 'Doubles the left end with LT, keeps him',
            'X' => 'Cuts off the left corner',
            'Y' => 'Blocks the right end',
            'Z' => 'Stalks the right corner, one yard in front of him',
        ], [], [],
    ],
    'pin and pull with a wing, 4-3 over: the wing climbs to the Sam' => [
        'under center wing right: pin and pull right', '4-3 over, cover 3', [
            'LT' => 'Checks the near hip of LG, climbs to the will',
            'LG' => 'Reaches the left tackle',
            'C' => 'Pulls and wraps to the mike',
            'RG' => 'Pulls and kicks out the right corner',
            'RT' => 'Blocks down on the right tackle',
            'R' => 'Carries the ball',
            'H' => 'Stalks the strong safety, one yard in front of him',
            'X' => 'Cuts off the left corner',
            'Y' => 'Doubles the right end with Z, keeps him',
            'Z' => 'Doubles the right end with Y, climbs to the sam',
        ], [], ['left end'],
    ],
    'power, 3-4' => ['under center I right: power right', '3-4, cover 4', [
        'LT' => 'Blocks the left end',
        'LG' => 'Pulls and wraps to the mike',
        'C' => 'Doubles the nose with RG, climbs to the will',
        'RG' => 'Doubles the nose with C, keeps him',
        'RT' => 'Doubles the right end with Y, climbs to the free safety',
        'F' => 'Kicks out the sam',
        'R' => 'Carries the ball',
        'X' => 'Cuts off the left corner',
        'Y' => 'Doubles the right end with RT, keeps him',
        'Z' => 'Stalks the right corner, one yard in front of him',
    ], [], ['jack']],
    'counter, 3-4' => ['under center I right: counter right', '3-4, cover 4', [
        'LT' => 'Pulls and wraps to the mike',
        'LG' => 'Pulls and kicks out the sam',
        'C' => 'Doubles the nose with RG, climbs to the will',
        'RG' => 'Doubles the nose with C, keeps him',
        'RT' => 'Doubles the right end with Y, climbs to the free safety',
        'F' => 'Fills for the puller on the left end',
        'R' => 'Carries the ball',
        'X' => 'Cuts off the left corner',
        'Y' => 'Doubles the right end with RT, keeps him',
        'Z' => 'Stalks the right corner, one yard in front of him',
    ], [], ['jack']],
    'counter from one back, 4-2' => ['gun 2x2: counter right', '4-2 nickel, cover 4', [
        'LT' => 'Pulls and wraps to the mike',
        'LG' => 'Pulls and kicks out the right end',
        'C' => 'Blocks the left tackle',
        'RG' => 'Doubles the right tackle with RT, climbs to the will',
        'RT' => 'Doubles the right tackle with RG, keeps him',
        'R' => 'Carries the ball',
        'Y' => 'Stalks the free safety, one yard in front of him',
        'X' => 'Cuts off the left corner',
        'H' => 'Stalks the nickel, one yard in front of him',
        'Z' => 'Stalks the right corner, one yard in front of him',
    ], ['left end'], []],
    'trap, 4-3 over' => ['under center I right: trap right', '4-3 over, cover 2', [
        'LT' => 'Climbs to the will',
        'LG' => 'Pulls and kicks out the right tackle',
        'C' => 'Doubles the left tackle with RG, keeps him',
        'RG' => 'Doubles the left tackle with C, climbs to the mike',
        'RT' => 'Doubles the right end with Y, climbs to the sam',
        'F' => 'Carries the ball',
        'R' => 'Carries out his fake',
        'X' => 'Cuts off the left corner',
        'Y' => 'Doubles the right end with RT, keeps him',
        'Z' => 'Stalks the right corner, one yard in front of him',
    ], [], ['left end']],
    'trap, 5-2' => ['under center I right: trap right', '5-2, cover 2', [
        'LT' => 'Blocks the left tackle',
        'LG' => 'Pulls and kicks out the right tackle',
        'C' => 'Doubles the nose with RG, climbs to the will',
        'RG' => 'Doubles the nose with C, keeps him',
        'RT' => 'Doubles the right end with Y, climbs to the mike',
        'F' => 'Carries the ball',
        'R' => 'Carries out his fake',
        'X' => 'Cuts off the left corner',
        'Y' => 'Doubles the right end with RT, keeps him',
        'Z' => 'Stalks the right corner, one yard in front of him',
    ], [], ['left end']],
    'jet, 4-2 (JET-02)' => ['under center wing right, H jet right: jet right', '4-2 nickel, cover 4', [
        'LT' => 'Blocks the left end',
        'LG' => 'Doubles the left tackle with C, keeps him',
        'C' => 'Doubles the left tackle with LG, climbs to the will',
        'RG' => 'Blocks the right tackle',
        'RT' => 'Doubles the right end with Y, keeps him',
        'R' => 'Leads on the right corner',
        'H' => 'Carries the ball',
        'X' => 'Cuts off the left corner',
        'Y' => 'Doubles the right end with RT, climbs to the mike',
        'Z' => 'Climbs to the nickel',
    ], [], []],
    'jet counter, 4-3 over (JET-04)' => ['under center wing right, H jet right: jet counter left', '4-3 over, cover 2',
        [
            'LT' => 'Checks the near hip of LG, climbs to the will',
            'LG' => 'Doubles the left tackle with C, keeps him',
            'C' => 'Doubles the left tackle with LG, climbs to the mike',
            'RG' => 'Fills for the puller on the right tackle',
            'RT' => 'Pulls and kicks out the left end',
            'R' => 'Leads on the free safety',
            'H' => 'Carries out his fake',
            'X' => 'Stalks the left corner, one yard in front of him',
            'Y' => 'Climbs to the sam',
            'Z' => 'Carries the ball',
        ], [], ['right end']],
    'jet counter, 5-2 (JET-04)' => ['wing-slot: R jet counter right', '5-2, cover 3', [
        'LT' => 'Pulls and kicks out the right end',
        'LG' => 'Fills for the puller on the left tackle',
        'C' => 'Doubles the nose with RG, climbs to the will',
        'RG' => 'Doubles the nose with C, keeps him',
        'RT' => 'Doubles the right tackle with Y, climbs to the mike',
        'F' => 'Leads on the right corner',
        'H' => 'Climbs to the strong safety',
        'X' => 'Cuts off the left corner',
        'Y' => 'Doubles the right tackle with RT, keeps him',
        'R' => 'Carries the ball',
    ], [], ['left end']],
    'toss, 4-3 over' => ['I right: toss right', '4-3 over, cover 3', [
        'LT' => 'Blocks the left end',
        'LG' => 'Doubles the left tackle with C, keeps him',
        'C' => 'Doubles the left tackle with LG, climbs to the will',
        'RG' => 'Blocks the right tackle',
        'RT' => 'Checks the near hip of Y, climbs to the mike',
        'F' => 'Leads on the sam',
        'R' => 'Carries the ball',
        'X' => 'Cuts off the left corner',
        'Y' => 'Outside shoulder of the right end, stays on track',
        'Z' => 'Stalks the right corner, one yard in front of him',
    ], [], []],
    'crack, 4-2' => ['pistol trips right: crack right', '4-2 nickel, cover 3', [
        'LT' => 'Checks the near hip of LG, climbs to the will',
        'LG' => 'Reaches the left tackle',
        'C' => 'Reaches the right tackle',
        'RG' => 'Reaches the right end',
        'RT' => 'Leads on the right corner',
        'R' => 'Carries the ball',
        'X' => 'Cuts off the left corner',
        'Y' => 'Stalks the free safety, one yard in front of him',
        'H' => 'Cracks the mike',
        'Z' => 'Cracks the nickel',
    ], [], ['left end']],
    'buck, 5-2' => ['double-wing: buck right', '5-2, cover 3', [
        'LT' => 'Blocks the left tackle',
        'LG' => 'Pulls and wraps to the mike',
        'C' => 'Blocks the nose',
        'RG' => 'Pulls and kicks out the right corner',
        'RT' => 'Doubles the right tackle with Y, climbs to the will',
        'F' => 'Carries the ball',
        'X' => 'Doubles the left end with H, keeps him',
        'H' => 'Doubles the left end with X, climbs to the strong safety',
        'Y' => 'Doubles the right tackle with RT, keeps him',
        'Z' => 'Blocks down on the right end',
    ], [], []],
    'belly, 4-2' => ['split-back: belly right', '4-2 nickel, cover 4', [
        'LT' => 'Blocks the left end',
        'LG' => 'Doubles the left tackle with C, climbs to the will',
        'C' => 'Doubles the left tackle with LG, keeps him',
        'RG' => 'Pulls and kicks out the right end',
        'RT' => 'Blocks down on the right tackle',
        'F' => 'Leads on the nickel',
        'R' => 'Carries the ball',
        'X' => 'Cuts off the left corner',
        'Y' => 'Checks the near hip of RT, climbs to the mike',
        'Z' => 'Stalks the right corner, one yard in front of him',
    ], [], []],
    'triple, 4-3 over (VER-01, VER-03, VER-06)' => ['double-slot, H pitch right: triple right', '4-3 over, cover 4', [
        'LT' => 'Steps to the hip of the backside guard, shuts the gap on the left end',
        'LG' => 'Doubles the left tackle with C, climbs to the will',
        'C' => 'Doubles the left tackle with LG, keeps him',
        'RG' => 'Blocks the right tackle',
        'RT' => 'Releases outside the read man to the mike',
        'F' => 'Carries the ball',
        'H' => 'Takes the pitch',
        'X' => 'Cuts off the free safety',
        'R' => 'Releases around the end to the strong safety, outside shoulder',
        'Z' => 'Stalks the right corner, one yard in front of him',
    ], ['right end', 'sam'], []],
    'triple, 5-2 (VER-02, VER-05)' => ['double-slot, H pitch right: triple right', '5-2, cover 4', [
        'LT' => 'Steps to the hip of the backside guard, shuts the gap on the left tackle',
        'LG' => 'Doubles the nose with C, climbs to the will',
        'C' => 'Doubles the nose with LG, keeps him',
        'RG' => 'Climbs to the mike',
        'RT' => 'Releases outside the read man to the free safety',
        'F' => 'Carries the ball',
        'H' => 'Takes the pitch',
        'X' => 'Cuts off the left corner',
        'R' => 'Releases around the end to the strong safety, outside shoulder',
        'Z' => 'Stalks the right corner, one yard in front of him',
    ], ['right tackle', 'right end'], []],
    'triple, tite (VER-01)' => ['double-slot, H pitch right: triple right', 'tite, cover 4', [
        'LT' => 'Steps to the hip of the backside guard, shuts the gap on the left end',
        'LG' => 'Doubles the nose with C, climbs to the will',
        'C' => 'Doubles the nose with LG, keeps him',
        'RG' => 'Climbs to the mike',
        'RT' => 'Releases outside the read man to the free safety',
        'F' => 'Carries the ball',
        'H' => 'Takes the pitch',
        'X' => 'Cuts off the left corner',
        'R' => 'Releases around the end to the strong safety, outside shoulder',
        'Z' => 'Stalks the right corner, one yard in front of him',
    ], ['right end', 'sam'], []],
    'triple, one deep (VER-05)' => ['double-slot, H pitch right: triple right', '5-2, cover 3', [
        'LT' => 'Steps to the hip of the backside guard, shuts the gap on the left tackle',
        'LG' => 'Doubles the nose with C, climbs to the will',
        'C' => 'Doubles the nose with LG, keeps him',
        'RG' => 'Climbs to the mike',
        'RT' => 'Releases outside the read man to the free safety',
        'F' => 'Carries the ball',
        'H' => 'Takes the pitch',
        'X' => 'Cuts off the left corner',
        'R' => 'Climbs to the second level',
        'Z' => 'Stalks the right corner, one yard in front of him',
    ], ['right tackle', 'right end'], []],
    'midline, 4-3 over' => ['double-slot: midline right', '4-3 over, cover 3', [
        'LT' => 'Blocks the left end',
        'LG' => 'Doubles the left tackle with C, climbs to the will',
        'C' => 'Doubles the left tackle with RG, keeps him',
        'RG' => 'Doubles the left tackle with C, climbs to the strong safety',
        'RT' => 'Blocks the right end',
        'F' => 'Carries the ball',
        'H' => 'Climbs to the free safety',
        'X' => 'Cuts off the left corner',
        'R' => 'Folds inside to the mike',
        'Z' => 'Stalks the right corner, one yard in front of him',
    ], ['right tackle'], ['sam']],
    'midline with pitch, 3-4 (MID-01, MID-03, MID-04)' => ['double-slot, H pitch right: midline pitch right',
        '3-4, cover 4', [
            'LT' => 'Blocks the left end',
            'LG' => 'No man of his own: helps C on the nose',
            'C' => 'Doubles the nose with RG, keeps him',
            'RG' => 'Doubles the nose with C, climbs to the will',
            'RT' => 'Climbs to the mike',
            'F' => 'Carries the ball',
            'H' => 'Takes the pitch',
            'X' => 'Cuts off the free safety',
            'R' => 'Circles and hooks the strong safety',
            'Z' => 'Stalks the right corner, one yard in front of him',
        ], ['right end', 'sam'], []],
    'freeze, 3-4 (FRZ-01)' => ['gun two-back, freeze right: freeze option right', '3-4, cover 3', [
        'LT' => 'Doubles the left end with LG, keeps him',
        'LG' => 'Doubles the left end with LT, climbs to the will',
        'C' => 'Doubles the nose with RG, keeps him',
        'RG' => 'Doubles the nose with C, climbs to the mike',
        'RT' => 'Blocks the right end',
        'F' => 'Leads on the free safety',
        'R' => 'Takes the pitch',
        'X' => 'Cuts off the left corner',
        'Y' => 'No man of his own: helps RT on the right end',
        'Z' => 'Stalks the right corner, one yard in front of him',
    ], ['sam'], []],
    'freeze with tackle arc, 3-3 stack (FRZ-02)' => ['gun two-back left, freeze right: freeze option right; tag tackle arc', '3-3 stack, cover 3', [
        'LT' => 'Doubles the left end with Y, keeps him',
        'LG' => 'Doubles the nose with C, climbs to the mike',
        'C' => 'Doubles the nose with LG, keeps him',
        'RG' => 'Climbs to the will',
        'RT' => 'Releases around the end to the rover, outside shoulder',
        'F' => 'Takes the pitch',
        'R' => 'Leads on the right corner',
        'Y' => 'Doubles the left end with LT, climbs to the sam',
        'Z' => 'Cuts off the left corner',
        'X' => 'Cracks the free safety',
    ], ['right end'], []],
    'lead option, wide split (FBL-03, FBL-04)' => ['double-slot: lead option right', '4-3 over, cover 4', [
        'LT' => 'Blocks the left end',
        'LG' => 'Doubles the left tackle with C, climbs to the will',
        'C' => 'Doubles the left tackle with LG, keeps him',
        'RG' => 'Blocks the right tackle',
        'RT' => 'Blocks the right end',
        'F' => 'Leads on the mike',
        'H' => 'Takes the pitch',
        'X' => 'Cuts off the free safety',
        'R' => 'Takes the sam',
        'Z' => 'Stalks the right corner, one yard in front of him',
    ], ['strong safety'], []],
    'lead option, condensed (FBL-08)' => ['double-slot condensed: lead option right', '4-3 over, cover 4', [
        'LT' => 'Blocks the left end',
        'LG' => 'Doubles the left tackle with C, climbs to the will',
        'C' => 'Doubles the left tackle with LG, keeps him',
        'RG' => 'Blocks the right tackle',
        'RT' => 'Blocks the right end',
        'F' => 'Leads on the strong safety',
        'H' => 'Takes the pitch',
        'X' => 'Cuts off the left corner',
        'R' => 'Takes the mike',
        'Z' => 'Takes the sam',
    ], ['right corner'], []],
    'load option (LOD-01)' => ['double-slot, H pitch right: load option right', '4-3 over, cover 4', [
        'LT' => 'Blocks the left end',
        'LG' => 'Doubles the left tackle with C, keeps him',
        'C' => 'Doubles the left tackle with LG, climbs to the mike',
        'RG' => 'Blocks the right tackle',
        'RT' => 'Blocks the right end',
        'F' => 'Carries out his fake',
        'H' => 'Takes the pitch',
        'X' => 'Cuts off the free safety',
        'R' => 'Loads the sam',
        'Z' => 'Stalks the right corner, one yard in front of him',
    ], ['strong safety'], ['will']],
    'isolated dive (LOD-02)' => ['double-slot: isolated dive right', '5-2, cover 2', [
        'LT' => 'Doubles the left tackle with LG, keeps him',
        'LG' => 'Doubles the left tackle with LT, climbs to the will',
        'C' => 'Doubles the nose with RG, keeps him',
        'RG' => 'Doubles the nose with C, climbs to the mike',
        'RT' => 'Climbs to the free safety',
        'F' => 'Carries the ball',
        'H' => 'Blocks the left end',
        'X' => 'Cuts off the strong safety',
        'R' => 'Loads the right end',
        'Z' => 'Stalks the right corner, one yard in front of him',
    ], ['right tackle'], []],
    'speed option, 4-2' => ['gun 2x2: speed option right', '4-2 nickel, cover 4', [
        'LT' => 'Blocks the left end',
        'LG' => 'Doubles the left tackle with C, climbs to the will',
        'C' => 'Doubles the left tackle with LG, keeps him',
        'RG' => 'Doubles the right tackle with RT, keeps him',
        'RT' => 'Doubles the right tackle with RG, climbs to the mike',
        'R' => 'Takes the pitch',
        'Y' => 'Stalks the free safety, one yard in front of him',
        'X' => 'Cuts off the left corner',
        'H' => 'Releases around the end to the nickel, outside shoulder',
        'Z' => 'Stalks the right corner, one yard in front of him',
    ], ['right end'], []],
    'counter option, 3-4' => ['double-slot, H pitch right: counter option right', '3-4, cover 4', [
        'LT' => 'Blocks the left end',
        'LG' => 'Pulls and wraps to the mike',
        'C' => 'Doubles the nose with RG, climbs to the will',
        'RG' => 'Doubles the nose with C, keeps him',
        'RT' => 'Blocks the right end',
        'F' => 'Carries out his fake',
        'H' => 'Takes the pitch',
        'X' => 'Cuts off the left corner',
        'R' => 'Releases around the end to the strong safety, outside shoulder',
        'Z' => 'Stalks the right corner, one yard in front of him',
    ], ['sam'], []],
    'zone read with arc (ARC-01)' => ['gun H-back left: zone right; tag arc left', '4-3 over, cover 3', [
        'LT' => 'Doubles the left tackle with LG, keeps him',
        'LG' => 'Doubles the left tackle with LT, climbs to the mike',
        'C' => 'Blocks the right tackle',
        'RG' => 'Doubles the right end with RT, climbs to the will',
        'RT' => 'Doubles the right end with RG, keeps him',
        'R' => 'Carries the ball',
        'H' => 'Releases around the end to the sam, outside shoulder',
        'Z' => 'Cuts off the left corner',
        'Y' => 'Stalks the strong safety, one yard in front of him',
        'X' => 'Stalks the right corner, one yard in front of him',
    ], ['left end'], []],
    'zone read with bluff' => ['gun H-back left: zone right; tag bluff', '4-3 over, cover 3', [
        'LT' => 'Doubles the left tackle with LG, keeps him',
        'LG' => 'Doubles the left tackle with LT, climbs to the mike',
        'C' => 'Blocks the right tackle',
        'RG' => 'Doubles the right end with RT, climbs to the will',
        'RT' => 'Doubles the right end with RG, keeps him',
        'R' => 'Carries the ball',
        'H' => 'Comes across, passes the end, takes the sam',
        'Z' => 'Cuts off the left corner',
        'Y' => 'Stalks the strong safety, one yard in front of him',
        'X' => 'Stalks the right corner, one yard in front of him',
    ], ['left end'], []],
    'duo with arc and the slot round (RUN-01)' => ['gun H-back right: duo left; tag arc right; tag slot round right',
        '4-2 nickel, cover 4', [
            'LT' => 'Blocks the left end',
            'LG' => 'Doubles the left tackle with C, climbs to the will',
            'C' => 'Doubles the left tackle with LG, keeps him',
            'RG' => 'Doubles the right tackle with RT, keeps him',
            'RT' => 'Doubles the right tackle with RG, climbs to the mike',
            'R' => 'Carries the ball',
            'Y' => 'Wraps to the strong safety',
            'X' => 'Stalks the left corner, one yard in front of him',
            'H' => 'Releases around the end to the nickel, outside shoulder',
            'Z' => 'Cuts off the right corner',
        ], ['right end'], []],
]);

/** A set against a front and a shell as it lines up. */
function linedUp(string $set, string $look, Side $strong): Scene
{
    $call = new Call(
        new Formation(Sets::usualQuarterback($set), $set, $strong),
        [],
        [],
        run: new RunCall('zone', $strong),
    );

    return Scene::of($call, LookParser::parse($look), new Setting(Situation::of()));
}

/** A run of that picture, or null when nobody can carry it. */
function inScene(Scene $scene, string $scheme, Side $side): Resolved
{
    return Resolver::of(
        new RunCall($scheme, $side),
        $scene->lineup,
        $scene->defenders,
        $scene->look,
        $scene->setting->schools,
    );
}

it('is signed by a line coach against every front: nobody crosses, passes a nearer man, idles or touches a read man',
    function (string $set): void {
        foreach (Fronts::names() as $front) {
            foreach (['cover 1', 'cover 2', 'cover 3', 'cover 4'] as $shell) {
                $scene = linedUp($set, "$front, $shell", Side::Right);
                foreach (Schemes::names() as $scheme) {
                    // Six on the line and one backer: the edge man is named free, and the exchange tag accounts for him
                    // (MID-05).
                    foreach ($scheme === 'midline pitch' && $front === '6-1' ? [] : Side::cases() as $side) {
                        expect(LineAudit::of(inScene($scene, $scheme, $side)))->toBe([],
                            "$set: $scheme {$side->value} against $front, $shell");
                    }
                }
            }
        }
    })->with(Sets::names());

it('turns every job over with the play', function (string $set): void {
    $turn = fn (?string $words): string => strtr((string) $words,
        ['LT' => 'RT', 'RT' => 'LT', 'LG' => 'RG', 'RG' => 'LG', 'left' => 'right', 'right' => 'left']);
    foreach (Fronts::names() as $front) {
        foreach (['cover 1', 'cover 4'] as $shell) {
            $right = linedUp($set, "$front, $shell", Side::Right);
            $left = linedUp($set, "$front, $shell", Side::Left);
            foreach (Schemes::names() as $scheme) {
                $turned = inScene($left, $scheme, Side::Left)->blocks;
                foreach (inScene($right, $scheme, Side::Right)->blocks as $letter => $block) {
                    $his = $turned[$turn((string) $letter)];
                    expect([$his->verb, $turn($his->target), $turn($his->first), $turn($his->partner)])->toBe(
                        [$block->verb, (string) $block->target, (string) $block->first, (string) $block->partner],
                        "$set: $scheme against $front, $shell: $letter",
                    );
                }
            }
        }
    }
})->with(Sets::names());

it('has exactly one man on the mike and one on the free safety where the triple says so (VER-05)', function (
    string $look,
): void {
    $blocks = carried('double-slot, H pitch right: triple right', $look)->resolved->blocks;
    $has = array_count_values(array_filter([$blocks['RG']->target, $blocks['RT']->target]));
    expect($has)->toHaveCount(2)->and(max($has))->toBe(1)
        ->and([$blocks['RG']->target, $blocks['RT']->target])->toContain('mike');
})->with(['5-2, cover 3', '5-2, cover 4', '3-4, cover 3', '3-4, cover 4', 'tite, cover 3', 'tite, cover 4']);

it('finds what a line coach would not sign', function (array $change, string $says): void {
    $resolved = carried('gun 2x2: zone right', '4-3 over, cover 3')->resolved;
    $blocks = $resolved->blocks;
    foreach ($change as $letter => $block) {
        $blocks[$letter] = $block;
    }
    $wrong = new Resolved($resolved->run, $resolved->posts, $resolved->front, $blocks, $resolved->keys, []);
    expect(implode('; ', LineAudit::of($wrong)))->toContain($says);
})->with([
    'two who cross' => [['RG' => new Block('RG', 'playside guard', Verb::Base, 'right end'),
        'RT' => new Block('RT', 'playside tackle', Verb::Base, 'right tackle')], 'cross: RG'],
    'past a nearer man' => [['RG' => new Block('RG', 'playside guard', Verb::Climb, 'sam')], 'past: RG'],
    'idle' => [['RT' => new Block('RT', 'playside tackle', Verb::Help)], 'idle: RT'],
    'a read man touched' => [
        ['LT' => new Block('LT', 'backside tackle', Verb::Base, 'left end')],
        'read: LT touches the left end',
    ],
]);

it('refuses a word no catalogue has', function (Closure $row, string $says): void {
    expect($row)->toThrow(UnknownRun::class, $says);
})->with([
    'a post' => [fn (): JobRow => JobRow::read('playside gaurd', '', 'base', 'over'), '"playside gaurd" is not a post'],
    'a selector' => [fn (): JobRow => JobRow::read('center', '', 'base', 'ovr'), '"ovr" is not a selector'],
    'a verb' => [fn (): JobRow => JobRow::read('center', '', 'bass', 'over'), '"bass" is not a verb'],
    'a predicate' => [fn (): JobRow => JobRow::read('center', 'coverd', 'base', 'over'), '"coverd" is not a predicate'],
    'a predicate behind not' => [
        fn (): JobRow => JobRow::read('center', 'gun, not coverd', 'base', 'over'),
        '"coverd" is not a predicate',
    ],
    'a decision' => [fn (): KeyRow => KeyRow::read('gives', 'nose'), '"gives" is not a decision'],
    'a key' => [fn (): KeyRow => KeyRow::read('give', 'noze'), '"noze" is not a selector'],
]);

it('tells step, aim, count and eyes with the feet of its side',
    function (string $call, string $look, string $man, string $step, string $aim, ?string $count, string $eyes): void {
        $resolved = carried($call, $look)->resolved;
        $told = Technique::of($resolved->blocks[$man], $resolved);
        expect([$told->step, $told->aim, $told->count, $told->eyes])->toBe([$step, $aim, $count, $eyes]);
    })->with([
        'INZ-04 covered playside, right' => ['gun 2x2: zone right', '4-3 over, cover 3', 'RG',
            'right foot up and down, left foot drives', 'right number', null, 'the right tackle'],
        'W-27, INZ-04 covered playside, left: the left foot lifts, the right drives' => ['gun 2x2 left: zone left', '4-3 over, cover 3', 'LG',
            'left foot up and down, right foot drives', 'left number', null, 'the left tackle'],
        'INZ-05 covered backside' => ['gun 2x2: zone right', '3-4, cover 4', 'LT',
            'settles on the right foot, punches with the left arm', 'right number', null, 'the left end'],
        'W-27, INZ-05 covered backside, left: settles left, punches right, marked as inferred' => [
            'gun 2x2 left: zone left', '3-4, cover 4', 'RT',
            'settles on the left foot, punches with the right arm (inferred from zone right)', 'left number', null,
            'the right end'],
        'INZ-03, INZ-06 a combination' => ['gun 2x2: zone right', '4-3 over, cover 3', 'C',
            'left foot 4 to 6 in sideways, shoulders square', 'near hip of the down man, then the backer',
            'the second step back to the midline', 'the mike, hands on the left tackle'],
        'INZ-17, INZ-19 the runner' => ['gun 2x2: zone right', '4-3 over, cover 3', 'R',
            'toward Q 4 to 6 in, then to the midline, then the mesh', 'the right A gap', null,
            'the right tackle, his cut key'],
        'INZ-23 the quarterback of a zone read' => ['gun 2x2: zone right', '4-3 over, cover 3', 'Q',
            'left foot back, ball out and down', 'on a pull the spot the left end left, tight and vertical',
            'feet at 45 degrees at the mesh', 'the left end'],
        'VER-06 the slot' => ['double-slot, H pitch right: triple right', '5-2, cover 4', 'R', 'right foot flat',
            'right shoulder, midsection at the least', 'three flat steps, then 45 degrees', 'the strong safety'],
        'VER-07 the quarterback of a triple' => ['double-slot, H pitch right: triple right', '5-2, cover 4', 'Q',
            'right foot into the right A gap, points the ball back', 'the outside shoulder of the right end', null,
            'the right tackle, then the right end'],
        'VER-07 the fullback' => ['double-slot, H pitch right: triple right', '5-2, cover 4', 'F',
            'straight ahead off both feet, no false step', 'the outside leg of the right guard', null,
            'the block of RG'],
        'OPT-04 inside an overhang' => ['gun 2x2, freeze right: freeze option right', '4-2 nickel, cover 3', 'Q',
            'right foot flat down the line, shoulders to it', 'the inside shoulder of the nickel',
            'skip step and a short delay', 'the nickel'],
        'FBL-06 skip step' => ['double-slot: lead option right', '4-3 over, cover 4', 'Q',
            'right foot flat down the line, shoulders to it', 'the outside shoulder of the strong safety',
            'skip step and a short delay', 'the strong safety'],
        'ARC-01 an H-back' => ['gun H-back left: zone right; tag arc left', '4-3 over, cover 3', 'H',
            'left foot first, straight, no hop', 'left shoulder, midsection at the least', null, 'the sam'],
        'the pitch man' => ['double-slot, H pitch right: triple right', '5-2, cover 4', 'H',
            'turns up with Q, shoulders parallel to the line', '4 to 5 yd wide and 1 yd deep of Q', null,
            'Q, hands ready, then the block in front of him'],
        'JET-02 the edge' => ['I right: toss right', '4-3 over, cover 3', 'Y',
            'right foot 6 in to the right, then crosses over', 'right shoulder, one arm across if he cannot have it',
            null,
            'the right end'],
        'a puller' => ['under center I right: power right', '4-3 over, cover 4', 'LG',
            'right foot skips back, then shuffles to the hole', 'play side number, head to the play', null, 'the mike'],
    ]);

it('tells every man what he does instead, if his defender does otherwise',
    function (string $call, string $look, string $man, string $if, string $then): void {
        $resolved = carried($call, $look)->resolved;
        $said = array_map(
            fn (Branch $b): string => "{$b->if}: {$b->then}",
            Branches::of($resolved->blocks[$man], $resolved),
        );
        expect($said)->toContain("$if: $then");
    })->with([
        'guard on the mike' => ['double-slot, H pitch right: triple right', '5-2, cover 4', 'RG',
            'the mike runs over the top', 'replaces him, inside knee on the free safety; RT has the mike'],
        'tackle alone on a 5, inside' => ['double-slot: lead option right', '4-3 over, cover 4', 'RT',
            'the right end comes inside', 'wheels and pins him, no penetration'],
        'tackle alone on a 5, outside' => ['double-slot: lead option right', '4-3 over, cover 4', 'RT',
            'the right end stays out', 'outside of his chest, runs him to the sideline'],
        'perimeter man' => ['gun two-back left, freeze right: freeze option right; tag tackle arc',
            '3-3 stack, cover 3',
            'RT', 'the rover widens', 'kicks him out, the ball goes inside'],
        'arc man out of reach' => ['gun H-back left: zone right; tag arc left', '4-3 over, cover 3', 'H',
            'he cannot reach the sam', 'pushes him to the sideline, the ball cuts inside'],
        'slot on the second, pinned' => ['double-slot: lead option right', '4-3 over, cover 4', 'R',
            'the sam is pinned inside', 'goes outside of him'],
        'slot on the second, running' => ['double-slot: lead option right', '4-3 over, cover 4', 'R',
            'the sam runs out',
            'goes inside of him'],
        'receiver on the second' => ['double-slot condensed: lead option right', '4-3 over, cover 4', 'Z',
            'the sam crosses inside', 'goes on to the safety; RG takes him'],
        'fullback, B opens' => ['double-slot: lead option right', '4-3 over, cover 4', 'F', 'B opens',
            'takes the mike there at once'],
        'fullback, backers cross' => ['double-slot: lead option right', '4-3 over, cover 4', 'F', 'the backers cross',
            'finds B and fills it'],
        'puller' => ['under center I right: power right', '4-3 over, cover 4', 'F', 'nobody is there to kick',
            'turns up and seals'],
        'uncovered man' => ['gun 2x2: zone right', '3-4, cover 4', 'LG', 'somebody slants into his gap', 'he is his'],
        'combination, who climbs' => ['gun 2x2: zone right', '3-4, cover 4', 'LG', 'C has taken over the nose',
            'leaves for the will at once'],
        'combination, who stays' => ['gun 2x2: zone right', '3-4, cover 4', 'C', 'LG has left',
            'stays: the nose is his'],
        'quarterback' => ['gun 2x2: zone right', '4-3 over, cover 3', 'Q', 'the left end takes the back',
            'replaces him, tight and vertical'],
    ]);

it('offers no branch where its rule does not speak',
    function (string $call, string $look, string $man, string $if): void {
        $resolved = carried($call, $look)->resolved;
        expect(
            implode('; ', array_map(fn (Branch $b): string => $b->if,
                Branches::of($resolved->blocks[$man], $resolved))),
        )->not->toContain($if);
    })->with([
        'a tackle who is helped' => ['gun 2x2: zone right', '3-4, cover 4', 'RT', 'comes inside'],
        'a back who leads on a safety' => ['double-slot condensed: lead option right', '4-3 over, cover 4', 'F',
            'B opens'],
        'a covered guard' => ['gun 2x2: zone right', '4-3 over, cover 3', 'RG', 'slants into his gap'],
        'a quarterback without a read' => ['under center I right: power right', '4-3 over, cover 4', 'Q',
            'takes the back'],
        'a guard on zone' => ['gun 2x2: zone right', '3-4, cover 4', 'RG', 'over the top'],
    ]);

it('plays the branch when the look does what it asks for',
    function (string $call, string $look, string $man, string $branch, string $target): void {
        $before = carried($call, $look)->resolved;
        $said = array_values(
            array_filter(
                Branches::of($before->blocks[$man], $before),
                fn (Branch $b): bool => str_contains($b->if, $branch),
            ),
        )[0];
        $moved = LookParser::parse($look)->changing((string) $said->defender, ['movement' => $said->movement]);
        $after = Proving::of(CallParser::parse($call), $moved, new Setting(Situation::of()));
        assert($after instanceof RunProof);
        expect($after->resolved->blocks[$man]->target)->toBe($target)->not->toBe($before->blocks[$man]->target);
    })->with([
        'the guard replaces the mike' => ['double-slot, H pitch right: triple right', '5-2, cover 4', 'RG',
            'over the top',
            'free safety'],
        'the receiver goes on to the safety' => ['double-slot condensed: lead option right', '4-3 over, cover 4', 'Z',
            'crosses inside', 'strong safety'],
    ]);
