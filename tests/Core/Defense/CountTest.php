<?php

use Jacotaxis\Core\Concept\Document\LookDocument;
use Jacotaxis\Core\Defense\Aligning\Aligned;
use Jacotaxis\Core\Defense\Alignment;
use Jacotaxis\Core\Defense\Count\Accounted;
use Jacotaxis\Core\Defense\Count\Box;
use Jacotaxis\Core\Defense\Count\DiveKey;
use Jacotaxis\Core\Defense\Count\Edges;
use Jacotaxis\Core\Defense\Count\Gaps;
use Jacotaxis\Core\Defense\Count\Outside;
use Jacotaxis\Core\Defense\Count\Tells;
use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Defense\Jobs\Job;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Kinematics\Group;
use Jacotaxis\Core\Offense\Lineup;
use Jacotaxis\Core\Proof\Telling\Findings\Findings;
use Jacotaxis\Core\Proof\Telling\Picture;
use Jacotaxis\Core\School\Schools;
use Jacotaxis\Core\Words\Call\FormationParser;
use Jacotaxis\Core\Words\CallParser;
use Jacotaxis\Core\Words\LookParser;

/** A defender for a drawn picture: role, spot, group. */
function stands(string $role, float $x, float $y, Group $group = Group::Backer, ?string $takes = null): Defender
{
    return new Defender(
        strtoupper($role[0]),
        $role,
        $x,
        $y,
        $x < 0 ? Side::Left : Side::Right,
        $group === Group::Line ? Job::rush() : Job::under($x, 8.0, 'Zone'),
        $group,
        takes: $takes,
    );
}

/**
 * Men in the box, $n of them, and whoever is drawn outside.
 *
 * @param  list<Defender>  $others
 * @return list<Defender>
 */
function boxed(int $n, array $others = []): array
{
    $spots = [[-2.7, 1], [-1, 1], [1, 1], [2.7, 1], [-1.5, 4.5], [1.5, 4.5], [0, 5.5], [-3.5, 4]];

    return [
        ...array_map(
            fn (array $s, int $i): Defender => stands("box $i", $s[0], $s[1], $i < 4 ? Group::Line : Group::Backer),
            array_slice($spots, 0, $n),
            range(1, $n),
        ),
        ...$others,
    ];
}

/**
 * The picture before and at the snap of a call with motion.
 *
 * @return array{Aligned, Lineup, Lineup}
 */
function moved(string $call, string $look): array
{
    $s = Situation::of();
    $c = CallParser::parse($call);
    $before = Lineup::of($c->snap($s->frame())->before, $s->frame(), $s->hash, Side::Right);

    return [Alignment::of(LookParser::parse($look), $c->lineup($s), $before), $before, $c->lineup($s)];
}

it('says the sum of the box in words (CNT-01 to CNT-03)',
    function (int $men, string $formation, array $read, array $out, int $effective, int $blockers, string $words,
        string $says): void {
        $box = Box::of(boxed($men), lineup($formation), Schools::of(), $read, $out);
        expect($box->raw())->toBe($men)
            ->and($box->effective())->toBe($effective)
            ->and($box->blockerCount)->toBe($blockers)
            ->and($box->words())->toBe($words)
            ->and($box->says())->toBe($says);
    })->with([
        'W-05: seven against five, two free' => [7, 'gun 2x2 right', [], [], 7, 5,
            '7 - 0 = 7 against 5, two free: throw to either side.', 'throw'],
        'W-06: a tight end makes six blockers, one free' => [7, 'gun trey right', [], [], 7, 6,
            '7 - 0 = 7 against 6, one free: throw outside.', 'throw'],
        'W-07: one counted out, one read' => [7, 'gun 2x2 right', ['box 4'], ['box 7' => 'on the slot'], 5, 5,
            '7 - 2 = 5 against 5, the run is sound (box 4 read; box 7 counted out: on the slot).', 'run'],
        'six for six' => [6, 'gun trey right', [], [], 6, 6, '6 - 0 = 6 against 6, the run is sound.', 'run'],
        'the H-back blocks' => [6, 'gun H-back right', [], [], 6, 6, '6 - 0 = 6 against 6, the run is sound.', 'run'],
        'tight end and wing' => [7, 'gun wing right', [], [], 7, 7, '7 - 0 = 7 against 7, the run is sound.', 'run'],
        'of two backs one blocks' => [7, 'I right', [], [], 7, 7, '7 - 0 = 7 against 7, the run is sound.', 'run'],
        'three free' => [8, 'gun 2x2 right', [], [], 8, 5, '8 - 0 = 8 against 5, three free: throw to either side.',
            'throw'],
        'a man read twice is subtracted once' => [6, 'gun 2x2 right', ['box 4'], ['box 4' => 'wide'], 5, 5,
            '6 - 1 = 5 against 5, the run is sound (box 4 read; box 4 counted out: wide).', 'run'],
    ]);

it('leaves a half-in man out until the coach counts him, and keeps the reason (CNT-02)', function (
    float $x,
    array $counted,
    int $raw,
    array $half,
): void {
    $box = Box::of(
        boxed(6, [stands('nickel', $x, 4.0, Group::Safety)]),
        lineup('gun 2x2 right'),
        Schools::of(),
        counted: $counted,
    );
    expect($box->raw())->toBe($raw)->and($box->half)->toBe($half);
})->with([[4.0, [], 7, []], [5.5, [], 6, ['nickel']], [5.5, ['nickel' => 'he fits the run'], 7, []], [9.0, [], 6, []]]);

it('counts nine within ten yards apart from the box (CNT-04)', function (string $look, int $near): void {
    expect(Box::of(aligned($look, 'I right')->defenders, lineup('I right'), Schools::of())->nearCount)
        ->toBe($near)
        ->and(
            Picture::standing(
                aligned($look, 'I right')->defenders,
                lineup('I right'),
                LookParser::parse($look),
                Schools::of(),
            )['playActionReady'],
        )
        ->toBe(str_contains($look, 'press'));
})->with([
    ['5-2, cover 3', 10],
    ['4-2 nickel, cover 2', 9],
    ['bear, cover 0', 11],
    ['4-4, cover 1, corners press', 10],
]);

it('numbers, grass or leverage give the quick throw; without any the side is cancelled (CNT-07 to CNT-09)', function (
    string $formation,
    array $men,
    array $running,
    bool $yes,
    ?string $throw,
): void {
    $o = Outside::of(
        Side::Right,
        boxed(6, $men),
        lineup($formation),
        array_map(fn ($n): string => "box $n", range(1, 6)),
        $running,
    );
    expect($o->yes())->toBe($yes, $o->words())->and($o->throw())->toBe($throw, $o->words());
})->with([
    'W-08: two on one, bubble' => ['gun 2x2 right', [stands('corner', 17.5, 2.0, Group::Corner)], [], true, 'bubble'],
    'W-08: a safety bumps: two on two, no grass, cancelled' => ['gun 2x2 right',
        [stands('corner', 17.5, 2.0, Group::Corner), stands('safety', 9.5, 5.0, Group::Safety)], [], false, null],
    'W-08: the bubble man already sprints out: no bubble' => ['gun 2x2 right',
        [stands('corner', 17.5, 2.0, Group::Corner), stands('safety', 7.0, 5.0, Group::Safety)],
        ['safety' => 5.0], false, null],
    'inside leverage on the slot' => ['gun 2x2 right',
        [stands('corner', 17.5, 2.0, Group::Corner), stands('nickel', 7.0, 5.0, Group::Safety)], [], true, 'bubble'],
    'two on two with grass' => ['gun 2x2 right',
        [stands('corner', 17.5, 8.0, Group::Corner), stands('nickel', 9.5, 5.0, Group::Safety)], [], true, 'now hitch'],
    'W-06: a single receiver, the corner off: now hitch' => ['gun trips left', [stands('corner', 17.0, 7.0, Group::Corner)],
        [], true, 'now hitch'],
    'W-06: he walks up: it redraws as a go' => ['gun trips left',
        [stands('corner', 17.0, 1.2, Group::Corner)], [], false,
        'go'],
    'nobody split out' => ['double-slot right', [stands('corner', 6.0, 5.0, Group::Corner)], [], true, 'now hitch'],
]);

it('finds man and zone in motion, side by side (TEL-01 to TEL-04)',
    function (string $call, string $look, string $side, string $coverage, string $certainty, ?string $known): void {
        [$a, $was, $now] = moved($call, $look);
        $tells = Tells::of($a->before, $a->defenders, $was, $now);
        expect($tells[$side]['coverage'])
            ->toBe($coverage, json_encode($tells))
            ->and($tells[$side]['certainty'])
            ->toBe($certainty);
        $known === null ? expect($tells['known'])->toBeNull() : expect($tells['known'])->toContain($known);
    })->with([
        'a man goes across with the slot' => ['gun 2x2 right, H short left to 6 wide: X go', '4-2 nickel, cover 1',
            'left',
            'man', 'sure', 'alone on the right'],
        'nobody goes' => ['gun 2x2 right, H short left to 6 wide: X go', '4-2 nickel, cover 3', 'left', 'zone',
            'inferred',
            null],
        'W-09: the tight end crosses, his man goes, one deep' => ['I left, Y shift right: X go',
            '4-3 over, cover 1, front stays', 'right', 'man', 'sure', 'alone on the left'],
        'two deep claims nothing' => ['gun 2x2 right, H short left to 6 wide: X go', '4-2 nickel, 2-man', 'left', 'man',
            'sure', null],
        'a back out of empty' => ['gun empty right, R in left: X go', '4-2 nickel, cover 3', 'left', 'zone', 'inferred',
            null],
    ]);

it('W-10: one side man and the other zone are two findings with two certainties', function (): void {
    $was = lineup('gun bunch right');
    $now = lineup('gun bunch left');
    $before = aligned('4-2 nickel, cover 3', 'gun bunch right')->defenders;
    // Only the single side's corner travels with X.
    $after = array_map(fn (Defender $d): Defender => $d->role === 'left corner' ? $d->at(17.0, 7.0) : $d, $before);
    $tells = Tells::of($before, $after, $was, $now);
    expect($tells['right'])->toMatchArray(['coverage' => 'man', 'certainty' => 'sure'])
        ->and($tells['left'])->toMatchArray(['coverage' => 'zone', 'certainty' => 'inferred']);
});

it('W-11: quarter-quarter-half: support, the double on #1, and three deep when the nickel goes', function (): void {
    $a = aligned('4-2 nickel, cover 6', 'gun 2x2 right');
    expect(
        Edges::support($a->defenders, LookParser::parse('4-2 nickel, cover 6'), lineup('gun 2x2 right'), Side::Right),
    )->toBe('strong safety');
    $near = function (string $h): float {
        $p = proof("gun 2x2: Z post; H $h; X go; Y seam; read Z", 'cover 6');
        $n = array_search('strong safety', array_map(fn ($d): string => $d->role, $p->scene->defenders), true);
        $t = $p->playOut->byRule();

        return abs($t->x[$n][50] - $p->scene->routes['Z']->path->x[50]);
    };
    expect($near('flat'))->toBeLessThan($near('go') - 1.0)->and($near('shallow'))->toBeLessThan($near('go') - 1.0);
    $sent = aligned('4-2 nickel, cover 6, nickel blitz', 'gun 2x2 right');
    expect(count(array_filter($sent->defenders, fn (Defender $d): bool => $d->isDeep())))->toBe(3)
        ->and($sent->role('strong safety')->isDeep())->toBeFalse()
        ->and($sent->notes)->toContain('The nickel rushes: the safety drops down for him, three deep');
});

it('a condensed split makes the corner the support man (FRM-04, truth 18 before the snap)', function (
    string $look,
    string $wide,
    string $tight,
): void {
    $of = fn (string $f): ?string => Edges::support(
        aligned($look, $f)->defenders,
        LookParser::parse($look),
        lineup($f),
        Side::Right,
    );
    expect($of('gun 2x2 right'))->toBe($wide)->and($of('gun 2x2 condensed right'))->toBe($tight);
})->with([
    ['4-2 nickel, cover 4', 'strong safety', 'right corner'],
    ['4-2 nickel, cover 3', 'nickel', 'right corner'],
    ['4-2 nickel, cover 2', 'right corner', 'right corner'],
    ['4-3 over, cover 1', 'sam', 'right corner'],
]);

it('names the last man on the line and the overhang of each side',
    function (string $look, string $formation, Side $side, ?string $last, ?string $overhang): void {
        $l = lineup($formation);
        $men = aligned($look, $formation)->defenders;
        $box = Box::of($men, $l, Schools::of())->in;
        expect(Edges::last($men, $side))->toBe($last)->and(Edges::overhang($men, $side, $box))->toBe($overhang);
    })->with([
        ['4-2 nickel, cover 3', 'gun 2x2 right', Side::Right, 'right end', 'nickel'],
        ['4-2 nickel, cover 3', 'gun 2x2 right', Side::Left, 'left end', 'strong safety'],
        ['5-2, cover 3', 'I right', Side::Right, 'right end', null],
        ['3-4, cover 3', 'gun 2x2 right', Side::Left, 'jack', 'strong safety'],
        ['4-4, cover 3', 'gun 2x2 right', Side::Right, 'right end', 'sam'],
        ['4-2 nickel, cover 3, walked W', 'gun 2x2 right', Side::Left, 'left end', 'strong safety'],
    ]);

it('gives every gap of a front to somebody', function (string $look, string $formation, array $gaps): void {
    $fit = Gaps::of(aligned($look, $formation)->defenders, lineup($formation), LookParser::parse($look));
    expect(array_intersect_key($fit, $gaps))->toEqual($gaps);
})->with([
    ['4-2 nickel, cover 3', 'gun 2x2 right', ['right B' => 'right tackle', 'right C' => 'right end',
        'left A' => 'left tackle', 'left C' => 'left end', 'right A' => 'mike', 'left B' => 'will']],
    ['4-3 under, cover 3', 'gun trey right', ['right A' => 'nose', 'left B' => 'left tackle', 'right C' => 'right end',
        'right D' => 'sam']],
    ['bear, cover 1', 'I right', ['right B' => 'right tackle', 'left B' => 'left tackle', 'right D' => 'right end']],
    ['3-4, cover 3', 'I right', ['right C' => 'right end', 'left C' => 'left end', 'right D' => 'sam']],
    ['5-2, cover 3', 'I right', ['right C' => 'right tackle', 'left C' => 'left tackle', 'right D' => 'right end']],
]);

it('moves a gap with a slanting man', function (): void {
    $fit = fn (string $l): array => Gaps::of(
        aligned($l, 'gun 2x2 right')->defenders,
        lineup('gun 2x2 right'),
        LookParser::parse($l),
    );
    expect($fit('4-2 nickel, cover 3')['right B'])
        ->toBe('right tackle')
        ->and($fit('4-2 nickel, cover 3, right tackle slants left')['right A'])
        ->toBe('right tackle');
});

it('says who is covered, whom the center points out, and which side each set\'s strength is', function (
    string $look,
    string $formation,
    array $covered,
    string $point,
): void {
    $p = Picture::standing(
        aligned($look, $formation)->defenders,
        lineup($formation),
        LookParser::parse($look),
        Schools::of(),
    );
    expect($p['covered'])
        ->toEqualCanonicalizing($covered)
        ->and($p['point'])
        ->toBe($point)
        ->and(array_intersect($p['uncovered'], $covered))
        ->toBe([]);
})->with([
    ['4-2 nickel, cover 3', 'gun 2x2 right', ['RT', 'RG', 'C', 'LT'], 'mike'],
    ['3-4, cover 3', 'gun 2x2 right', ['RT', 'C', 'LT'], 'mike'],
    ['bear, cover 1', 'gun 2x2 right', ['LG', 'C', 'RG'], 'mike'],
    ['4-4, cover 3', 'gun 2x2 right', ['LT', 'LG', 'RG', 'RT'], 'mike'],
    ['6-1, cover 3', 'gun 2x2 right', ['LT', 'LG', 'RG', 'RT'], 'mike'],
]);

it('finds the backer left alone on a receiver', function (string $look, string $formation, array $men): void {
    expect(
        array_column(Accounted::mismatches(aligned($look, $formation)->defenders, lineup($formation)), 'man'),
    )->toEqualCanonicalizing($men);
})->with([
    ['4-3 over, cover 1', 'gun trips right', ['H']],
    ['4-2 nickel, cover 1', 'gun 2x2 right', []],
    ['4-2 nickel, 2-man', 'gun empty right', ['R', 'Y']],
]);

it('calls the middle open or closed before the snap and after it', function (
    string $look,
    string $before,
    string $after,
): void {
    $p = Picture::standing(
        aligned($look, 'gun 2x2 right')->defenders,
        lineup('gun 2x2 right'),
        LookParser::parse($look),
        Schools::of(),
    );
    expect($p['middle'])->toBe($before)->and($p['middleAfterSnap'])->toBe($after);
})->with([
    ['4-2 nickel, cover 3', 'closed', 'closed'],
    ['4-2 nickel, cover 3, shows cover 2', 'open', 'closed'],
    ['4-2 nickel, cover 1, safety rotates weak', 'open', 'closed'],
    ['4-2 nickel, cover 2, shows cover 3', 'closed', 'open'],
    ['4-2 nickel, cover 4', 'open', 'open'],
]);

it('names the outflanked edge: the count after a shift the defense does not answer (FRM-06)', function (): void {
    [$a, , $now] = moved('gun trey left, Y shift right: X go', '4-3 over, cover 3, front stays, motion stay');
    $slid = moved('gun trey left, Y shift right: X go', '4-3 over, cover 3')[0];
    $right = fn (Aligned $d): float => max(
        array_map(fn (Defender $m): float => $m->group === Group::Line ? $m->xYd : 0.0, $d->defenders),
    );
    expect($now->tightEnd(Side::Right)?->letter)
        ->toBe('Y')
        ->and($right($a))
        ->toBeLessThan($now->surfaceXYd(Side::Right))
        ->and($right($slid))
        ->toBeGreaterThan($now->surfaceXYd(Side::Right));
});

it('says in the findings what the defense did and whom nobody has',
    function (string $call, string $look, string $code): void {
        $situation = Situation::of();
        $proof = Jacotaxis\Core\Proof\Pass\Prover::prove(
            CallParser::parse($call),
            LookParser::parse($look),
            new Jacotaxis\Core\Proof\Scene\Setting($situation),
        );
        expect(array_map(fn ($f): string => $f->code, Findings::of($proof)))->toContain($code);
    })->with([
        ['gun 2x2, H short left to 6 wide: X go', '4-2 nickel, cover 1', 'defense-adjusts'],
        ['gun trips: smash right', '4-3 over, cover 1', 'mismatch'],
        ['gun 2x2, H jet left on the last sound of set: X go', '4-2 nickel, cover 3', 'motion-late'],
        ['gun 2x2: smash right', '4-2 nickel, cover 3, right end upfield', 'by-hand'],
        ['gun empty: smash right', '4-2 nickel, cover 0, mike blitz, will blitz, nickel blitz', 'uncovered'],
    ]);

it('proves any call against any look without falling over, and gives the whole picture', function (
    string $front,
): void {
    foreach (Jacotaxis\Core\Defense\Shells::names() as $shell) {
        foreach (
            [
                'gun 2x2: smash right',
                'gun empty right: four verticals',
                'double-slot right, R pitch left: X go; Z post',
                'gun trey left, Z short left: curl-flat left',
            ] as $call
        ) {
            $proof = Jacotaxis\Core\Proof\Pass\Prover::prove(
                CallParser::parse($call),
                LookParser::parse("$front, $shell"),
                new Jacotaxis\Core\Proof\Scene\Setting(Situation::of()),
            );
            $report = Jacotaxis\Core\Proof\Telling\Report::of($proof);
            expect($report['assignments'])->toHaveCount(11)
                ->and($report['picture']['gaps'])->toHaveCount(8)
                ->and($report['strength'] ?? 0.0)->toBeGreaterThan(-9.0)
                ->and($report['verdict'])->toBeIn(['bound', 'open', 'guess', 'covered']);
        }
    }
})->with(Jacotaxis\Core\Defense\Fronts::names());

it('W-04: a 4i as dive key between cut splits may play dive and quarterback (FRM-02)',
    function (string $splits, float $tackle, bool $warns): void {
        $formation = FormationParser::parse("double-slot right, splits $splits")->formation;
        $keys = DiveKey::of(aligned('tite, cover 3', "double-slot right, splits $splits")->defenders, $formation);
        expect($formation->splits()->tackleXYd())->toEqualWithDelta($tackle, 0.005)
            ->and($keys)->toHaveCount(2)
            ->and($keys[0]['warning'] !== null)->toBe($warns)
            ->and($keys[0]['fromCenterYd'])->toEqualWithDelta($tackle - 0.4, 0.01);
    })->with([
        ['3.5 ft', 10.0 / 3.0, false],
        ['3.5 ft center to center', 7.0 / 3.0, false],
        ['3 ft center to center', 2.0, true],
        ['4 ft', 11.0 / 3.0, false],
    ]);

it('keeps a man counted by hand with his reason, in words and as a document', function (): void {
    $look = LookParser::parse('4-4, cover 3, sam counted in, mike counted out');
    $p = Picture::standing(aligned('4-4, cover 3, sam counted in, mike counted out', 'gun 2x2 right')->defenders,
        lineup('gun 2x2 right'), $look, Schools::of());
    $plain = Picture::standing(aligned('4-4, cover 3', 'gun 2x2 right')->defenders, lineup('gun 2x2 right'),
        LookParser::parse('4-4, cover 3'), Schools::of());
    expect($p['box'])->toBe($plain['box'] + 1)
        ->and($p['boxEffective'])->toBe($plain['boxEffective'])
        ->and($p['boxWords'])->toContain('mike counted out: by hand')
        ->and(LookParser::parse($look->words()))->toEqual($look);
    $why = LookDocument::read(LookDocument::write($look->changing('mike',
        ['counted' => 'out', 'reason' => 'he bails'])));
    expect($why->changes['mike']->reason)->toBe('he bails');
});

it('gives the quarterback the extra hat against cover 0 and 1 (CNT-06)', function (string $look, ?string $hat): void {
    expect(
        Picture::standing(
            aligned($look, 'gun 2x2 right')->defenders,
            lineup('gun 2x2 right'),
            LookParser::parse($look),
            Schools::of(),
        )['extraHat'],
    )->toBe($hat);
})->with([
    ['4-2 nickel, cover 1', 'mike'],
    ['4-2 nickel, cover 0', 'free safety'],
    ['4-2 nickel, cover 3', null],
    ['4-2 nickel, cover 2', null],
]);

it('names the extra blocker of an unbalanced line and the outflanked edge (FRM-05, FRM-06)', function (
    string $look,
    string $formation,
    ?string $extra,
    array $flanked,
): void {
    $p = Picture::standing(
        aligned($look, $formation)->defenders,
        lineup($formation),
        LookParser::parse($look),
        Schools::of(),
    );
    expect($p['extraBlocker'])->toBe($extra)->and($p['outflanked'])->toBe($flanked);
})->with([
    ['4-2 nickel, cover 3', 'gun unbalanced right', 'right', ['right']],
    ['4-2 nickel, cover 3', 'gun unbalanced left', 'left', ['left']],
    ['5-2, cover 3', 'I right', null, []],
    ['4-3 over, cover 3', 'gun 2x2 right', null, []],
    ['4-2 nickel, cover 3', 'I right', null, ['right']],
]);

it('says how far a man moved by hand stands from the set\'s own place (FRM-03)', function (
    array $spot,
    ?string $says,
): void {
    $call = CallParser::parse('gun H-back right: X go');
    $proof = Jacotaxis\Core\Proof\Pass\Prover::prove(
        $call->with(['formation' => $call->formation->withSpots(['H' => $spot])]),
        LookParser::parse('4-2 nickel, cover 3'),
        new Jacotaxis\Core\Proof\Scene\Setting(Situation::of()),
    );
    $said = implode(' ', array_map(fn ($f): string => $f->text, Findings::of($proof)));
    $says === null ? expect($said)->not->toContain('his place in the set') : expect($said)->toContain($says);
})->with([
    [[17.0 / 6.0 + 0.25, -2.0], 'H stands 9 in outside and 0.5 yd behind his place in the set'],
    [[12.0, -1.5], null],
]);

it('says both names when the men stand in another set than the words (FRM-08)', function (
    array $spots,
    ?string $stands,
): void {
    $call = CallParser::parse('gun trips right: X go');
    $said = Jacotaxis\Core\Words\Description::of($call->with(['formation' => $call->formation->withSpots($spots)]))[
        'disagrees'
    ];
    expect($said['stands'] ?? null)->toBe($stands);
})->with([
    [[], null],
    [['H' => [11.5, -1.5]], null],
    [['Z' => [9.0, -1.5], 'Y' => [7.5, -0.5], 'H' => [6.0, -1.5]], 'gun bunch right'],
]);

it('runs a rusher\'s movement before he is met', function (): void {
    $plain = proof('gun 2x2: smash right', 'cover 3');
    $hand = proof('gun 2x2: smash right', 'cover 3, right end upfield');
    $n = array_search('right end', array_map(fn ($d): string => $d->role, $hand->scene->defenders), true);
    $at = fn ($p): array => Jacotaxis\Core\Proof\Telling\Trenches::rusher(
        $p->scene,
        $p->scene->defenders[$n],
        0.4,
        $p->protection,
    );
    expect($at($hand)[0])->toBeGreaterThan($at($plain)[0] + 0.3);
});
