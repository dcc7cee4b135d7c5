<?php

use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Proof\Pass\Proof;
use Jacotaxis\Core\Proof\Proving;
use Jacotaxis\Core\Proof\Scene\Setting;
use Jacotaxis\Core\Proof\Telling\PressRows;
use Jacotaxis\Core\Words\CallParser;
use Jacotaxis\Core\Words\LookParser;

/* A tight end with a man in his face beats him before he runs his route, but not when he slides behind the line or
    blocks first. Yards and seconds. */

function fromTheLine(string $call): Proof
{
    $proof = Proving::of(
        CallParser::parse($call),
        LookParser::parse('3-4, cover 3'),
        new Setting(Situation::of()),
    );
    assert($proof instanceof Proof);

    return $proof;
}

const BOOTED = 'under center wing right, outside zone left fake, boot right: ';

it('keeps a man who slides behind the line in front of nobody', function (string $routes): void {
    $path = fromTheLine(BOOTED.$routes)->scene->routes['Y']->path;
    $out = (int) array_key_first(array_filter($path->x, fn (float $x): bool => $x > 6.0));
    expect($out * Path::STEP)->toBeGreaterThan(0.8)->toBeLessThan(1.8)
        ->and(max(array_slice($path->y, 0, $out)))->toBeLessThan(0.0)
        ->and(min(array_slice($path->y, 0, $out)))->toBeLessThan(-1.5);
})->with([
    'from the side of the boot' => ['Y slide, H over 12, X post, Z corner 10; read Y, H, X'],
    'with other routes beside him' => ['Y slide, H over 14, X go, Z corner 12; read Y, H'],
]);

it('asks how a man in his face is beaten only of one who runs a route at once', function (
    string $routes,
    bool $asks,
): void {
    $men = array_column(PressRows::of(fromTheLine(BOOTED.$routes)->scene), 'man');
    expect(in_array('Y', $men, true))->toBe($asks);
})->with([
    'slide' => ['Y slide, H over 12, X post, Z corner 10; read Y, H, X', false],
    'leak' => ['leak by Y', false],
    'out' => ['Y out 10, H over 12, X post, Z corner 10; read Y, H, X', true],
    'corner' => ['Y corner 10, H over 12, X post, Z go; read Y, H, X', true],
]);
