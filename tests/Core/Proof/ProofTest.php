<?php

use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Kinematics\SprintLaw;
use Jacotaxis\Core\Proof\Keys\Answer;
use Jacotaxis\Core\Proof\Pass\Prover;
use Jacotaxis\Core\Proof\Scene\Setting;
use Jacotaxis\Core\Proof\Scene\Verdict;
use Jacotaxis\Core\Proof\Telling\Frames;
use Jacotaxis\Core\Proof\Telling\Report;
use Jacotaxis\Core\Proof\Throwing\ThrowLine;
use Jacotaxis\Core\Proof\Throwing\Throws;
use Jacotaxis\Core\Words\CallParser;
use Jacotaxis\Core\Words\LookParser;

it('is deterministic', function (): void {
    expect(Report::of(proof('gun 2x2 right: post-dig right', 'quarters')))->toBe(
        Report::of(proof('gun 2x2 right: post-dig right', 'quarters')),
    );
});

it('calls bad calls bad', function (string $call, string $shell): void {
    expect(proof($call, $shell)->verdict()->value)->not->toBe('bound');
})->with([
    'four gos into quarters' => ['gun 2x2 right: X go, Y go, H go, Z go; read Z, H, Y, X', 'quarters'],
    'a lone hitch under a hard corner' => ['gun 2x2 right: Z hitch; read Z', 'cover 2'],
    'a lone flat under a hard corner' => ['gun 2x2 right: H flat, Z go clear; read H', 'cover 2'],
    'a lone post into the middle safety' => ['gun 2x2 right: Z post; read Z', 'cover 3'],
]);

it('knows cases nobody listed', function (string $call, string $shell, string $gets): void {
    expect(proof($call, $shell)->ruleTrue->letter)->toBe($gets);
})->with([
    'hitch in front of an off third corner' => ['gun 2x2 right: X hitch, Z go clear, H seam clear; read X', 'cover 3',
        'X'],
    'out by the slot away from inside leverage' => ['gun 2x2 right: H out 8; read H', 'cover 1', 'H'],
]);

it('flags two men in one window', function (): void {
    $report = Report::of(proof('gun 2x2 right: Z curl 12, H corner 6; read Z, H', 'cover 3'));
    $call = CallParser::parse('gun 2x2 right: Z hitch 6, H hitch 6; read Z, H');
    $near = $call->with(['formation' => $call->formation->withSpots(['Z' => [15.0, -0.5], 'H' => [13.5, -1.5]])]);
    $crowded = Report::of(
        Prover::prove(
            $near,
            LookParser::parse('4-2 nickel, cover 3'),
            new Setting(Jacotaxis\Core\Field\Situation::of()),
        ),
    );
    expect(array_column($report['findings'], 'code'))
        ->not->toContain('one-window')
        ->and(array_column($crowded['findings'], 'code'))
        ->toContain('one-window');
});

it('flags a route short of the sticks on third down', function (): void {
    $codes = fn (int $down): array => array_column(
        Report::of(proof('gun 2x2 right: smash right', 'cover 2', down: $down, toGo: 8.0))['findings'],
        'code',
    );
    expect($codes(3))->toContain('short-of-sticks')->and($codes(1))->not->toContain('short-of-sticks');
});

it('shows a named key that is not in conflict, with that finding, and lets it decide nothing', function (): void {
    $proof = proof('gun 2x2 right: smash right; key mike', 'cover 2');
    expect($proof->mainKey()->role)->toBe('right corner')
        ->and(array_map(fn ($k) => $k->role, $proof->keys))->toContain('mike')
        ->and(array_column(Report::of($proof)['findings'], 'code'))->toContain('no-conflict');
});

it('shows a man who takes the call away for nothing as its spoiler, and calls it a guess',
    function (string $call, string $shell, string $who): void {
        $proof = proof($call, $shell);
        $spoilers = array_map(fn (Answer $a): string => $proof->scene->defenders[$a->defender]->role,
            $proof->spoilers());
        expect($spoilers)->toContain($who)
            ->and($proof->verdict())->toBe(Verdict::Guess)
            ->and($proof->worthAtWorst()->chance)->toBeLessThan($proof->worthByRule()->chance);
    })->with([
        'a lone dig and the hook man' => ['gun 2x2: H dig 10, Z go clear; X go clear, Y seam clear; read H', 'cover 3',
            'mike'],
    ]);

it('never lets a clear-out, an alert or a check-down bind a call', function (): void {
    foreach (Report::of(proof('gun 2x2 right: smash right; Y seam alert', 'cover 2'))['reads'] as $read) {
        expect($read['number'] === null || in_array($read['man'], ['H', 'Z'], true))->toBeTrue();
    }
});

it('draws twenty frames a second of twenty-two men who move no faster than they can', function (string $shell): void {
    $proof = proof('gun 2x2 right: post-dig right', $shell);
    $frames = Frames::of($proof);
    expect($frames['step'])
        ->toBe(0.05)
        ->and($frames['men'])
        ->toHaveCount(11)
        ->and($frames['defenders'])
        ->toHaveCount(11);
    foreach ($frames['at'] as $i => $row) {
        expect($row)->toHaveCount(44);
        foreach ($i === 0 ? [] : range(0, 21) as $n) {
            $step = hypot(
                $row[2 * $n] - $frames['at'][$i - 1][2 * $n],
                $row[2 * $n + 1] - $frames['at'][$i - 1][2 * $n + 1],
            );
            expect($step)->toBeLessThan(0.52, [...$frames['men'], ...$frames['defenders']][$n]." at frame $i");
        }
    }
})->with(['cover 1', 'cover 2', 'cover 3', 'cover 4']);

it('lets the quarterback reach only what his arm and the field allow', function (): void {
    foreach (proof('gun 2x2 right: smash right', 'cover 2')->windows->lines('H') as $line) {
        expect($line->distanceYd)->toBeLessThan(60.0)->and($line->xYd)->toBeLessThan(160.0 / 6.0 - 0.69);
    }
});

it('times a man to a point: standing, toward it, away from it', function (): void {
    $law = new SprintLaw(8.0);
    $standing = Throws::timeTo(5.0, 0.0, 0.0, 0.0, $law, 1.0);
    expect($standing)->toEqualWithDelta($law->time(4.0), 0.01)
        ->and(Throws::timeTo(5.0, 0.0, 6.0, 0.0, $law, 1.0))->toEqualWithDelta($law->time(4.0, 6.0), 0.01)
        ->and(Throws::timeTo(5.0, 0.0, -6.0, 0.0, $law, 1.0))->toBeGreaterThan($standing + 0.2)
        ->and(Throws::timeTo(5.0, 0.0, 0.0, 6.0, $law, 1.0))->toBeGreaterThan($standing)
        ->and(Throws::timeTo(0.5, 0.0, 0.0, 0.0, $law, 1.0))->toBe(0.0);
});

it('names the free rusher when one is left over and drops the reads he kills', function (): void {
    $call = CallParser::parse('gun 2x2 right: smash right; R flat');
    $look = LookParser::parse('4-2 nickel, cover 2');
    expect(Prover::prove($call, $look, new Setting(Jacotaxis\Core\Field\Situation::of()))->protection->free)
        ->toBeNull()
        ->and(
            Prover::prove($call, $look, new Setting(Jacotaxis\Core\Field\Situation::of(), pocket: 1.9))->readings[
                'H'
            ]->live(),
        )
        ->toBeFalse();
});

it('throws nothing after the last picture, however late a slot ends', function (): void {
    $throws = new Throws(proof('gun 2x2 right: smash right', 'cover 3')->scene);
    $last = array_map(fn (ThrowLine $line): float => $line->outAt(), $throws->lines('H', 3.0, 9.0));
    expect($last)->not->toBe([])
        ->and(max($last))->toBeLessThan(Path::STEPS * Path::STEP);
});
