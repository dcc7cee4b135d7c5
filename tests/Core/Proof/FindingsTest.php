<?php

use Jacotaxis\Core\Concept\Families\Families;
use Jacotaxis\Core\Field\Finding;
use Jacotaxis\Core\Field\RuleSet;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Proof\Pass\Prover;
use Jacotaxis\Core\Proof\Proving;
use Jacotaxis\Core\Proof\Scene\Setting;
use Jacotaxis\Core\Proof\Telling\Findings\Findings;
use Jacotaxis\Core\Proof\Telling\Told;
use Jacotaxis\Core\School\Schools;
use Jacotaxis\Core\Words\CallParser;
use Jacotaxis\Core\Words\LookParser;
use Jacotaxis\Core\Words\NotUnderstood;
use Jacotaxis\Core\Words\SituationParser;

/* What a coach is told, finding by finding: a case that brings it,
    and the same with one thing changed that does not. */

/**
 * Texts of a finding by man, of a call against a look.
 *
 * @return array<string, string>
 */
function foundIn(string $code, string $call, string $look, ?string $situation = null): array
{
    $usual = Situation::of();
    $setting = new Setting($situation === null ? $usual : SituationParser::parse($situation, $usual));
    $told = Told::report(Proving::of(CallParser::parse($call), LookParser::parse($look), $setting));

    return array_column(array_filter($told['findings'], fn (array $f): bool => $f['code'] === $code), 'text', 'man');
}

it('is said where it holds', function (string $code, string $call, string $look, string $man, string $text,
    ?string $situation = null): void {
    $said = foundIn($code, $call, $look, $situation);
    expect($said)->toHaveKey($man)->and($said[$man])->toContain($text);
})->with([
    'a block that comes too late' => ['block-late', 'gun two-back, freeze right: freeze option right; tag tackle arc',
        '4-2 nickel, cover 3, 3 on RG', 'RG', 'holds him'],
    'a block nobody has filled in' => ['block-unset', 'under center wing right: zone right', '4-3 over, cover 3', 'Z',
        'unset in the staff book'],
    'a ball that leaves the field' => ['long-throw', 'gun 2x2 right: Z post 11; read Z', '4-2 nickel, cover 3', 'Z',
        'beyond the arm or the line', '1st & 3, ball on 3'],
    'a read the rush takes' => ['dead-read', 'gun empty: mesh', 'bear, cover 0', 'Z', 'is there at'],
    'curls this deep' => ['deep-curls', 'under center 2x2: Z curl 16, X curl 16; read Z, X', '4-2 nickel, cover 3', 'Z',
        'the corners sit on them'],
    'a window that opens too soon' => ['early-window', 'pistol trey right: levels right', '4-3 over, cover 1', 'Z',
        'before he is looked at'],
    'a break after the last hitch' => ['late-break', 'gun 2x2: X post 18, Z dig 15, Y seam, H corner 16; read Z, H, X',
        '4-2 nickel, cover 3', 'X', 'after the last hitch'],
    'nobody to kick out' => ['nobody-to-kick', 'under center I right: power right; Y base right end',
        '4-3 over, cover 3', 'F', 'turns up and seals'],
    'a gap nobody has' => ['open-gap', 'gun 2x2: smash right', '4-2 nickel, 2-man', '', 'left B gap'],
    'men passed off' => ['passed-off', 'gun stack right: mesh', '4-3 over, cover 1', '', 'first out and first in'],
    'a tag nobody can carry out' => ['tag-idle', 'under center I right: zone right; tag arc left', '4-3 over, cover 3',
        '', 'no backside wing and no backside slot'],
    'a rule that waits for nobody' => ['rule-idle', 'gun 2x2: zone right; if rover crash then pull',
        '4-2 nickel, cover 3', '', 'this look has none'],
    'a dive key who plays two' => ['dive-key', 'double-slot, splits 2.5: triple right', 'tite, cover 4', '',
        'may play dive and quarterback'],
    'splits that are cut' => ['tight-splits', 'gun 2x2, splits 1.5 1.5: smash right', 'tite, cover 4', '',
        'may play dive and quarterback'],
    'a man under the sticks' => ['sinks-under', 'gun 2x2: Z dig 15, H seam; read H, Z', '4-2 nickel, cover 3', 'Z',
        'sinks under the dig at the sticks', '3rd & 11, ball on -20, left hash'],
]);

it('is not said where one thing is otherwise',
    function (string $code, string $call, string $look, string $man, ?string $situation = null): void {
        expect(foundIn($code, $call, $look, $situation))->not->toHaveKey($man);
    })->with([
        'nobody on the guard' => ['block-late', 'gun two-back, freeze right: freeze option right; tag tackle arc',
            '3-4, cover 3', 'RG'],
        'no man off the line' => ['block-unset', 'under center I right: zone right', '4-3 over, cover 3', 'Z'],
        'a rush that is picked up' => ['dead-read', 'gun 2x2: smash right', '4-2 nickel, cover 3', 'Z'],
        'curls with a run action' => ['deep-curls',
            'under center 2x2, zone right fake: Z curl 16, X curl 16; read Z, X',
            '4-2 nickel, cover 3', 'Z'],
        'curls as usual' => ['deep-curls', 'under center 2x2: Z curl 10, X curl 10; read Z, X', '4-2 nickel, cover 3',
            'Z'],
        'a drop that fits' => ['late-break', 'gun 2x2: smash right', '4-2 nickel, cover 3', 'H'],
        'the end is there to be kicked' => ['nobody-to-kick', 'under center I right: power right', '4-3 over, cover 3',
            'F'],
        'everybody in his gap' => ['open-gap', 'gun 2x2: smash right', '4-3 over, cover 3', ''],
        'men who stand apart' => ['passed-off', 'gun 2x2: mesh', '4-3 over, cover 1', ''],
        'men locked' => ['passed-off', 'gun stack right: mesh', '4-3 over, cover 1, men locked', ''],
        'a tag with its man' => ['tag-idle', 'gun H-back left: zone right; tag arc left', '4-3 over, cover 3', ''],
        'a tag that needs nobody' => ['tag-idle', 'gun two-back, freeze right: freeze option right; tag tackle arc',
            '3-4, cover 3', ''],
        'a rule with its man' => ['rule-idle', 'gun 2x2: zone right; if left end crash then pull',
            '4-2 nickel, cover 3',
            ''],
        'a dive key with the usual splits' => ['dive-key', 'double-slot: triple right', 'tite, cover 4', ''],
        'nobody on the inside eye' => ['tight-splits', 'gun 2x2, splits 1.5 1.5: smash right', '4-2 nickel, cover 4',
            ''],
        'first and ten' => ['sinks-under', 'gun 2x2: Z dig 15, H seam; read H, Z', '4-2 nickel, cover 3', 'Z'],
    ]);

it('says who stands off his place in the set, within a staff\'s tolerance nobody (FRM-03)',
    function (float $xYd, ?float $toleranceYd, bool $said): void {
        $call = CallParser::parse('gun 2x2: smash right');
        $call = $call->with(['formation' => $call->formation->withSpots(['H' => [$xYd, -1.5]])]);
        $values = $toleranceYd === null ? [] : ['off-place' => $toleranceYd];
        $setting = new Setting(Situation::of(), schools: Schools::of([], $values));
        $told = Told::report(Proving::of($call, LookParser::parse('4-2 nickel, cover 3'), $setting));
        expect(in_array('off-place', array_column($told['findings'], 'code'), true))->toBe($said);
    })->with([
        'two feet inside' => [8.3, null, true],
        'two feet inside, a yard allowed' => [8.3, 1.0, false],
        'two feet inside, half a yard allowed' => [8.3, 0.5, true],
    ]);

it('says when a lineman ends the line (legal, and worth knowing)', function (float $depthYd, bool $said): void {
    $call = CallParser::parse('gun trey right: smash right');
    $call = $call->with(['formation' => $call->formation->withSpots(['X' => [-18.0, -$depthYd]])]);
    $codes = array_column(
        array_map(fn (Finding $f): array => $f->toArray(), legality($call, RuleSet::Nfhs)),
        'man',
        'code',
    );
    expect(($codes['end-lineman'] ?? null) === 'LT')->toBe($said);
})->with(['the split end off the line' => [1.5, true], 'on it' => [0.5, false]]);

it('MOT-03: tells of a motion on a run as on a pass', function (string $code, string $call, bool $said): void {
    expect(foundIn($code, $call, '4-3 over, cover 3'))->toHaveCount($said ? 1 : 0);
})->with([
    'a jet that comes late' => ['motion-late', 'gun 2x2 right, H jet left on the last sound of set: jet left', true],
    'a jet that fits' => ['motion-late', 'gun 2x2 right, H jet left: jet left', false],
    'a sound nobody makes' => ['unknown-sound', 'gun 2x2 right, H jet left: jet left', false],
]);

it('sends nobody it fills in into another man\'s window', function (string $set): void {
    foreach (['left', 'right'] as $side) {
        foreach (array_keys(Families::all()) as $family) {
            try {
                $call = CallParser::parse("gun $set right: $family $side");
            } catch (NotUnderstood) {
                continue;
            }
            $filled = [];
            foreach ($call->assumed as $words) {
                if (preg_match('/^([XZHYRF]) .* clears out$/', $words, $m) === 1) {
                    $filled[] = $m[1];
                }
            }
            $proof = Prover::prove($call, LookParser::parse('4-2 nickel, cover 3'), new Setting(Situation::of()));
            foreach (Findings::of($proof) as $finding) {
                $names = $finding->code === 'one-window' ? explode(' ', $finding->text, 4) : [];
                expect(array_intersect($filled, $names))->toBe([], "$set: $family $side: $finding->text");
            }
        }
    }
})->with(['2x2', 'trips', 'trey', 'bunch', 'stack', 'empty', 'quads', 'ace']);

it('names two men who share a window while one may get the ball, and nobody who only crosses', function (
    string $call,
    bool $shares,
): void {
    $codes = array_column(told($call, '4-2 nickel, cover 3')['findings'], 'code');
    expect(in_array('one-window', $codes, true))->toBe($shares);
})->with([
    'two who settle beside each other' => ['gun bunch right: hitches right', true],
    'hitches apart' => ['gun 2x2: hitches right', false],
    'crossers of a mesh' => ['gun 2x2: mesh right', false],
    'two who only clear out' => ['gun bunch right: X slant; Z go clear; Y seam clear; H seam clear; read X', false],
]);
