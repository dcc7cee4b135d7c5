<?php

use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Kinematics\Path;
use Jacotaxis\Core\Proof\Pass\Proof;
use Jacotaxis\Core\Proof\Proving;
use Jacotaxis\Core\Proof\Run\RunProof;
use Jacotaxis\Core\Proof\Scene\Setting;
use Jacotaxis\Core\Proof\Telling\Frames;
use Jacotaxis\Core\Proof\Telling\Run\RunFrames;
use Jacotaxis\Core\Words\CallParser;
use Jacotaxis\Core\Words\LookParser;

/*
 * What the board plays is bodies: nobody stands on another, and nobody's speed jumps but at a touch. The carrier and
 * who runs a route are held to the ways the proof timed, their planted cuts among them.
 */

/** Nearer than this two men share a spot, yards; and a jump of speed that no leg and no rounding makes, yd/s2. */
const SAME_SPOT_YD = 0.25;
const JUMP_YD_S2 = 30.0;

/** Men this near touch within the step, yards. */
const TOUCH_YD = 1.3;

/** @return array{step: float, men: list<string>, defenders: list<string>, at: list<list<float>>} */
function framesOf(string $call, string $look): array
{
    $proof = Proving::of(CallParser::parse($call), LookParser::parse($look), new Setting(Situation::of()));
    assert($proof instanceof RunProof || $proof instanceof Proof);

    return $proof instanceof RunProof ? RunFrames::ruleTrue($proof)->all() : Frames::of($proof);
}

/** @param  list<float>  $row */
function yardsApart(array $row, int $a, int $b): float
{
    return hypot($row[2 * $a] - $row[2 * $b], $row[2 * $a + 1] - $row[2 * $b + 1]);
}

const PLAYED_RUNS = [
    'gun 2x2: zone right', 'under center I right: power right', 'under center wing right: outside zone right',
    'under center wing right: counter left', 'double-slot: triple right',
    'under center wing right, F jet left: jet left',
    'gun H-back left: split zone right', 'gun 2x2: duo right', 'under center I right: buck right',
    'gun 2x2: draw right',
];

const PLAYED_PASSES = [
    'gun 2x2: smash both', 'gun trips right: post-dig right',
    'under center wing right, zone left fake, boot right: boot flood right', 'gun empty: stick right',
];

it('plays a run without two men on one spot', function (string $call, string $look): void {
    $frames = framesOf($call, $look);
    $shared = [];
    $names = [...$frames['men'], ...$frames['defenders']];
    foreach ($frames['at'] as $row) {
        for ($a = 0; $a < 22; $a++) {
            for ($b = $a + 1; $b < 22; $b++) {
                // The mesh is two men on one spot.
                $mesh = in_array('Q', [$names[$a], $names[$b]], true);
                $least = min(SAME_SPOT_YD, yardsApart($frames['at'][0], $a, $b) - 0.01);
                if (! $mesh && yardsApart($row, $a, $b) < $least) {
                    $shared["$names[$a] and $names[$b]"] = true;
                }
            }
        }
    }
    expect(array_keys($shared))->toBe([]);
})->with(PLAYED_RUNS)->with(['4-2 nickel, cover 2', '3-4, cover 4', '5-2, cover 3', 'bear, cover 1']);

it('lets nobody of the line or behind it jump', function (string $call, string $look): void {
    $frames = framesOf($call, $look);
    $names = [...$frames['men'], ...$frames['defenders']];
    $linemen = ['LT', 'LG', 'C', 'RG', 'RT', ...$frames['defenders']];
    $at = $frames['at'];
    $jumps = [];
    for ($i = 3; $i < count($at); $i++) {
        foreach ($names as $n => $name) {
            $touches = array_filter(
                array_keys($names),
                fn (int $b): bool => $b !== $n && yardsApart($at[$i - 1], $n, $b) < TOUCH_YD,
            );
            $ax = $at[$i][2 * $n] - 2.0 * $at[$i - 1][2 * $n] + $at[$i - 2][2 * $n];
            $ay = $at[$i][2 * $n + 1] - 2.0 * $at[$i - 1][2 * $n + 1] + $at[$i - 2][2 * $n + 1];
            if (in_array($name, $linemen, true) && $touches === [] && hypot($ax, $ay) / Path::STEP ** 2 > JUMP_YD_S2) {
                $jumps[] = sprintf('%s at %.2f s', $name, $i * Path::STEP);
            }
        }
    }
    expect($jumps)->toBe([]);
})->with([...PLAYED_RUNS, ...PLAYED_PASSES])->with(['4-2 nickel, cover 2', '3-4, cover 4', '5-2, cover 3']);

it('brings a blocker who gets to his man to him', function (string $call, string $look): void {
    $proof = Proving::of(CallParser::parse($call), LookParser::parse($look), new Setting(Situation::of()));
    assert($proof instanceof RunProof);
    $frames = RunFrames::ruleTrue($proof)->all();
    $far = [];
    $blocks = 0;
    foreach ($proof->resolved->blocks as $letter => $block) {
        $made = $proof->made[$letter] ?? null;
        $step = (int) ceil(($made->at ?? INF) / Path::STEP);
        if ($made?->at === null || $made->makeable !== true || ! isset($frames['at'][$step + 6])) {
            continue;
        }
        $blocks++;
        $a = (int) array_search($letter, $frames['men'], true);
        $b = 11 + (int) array_search($block->target, $frames['defenders'], true);
        $rows = array_slice($frames['at'], $step, 7);
        $near = min(array_map(fn (array $row): float => yardsApart($row, $a, $b), $rows));
        if ($near > 1.5) {
            $far[] = sprintf('%s stays %.1f yd from the %s', $letter, $near, $block->target);
        }
    }
    expect($far)->toBe([])->and($blocks)->toBeGreaterThan(1);
})->with(array_slice(PLAYED_RUNS, 0, 8))->with(['4-2 nickel, cover 2', '3-4, cover 4', '5-2, cover 3']);
