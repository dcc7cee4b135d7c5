<?php

/* Conversions, releases,
    steps and landmarks: common practice without a published source; the worked cases by their names. */

use Jacotaxis\Core\Field\Hash;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Kinematics\Level;
use Jacotaxis\Core\Proof\Telling\PressRows;
use Jacotaxis\Core\Proof\Telling\Report;
use Jacotaxis\Core\Proof\Telling\Stage;
use Jacotaxis\Core\Route\Release;
use Jacotaxis\Core\Route\RouteFinder;
use Jacotaxis\Core\Route\RouteRunner;
use Jacotaxis\Core\Route\Routes;
use Jacotaxis\Core\Route\RouteSpec;
use Jacotaxis\Core\Route\Steps;
use Jacotaxis\Core\Route\UnknownRoute;
use Jacotaxis\Core\School\Schools;
use Jacotaxis\Core\Words\CallParser;

it('turns a route into another by what the receiver sees', function (
    string $route,
    string $look,
    string $becomes,
    string $finish,
): void {
    $run =
        schooled("gun 2x2 right: $route", $look)->scene->routes['Z'] ??
        schooled("gun 2x2 right: $route", $look)->scene->routes['H'];
    expect($run->spec->name)
        ->toBe($becomes)
        ->and($run->spec->finish()->name)
        ->toBe($finish);
})->with([
    'W-06, RTE-11: now hitch, corner off' => ['Z now hitch', '4-2 nickel, cover 3', 'now hitch', 'Settle'],
    'W-06, RTE-11: now hitch, corner presses' => ['Z now hitch', '4-2 nickel, cover 1, corners press', 'go', 'Run'],
    'shallow against man keeps running' => ['Z shallow', '4-2 nickel, cover 1', 'shallow', 'Run'],
    'RTE-17: shallow against zone settles' => ['Z shallow', '4-2 nickel, cover 3', 'shallow', 'Settle'],
    'a shallow told to keep moving does' => ['Z shallow moving', '4-2 nickel, cover 3', 'shallow', 'Run'],
]);

it('RTE-15: the seam stays against a closed middle and bends against an open one', function (
    string $shell,
    string $becomes,
): void {
    expect(schooled('gun 2x2 right: H seam', "4-2 nickel, $shell")->scene->routes['H']->spec->name)->toBe($becomes);
})->with([
    ['cover 3', 'seam'],
    ['cover 1', 'seam'],
    ['cover 2', 'bender'],
    ['cover 4', 'bender'],
    ['cover 3, shows cover 2', 'seam'],
]);

it('bends a seam at the depth the call names, else at its own', function (string $seam, float $depthYd): void {
    expect(schooled("gun 2x2 right: H $seam", '4-2 nickel, cover 2')->scene->routes['H']->spec->depth())->toBe(
        $depthYd,
    );
})->with([['seam', 12.0], ['seam 14', 14.0], ['seam 10.5', 10.5]]);

it('RTE-16: the choice route wins by leverage', function (string $look, string $becomes): void {
    expect(schooled('gun trips right: Y choice', "4-2 nickel, $look")->scene->routes['Y']->spec->name)->toBe($becomes);
})->with([
    'nickel outside: in' => ['cover 3, nickel at 9 4, mike at 0 4', 'in'],
    'nickel inside: out' => ['cover 3, nickel at 5.5 4', 'quick out'],
    'head up: hitch' => ['cover 3, nickel at 7 4', 'hitch'],
]);

it('keeps the go out of it where the staff wants a signal (SET-14)', function (): void {
    expect(
        schooled('gun 2x2 right: Z now hitch', '4-2 nickel, cover 1, corners press', ['SET-14' => 'B'])->scene->routes[
            'Z'
        ]->spec->name,
    )->toBe('now hitch');
});

it('counts press by the staff\'s own cushion', function (float $press, string $becomes): void {
    expect(
        schooled('gun 2x2 right: Z now hitch', '4-2 nickel, cover 2, corners off 3', values: ['press' => $press])->scene
            ->routes['Z']->spec->name,
    )->toBe($becomes);
})->with([[2.5, 'now hitch'], [3.5, 'go']]);

it('draws what a route may become as ghosts with their conditions',
    function (string $call, string $look, string $man, array $words): void {
        $routes = array_column(Stage::of(schooled($call, $look))['routes'], null, 'man');
        expect(array_column($routes[$man]['ghosts'], 'words'))->toBe($words);
    })->with([
        ['gun 2x2 right: Z now hitch', '4-2 nickel, cover 3', 'Z', ['go against press']],
        ['gun 2x2 right: Z now hitch', '4-2 nickel, cover 1, corners press', 'Z', ['now hitch as called']],
        ['gun 2x2 right: H seam', '4-2 nickel, cover 3', 'H', ['bender against an open middle']],
        ['gun 2x2 right: Z dig', '4-2 nickel, cover 3', 'Z', []],
    ]);

it('tells in the ledger what became of a route', function (): void {
    $report = Report::of(schooled('gun 2x2 right: Z now hitch; read Z', '4-2 nickel, cover 1, corners press'));
    expect(array_column($report['assignments'], 'job', 'man')['Z'])->toContain('here a go')
        ->and($report['reads'][0]['called'])->toBe('now hitch');
});

it('W-14: a stop keeps the press man on the hip, a go wins clean and stacks',
    function (string $route, string $purpose, string $finish): void {
        $row = PressRows::of(schooled("gun 2x2 right: Z $route", '4-2 nickel, cover 1, corners press')->scene)[0];
        expect($row['leverage'])
            ->toBe('inside')
            ->and($row['purpose'])
            ->toBe($purpose)
            ->and($row['finish'])
            ->toContain($finish);
    })->with([
        ['stop', 'stop', 'inside hip without a gap'],
        ['go', 'vertical', 'stack on top'],
        ['slant', 'break', 'back on the line'],
    ]);

it('W-15: aims off the edge by the school, never at his middle, and answers what he does', function (
    string $school,
    float $aimYd,
): void {
    $row = PressRows::of(
        schooled('gun 2x2 right: Z go', '4-2 nickel, cover 1, corners press, corners outside', ['SET-02' => $school])
            ->scene,
    )[0];
    $answers = array_column($row['reactions'], 'answer', 'name');
    expect($row['leverage'])
        ->toBe('outside')
        ->and($row['aim'])
        ->toBe('right')
        ->and($row['aimYd'])
        ->toBe($aimYd)
        ->and($row['aimYd'])
        ->toBeGreaterThan(0.0)
        ->and($answers['jumps'])
        ->toContain('win inside')
        ->and($answers['sits'])
        ->toContain('two quicks inside, then speed')
        ->and($answers['bails'])
        ->toContain('no more steps sideways')
        ->and($answers['hesitates'])
        ->toContain('the same two quicks')
        ->and($answers['jams'])
        ->toContain('rip');
})->with([['A', 1.5], ['B', 1.0], ['C', 0.5]]);

it('REL-03: attacks his leverage side first, or the side away from where it goes', function (
    string $school,
    string $aim,
): void {
    expect(
        PressRows::of(
            schooled('gun 2x2 right: Z go', '4-2 nickel, cover 1, corners press', ['SET-03' => $school])->scene,
        )[0]['aim'],
    )->toBe($aim);
})->with([['A', 'left'], ['B', 'left']]);

it('REL-08: with the outside won a corner route goes two quicks inside first', function (): void {
    $answers = array_column(
        PressRows::of(
            schooled('gun 2x2 right: Z corner outside release', '4-2 nickel, cover 1, corners press')->scene,
        )[0]['reactions'],
        'answer',
        'name',
    );
    expect($answers['sits'])->toContain('rides you into the sideline');
});

it('a press man changes the play by what he does', function (): void {
    $margin = fn (array $press): float => schooled('gun 2x2 right: Z go, H go clear; read Z',
        '4-2 nickel, cover 1, corners press', press: $press)->windows->bestThrow('Z')['margin'];
    expect($margin(['Z' => 'sits']))->toBeGreaterThan($margin([]) + 0.3)
        ->and($margin(['Z' => 'jumps']))->toBeGreaterThan($margin([]))
        ->and($margin(['Z' => 'bails']))->toBeLessThan($margin(['Z' => 'sits']))->and($margin(['Z' => 'jams']))
        ->toBeLessThan($margin(['Z' => 'sits']));
});

it('a release costs time, and says when it outlasts the slot (REL-14)', function (string $route): void {
    $free = schooled("gun 2x2 right: Z $route; read Z", '4-2 nickel, cover 3')->scene->routes['Z']->break()->t;
    $held = schooled("gun 2x2 right: Z $route; read Z", '4-2 nickel, cover 1, corners press');
    expect($held->scene->routes['Z']->break()->t)->toBeGreaterThan($free + 0.2);
    if (! $held->readings['Z']->live()) {
        expect(array_column(Report::of($held)['findings'], 'rule', 'code'))->toHaveKey('release-outlasts', 'REL-14');
    }
})->with(['stop', 'dig', 'curl', 'corner', 'slant']);

it('a bailing man costs no steps sideways', function (): void {
    $run = schooled('gun 2x2 right: Z go', '4-2 nickel, cover 1, corners press', press: ['Z' => 'bails'])->scene
        ->routes['Z'];
    expect(
        max(array_map(fn (float $x): float => abs($x - $run->path->x[0]), array_slice($run->path->x, 0, 30))),
    )->toBeLessThan(0.05);
});

it('W-13: the second inside step is a hitch, the third at nine a stop, and half yards are not added unasked',
    function (): void {
        expect(Steps::route(2))->toBe('hitch')->and(Steps::route(3))->toBe('stop')->and(Steps::route(7))->toBeNull()
            ->and(Steps::depth(2))->toBe(Routes::get('hitch')->depthYd)->and(Steps::depth(3))
            ->toBe(Routes::get('stop')->depthYd)
            ->and(Steps::at(6.3))->toBe(2)->and(Steps::at(8.8))->toBe(3)->and(Steps::depth(2, 1.7))
            ->toEqualWithDelta(6.8,
                1e-9);
        $unset = Steps::gained(true, true, Schools::of());
        expect($unset)->toMatchArray(['each' => 0.5, 'sum' => null])->and($unset['words'])
            ->toContain('+0.5 yd each, sum unset');
        expect(Steps::gained(true, true, Schools::of([], ['half-yards-add' => 0.8]))['sum'])->toBe(0.8)
            ->and(Steps::gained(true, false, Schools::of())['sum'])->toBe(0.5)
            ->and(Steps::gained(false, false, Schools::of())['words'])->toBe('nothing');
    });

it('W-17: at the sticks follows the down, and comes back to them',
    function (string $route, float $toGo, float $breaks): void {
        $situation = Situation::of(down: 3, toGoYd: $toGo);
        $spec = CallParser::parse("gun 2x2 right: Z $route at sticks", $situation)->routes['Z'];
        expect($spec->in($situation)->depth())->toBe($breaks);
    })->with([['dig', 9.0, 9.0], ['dig', 6.0, 6.0], ['curl', 9.0, 11.0], ['out', 8.0, 8.0], ['comeback', 12.0, 14.0]]);

it('runs a width at a landmark on every hash (CAL-07)', function (string $words, Hash $hash): void {
    $situation = Situation::of(hash: $hash);
    $proof = proof("gun 2x2 right: $words", 'cover 3', $hash);
    $frame = $situation->frame();
    $path = $proof->scene->routes['H']->path;
    $x = str_contains($words, 'hash') ? $frame->hashX(Side::Left) : $frame->numbersX(Side::Right);
    expect($path->x[count($path->x) - 1])->toEqualWithDelta($x, 0.7);
})->with(['H over at hash', 'H seam at numbers'])->with([Hash::Middle]);

it('refuses a width for a route that has none', function (string $words): void {
    expect(fn () => CallParser::parse("gun 2x2 right: $words"))->toThrow(Exception::class, 'has no width');
})->with(['Z hitch at hash', 'H flat at numbers']);

it('double moves lie first', function (string $name): void {
    $proof = proof("gun 2x2 right: Z $name", 'cover 3');
    $cuts = $proof->scene->routes['Z']->path->cuts;
    expect(count($cuts))
        ->toBeGreaterThanOrEqual(2)
        ->and($proof->scene->routes['Z']->break()->t)
        ->toBeGreaterThan($cuts[0]->t);
})->with(['post-corner', 'corner-post', 'hitch-go', 'slant-go', 'out-up']);

it('a leak comes late up the other side', function (): void {
    $path = proof('gun trey right: Y leak left', 'cover 1')->scene->routes['Y']->path;
    expect($path->x[24])->toEqualWithDelta($path->x[0], 0.3)
        ->and($path->x[90])->toBeLessThan(-6.0)
        ->and($path->y[90])->toBeGreaterThan(8.0);
});

it('names a drawn path as the nearest route with its depth',
    function (string $man, string $words, string $name, float $depth): void {
        $call = CallParser::parse("gun 2x2 right: $man $words");
        $frame = Situation::of()->frame();
        $men = $call->men($frame);
        $run = RouteRunner::path($men[$man], $call->routes[$man], $frame, Level::HighSchool->receiver());
        $points = [];
        for ($i = 3; $i * 0.05 <= $run->break()->t + 0.9; $i += 3) {
            $points[] = [$run->path->x[$i] + 0.2 * sin($i), $run->path->y[$i] + 0.2 * cos(0.7 * $i)];
        }
        $found = RouteFinder::of($men[$man], $points, $frame, Level::HighSchool->receiver());
        expect($found[0]['route']->name)->toBe($name)
            ->and($found[0]['route']->depth())->toEqualWithDelta($depth, 0.76)
            ->and(count($found))->toBe(3)
            ->and($found[0]['offYd'])->toBeLessThan(0.5);
    })->with([
        ['Z', 'dig 14', 'dig', 14.0],
        ['Z', 'post', 'post', 11.0],
        ['H', 'corner 12', 'corner', 12.0],
        ['Z', 'go', 'go', 14.0],
        ['X', 'comeback', 'comeback', 16.0],
        ['Z', 'curl', 'curl', 12.0],
        ['H', 'out 11', 'out', 11.0],
        ['X', 'shallow', 'shallow', 5.0],
        ['Z', 'stop', 'stop', 9.0],
        ['H', 'wheel', 'wheel', 2.0],
        ['H', 'over', 'over', 10.0],
        ['Z', 'slant', 'slant', 3.0],
    ]);

it('keeps a reaction it does not know out of the release', function (): void {
    expect(array_keys(Release::REACTIONS))->toBe(['sits', 'jumps', 'hesitates', 'bails', 'jams'])
        ->and(Release::firstStep('dances'))->toBe([0.0, 0.0, 0.0]);
});

it('says which depth a route can have', function (): void {
    expect(fn () => RouteSpec::of('hitch', 15.0))->toThrow(UnknownRoute::class, 'give 2 to 12 yards');
});

it('SET-01: a staff that spends nothing sideways gets off sooner on a vertical, and on nothing else', function (
    string $route,
    bool $sooner,
): void {
    $setUp = fn (array $chosen): float => schooled(
        "gun 2x2 right: Z $route; read Z",
        '4-2 nickel, cover 1, corners press',
        $chosen,
    )->scene->releases['Z']->setUpS;
    expect($setUp(['SET-01' => 'B']) < $setUp([]))->toBe($sooner);
})->with([['go', true], ['stop', false], ['slant', false]]);
