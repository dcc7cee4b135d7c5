<?php

/* Routes as timed paths: common practice for depths and angles, without a published source. */

use Jacotaxis\Core\Field\Hash;
use Jacotaxis\Core\Field\PlayFrame;
use Jacotaxis\Core\Field\RuleSet;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Kinematics\CutKind;
use Jacotaxis\Core\Kinematics\Level;
use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Offense\Formation;
use Jacotaxis\Core\Route\RouteRunner;
use Jacotaxis\Core\Route\Routes;
use Jacotaxis\Core\Route\RouteSpec;
use Jacotaxis\Core\Route\RunRoute;
use Jacotaxis\Core\Route\UnknownRoute;

/** A route run by a man of the 2x2 to the right. */
function ran(string $letter, RouteSpec $spec, Hash $hash = Hash::Middle): RunRoute
{
    $frame = PlayFrame::of(RuleSet::Nfhs, $hash, 40.0);

    return RouteRunner::path((new Formation)->men($frame)[$letter], $spec, $frame, Level::HighSchool->receiver());
}

it('breaks where the catalogue says, the way it says', function (string $name, float $depth, CutKind $kind): void {
    $break = ran('Z', RouteSpec::of($name))->break();
    expect($break->yYd)->toEqualWithDelta($depth, 1e-6)->and($break->kind)->toBe($kind);
})->with([
    'hitch at 6, settles' => ['hitch', 6.0, CutKind::Settle],
    'corner at 10, drop-break' => ['corner', 10.0, CutKind::Drop],
    'post at 11, speed cut' => ['post', 11.0, CutKind::Speed],
    'dig at 12, speed cut' => ['dig', 12.0, CutKind::Speed],
    'out at 10, drop-break' => ['out', 10.0, CutKind::Drop],
    'curl at 12, drop-break' => ['curl', 12.0, CutKind::Drop],
]);

it('goes the way it is called', function (string $letter, string $name, ?Side $side, float $inward): void {
    $run = ran($letter, RouteSpec::of($name, side: $side));
    $break = (int) ceil($run->break()->t / Path::STEP);
    $moved = $run->path->x[min(Path::STEPS - 1, $break + 20)] - $run->path->x[$break];
    $home = $letter === 'Z' || $letter === 'H' ? 1.0 : -1.0;
    $inward === 0.0 ? expect(abs($moved))->toBeLessThan(1.5) : expect(-$moved * $home * $inward)->toBeGreaterThan(1.0);
})->with([
    'corner outside' => ['H', 'corner', null, -1.0],
    'corner outside, left' => ['Y', 'corner', null, -1.0],
    'post inside' => ['Z', 'post', null, 1.0],
    'post inside, left' => ['X', 'post', null, 1.0],
    'dig inside' => ['H', 'dig', null, 1.0],
    'out outside' => ['H', 'out', null, -1.0],
    'post sent outside by word' => ['H', 'post', Side::Right, -1.0],
    'go straight' => ['Z', 'go', null, 0.0],
    'seam straight' => ['H', 'seam', null, 0.0],
    'shallow inside' => ['X', 'shallow', null, 1.0],
]);

it('comes back on a curl and holds the ground on a hitch', function (string $name, float $finish): void {
    $path = ran('Z', RouteSpec::of($name))->path;
    expect($path->y[Path::STEPS - 1])->toEqualWithDelta($finish, 0.05)->and($path->vy[Path::STEPS - 1])->toBe(0.0);
})->with([['curl', 10.0], ['hitch', 6.0]]);

it('runs the seam up its landmark, and across to the other when it is sent there',
    function (string $letter, ?Side $side, float $from, float $to): void {
        $path = ran($letter, RouteSpec::of('seam', side: $side))->path;
        expect($path->x[Path::STEPS - 1])->toBeGreaterThan($from)->toBeLessThan($to);
    })->with([['H', null, 5.0, 8.0], ['Y', null, -8.0, -5.0], ['H', Side::Left, -8.0, -5.0]]);

it('stays in bounds on every hash', function (string $name, string $letter, Hash $hash): void {
    $frame = PlayFrame::of(RuleSet::Nfhs, $hash, 40.0);
    $path = ran($letter, RouteSpec::of($name), $hash)->path;
    expect(min($path->x))
        ->toBeGreaterThan($frame->sidelineX(Side::Left))
        ->and(max($path->x))
        ->toBeLessThan($frame->sidelineX(Side::Right));
})
    ->with(fn () => array_keys(Routes::all()))
    ->with(['X', 'H', 'Z', 'R'])
    ->with(Hash::cases());

it('never runs faster than its man, nor jumps', function (string $name, string $letter): void {
    $path = ran($letter, RouteSpec::of($name))->path;
    $vmax = Level::HighSchool->receiver()->vmax;
    for ($i = 1; $i < Path::STEPS; $i++) {
        expect(hypot($path->x[$i] - $path->x[$i - 1], $path->y[$i] - $path->y[$i - 1]))->toBeLessThan(
            $vmax * Path::STEP + 1e-6,
        );
    }
})->with(fn () => array_keys(Routes::all()))->with(['X', 'H', 'R']);

it('breaks later the deeper it is, about a tenth of a second a yard', function (string $name): void {
    $times = array_map(fn (float $depth): float => ran('H', RouteSpec::of($name, $depth))->break()->t, [
        9.0,
        10.0,
        11.0,
        12.0,
    ]);
    for ($i = 1; $i < 4; $i++) {
        expect($times[$i] - $times[$i - 1])->toBeGreaterThan(0.1)->toBeLessThan(0.16);
    }
})->with(['corner', 'post', 'dig', 'out']);

it('fans a straight route out from a tight split, toward the numbers of a wide side',
    function (float $wide, Hash $hash, ?string $inside, float $from, float $to): void {
        $frame = PlayFrame::of(RuleSet::Nfhs, $hash, 40.0);
        $man = (new Formation)->men($frame)['Z']->at($wide, -0.5);
        $run = RouteRunner::path(
            $man,
            RouteSpec::of('go'),
            $frame,
            Level::HighSchool->receiver(),
            outside: $inside === null,
        );
        expect($run->path->x[80])->toBeBetween($from, $to);
    })->with([
        'from a stack in the middle four yards' => [13.0, Hash::Middle, null, 16.5, 17.5],
        'to the wide side farther' => [13.0, Hash::Left, null, 18.0, 25.5],
        'on the short side never into the sideline' => [8.0, Hash::Right, null, 11.0, 14.5],
        'from a wide split not at all' => [18.0, Hash::Middle, null, 17.9, 19.5],
        'who is not the outside man runs straight' => [13.0, Hash::Middle, 'slot', 12.9, 14.5],
    ]);

it('lets a back who checks the rush go later', function (): void {
    expect(
        ran('R', RouteSpec::of('flat', checks: true))->break()->t - ran('R', RouteSpec::of('flat'))->break()->t,
    )->toEqualWithDelta(0.6, 1e-6);
});

it('tells what it is: at the break, by a release that is not vertical, or past the quick game',
    function (string $letter, string $name, float $from, float $to): void {
        expect(ran($letter, RouteSpec::of($name))->declaredAt())->toBeGreaterThan($from)->toBeLessThan($to);
    })->with([
        'hitch by the tell of its stop' => ['Z', 'hitch', 1.2, 1.4],
        'corner by the tell of its cut' => ['H', 'corner', 1.7, 1.95],
        'flat at once' => ['H', 'flat', 0.4, 0.9],
        'shallow at once' => ['X', 'shallow', 0.4, 1.3],
    ]);

it('refuses routes and depths it does not know', function (string $name, ?float $depth, string $message): void {
    expect(fn () => RouteSpec::of($name, $depth))->toThrow(UnknownRoute::class, $message);
})->with([
    ['zigzag', null, 'Known routes: hitch'],
    ['hitch', 30.0, 'give 2 to 12 yards'],
    ['corner', -4.0, 'cannot break at -4'],
    ['corner', NAN, 'cannot break at NAN'],
    ['post', INF, 'cannot break at INF'],
]);

it('mirrors twice into itself', function (): void {
    $spec = RouteSpec::of('post', 12.0, Side::Left);
    expect($spec->mirrored()->mirrored())->toEqual($spec)->and($spec->mirrored()->side)->toBe(Side::Right);
});

it('breaks the quick, crossing and double-stem routes where the catalogue says',
    function (string $letter, string $name, float $x, float $y, CutKind $kind): void {
        $break = ran($letter, RouteSpec::of($name))->break();
        expect([$break->xYd, $break->yYd])->toEqualWithDelta([$x, $y], 0.51)->and($break->kind)->toBe($kind);
    })->with([
        'slant at three' => ['Z', 'slant', 18.0, 3.0, CutKind::Speed],
        'quick out at five, rounded' => ['H', 'quick out', 9.0, 5.0, CutKind::Speed],
        'in at five' => ['Z', 'in', 18.0, 5.0, CutKind::Speed],
        'stop at nine' => ['Z', 'stop', 18.0, 9.0, CutKind::Settle],
        'now hitch at five' => ['X', 'now hitch', -18.0, 5.0, CutKind::Settle],
        'comeback at sixteen' => ['Z', 'comeback', 18.0, 16.0, CutKind::Drop],
        'over climbs to ten' => ['H', 'over', 9.0, 10.0, CutKind::Speed],
        'sit six yards inside' => ['Z', 'sit', 12.0, 5.5, CutKind::Settle],
        'sit in front of his place from the slot' => ['Y', 'sit', -8.0, 5.5, CutKind::Settle],
        'wheel turns up past the flat man' => ['H', 'wheel', 17.0, 2.0, CutKind::Speed],
        'bender leaves its landmark at twelve' => ['H', 'bender', 6.5, 12.0, CutKind::Speed],
    ]);

it('ends where the route ends', function (string $letter, string $name, Closure $ends): void {
    $path = ran($letter, RouteSpec::of($name))->path;
    $last = Path::STEPS - 1;
    expect($ends($path->x[$last], $path->y[$last], $path->vx[$last], $path->vy[$last]))->toBeTrue(
        "$letter $name ends at {$path->x[$last]}, {$path->y[$last]}",
    );
})->with([
    'comeback is caught at fourteen, outside' => ['Z', 'comeback', fn ($x, $y, $vx, $vy): bool => abs($y - 14.0) < 0.05
        && $x > 18.5 && $vy === 0.0],
    'over is past the ball, above ten' => ['H', 'over', fn ($x, $y): bool => $x < 0.0 && $y > 13.0 && $y < 24.0],
    'bubble never crosses the line' => ['H', 'bubble', fn ($x, $y): bool => $x > 12.0 && $y < 0.0],
    'swing widens behind the line' => ['R', 'swing', fn ($x, $y): bool => $x < -7.0 && $y < 1.0],
    'arrow is in the flat, shallow' => ['R', 'arrow', fn ($x, $y): bool => abs($x) > 7.0 && $y < 3.5],
    'wheel runs up the sideline' => ['H', 'wheel', fn ($x, $y, $vx): bool => $y > 20.0 && abs($vx) < 0.01],
    'slant goes inside and on' => ['Z', 'slant', fn ($x, $y, $vx): bool => $vx < -4.0],
    'bender goes to the middle' => ['H', 'bender', fn ($x, $y, $vx): bool => $x < 6.0 && $vx < -1.0 && $y > 20.0],
    'stop holds the ground' => ['Z', 'stop', fn ($x, $y, $vx, $vy): bool => abs($y - 9.0) < 0.05 && $vy === 0.0],
]);

it('keeps every route of the catalogue in bounds and finite from every man and hash', function (
    string $name,
    Hash $hash,
): void {
    $frame = PlayFrame::of(RuleSet::Nfhs, $hash, 40.0);
    foreach (['X', 'Y', 'H', 'Z', 'R'] as $letter) {
        $path = ran($letter, RouteSpec::of($name), $hash)->path;
        foreach ($path->x as $i => $x) {
            if (
                ! is_finite($x) ||
                ! is_finite($path->y[$i]) ||
                $x < $frame->sidelineX(Side::Left) ||
                $x > $frame->sidelineX(Side::Right)
            ) {
                $this->fail("$letter $name is at $x, {$path->y[$i]} at step $i");
            }
        }
        expect(count($path->cuts))->toBeGreaterThan(0);
    }
})->with(array_keys(Routes::all()))->with(Hash::cases());

it('lets the ball leave before the break where the man is led or thrown to in rhythm', function (
    string $letter,
    string $name,
    float $before,
): void {
    $run = ran($letter, RouteSpec::of($name));
    expect($run->break()->t - $run->thrownFrom())->toEqualWithDelta($before, 1e-6);
})->with([
    'who runs to the flat is led' => ['H', 'flat', 0.1],
    'an arrow too' => ['H', 'arrow', 0.1],
    'and a swing' => ['R', 'swing', 0.1],
    'an out in rhythm' => ['Z', 'out', 0.2],
    'a curl in rhythm' => ['Z', 'curl', 0.2],
    'a slant when it is cut' => ['Z', 'slant', 0.0],
    'a dig when it is cut' => ['Z', 'dig', 0.0],
]);
