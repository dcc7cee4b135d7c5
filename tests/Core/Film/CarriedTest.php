<?php

use Jacotaxis\Core\Film\Calibrate\BadCalibration;
use Jacotaxis\Core\Film\Calibrate\Carried;
use Jacotaxis\Core\Film\Calibrate\FieldClick;
use Jacotaxis\Core\Film\Calibrate\Homography;
use Jacotaxis\Core\Film\Simulated\CameraMan;
use Jacotaxis\Core\Film\Simulated\FilmedRun;

/** The camera man on a smash and its film. */
function held(string $angle = 'wide', bool $moves = true): array
{
    $run = FilmedRun::of(proof('gun 2x2 right: smash right', 'cover 2'));

    return [CameraMan::of($run, $angle, moves: $moves), $run->duration(), $run->proof->scene()->frame];
}

/** The corners of the picture that are on the grass, and its middle. */
const PLACES = [[40.0, 330.0], [600.0, 330.0], [60.0, 150.0], [580.0, 150.0], [320.0, 200.0]];

it('carries a calibration along the paint of a panning and zooming camera', function (string $angle, float $at): void {
    [$camera, $until] = held($angle);
    $carried = new Carried([['atS' => 1.0, 'points' => paint($camera->at(1.0))]], movesOf($camera, $until));
    $view = $carried->at($at);
    $truth = new Carried([['atS' => $at, 'points' => paint($camera->at($at))]], []);
    foreach (PLACES as $place) {
        [$x, $y] = $view->toField(...$place);
        [$tx, $ty] = $truth->at($at)->toField(...$place);
        expect(hypot($x - $tx, $y - $ty))->toBeLessThan(0.5)
            ->and($view->toPicture($x, $y))->toEqualWithDelta($place, 1e-6)
            ->and(hypot($x - $tx, $y - $ty))->toBeLessThan(3.0 * $view->doubt(...$place)[2]);
    }
})->with([
    ['wide', 1.0],
    ['wide', 2.0],
    ['wide', 3.3],
    ['wide', 4.6],
    ['wide', 0.2],
    ['tight', 2.5],
    ['tight', 4.0],
    'between two steps' => ['wide', 2.537],
]);

it('has more doubt the farther it was carried, and less between two calibrations', function (): void {
    [$camera, $until] = held();
    $key = fn (float $t): array => ['atS' => $t, 'points' => paint($camera->at($t))];
    $moves = movesOf($camera, $until);
    $one = new Carried([$key(1.0)], $moves);
    $two = new Carried([$key(1.0), $key(4.5)], $moves);
    expect($one->at(1.0)->driftPx)->toBe(0.0)->and($one->at(2.0)->driftPx)->toBeLessThan($one->at(4.0)->driftPx)
        ->and($two->at(4.0)->driftPx)->toBeLessThan($one->at(4.0)->driftPx)->and($two->at(4.0)->keyS)->toBe(4.5);
});

it('doubts where two calibrations disagree about the place', function (): void {
    [$camera, $until] = held();
    $shifted = array_map(
        fn (FieldClick $p): FieldClick => new FieldClick($p->xPx + 12.0, $p->yPx, $p->fieldXYd, $p->fieldYYd),
        paint($camera->at(4.5)),
    );
    $carried = new Carried(
        [['atS' => 1.0, 'points' => paint($camera->at(1.0))], ['atS' => 4.5, 'points' => $shifted]],
        movesOf($camera, $until),
    );
    expect($carried->at(2.75)->driftPx)->toBeGreaterThan(3.0);
});

it('refuses a picture nobody followed', function (Closure $carried, float $at, string $says): void {
    expect(fn () => $carried()->at($at))->toThrow(BadCalibration::class, $says);
})->with([
    'past the end of the following' => [function (): Carried {
        [$camera] = held();

        return new Carried([['atS' => 1.0, 'points' => paint($camera->at(1.0))]], movesOf($camera, 2.0));
    }, 3.0, 'nobody followed it to 3.00 s'],
    'a gap in it' => [function (): Carried {
        [$camera] = held();

        return new Carried([['atS' => 1.0, 'points' => paint($camera->at(1.0))]],
            array_values(array_filter(movesOf($camera, 4.0), fn (array $m): bool => $m['fromS'] < 1.95
            || $m['fromS'] > 2.35)));
    }, 3.0, 'nobody followed it'],
    'two calibrations of a camera that moved' => [function (): Carried {
        [$camera] = held();

        return new Carried([['atS' => 1.0, 'points' => paint($camera->at(1.0))],
            ['atS' => 4.0, 'points' => paint($camera->at(4.0))]], []);
    }, 2.5, 'nobody followed it'],
    'three marks' => [fn () => new Carried([['atS' => 1.0, 'points' => array_slice(paint(held()[0]->at(1.0)), 0, 3)]],
        []), 1.0, 'at least four'],
]);

it('takes a camera that stands still as standing still, in a little more doubt', function (): void {
    [$camera] = held(moves: false);
    $carried = new Carried([['atS' => 1.0, 'points' => paint($camera->at(1.0))],
        ['atS' => 4.0, 'points' => paint($camera->at(4.0))]], []);
    expect($carried->at(2.5)->driftPx)->toBe(0.75)
        ->and($carried->at(2.5)->followed)->toBeFalse()
        ->and((new Carried([], []))->at(1.0))->toBeNull();
});

it('multiplies, inverts and shares homographies', function (): void {
    $h = [1.02, 0.03, 14.0, -0.02, 0.99, -6.0, 1e-5, -2e-5, 1.0];
    $p = Homography::apply($h, 120.0, 200.0);
    expect(Homography::apply(Homography::inverse($h), ...$p))
        ->toEqualWithDelta([120.0, 200.0], 1e-9)
        ->and(Homography::apply(Homography::times(Homography::inverse($h), $h), 50.0, 60.0))
        ->toEqualWithDelta([50.0, 60.0], 1e-9)
        ->and(Homography::part($h, 0.0))
        ->toBe(Homography::IDENTITY)
        ->and(Homography::part($h, 1.0))
        ->toEqualWithDelta($h, 1e-12);
});

it('holds the camera where both teams are seen before the snap', function (string $angle): void {
    [$camera, , $frame] = held($angle);
    $inside = fn (?array $p): bool => $p !== null && $p[0] > 0 && $p[0] < 640 && $p[1] > 0 && $p[1] < 360;
    expect($inside($camera->at(0.5)->project($frame->ballXYd, $frame->ballYYd)))->toBeTrue()
        ->and($inside($camera->at(4.5)->project($frame->ballXYd, $frame->ballYYd + 12.0)))->toBeTrue()
        ->and($camera->at(4.5)->focalPx)->toBeGreaterThan($camera->at(0.5)->focalPx);
})->with(['wide', 'tight']);

it('sees what lies before the camera, and nothing behind it', function (float $xYd, float $yYd, bool $sees): void {
    [$camera] = held();
    $view = (new Carried([['atS' => 1.0, 'points' => paint($camera->at(1.0))]], []))->find(1.0);
    expect($view->sees($xYd, $yYd) !== null)->toBe($sees);
    if ($sees) {
        expect($view->sees($xYd, $yYd))->toEqualWithDelta($view->toPicture($xYd, $yYd), 1e-9);
    }
})->with(['the middle of the field' => [26.0, 40.0, true], 'the near sideline' => [53.0, 40.0, true],
    'behind the press box' => [120.0, 40.0, false]]);

it('finds no picture where none can be placed', function (): void {
    $one = [['atS' => 1.0, 'points' => [new FieldClick(1.0, 1.0, 1.0, 1.0)]]];
    expect((new Carried([], []))->find(1.0))->toBeNull()
        ->and((new Carried($one, []))->find(1.0))->toBeNull();
});
