<?php

use Jacotaxis\Core\Field\Hash;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Film\Calibrate\FieldClick;
use Jacotaxis\Core\Film\FilmDocument;
use Jacotaxis\Core\Film\Mark;
use Jacotaxis\Core\Film\Measure\Measures;
use Jacotaxis\Core\Film\Plot;
use Jacotaxis\Core\Film\Seen;
use Jacotaxis\Core\Film\Simulated\FilmedRun;
use Jacotaxis\Core\Grade\Grader;
use Jacotaxis\Core\Grade\Library\Library;
use Jacotaxis\Core\Grade\Owners\Blame;
use Jacotaxis\Core\Grade\Proposal;
use Jacotaxis\Core\Grade\Review;
use Jacotaxis\Core\Proof\Proving;
use Jacotaxis\Core\Proof\Run\RunAct;
use Jacotaxis\Core\Proof\Run\RunProof;
use Jacotaxis\Core\Proof\Scene\Proven;
use Jacotaxis\Core\Proof\Scene\Setting;
use Jacotaxis\Core\Words\CallParser;
use Jacotaxis\Core\Words\LookParser;

/*
 * What is true of a film of which everything is known: a play run as it should be is graded right and nobody has a
 * fault; what a key chose is recognised; another ball than the right one is never graded right. Over passes,
 * play-action, runs, options and run-pass options of many kinds, on all hashes.
 */

const TRUE_CALLS = [
    'gun 2x2 right: smash right', 'gun 2x2: four verticals', 'gun 2x2 right: post-dig right',
    'gun trips right: flood right', 'gun 2x2 right: curl-flat right', 'gun 2x2 right: slant-flat right',
    'gun trips right: stick right', 'gun 2x2 right: mesh right',
    'gun 2x2 right: drive right', 'gun trips right: spot right', 'gun 2x2 right: shallow cross right',
    'gun 2x2 right: levels right', 'gun 2x2 right: hitches both', 'gun bunch right: spot-rub right',
    'gun 2x2 right: scissors right', 'gun 2x2 right: post-wheel right',
    'under center wing right, outside zone left fake, boot right: boot flood right',
    'gun 2x2 right: double slants right', 'gun 2x2 right: inverted post-dig right', 'gun empty right: hitches both',
    'gun 2x2 right: yankee right', 'pistol trips left: flood left', 'gun trey left: go-dig left',
    'gun trey right: zone left', 'gun 2x2: zone right', 'under center I right: power right', 'gun 2x2: counter right',
    'under center double-slot right, H return right: triple right', 'gun H-back left: zone right; tag arc left',
    'gun 2x2 right: zone right, rpo: Y slant; key will',
    'under center I right: buck right', 'gun 2x2: speed option right', 'under center wing right, H jet left: jet left',
    'under center double-slot right: midline right', 'gun 2x2: duo right', 'gun 2x2: outside zone right',
    'under center wing left: toss right',
];

const TRUE_LOOKS = [
    '4-2 nickel, cover 2',
    '4-2 nickel, cover 3',
    '3-4, cover 4',
    '4-3 over, cover 1',
    'bear, cover 0',
    '4-3 under, cover 6',
];

function trueSituation(int $n): Situation
{
    return Situation::of(hash: Hash::cases()[$n % 3]);
}

function trueProof(string $call, string $look, Situation $situation): Proven
{
    return Proving::of(CallParser::parse($call, $situation), LookParser::parse($look), new Setting($situation));
}

/**
 * What is said by eye of the ball on a run.
 *
 * @return list<Seen>
 */
function ballSeen(?string $action): array
{
    return in_array($action, [null, 'throw'], true) ? [] : [new Seen('Q', 'action', $action)];
}

it('a play run as it should be is right, and nobody has a fault', function (string $call): void {
    foreach (TRUE_LOOKS as $n => $look) {
        $situation = trueSituation($n);
        $run = FilmedRun::of(trueProof($call, $look, $situation));
        $grader = graded($call, $look, ['seen' => ballSeen($run->action)], $situation);
        $faults = array_map(
            fn (array $f): string => "{$f['man']} {$f['fault']} {$f['measure']} {$f['error']}",
            $grader->faults(),
        );
        expect($faults)->toBe([], $look);
        foreach ((new Proposal($grader))->all() as $p) {
            expect(array_filter($p['faults'], fn (string $id): bool => ! Library::entry($id)['praise']))
                ->toBe([], "$look {$p['man']}")
                ->and($p['mark'])
                ->not->toBe(-1, "$look {$p['man']}");
        }
        // Where nobody is open the ball is thrown away, and there is nothing to judge.
        // Where a read man cannot be told it is asked for, never marked wrong.
        $asked = $run->action !== 'throw' && str_starts_with($grader->decision()->why, 'Plot the ');
        expect($grader->decision()->grade)->toBeIn(
            $asked || ($run->thrownTo === null && $run->action === 'throw') ? [null] : ['right'],
            "$look: {$grader->decision()->why}",
        );
        expect((new Review($grader))->steps())
            ->toHaveCount(12)
            ->and($asked || (new Blame($grader))->of() === null)
            ->toBeTrue();
    }
})->with(TRUE_CALLS);

it('recognises what a key chose, and finds the read of it right', function (string $look): void {
    $known = $all = 0;
    foreach (TRUE_CALLS as $n => $call) {
        $situation = trueSituation($n);
        $proof = trueProof($call, $look, $situation);
        $key = $proof instanceof RunProof ? ($proof->keys[0] ?? null) : $proof->mainKey();
        foreach ($key === null ? [] : $key->acts as $row) {
            $act = $row['act'];
            if ($act->name === 'by rule' || ! ($act instanceof RunAct ? $act->isChoice() : $act->toward !== null)) {
                continue;
            }
            $said = "{$key->role}: {$act->name}";
            $run = FilmedRun::of($proof, $said);
            $d = graded($call, $look, ['act' => $said, 'seen' => ballSeen($run->action)], $situation)->decision();
            $all++;
            $known += (int) ($d->choice === $act->name);
            // It asks where it cannot tell; it never tells another choice.
            expect($d->choice)->toBeIn([$act->name, null], "$call: $said, {$d->why}")
                ->and($d->grade)->toBeIn(['right', null], "$call: $said, {$d->why}");
        }
    }
    expect($all)->toBeGreaterThan(20)->and($known / $all)->toBeGreaterThan(0.9);
})->with(array_slice(TRUE_LOOKS, 0, 4));

it('never calls another ball right', function (string $call, string $look, string $act, string $throw): void {
    $run = FilmedRun::of(trueProof($call, $look, Situation::of()), $act, $throw);
    $d = graded($call, $look, ['act' => $act, 'throw' => $throw, 'seen' => ballSeen($run->action)])->decision();
    expect($d->grade)->toBeIn(['wrong', 'forced'], $d->why)->and($d->why)->toContain(' right');
})->with([
    ['gun 2x2 right: smash right', '4-2 nickel, cover 2', 'right corner: sink', 'H@2.4'],
    ['gun 2x2 right: smash right', '4-2 nickel, cover 2', 'right corner: sit', 'Z@1.8'],
    ['gun 2x2 right: smash right', '4-2 nickel, cover 2', 'right corner: sit', 'X@2.5'],
    ['gun 2x2 right: smash left', '4-2 nickel, cover 2', 'left corner: sink', 'Y@2.4'],
    ['gun trey right: zone left', '4-2 nickel, cover 3', 'right end: take the back', 'give'],
    ['gun trey right: zone left', '4-2 nickel, cover 3', 'right end: take the quarterback', 'pull'],
    ['gun 2x2 right: zone right, rpo: Y slant; key will', '4-2 nickel, cover 3', 'will: insert', 'give'],
    ['gun 2x2 right: zone right, rpo: Y slant; key will', '4-2 nickel, cover 3', 'will: drop', 'throw'],
    ['under center double-slot right, H return right: triple right', '4-2 nickel, cover 3',
        'right end: take the quarterback', 'pitch'],
    ['under center double-slot right, H return right: triple right', '4-2 nickel, cover 3',
        'right end: take the back; nickel: take the pitch', 'pitch'],
    ['under center double-slot right, H return right: triple right', '4-2 nickel, cover 3',
        'right end: take the back; nickel: take the quarterback', 'keep'],
    ['under center double-slot right, H return right: triple right', '4-2 nickel, cover 3', 'right end: take the back',
        'give'],
]);

it('GRD-15: a ball that left before the key chose is judged by his rule', function (): void {
    $grader = graded('gun 2x2 right: slant-flat right', '4-2 nickel, cover 4', []);
    expect($grader->decision()->choice)->toBeNull()
        ->and($grader->decision()->grade)->toBe('right')
        ->and($grader->decision()->why)->toStartWith('The nickel had not chosen when the ball left, so ');
    $short = filmed('gun 2x2 right: slant-flat right', '4-2 nickel, cover 4', ['every' => 0.2]);
    $until = (new Measures($short))->after('ball out') - 0.6;
    $cut = array_values(
        array_filter($short->plots, fn ($p): bool => $p->man !== 'nickel' || $p->atS < FilmedRun::BEFORE + $until),
    );
    $grader = new Grader(
        new Measures(
            new Jacotaxis\Core\Film\FilmDocument(
                $short->call,
                $short->look,
                $short->setting,
                $short->marks,
                $short->calibrations,
                $cut,
                $short->moves,
                $short->seen,
                $short->chart,
            ),
        ),
    );
    expect($grader->decision()->grade)->toBeNull()->and($grader->decision()->why)->toContain('Plot the nickel ');
});

/** Normally distributed, from a seeded generator (Box and Muller 1958). */
function shake(float $sd): float
{
    return $sd * sqrt(-2.0 * log(mt_rand(1, 1_000_000) / 1_000_000)) * cos(2.0 * M_PI * mt_rand() / mt_getrandmax());
}

/** A film with every click shaken by so many pixels and every mark by up to a frame. */
function shakenFilm(FilmDocument $film, float $px, int $seed): FilmDocument
{
    mt_srand($seed);
    $plots = array_map(
        fn (Plot $p): Plot => new Plot($p->id, $p->man, $p->atS, $p->xPx + shake($px), $p->yPx + shake($px), $p->angle),
        $film->plots,
    );
    $marks = array_map(
        fn (Mark $m): Mark => new Mark($m->kind, $m->atS + mt_rand(-1, 1) / 30, $m->man, $m->n),
        $film->marks,
    );

    return new FilmDocument(
        $film->call,
        $film->look,
        $film->setting,
        $marks,
        $film->calibrations,
        $plots,
        $film->moves,
        $film->seen,
        $film->chart,
    );
}

it('a shaking hand makes no fault and no other decision', function (int $from, float $px): void {
    for ($n = $from; $n < count(TRUE_CALLS); $n += 6) {
        $look = TRUE_LOOKS[$n % 3];
        $situation = trueSituation($n);
        $run = FilmedRun::of(trueProof(TRUE_CALLS[$n], $look, $situation));
        $grader = new Grader(new Measures(shakenFilm(filmed(TRUE_CALLS[$n], $look, ['seen' => ballSeen($run->action)],
            $situation), $px, 11 * $n + 1)));
        expect(array_map(fn (array $f): string => "{$f['man']} {$f['fault']} {$f['measure']} {$f['error']}",
            $grader->faults()))->toBe([], TRUE_CALLS[$n])
            ->and($grader->decision()->grade)->toBe($run->thrownTo === null && $run->action === 'throw' ? null
                : 'right', TRUE_CALLS[$n]);
        foreach ((new Proposal($grader))->all() as $p) {
            expect($p['mark'])->not->toBe(-1, TRUE_CALLS[$n]." {$p['man']}: {$p['reason']}");
        }
    }
})->with([[0, 1.0], [1, 1.0], [2, 1.0], [3, 1.0], [4, 1.0], [5, 1.0]]);

it('the doubt of a place is what a shaking hand makes, in both directions', function (float $px, string $angle): void {
    $true = filmed('gun 2x2 right: smash right', '4-2 nickel, cover 2', ['angles' => [$angle]]);
    $placed = (new Measures($true))->placed->byPlot;
    $z = ['x' => [], 'y' => []];
    for ($seed = 1; $seed <= 4; $seed++) {
        foreach ((new Measures(shakenFilm($true, $px, $seed)))->placed->byPlot as $id => $p) {
            $z['x'][] = (($p->xYd - $placed[$id]->xYd) / $p->sdXYd) ** 2;
            $z['y'][] = (($p->yYd - $placed[$id]->yYd) / $p->sdYYd) ** 2;
        }
    }
    // Where nothing is said of the display a click is off by a pixel and a half: twice that is twice as far off.
    $off = $px / FieldClick::USUAL_PX;
    expect(sqrt(array_sum($z['x']) / count($z['x'])))->toEqualWithDelta($off, 0.25 * $off)
        ->and(sqrt(array_sum($z['y']) / count($z['y'])))->toEqualWithDelta($off, 0.25 * $off)
        ->and(count($z['x']))->toBeGreaterThan(400);
})->with([[1.5, 'wide'], [3.0, 'wide'], [1.5, 'tight']]);

const TRUE_ROUTES = [
    'hitch',
    'go',
    'slant',
    'quick out',
    'in',
    'post',
    'dig',
    'comeback',
    'curl',
    'corner',
    'out',
    'shallow',
    'sit',
    'flat',
];

it('tells a route that was called from every other, or asks', function (string $called, float $px): void {
    $other = 0;
    foreach (TRUE_ROUTES as $n => $ran) {
        // Every second of the others: over all calls each pair is tried one way or the other.
        if ($ran !== $called && ($n + (int) array_search($called, TRUE_ROUTES, true)) % 2 === 0) {
            continue;
        }
        $film = filmed("gun 2x2 right: Z $called, H seam", '4-2 nickel, cover 3', [
            'run' => "gun 2x2 right: Z $ran, H seam",
            'men' => ['Z'],
        ]);
        $m = new Measures($px > 0.0 ? shakenFilm($film, $px, $n + 1) : $film);
        $named = $m->named('Z');
        $spec = $m->proof->scene()->routes['Z']->spec->name;
        if ($ran === $called) {
            expect($named['route'] ?? $spec)->toBe($spec, "$called named ".($named['route'] ?? 'nothing'));
        } else {
            expect($named['route'] ?? null)->not->toBe($spec, "$ran taken for $called");
            $other += (int) ($named !== null);
        }
    }
    // It asks seldom.
    expect($other)->toBeGreaterThanOrEqual(5);
})->with([
    ...array_map(fn (string $r): array => [$r, 1.0], TRUE_ROUTES),
    ['hitch', 0.0],
    ['go', 0.0],
    ['dig', 0.0],
    ['corner', 0.0],
]);
