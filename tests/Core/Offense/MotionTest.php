<?php

use Jacotaxis\Core\Field\Hash;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Kinematics\SprintLaw;
use Jacotaxis\Core\Offense\Formation;
use Jacotaxis\Core\Offense\Motion\Arrival;
use Jacotaxis\Core\Offense\Motion\Cadence;
use Jacotaxis\Core\Offense\Motion\Clock;
use Jacotaxis\Core\Offense\Motion\Motion;
use Jacotaxis\Core\Offense\Motion\MotionKind;
use Jacotaxis\Core\Offense\Motion\Snap;
use Jacotaxis\Core\Offense\Motion\Sound;
use Jacotaxis\Core\Offense\Sets;
use Jacotaxis\Core\Words\CallParser;
use Jacotaxis\Core\Words\Describer;
use Jacotaxis\Core\Words\Description;

function arrival(Formation $formation, Motion $motion, ?Clock $clock = null): Arrival
{
    return Snap::of(
        $formation->men(Situation::of()->frame()),
        [$motion],
        $formation->splits(),
        Situation::of()->frame(),
        $clock ?? Clock::usual(),
    )->arrivals[0];
}

it('says when each sound is made, seconds before the snap', function (string $word, bool $last, float $before): void {
    expect(Cadence::of()->before(new Sound($word, $last)))->toEqualWithDelta($before, 1e-9);
})->with([
    ['down', false, 2.4],
    ['down', true, 2.1],
    ['ready', false, 1.6],
    ['ready', true, 1.3],
    ['set', false, 0.8],
    ['set', true, 0.5],
    ['go', false, 0.0],
]);

it('finds the sound nearest to a moment', function (float $before, string $sound): void {
    expect(Cadence::of()->nearest($before)->words())->toBe($sound);
})->with([
    [2.5, 'first sound of down'],
    [2.2, 'last sound of down'],
    [1.5, 'first sound of ready'],
    [0.6, 'last sound of set'],
    [0.0, 'last sound of set'],
]);

it('refuses cadences nobody can say', function (array $words, float $beat, float $sound): void {
    expect(fn () => Cadence::of($words, $beat, $sound))->toThrow(DomainException::class);
})->with([
    [['go'], 0.8, 0.3],
    [['down', 'down'], 0.8, 0.3],
    [['down', ''], 0.8, 0.3],
    [['down', 'go'], 0.0, 0.3],
    [['down', 'go'], 0.8, 0.9],
    [['down', 'go'], NAN, 0.3],
]);

it('has every motion at its needed spot at the snap when he starts in time', function (
    MotionKind $kind,
    string $set,
): void {
    foreach ((new Formation('gun', $set))->letters() as $who) {
        $formation = new Formation('gun', $set);
        $arrival = arrival($formation, new Motion($who, $kind));
        expect($arrival->lateYd)->toEqualWithDelta(0.0, 1e-6)
            ->and([$arrival->atSnap->xYd, $arrival->atSnap->yYd])->toEqualWithDelta($arrival->needed(), 1e-6)
            ->and($arrival->setForS === null)->toBe(! $kind->sets())
            ->and($arrival->atSnap->vyYd)->toBeLessThanOrEqual(1e-9, 'nobody moves toward the line');
        foreach ($formation->men(Situation::of()->frame()) as $man) {
            // A pitch or a jet passes right by the quarterback.
            if (
                $man->letter !== $who &&
                ! ($man->isQuarterback() && in_array($kind, [MotionKind::Jet, MotionKind::Pitch], true))
            ) {
                expect(hypot($man->xYd - $arrival->atSnap->xYd, $man->yYd - $arrival->atSnap->yYd))->toBeGreaterThan(
                    0.45,
                    "$who ends on {$man->letter}",
                );
            }
        }
    }
})->with(MotionKind::cases())->with(Sets::names());

it('needed point to needed sound and back: started then, he is where he must be',
    function (string $who, MotionKind $kind, Side $side): void {
        $formation = new Formation('gun', 'trips');
        $clock = Clock::usual();
        $free = arrival($formation, new Motion($who, $kind, $side));
        // Said on its nearest sound he is off by what the sound is off, under the sprint law at that speed.
        $timed = arrival($formation, new Motion($who, $kind, $side, $free->best));
        $off = $free->needS - $clock->cadence->before($free->best);
        expect($timed->lateS)->toEqualWithDelta($off, 1e-9)
            ->and(abs($timed->lateYd))->toBeLessThanOrEqual(abs($off) * $clock->law->vmax * $kind->speed() + 1e-9);
        // A later start never finds him nearer to his spot than an earlier one.
        $late = array_column($free->bySound(), 'lateYd');
        $sorted = $late;
        sort($sorted);
        expect($late)->toBe($sorted);
    })
    ->with(['Z', 'H', 'X'])
    ->with([MotionKind::Jet, MotionKind::Orbit, MotionKind::Short, MotionKind::Fast])
    ->with(Side::cases());

it('MOT-05: the jet is a full sprint to the playside guard\'s outside foot', function (
    string $quarterback,
    Side $to,
): void {
    $formation = new Formation($quarterback, '2x2', Side::Right);
    $arrival = arrival($formation, new Motion('H', MotionKind::Jet, $to, null));
    $mesh = $to->sign() * (3.5 / 3.0 + 0.25);
    $snap = $quarterback === 'under center' ? 0.15 : 0.3;
    $law = Clock::usual()->law;
    expect($arrival->atSnap->xYd + $arrival->atSnap->vxYd * $snap)->toEqualWithDelta($mesh, 0.1)
        ->and(abs($arrival->atSnap->vxYd))->toBeGreaterThan(0.75 * $law->vmax);
})->with(Sets::quarterbacks())->with([Side::Left]);

it('MOT-03: the pitch back is behind the quarterback at the depth of the fullback\'s hands, running',
    function (): void {
        $arrival = arrival(new Formation('under center', 'double-slot'),
            new Motion('R', MotionKind::Pitch, Side::Left));
        expect($arrival->atSnap->xYd)->toEqualWithDelta(0.0, 1e-6)
            ->and($arrival->atSnap->yYd)->toEqualWithDelta(-3.5, 1e-6)
            ->and($arrival->atSnap->vxYd)->toBeLessThan(-4.0);
    });

it('W-34: a step late is late, and a yard past is early', function (
    string $sound,
    bool $last,
    bool $late,
    bool $early,
): void {
    $arrival = arrival(
        new Formation('under center', 'double-slot'),
        new Motion('R', MotionKind::Pitch, Side::Left, new Sound($sound, $last)),
    );
    expect($arrival->isLate())->toBe($late)->and($arrival->isEarly())->toBe($early);
})->with([['set', true, true, false], ['down', false, false, true]]);

it('a man\'s own stride turns yards into his steps, his own time into his own lateness', function (): void {
    $formation = new Formation('gun', 'trips');
    $motion = new Motion('Z', MotionKind::Jet, Side::Left, new Sound('ready'));
    $usual = arrival($formation, $motion);
    $long = arrival($formation, $motion, new Clock(Cadence::of(), Clock::usual()->law, [], ['Z' => 2.0]));
    $fast = arrival($formation, $motion, new Clock(Cadence::of(), Clock::usual()->law, ['Z' => new SprintLaw(11.0)]));
    expect($usual->lateSteps)
        ->toEqualWithDelta($usual->lateYd, 1e-9)
        ->and($long->lateSteps)
        ->toEqualWithDelta($usual->lateYd / 2.0, 1e-9)
        ->and($fast->needS)
        ->toBeLessThan($usual->needS)
        ->and($fast->lateYd)
        ->toBeLessThan($usual->lateYd);
});

it('the men who do not move stay where they are, and the count is taken after the motion (FRM-07)',
    function (string $words, string $left, string $right): void {
        $call = CallParser::parse($words);
        $count = $call->lineup(Situation::of())->count;
        expect(implode($count->left))->toBe($left)->and(implode($count->right))->toBe($right);
    })->with([
        'short push inside, H becomes #3' => ['gun trips right, H short left: smash right', 'X', 'ZYH'],
        'fast across makes a fourth' => ['gun trips right, X fast right: smash right', '', 'ZHYX'],
        'trade' => ['gun trey right, Y trade left: X go', 'XY', 'ZH'],
        'the back leaves for the side' => ['gun 2x2 right, R fast right: smash right', 'XY', 'ZHR'],
        'a jet man who crosses belongs to the side he runs to' => ['gun trips right, H jet left: smash right', 'XH',
            'ZY'],
        'from empty into the backfield' => ['gun empty right, R in right: smash right', 'XY', 'ZH'],
    ]);

it('W-03: H motions outside Z, routes stay with the men, the name turns over; before and after are kept',
    function (): void {
        $said = Description::of(CallParser::parse('gun 2x2 right, H short right to 21 wide: Z post; H dig; X shallow'));
        expect($said['family'])->toBe('inverted post-dig')->and($said['before']['family'])->toBe('post-dig')
            ->and($said['before']['receivers']['right'])->toBe(['Z', 'H']);
    });

it('reads motions both ways', function (string $words): void {
    $once = Describer::words(CallParser::parse($words));
    expect(Describer::words(CallParser::parse($once)))
        ->toBe($once)
        ->and($once)
        ->toContain(explode(':', explode(', ', $words, 2)[1])[0]);
})->with([
    'gun 2x2 right, H jet left: smash right',
    'gun trips right, H short left on the first sound of ready: smash right',
    'gun trips right, Z jet left on the last sound of down: X go',
    'gun trey right, Y trade left: smash right',
    'gun 2x2 right, H short right to 21 wide 1.5 deep: smash left',
    'gun 2x2 right, H return left: smash right',
    'under center double-slot right, R pitch left: X go; Z go',
]);

it('a receiver in motion starts his route with his speed', function (): void {
    $still = proof('gun 2x2 right: H flat right; Z go; read H', 'cover 3');
    $run = proof('gun 2x2 left, H fast right: H flat right; X go; read H', 'cover 3');
    expect($run->scene->men['H']->vxYd)
        ->toBeGreaterThan(5.0)
        ->and($run->scene->routes['H']->path->x[6] - $run->scene->routes['H']->path->x[0])
        ->toBeGreaterThan(1.0 + $still->scene->routes['H']->path->x[6] - $still->scene->routes['H']->path->x[0]);
});

it('keeps a motion in bounds on either hash', function (Hash $hash, MotionKind $kind, string $who): void {
    $situation = Situation::of(hash: $hash);
    $formation = new Formation('gun', '2x2');
    $snap = Snap::of(
        $formation->men($situation->frame()),
        [new Motion($who, $kind)],
        $formation->splits(),
        $situation->frame(),
        Clock::usual(),
    );
    expect($snap->men[$who]->xYd)
        ->toBeGreaterThan($situation->frame()->sidelineX(Side::Left) + 1.0)
        ->toBeLessThan($situation->frame()->sidelineX(Side::Right) - 1.0);
})
    ->with(Hash::cases())
    ->with(MotionKind::cases())
    ->with(['X', 'Z', 'H', 'R']);
