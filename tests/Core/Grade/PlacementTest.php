<?php

/* Where a ball belongs by what its man does and who chases him (PRG-18, PRG-19). */

use Jacotaxis\Core\Film\FilmDocument;
use Jacotaxis\Core\Film\Measure\Measures;
use Jacotaxis\Core\Film\Seen;
use Jacotaxis\Core\Grade\Grader;
use Jacotaxis\Core\Grade\Placement;
use Jacotaxis\Core\Grade\Proposal;
use Jacotaxis\Core\Offense\Athlete;
use Jacotaxis\Core\Proof\Scene\Setting;

/** A throw to a man of a call, two seconds after the snap, put where it was. */
function put(string $call, string $look, string $to, ?string $at): Grader
{
    $seen = $at === null ? [] : [new Seen('Q', 'ball at', $at)];

    return new Grader(new Measures(filmed($call, $look, ['throw' => "$to@2.0", 'men' => ['Q'], 'seen' => $seen])));
}

it('PRG-18: judges a place by the route, and by who has its man', function (
    string $call,
    string $look,
    string $to,
    array $right,
): void {
    foreach (Placement::PLACES as $place) {
        $grader = put($call, $look, $to, $place);
        $proposal = array_column((new Proposal($grader))->all(), null, 'man')['Q'];
        $is = in_array($place, $right, true);
        expect((new Placement($grader->measures))->isRight())->toBe($is, $place)
            ->and(in_array('FLT-49', $proposal['faults'], true))->toBe(! $is, $place)
            ->and($proposal['reason'])->toContain($is ? 'where it belongs' : 'it belongs');
    }
})->with([
    'a curl comes back: face mask' => ['gun 2x2 right: curl-flat right', '4-2 nickel, cover 3', 'Z',
        ['face mask', 'chest']],
    'a hitch is settled: to the shoulder' => ['gun 2x2 right: smash right', '4-2 nickel, cover 2', 'Z',
        ['chest', 'back shoulder']],
    'a corner route is led' => ['gun 2x2 right: smash right', '4-2 nickel, cover 2', 'H', ['lead']],
    'a go under a man: led, or the shoulder away from him' => ['gun 2x2 right: Z go; X clear, Y clear, H clear; read Z',
        '4-2 nickel, cover 1', 'Z', ['lead', 'back shoulder']],
    'a go nobody has alone is led' => ['gun 2x2 right: Z go; X clear, Y clear, H clear; read Z', '4-2 nickel, cover 2',
        'Z', ['lead']],
    'a dig against zone: on the body, or led' => ['gun 2x2 right: post-dig right', '4-2 nickel, cover 4', 'H',
        ['chest', 'lead']],
    'a crosser against man runs away from his chaser' => ['gun 2x2 right: mesh right', '4-2 nickel, cover 1', 'H',
        ['lead']],
    'who stops deep and is thrown to in rhythm turns for it' => ['gun 2x2 right: Z back shoulder; X clear, Y clear, '
        .'H clear; read Z', '4-2 nickel, cover 1', 'Z', ['back shoulder']],
    'a flat is led or on the body' => ['gun 2x2 right: curl-flat right', '4-2 nickel, cover 3', 'H',
        ['lead', 'chest']],
]);

it('PRG-19: leaves nothing behind on a roll away from the throwing hand', function (
    string $side,
    string $hand,
    array $right,
): void {
    $call = "gun 2x2 $side, roll $side: Z hitch 6; H go clear, X go clear, Y go clear; read Z";
    $film = put($call, '4-2 nickel, cover 3', 'Z', 'chest')->measures->film;
    $thrown = new FilmDocument(
        call: $film->call,
        look: $film->look,
        setting: new Setting($film->setting->situation, men: ['Q' => Athlete::of('Theo Brandvold', throws: $hand)]),
        marks: $film->marks,
    );
    expect((new Placement(new Measures($thrown)))->wanted())->toBe($right);
})->with([
    'right-handed to his right' => ['right', 'right', ['chest', 'back shoulder']],
    'right-handed to his left' => ['left', 'right', ['chest']],
    'left-handed to his right' => ['right', 'left', ['chest']],
    'left-handed to his left' => ['left', 'left', ['chest', 'back shoulder']],
]);

it('says nothing where nobody said where the ball was, or nobody knows to whom it went', function (): void {
    $unsaid = put('gun 2x2 right: smash right', '4-2 nickel, cover 2', 'Z', null);
    expect((new Placement($unsaid->measures))->isRight())->toBeNull()
        ->and((new Placement($unsaid->measures))->told())->toBe('');
    $film = filmed('gun 2x2 right: smash right', '4-2 nickel, cover 2', ['men' => ['Q'],
        'leaveOut' => ['ball out', 'catch'], 'seen' => [new Seen('Q', 'ball at', 'high')]]);
    $nobody = new Placement(new Measures($film));
    expect($nobody->wanted())->toBe([])->and($nobody->isRight())->toBeNull();
});
