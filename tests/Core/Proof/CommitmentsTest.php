<?php

use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Kinematics\SprintLaw;
use Jacotaxis\Core\Proof\Keys\Commitments;
use Jacotaxis\Core\Proof\Pass\Proof;
use Jacotaxis\Core\Proof\Play\Tracks;

/* Which catch a defender may go for by his rule, and how late a man sees a throw to another than the one he runs
    with. Distances in yards, speeds in yards a second, times in seconds. */

const OTHERS = '; X go clear, Y seam clear; R check flat left; read Z, H';

function placeOf(Proof $proof, string $role): int
{
    $roles = array_map(fn (Defender $d): string => $d->role, $proof->scene->defenders);

    return (int) array_search($role, $roles, true);
}

function commitments(Proof $proof): Commitments
{
    return new Commitments($proof->scene, $proof->playOut, $proof->windows);
}

it('lets a deep man go for a catch that is his: not from a #2 whom he matches, nor from one who runs nearer to him',
    function (string $routes, string $shell, string $role, string $letter, bool $may): void {
        $proof = proof("gun 2x2 right: $routes", $shell);
        expect(commitments($proof)->mayTake(placeOf($proof, $role), $letter))->toBe($may);
    })->with([
        'quarters, #2 past eight: the post is not his' => ['Z post 11, H corner 10'.OTHERS, 'cover 4',
            'strong safety', 'Z', false],
        'quarters, #2 past eight: he has him' => ['Z post 11, H corner 10'.OTHERS, 'cover 4', 'strong safety', 'H',
            true],
        'quarters, #2 to the flat: the post is his to rob' => ['Z post 11, H flat'.OTHERS, 'cover 4',
            'strong safety', 'Z', true],
        'quarters, #2 hitches at six: the post is his to rob' => ['Z post 11, H hitch 6'.OTHERS, 'cover 4',
            'strong safety', 'Z', true],
        'halves match nobody: the post in his half is his' => ['Z post 11, H flat'.OTHERS, 'cover 2',
            'strong safety', 'Z', true],
        'the go in his half is nearer to him than the post beside it' => ['Z post 11, H go'.OTHERS, 'cover 2',
            'strong safety', 'H', true],
        'the post beside it is farther from him than the go' => ['Z post 11, H go'.OTHERS, 'cover 2',
            'strong safety', 'Z', false],
        'with nobody else deep in the middle the post is his' => ['H post 11, Z hitch 6; X hitch 6, Y flat; read H',
            'cover 3', 'free safety', 'H', true],
    ]);

it('lets an under man run with a vertical no deeper than his rule carries it', function (
    string $call,
    string $shell,
    string $role,
    string $letter,
    bool $may,
): void {
    $proof = proof($call, $shell);
    expect(commitments($proof)->mayReach(placeOf($proof, $role), $letter, 1.8))->toBe($may);
})->with([
    'a hook man and the seam behind him' => ['gun 2x2 right: four verticals right', 'cover 3', 'mike', 'H', false],
    'a hook man and the bender that crosses him' => ['gun trips right: four verticals right', 'cover 3', 'mike', 'Y',
        true],
    'a curl man and the seam behind him' => ['gun 2x2 right: four verticals right', 'cover 3', 'nickel', 'H', false],
    'the same man and a curl in front of him' => ['gun 2x2 right: curl-flat right', 'cover 3', 'nickel', 'Z', true],
    'a dig across him' => ['gun 2x2 right: Z go clear, H dig 12'.OTHERS, 'cover 3', 'mike', 'H', true],
    'a cloud corner sinks under the corner route' => ['gun 2x2 right: smash right', 'cover 2', 'right corner', 'H',
        true],
]);

it('lets a man reach what he can run to from where he is when he starts', function (float $from, bool $may): void {
    $proof = proof('gun 2x2 right: curl-flat right', 'cover 3');
    expect(commitments($proof)->mayReach(placeOf($proof, 'mike'), 'Z', $from))->toBe($may);
})->with(['early enough' => [1.0, true], 'a second before the catch' => [3.0, false]]);

it('parts two threats at the first of their breaks, a reaction later', function (): void {
    $proof = proof('gun 2x2 right: Z curl 12, H flat'.OTHERS, 'cover 3');
    [$curl, $flat] = [$proof->scene->routes['Z'], $proof->scene->routes['H']];
    $react = $proof->scene->setting->reaction;
    expect($flat->declaredAt())->toBeLessThan($curl->declaredAt() - 0.5)
        ->and(commitments($proof)->partAt('Z', 'H'))->toEqualWithDelta($flat->declaredAt() + $react, 1e-9)
        ->and(commitments($proof)->partAt('H', 'Z'))->toEqualWithDelta($flat->declaredAt() + $react, 1e-9)
        ->and(commitments($proof)->partAt('Z', 'Z'))->toEqualWithDelta($curl->declaredAt() + $react, 1e-9);
});

it('finds nobody to spoil scissors who has to leave his own man for it', function (string $call): void {
    $proof = proof($call, 'cover 4');
    expect($proof->verdict()->isGood())->toBeTrue()
        ->and(array_column($proof->spoilers(), 'defender'))->not->toContain(placeOf($proof, 'strong safety'));
})->with(['gun 2x2 left: scissors left', 'gun 2x2 right: scissors right']);

/** How late a man is for a throw to H, seconds, who is beside Z and moves with a velocity when it leaves the hand. */
function lateFor(Proof $proof, string $role, string $beside, float $vx, float $vy): float
{
    $line = $proof->windows->lines('H')[0];
    $react = $proof->scene->setting->reaction;
    $at = $proof->scene->routes[$beside]->path->at(($line->step + (int) round($react / Path::STEP)) * Path::STEP);
    $d = placeOf($proof, $role);
    $all = fn (float $value): array => [$d => array_fill(0, Path::STEPS, $value)];
    $tracks = new Tracks($all($at[0] + 1.0), $all($at[1] + 1.0), $all($vx), $all($vy));

    return $proof->windows->throws->margin($line, $tracks, $d, new SprintLaw(8.8, 0.8));
}

it('has a man who runs with another see the throw later than one who watches the passer', function (
    string $shell,
    string $role,
    string $beside,
    float $vx,
    float $vy,
    float $later,
): void {
    $routes = 'gun 2x2 right: Z go, H out 10'.OTHERS;
    $zone = proof($routes, 'cover 3');
    $late = lateFor(proof($routes, $shell), $role, $beside, $vx, $vy);
    expect($late - lateFor($zone, 'mike', $beside, $vx, $vy))->toEqualWithDelta($later, 0.005);
})->with([
    'a man defender in phase' => ['cover 1', 'right corner', 'Z', 0.0, 7.0, 0.15],
    'a matched corner in phase' => ['cover 4', 'right corner', 'Z', 0.0, 7.0, 0.15],
    'he stands' => ['cover 1', 'right corner', 'Z', 0.0, 0.0, 0.0],
    'he comes back toward the line' => ['cover 1', 'right corner', 'Z', 0.0, -5.0, 0.0],
    'the ball goes to the man he is with' => ['cover 1', 'right corner', 'H', 3.0, 5.0, 0.0],
    'a hook man sees the passer' => ['cover 1', 'mike', 'Z', 0.0, 7.0, 0.0],
]);
