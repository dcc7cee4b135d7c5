<?php

/*
 * How reps, reads and owners are judged: the worked cases by their names;
 * common practice without a published source.
 */

use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Grade\Deciding\ReadRule;
use Jacotaxis\Core\Grade\Owners\Owner;
use Jacotaxis\Core\Grade\RouteRep;
use Jacotaxis\Core\Grade\Tolerance;
use Jacotaxis\Core\Proof\Pass\ReadState;
use Jacotaxis\Core\Proof\Pass\ReadStates;
use Jacotaxis\Core\Proof\Telling\Findings\PostFindings;
use Jacotaxis\Core\Proof\Telling\Report;
use Jacotaxis\Core\School\Schools;

/** The reads as they were at the throw: "H live, Z dead". */
function states(string $words, ?string $checkDown = null): ReadStates
{
    $reads = array_map(function (string $one): ReadState {
        [$man, $state] = explode(' ', $one);

        return new ReadState($man, $state === 'live', $state === 'live' ? 0.3 : -0.1);
    }, explode(', ', $words));

    return new ReadStates($reads, $checkDown);
}

it('W-12: five yards too deep is a fault, three tenths within the doubt are none',
    function (float $error, float $sd, bool $fault): void {
        expect(Tolerance::exceeded($error, $sd, 1.0))->toBe($fault);
    })->with([[5.1, 0.4, true], [0.3, 0.5, false]]);

it('W-13, W-14, W-16, W-21: faults of a route by the school',
    function (RouteRep $rep, array $chosen, array $faults): void {
        expect(array_column($rep->faults(Schools::of($chosen)), 'fault'))->toBe($faults);
    })->with([
        'outside foot with a gather, school A' => [new RouteRep('hitch', breakFoot: 'outside', gathers: true), [],
            ['FLT-08']],
        'the same, school B' => [new RouteRep('hitch', breakFoot: 'outside', gathers: true), ['SET-07' => 'B'], []],
        'inside drop, school A' => [new RouteRep('hitch', breakFoot: 'inside'), [], []],
        'inside drop, school B' => [new RouteRep('hitch', breakFoot: 'inside'), ['SET-07' => 'B'], ['FLT-08']],
        'W-14: clean win and a gap on a stop' => [new RouteRep('stop', pressed: true, gapYd: 2.0), [], ['FLT-14']],
        'the same where a clean win is wanted' => [new RouteRep('stop', pressed: true, gapYd: 2.0), ['SET-09' => 'B'],
            []],
        'a gap on a go is the point' => [new RouteRep('go', pressed: true, gapYd: 2.0), [], []],
        'a stop without a gap' => [new RouteRep('stop', pressed: true, gapYd: 0.4), [], []],
        'W-16: six for four, toes reached, sudden' => [
            new RouteRep(quicksPlanned: 4, quicks: 6, reachesToes: true, sudden: true), [], []],
        'six for four without his toes' => [new RouteRep(quicksPlanned: 4, quicks: 6, reachesToes: false, sudden: true),
            [],
            ['FLT-09']],
        'seven for four' => [new RouteRep(quicksPlanned: 4, quicks: 7, reachesToes: true, sudden: true), [],
            ['FLT-09']],
        'six for four where the plan is exact' => [new RouteRep(quicksPlanned: 4, quicks: 6, reachesToes: true,
            sudden: true), ['SET-10' => 'B'], ['FLT-09']],
        'W-21: drifts up under a cutter' => [new RouteRep('in', undercut: true, driftYd: 2.5), [], ['FLT-18']],
        'flattened under a cutter' => [new RouteRep('in', undercut: true, driftYd: 0.2), [], []],
        'nothing seen, nothing charged' => [new RouteRep, [], []],
    ]);

it('judges a decision by the states of the reads',
    function (string $states, ?string $thrown, ?string $checkDown, string $decision, array $labels, array $more): void {
        $judged = ReadRule::of(states($states, $checkDown), $thrown, ...$more);
        expect($judged->grade)->toBe($decision)->and($judged->labels)->toBe($labels);
    })->with([
        'W-18: dig dead, check-down at once' => ['H dead', 'R', 'R', 'right', ['PRS-05'], ['atOnce' => true]],
        'W-18: the dead dig thrown, complete or not' => ['H dead', 'H', 'R', 'forced', ['FLT-48d'], []],
        'W-18: dig live and thrown' => ['H live', 'H', 'R', 'right', [], []],
        'check-down with the dig live: left too soon' => ['H live', 'R', 'R', 'wrong', ['FLT-48a'], []],
        'W-20: naked, sneak flat open, over thrown' => ['Z dead, Y live, X live', 'X', null, 'wrong', ['FLT-48c'], []],
        'W-20: sneak flat' => ['Z dead, Y live, X live', 'Y', null, 'right', [], []],
        'W-20: crosser open over the backer, flat thrown' => ['X live, R live', 'R', null, 'wrong', ['FLT-48c'], []],
        'right and late' => ['H live, Z live', 'H', null, 'right but late', ['FLT-47'], ['late' => true]],
        'everything dead, thrown away' => ['H dead, Z dead', null, null, 'right', [], []],
        'everything dead, held though the outlet was there' => ['H dead', null, 'R', 'wrong', [], []],
        'an alert that was there is as right as the read' => ['H live, Z live', 'X', null, 'right', [],
            ['alert' => true]],
        'a man who is no read' => ['H live', 'X', 'R', 'forced', ['FLT-48d'], []],
        'thrown away with a live read' => ['H live', null, null, 'wrong', [], []],
    ]);

it('PRG-01: names the next live read had the thrown one been taken away',
    function (string $states, string $thrown, ?string $next): void {
        expect(states($states)->next($thrown))->toBe($next);
    })->with([['H live, Z dead, X live', 'H', 'X'], ['H live, Z dead', 'H', null],
        ['H dead, Z live, X live', 'Z', 'X']]);

it('W-19: blames time, then speed, then place; a good throw stays undetermined',
    function (bool $late, bool $soft, bool $far, array $causes, string $owner): void {
        expect(Owner::ofBreakUp($late, $soft, $far))->toBe(['causes' => $causes, 'owner' => $owner]);
    })->with([
        [true, true, false, ['time', 'speed'], 'passer'],
        [false, false, true, ['place'], 'passer'],
        [true, true, true, ['time', 'speed', 'place'], 'passer'],
        [false, false, false, [], 'undetermined'],
    ]);

it('W-17: a drag run to the line to gain is a success, a yard short is a yard short',
    function (float $end, bool $success, float $short): void {
        expect(Owner::finish(Situation::of(down: 3, toGoYd: 9.0), $end))
            ->toBe(['success' => $success, 'shortYd' => $short]);
    })->with([[9.0, true, 0.0], [8.0, false, 1.0]]);

it(
    'W-18: the hook man sinks under the dig at the sticks on third and long, and the check-down is next',
    function (): void {
        $proof = proof('gun 2x2 right: go-dig right; R check flat', 'cover 3', down: 3, toGo: 8.0);
        $deep = fn ($p): float => $p->playOut->byRule()->y[
            array_search('mike', array_map(fn ($d): string => $d->role, $p->scene->defenders), true)
        ][52];
        expect($proof->scene->routes['H']->break()->yYd)->toEqualWithDelta(8.0, 0.01);
        $long = proof('gun 2x2 right: go-dig right; R check flat; H dig 12', 'cover 3', down: 3, toGo: 14.0);
        $usual = proof('gun 2x2 right: go-dig right; R check flat; H dig 12', 'cover 3', down: 1, toGo: 10.0);
        expect($deep($long))->toBeGreaterThan($deep($usual) + 0.5);
    },
);

it('W-18: post-dig against quarters, both ways', function (): void {
    $proof = proof('gun 2x2 right: post-dig right', 'quarters');
    expect(answer($proof, 'jump'))->toBe('Z')->and(answer($proof, 'stay'))->toBe('H');
});

it('W-19: a post three yards inside the near safety leaves the over unsafe, unless the staff allows it',
    function (float $inside, string $school, bool $captures): void {
        expect(PostFindings::captures($inside, Schools::of(['SET-13' => $school])))->toBe($captures);
    })->with([
        [3.0, 'A', false],
        [3.0, 'B', true],
        [5.0, 'B', false],
        [-3.0, 'B', false],
        [1.0, 'A', true],
        [-1.0, 'A', true],
    ]);

it('W-19: says so of a post over a crosser that lets the near safety go', function (): void {
    $call = 'gun 2x2 right: X post, Z over 12, Y go, H go; read Z, X';
    $of = fn (string $look): array => array_column(Report::of(proof($call, $look))['findings'], 'man', 'code');
    expect($of('cover 4, free safety at -10 12'))
        ->toHaveKey('safety-free', 'X')
        ->and($of('cover 3'))
        ->not->toHaveKey('safety-free')
        ->and(
            array_column(
                Report::of(proof('gun 2x2 right: X post, Z hitch; read X', 'cover 4, free safety at -10 12'))[
                    'findings'
                ],
                'code',
            ),
        )
        ->not->toContain('safety-free');
});

it('shows every read under an act: live with its margin, or dead with what killed it', function (): void {
    $report = Report::of(proof('gun 2x2 right: smash right', 'cover 2'));
    $acts = array_column($report['keys'][0]['acts'], null, 'name');
    expect(array_column($acts['sit']['reads'], 'state', 'man'))->toBe(['H' => 'live', 'Z' => 'dead'])
        ->and(array_column($acts['sit']['reads'], 'killedBy', 'man')['Z'])->toContain('right corner')
        ->and(array_column($acts['sink']['reads'], 'state', 'man'))->toBe(['H' => 'dead', 'Z' => 'live'])
        ->and(array_column($acts['sink']['reads'], 'killedBy', 'man')['H'])->toBe('right corner: sink')
        ->and(array_column($report['states'], 'state', 'man'))->toBe(['H' => 'live', 'Z' => 'dead']);
});

it('lets the ball leave before the break on routes thrown in rhythm and to who comes to a stop, and on no other',
    function (string $route, bool $rhythm): void {
        $reading = proof("gun 2x2 right: Z $route; read Z", 'cover 3')->readings['Z'];
        expect($reading->live())->toBeTrue()->and($reading->from < $reading->breakAt - 0.1)->toBe($rhythm);
    })->with([
        ['quick out', true],
        ['out 10', true],
        ['comeback 14', true],
        ['dig 10', false],
        ['curl 11', true],
        ['hitch', true],
        ['corner 10', false],
    ]);

it('has room for a quick out to a wide man, thrown in rhythm', function (string $hash): void {
    $proof = proof('gun 2x2 right: Z quick out; read Z', 'cover 3', Jacotaxis\Core\Field\Hash::from($hash));
    expect($proof->windows->lines('Z'))->not->toBe([])->and($proof->ruleTrue->letter)->toBe('Z');
})->with(['left', 'middle', 'right']);
