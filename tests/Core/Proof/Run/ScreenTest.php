<?php

use Jacotaxis\Core\Blocking\Run\Block;
use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Proof\Run\RunProof;
use Jacotaxis\Core\Proof\Telling\Run\RunFindings;
use Jacotaxis\Core\Proof\Telling\Run\RunFrames;
use Jacotaxis\Core\Proof\Telling\Told;
use Jacotaxis\Core\Words\CallParser;

/*
 * Screens, draws, runs with pullers and runs that come back: each of the eleven men, the ball, and what beats them.
 * Common practice, no source.
 */

it('gives each of the eleven his job in a screen and in the newer runs', function (
    string $call,
    string $look,
    array $jobs,
    array $keys,
    array $free,
): void {
    $resolved = carried($call, $look)->resolved;
    $done = array_map(fn (Block $b): string => $b->words(), $resolved->blocks);
    expect($done)->toHaveCount(11)
        ->and(array_column($resolved->keys, 'role'))->toBe($keys)
        ->and($resolved->unaccounted)->toBe($free);
    unset($done['Q']);
    ksort($done);
    ksort($jobs);
    expect($done)->toBe($jobs);
})->with([
    'quarterback counter, even' => ['gun 2x2: quarterback counter right', '4-2 nickel, cover 3', [
        'LT' => 'Pulls and wraps to the mike',
        'LG' => 'Pulls and kicks out the right end',
        'C' => 'Blocks the left tackle',
        'RG' => 'Doubles the right tackle with RT, climbs to the will',
        'RT' => 'Doubles the right tackle with RG, keeps him',
        'R' => 'Fills for the puller on the left end',
        'Y' => 'Stalks the strong safety, one yard in front of him',
        'X' => 'Cuts off the left corner',
        'H' => 'Stalks the nickel, one yard in front of him',
        'Z' => 'Stalks the right corner, one yard in front of him',
    ], [], []],
    'quarterback sweep, even' => ['gun trey right: quarterback sweep right', '4-2 nickel, cover 3', [
        'LT' => 'Blocks the left end',
        'LG' => 'Reaches the left tackle',
        'C' => 'Reaches the right tackle',
        'RG' => 'Pulls and kicks out the nickel',
        'RT' => 'Doubles the right end with Y, keeps him',
        'R' => 'Leads on the will',
        'Y' => 'Doubles the right end with RT, climbs to the mike',
        'X' => 'Cuts off the left corner',
        'H' => 'Stalks the free safety, one yard in front of him',
        'Z' => 'Stalks the right corner, one yard in front of him',
    ], [], []],
    'duo with the backside end read' => ['gun 2x2: duo right; tag read', '4-2 nickel, cover 3', [
        'LT' => 'Checks the near hip of LG, climbs to the will',
        'LG' => 'Doubles the left tackle with C, keeps him',
        'C' => 'Doubles the left tackle with LG, climbs to the mike',
        'RG' => 'Blocks the right tackle',
        'RT' => 'Blocks the right end',
        'R' => 'Carries the ball',
        'Y' => 'Stalks the strong safety, one yard in front of him',
        'X' => 'Cuts off the left corner',
        'H' => 'Stalks the nickel, one yard in front of him',
        'Z' => 'Stalks the right corner, one yard in front of him',
    ], ['left end'], []],
    'slip screen, 4-3 over' => ['gun 2x2: slip screen right', '4-3 over, cover 2', [
        'LT' => 'Blocks the left end',
        'LG' => 'Leads on the will',
        'C' => 'Leads on the mike',
        'RG' => 'Pulls and kicks out the right corner',
        'RT' => 'Blocks the right end',
        'R' => 'Carries the ball',
        'Y' => 'Stalks the free safety, one yard in front of him',
        'X' => 'Cuts off the left corner',
        'H' => 'Stalks the sam, one yard in front of him',
        'Z' => 'Stalks the strong safety, one yard in front of him',
    ], [], []],
    'slip screen, 3-4' => ['gun 2x2: slip screen right', '3-4, cover 4', [
        'LT' => 'Blocks the jack',
        'LG' => 'Leads on the will',
        'C' => 'Leads on the mike',
        'RG' => 'Pulls and kicks out the strong safety',
        'RT' => 'Blocks the right end',
        'R' => 'Carries the ball',
        'Y' => 'Stalks the free safety, one yard in front of him',
        'X' => 'Cuts off the left corner',
        'H' => 'Stalks the sam, one yard in front of him',
        'Z' => 'Stalks the right corner, one yard in front of him',
    ], [], []],
    'tunnel screen, the back stays in' => ['gun trips right: tunnel screen right', '4-2 nickel, cover 3', [
        'LT' => 'Blocks the left end',
        'LG' => 'Reaches the left tackle',
        'C' => 'Leads on the free safety',
        'RG' => 'Leads on the will',
        'RT' => 'Leads on the nickel',
        'R' => 'Carries out his fake',
        'X' => 'Cuts off the left corner',
        'Y' => 'Stalks the mike, one yard in front of him',
        'H' => 'Kicks out the right corner',
        'Z' => 'Carries the ball',
    ], [], []],
    'bubble screen, bear' => ['gun 2x2: bubble screen right', 'bear, cover 1', [
        'LT' => 'Blocks the left end',
        'LG' => 'Blocks the left tackle',
        'C' => 'Blocks the nose',
        'RG' => 'Doubles the right tackle with RT, keeps him',
        'RT' => 'Doubles the right tackle with RG, climbs to the mike',
        'R' => 'Carries out his fake',
        'Y' => 'Stalks the strong safety, one yard in front of him',
        'X' => 'Cuts off the left corner',
        'H' => 'Carries the ball',
        'Z' => 'Stalks the right corner, one yard in front of him',
    ], [], ['will', 'right end']],
    'bubble screen from trips' => ['gun trips right: bubble screen right', '4-3 over, cover 2', [
        'LT' => 'Blocks the left end',
        'LG' => 'Doubles the left tackle with C, climbs to the will',
        'C' => 'Doubles the left tackle with LG, keeps him',
        'RG' => 'Blocks the right tackle',
        'RT' => 'Blocks the right end',
        'R' => 'Carries out his fake',
        'X' => 'Cuts off the left corner',
        'Y' => 'Carries the ball',
        'H' => 'Stalks the sam, one yard in front of him',
        'Z' => 'Stalks the right corner, one yard in front of him',
    ], [], ['mike']],
    'now screen' => ['gun 2x2: now screen right', '4-2 nickel, cover 4', [
        'LT' => 'Blocks the left end',
        'LG' => 'Doubles the left tackle with C, keeps him',
        'C' => 'Doubles the left tackle with LG, climbs to the mike',
        'RG' => 'Blocks the right tackle',
        'RT' => 'Blocks the right end',
        'R' => 'Carries out his fake',
        'Y' => 'Stalks the free safety, one yard in front of him',
        'X' => 'Cuts off the left corner',
        'H' => 'Kicks out the right corner',
        'Z' => 'Carries the ball',
    ], [], ['will', 'nickel']],
    'swing screen' => ['gun 2x2: swing screen right', '4-2 nickel, cover 2', [
        'LT' => 'Blocks the left end',
        'LG' => 'Doubles the left tackle with C, climbs to the will',
        'C' => 'Doubles the left tackle with LG, keeps him',
        'RG' => 'Blocks the right tackle',
        'RT' => 'Leads on the mike',
        'R' => 'Carries the ball',
        'Y' => 'Stalks the free safety, one yard in front of him',
        'X' => 'Cuts off the left corner',
        'H' => 'Stalks the nickel, one yard in front of him',
        'Z' => 'Stalks the right corner, one yard in front of him',
    ], [], []],
    'tight end screen' => ['gun trey right: tight end screen right', '4-2 nickel, cover 3', [
        'LT' => 'Blocks the left end',
        'LG' => 'Leads on the will',
        'C' => 'Leads on the mike',
        'RG' => 'Pulls and kicks out the nickel',
        'RT' => 'Blocks the right end',
        'R' => 'Carries out his fake',
        'X' => 'Cuts off the left corner',
        'Y' => 'Carries the ball',
        'H' => 'Stalks the free safety, one yard in front of him',
        'Z' => 'Stalks the right corner, one yard in front of him',
    ], [], []],
    'wham, 4-3 over' => ['gun H-back right: wham right', '4-3 over, cover 2', [
        'LT' => 'Checks the near hip of LG, climbs to the will',
        'LG' => 'Doubles the left tackle with C, keeps him',
        'C' => 'Doubles the left tackle with LG, climbs to the mike',
        'RG' => 'Doubles the right end with RT, climbs to the sam',
        'RT' => 'Doubles the right end with RG, keeps him',
        'R' => 'Carries the ball',
        'Y' => 'Stalks the free safety, one yard in front of him',
        'X' => 'Cuts off the left corner',
        'H' => 'Kicks out the right tackle',
        'Z' => 'Stalks the right corner, one yard in front of him',
    ], ['left end'], []],
    'wham on the end where the first man is outside, 3-4' => ['gun H-back right: wham right', '3-4, cover 4', [
        'LT' => 'Doubles the left end with LG, keeps him',
        'LG' => 'Doubles the left end with LT, climbs to the will',
        'C' => 'Doubles the nose with RG, keeps him',
        'RG' => 'Doubles the nose with C, climbs to the mike',
        'RT' => 'Reaches the sam',
        'R' => 'Carries the ball',
        'Y' => 'Stalks the free safety, one yard in front of him',
        'X' => 'Cuts off the left corner',
        'H' => 'Kicks out the right end',
        'Z' => 'Stalks the right corner, one yard in front of him',
    ], ['jack'], []],
    'insert, 4-2 nickel' => ['gun H-back left: insert right', '4-2 nickel, cover 2', [
        'LT' => 'Doubles the left tackle with LG, climbs to the nickel',
        'LG' => 'Doubles the left tackle with LT, keeps him',
        'C' => 'Doubles the right tackle with RG, climbs to the mike',
        'RG' => 'Doubles the right tackle with C, keeps him',
        'RT' => 'Blocks the right end',
        'R' => 'Carries the ball',
        'H' => 'Leads on the will',
        'Z' => 'Cuts off the left corner',
        'Y' => 'Stalks the free safety, one yard in front of him',
        'X' => 'Stalks the right corner, one yard in front of him',
    ], ['left end'], []],
    'dart, 4-3 over' => ['gun 2x2: dart right', '4-3 over, cover 2', [
        'LT' => 'Pulls and wraps to the mike',
        'LG' => 'Doubles the left tackle with C, climbs to the will',
        'C' => 'Doubles the left tackle with LG, keeps him',
        'RG' => 'Blocks the right tackle',
        'RT' => 'Blocks the right end',
        'R' => 'Carries the ball',
        'Y' => 'Stalks the free safety, one yard in front of him',
        'X' => 'Cuts off the left corner',
        'H' => 'Stalks the sam, one yard in front of him',
        'Z' => 'Stalks the right corner, one yard in front of him',
    ], ['left end'], []],
    'pin and pull, 4-3 over' => ['under center wing right: pin and pull right', '4-3 over, cover 2', [
        'LT' => 'Checks the near hip of LG, climbs to the will',
        'LG' => 'Reaches the left tackle',
        'C' => 'Pulls and wraps to the mike',
        'RG' => 'Pulls and kicks out the right corner',
        'RT' => 'Blocks down on the right tackle',
        'R' => 'Carries the ball',
        'H' => 'Stalks the free safety, one yard in front of him',
        'X' => 'Cuts off the left corner',
        'Y' => 'Doubles the right end with Z, keeps him',
        'Z' => 'Doubles the right end with Y, climbs to the sam',
    ], [], ['left end']],
    'pin and pull, 3-4: the center has the nose' => ['under center wing right: pin and pull right', '3-4, cover 4', [
        'LT' => 'Blocks the left end',
        'LG' => 'Doubles the nose with C, climbs to the will',
        'C' => 'Doubles the nose with LG, keeps him',
        'RG' => 'Pulls and kicks out the right corner',
        'RT' => 'Blocks the right end',
        'R' => 'Carries the ball',
        'H' => 'Stalks the free safety, one yard in front of him',
        'X' => 'Cuts off the left corner',
        'Y' => 'Doubles the sam with Z, climbs to the mike',
        'Z' => 'Doubles the sam with Y, keeps him',
    ], [], ['jack']],
    'power read, 4-3 over' => ['gun 2x2: power read right', '4-3 over, cover 2', [
        'LT' => 'Blocks the left end',
        'LG' => 'Pulls and wraps to the mike',
        'C' => 'Blocks the left tackle',
        'RG' => 'Doubles the right tackle with RT, climbs to the will',
        'RT' => 'Doubles the right tackle with RG, keeps him',
        'R' => 'Carries the ball',
        'Y' => 'Stalks the free safety, one yard in front of him',
        'X' => 'Cuts off the left corner',
        'H' => 'Stalks the sam, one yard in front of him',
        'Z' => 'Stalks the right corner, one yard in front of him',
    ], ['right end'], []],
    'draw with a lead, 4-2 nickel' => ['under center I right: draw right', '4-2 nickel, cover 2', [
        'LT' => 'Blocks the left end',
        'LG' => 'Doubles the left tackle with C, climbs to the will',
        'C' => 'Doubles the left tackle with LG, keeps him',
        'RG' => 'Blocks the right tackle',
        'RT' => 'Doubles the right end with Y, climbs to the mike',
        'F' => 'Leads on the nickel',
        'R' => 'Carries the ball',
        'X' => 'Cuts off the left corner',
        'Y' => 'Doubles the right end with RT, keeps him',
        'Z' => 'Stalks the right corner, one yard in front of him',
    ], [], []],
    'end around, 4-3 over' => ['gun 2x2: end around right', '4-3 over, cover 2', [
        'LT' => 'Blocks the left end',
        'LG' => 'Doubles the left tackle with C, keeps him',
        'C' => 'Doubles the left tackle with LG, climbs to the mike',
        'RG' => 'Blocks the right tackle',
        'RT' => 'Blocks the right end',
        'R' => 'Carries out his fake',
        'Y' => 'Stalks the left corner, one yard in front of him',
        'X' => 'Carries the ball',
        'H' => 'Stalks the sam, one yard in front of him',
        'Z' => 'Stalks the right corner, one yard in front of him',
    ], [], ['will']],
    'reverse, 4-2 nickel' => ['gun 2x2, H jet left: reverse right', '4-2 nickel, cover 3', [
        'LT' => 'Blocks the left end',
        'LG' => 'Reaches the left tackle',
        'C' => 'Reaches the right tackle',
        'RG' => 'Reaches the right end',
        'RT' => 'Leads on the nickel',
        'R' => 'Carries out his fake',
        'Y' => 'Stalks the strong safety, one yard in front of him',
        'X' => 'Carries the ball',
        'H' => 'Carries out his fake',
        'Z' => 'Stalks the right corner, one yard in front of him',
    ], [], ['will', 'mike']],
    'rocket' => ['double-slot, H jet right: rocket right', '4-4, cover 3', [
        'LT' => 'Doubles the left tackle with LG, keeps him',
        'LG' => 'Doubles the left tackle with LT, climbs to the mike',
        'C' => 'Reaches the right tackle',
        'RG' => 'Reaches the right end',
        'RT' => 'Leads on the will',
        'F' => 'Carries out his fake',
        'H' => 'Carries the ball',
        'X' => 'Cuts off the left corner',
        'R' => 'Releases around the end to the sam, outside shoulder',
        'Z' => 'Stalks the right corner, one yard in front of him',
    ], [], ['left end']],
    'triple from the wishbone: one halfback leads, one has the pitch' => ['wishbone: triple right', '4-3 over, cover 2', [
        'LT' => 'Steps to the hip of the backside guard, shuts the gap on the left end',
        'LG' => 'Doubles the left tackle with C, climbs to the will',
        'C' => 'Doubles the left tackle with LG, keeps him',
        'RG' => 'Blocks the right tackle',
        'RT' => 'Releases outside the read man to the mike',
        'F' => 'Carries the ball',
        'H' => 'Takes the pitch',
        'R' => 'Releases around the end to the free safety, outside shoulder',
        'X' => 'Cuts off the left corner',
        'Y' => 'Climbs to the strong safety',
    ], ['right end', 'sam'], []],
]);

it('throws a screen behind the line, in the air until it is caught', function (string $call): void {
    $proof = carried($call, '4-2 nickel, cover 2');
    $carrier = $proof->carriers['throw'];
    expect($carrier->path->at($carrier->from)[1])->toBeLessThan(-0.5)
        ->and($carrier->thrownAt)->toBeGreaterThan(0.4)->toBeLessThan($carrier->from)
        ->and(array_keys($proof->carriers))->toBe(['throw']);
    $frames = RunFrames::ruleTrue($proof)->all();
    $at = fn (float $t): array => $frames['ball'][(int) round($t / Path::STEP)];
    $middle = $at(($carrier->thrownAt + $carrier->from) / 2.0);
    [$x, $y] = $carrier->path->at($carrier->from);
    expect($middle[2])->toBeGreaterThan(1.8)
        ->and(hypot($at($carrier->from + 0.1)[0] - $x, $at($carrier->from + 0.1)[1] - $y))->toBeLessThan(1.5);
    // Nobody jumps from one picture to the next.
    foreach (array_slice($frames['at'], 1) as $i => $row) {
        foreach ($row as $n => $yd) {
            expect(abs($yd - $frames['at'][$i][$n]))->toBeLessThan(0.9, "$call, step $i, number $n");
        }
    }
})->with([
    'gun 2x2: bubble screen right',
    'gun trips left: now screen left',
    'gun trips right: tunnel screen right',
    'gun 2x2: swing screen left',
    'gun 2x2: slip screen right',
    'I right: slip screen left',
    'gun trey left: tight end screen left',
]);

it('comes out as the picture is', function (string $call, string $look, string $verdict, string $why): void {
    $report = Told::report(carried($call, $look));
    expect($report['verdict'])->toBe($verdict)->and($report['why'])->toContain($why);
})->with([
    'the back slips out behind pressure' => [
        'gun 2x2: slip screen right', '4-2 nickel, cover 1, will blitz', 'open', 'R gets through',
    ],
    'an end peels with him' => [
        'gun 2x2: slip screen right',
        '4-2 nickel, cover 3, right end plays man on R',
        'covered',
        'right end meets R',
    ],
    'the same to the left' => [
        'gun 2x2: slip screen left', '4-2 nickel, cover 3, left end plays man on R', 'covered', 'left end meets R',
    ],
    'the other end has him: too far' => [
        'gun 2x2: slip screen right', '4-2 nickel, cover 3, left end plays man on R', 'open', 'R',
    ],
    'nobody walked out on the bubble' => ['gun 2x2: bubble screen right', 'bear, cover 1', 'open', 'H'],
    'a man over it' => ['gun 2x2: bubble screen right', '4-2 nickel, cover 1', 'covered', 'nickel meets H'],
    'backers drop from the draw' => ['I right: draw right', '4-2 nickel, cover 2', 'open', 'meets R'],
    'they come into it' => ['gun 2x2: draw right', '4-2 nickel, cover 0, six rush', 'covered', 'meets R'],
    'the sweep shown goes the other way' => ['gun 2x2: end around right', '4-2 nickel, cover 3', 'open', 'X'],
    'a man on the edge nobody has' => [
        'gun 2x2, H jet left: reverse right', '5-2, cover 3', 'covered', 'right end meets X',
    ],
]);

it('is sacked where the rush is there before the ball leaves', function (): void {
    $proof = carried('gun 2x2: swing screen right', '3-4, cover 4');
    expect($proof->ruleTrue->action)->toBe('sack')
        ->and($proof->ruleTrue->letter)->toBe('Q')
        ->and($proof->ruleTrue->gainYd)->toBeLessThan(-4.0)
        ->and($proof->ruleTrue->why)->toContain('the jack is at Q at')
        ->and($proof->ruleTrue->worth()->chance)->toBeLessThan(0.1)
        ->and(carried('gun 2x2: swing screen right', '4-2 nickel, cover 2')->ruleTrue->action)->toBe('throw');
});

it('rushes and drops on a draw until the ball is handed over', function (): void {
    $draw = carried('I right: draw right', '4-2 nickel, cover 2');
    $power = carried('I right: power right', '4-2 nickel, cover 2');
    $deep = fn (RunProof $p, string $role): float => RunFrames::ruleTrue($p)->defenderAt($role, 22)[1];
    // On power he has to get going first, so that the two are less than a yard apart at this moment.
    expect($deep($draw, 'will'))->toBeGreaterThan($deep($power, 'will') + 0.8)
        ->and($draw->defense->tackler('strong safety')->delay)->toBeGreaterThan(1.15)
        ->and($power->defense->tackler('strong safety')->delay)->toBeLessThan(1.15)
        ->and($draw->defense->tackler('left end')->yYd)->toBeLessThan(0.0);
});

it('runs with the sweep it is shown, but for the man outside and the man who has the runner', function (): void {
    $proof = carried('gun 2x2: end around right', '4-3 over, cover 1');
    $delay = fn (string $role): float => $proof->defense->tackler($role)->delay;
    $comes = $proof->carriers['give']->from;
    expect($comes)->toBeGreaterThan(2.0)
        ->and($delay('mike'))->toBeGreaterThan($comes)
        ->and($proof->defense->tackler('mike')->xYd)->toBeLessThan($proof->resolved->front->men['mike']->xYd - 2.0)
        ->and($delay('right corner'))->toBeLessThan($comes)
        ->and($delay('left corner'))->toBeLessThan($comes);
});

it('tells the passer, the receiver and the linemen what they do in a screen', function (): void {
    $told = array_column(Told::jobs(carried('gun 2x2: slip screen right', '4-3 over, cover 2')), null, 'man');
    expect($told['Q']['job'])->toBe('Throws the screen to R at 2.2 s')
        ->and($told['Q']['step'])->toContain('draws the rush')
        ->and($told['R']['job'])->toBe('Catches the screen, right side, behind the line')
        ->and($told['R']['step'])->toContain('two counts, then slips out')
        ->and($told['C']['step'])->toContain('sets as on a pass 1.0 s, lets his man go, then')
        ->and($told['LT']['step'])->not->toContain('lets his man go');
    $bubble = array_column(Told::jobs(carried('gun 2x2: bubble screen right', 'bear, cover 1')), null, 'man');
    expect($bubble['R']['job'])->toBe('Stays in, takes who comes free');
});

it('says the caution of a screen in the book of the level', function (): void {
    $codes = fn (string $call): array => array_map(
        fn ($f): string => $f->code,
        RunFindings::of(carried($call, '4-2 nickel, cover 2'), []),
    );
    expect($codes('gun 2x2: slip screen right'))->toContain('caution-screen')
        ->and($codes('gun 2x2: zone right'))->not->toContain('caution-screen');
});

it('keeps as many in as the protection says, the nearest first', function (string $call, array $in): void {
    $parsed = CallParser::parse($call);
    $eligible = ['X', 'Z', 'H', 'Y', 'R', 'F'];
    $there = array_values(array_intersect($eligible, $parsed->formation->letters()));
    $stays = array_filter(
        $there,
        fn (string $l): bool => ! isset($parsed->routes[$l]) || $parsed->routes[$l]->checks,
    );
    expect(array_values($stays))->toEqualCanonicalizing($in);
})->with([
    'nothing said: the back checks' => ['gun 2x2: smash right', ['R']],
    'five: he is free' => ['gun 2x2, five-man: smash right', []],
    'six' => ['gun 2x2, six-man: smash right', ['R']],
    'seven with a tight end' => ['under center I right, seven-man: Z post; X dig', ['F', 'R']],
    'seven from an open set: the nearest slot' => ['gun trips right, seven-man: Z post; X dig', ['R', 'Y']],
    'eight' => ['under center I right, eight-man: Z post; X dig', ['F', 'R', 'Y']],
    'a man with a route goes out' => ['gun trips right, seven-man: Z post; Y flat; X dig', ['R', 'H']],
]);

it('lines up three backs and gives each of them something to do', function (string $set): void {
    $call = CallParser::parse("$set: triple right");
    expect($call->formation->letters())->toContain('F', 'H', 'R')
        ->and($call->formation->personnel()[0])->toBe('3');
    $blocks = carried("$set: triple right", '4-3 over, cover 2')->resolved->blocks;
    expect($blocks['F']->verb->value)->toBe('carry')
        ->and($blocks['H']->verb->value)->toBe('pitch')
        ->and($blocks['R']->verb->value)->toBe('arc');
})->with(['wishbone', 'full house']);
