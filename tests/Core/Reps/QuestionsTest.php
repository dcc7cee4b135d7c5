<?php

/*
 * What is asked about a call against a look, and that the right answers are the proof's. Calls, looks and men of
 * several kinds; for every right answer the others are wrong.
 */

use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Grade\Deciding\ReadRule;
use Jacotaxis\Core\Kinematics\Level;
use Jacotaxis\Core\Proof\Pass\Proof;
use Jacotaxis\Core\Proof\Pass\ReadStates;
use Jacotaxis\Core\Proof\Proving;
use Jacotaxis\Core\Proof\Run\RunProof;
use Jacotaxis\Core\Proof\Scene\Proven;
use Jacotaxis\Core\Proof\Scene\Setting;
use Jacotaxis\Core\Proof\Telling\Told;
use Jacotaxis\Core\Reps\Kind;
use Jacotaxis\Core\Reps\Question;
use Jacotaxis\Core\Reps\Questions;
use Jacotaxis\Core\Words\CallParser;
use Jacotaxis\Core\Words\LookParser;

function repProof(string $call, string $look): Proven
{
    return Proving::of(
        CallParser::parse($call),
        LookParser::parse($look),
        new Setting(Situation::of(), Level::HighSchool),
    );
}

/** @return list<Question> */
function repQuestions(Proven $proof, string $letter, ?Kind $kind = null): array
{
    return array_values(array_filter(
        Questions::of($proof, $letter),
        fn (Question $q): bool => $kind === null || $q->kind === $kind,
    ));
}

const REP_CALLS = [
    'gun trips right: stick right',
    'gun 2x2 right: curl-flat left',
    'gun trips left: smash left',
    'gun 2x2 right: four verticals',
    'under center I right, power right fake: yankee right',
    'gun 2x2 right: zone left',
    'gun 2x2 right: zone left, rpo: X slant',
    'under center double-slot right: triple right',
    'gun trips right: power read right',
    'under center wing right: counter left',
];

const REP_LOOKS = ['4-2 nickel, cover 3', '4-3 over, cover 1, corners press', '3-4, cover 4', '4-4, cover 3'];

it('asks whom he reads, and the key of the proof is right', function (string $call, string $look): void {
    $proof = repProof($call, $look);
    $asked = repQuestions($proof, 'Q', Kind::Key);
    $key = match (true) {
        $proof instanceof Proof => $proof->mainKey()?->role,
        $proof instanceof RunProof => array_column(
            array_filter($proof->keys, fn ($k) => $k->conflict),
            'role',
        )[0] ?? null,
        default => null,
    };

    expect($asked)->toHaveCount($key === null ? 0 : 1);
    foreach ($asked as $question) {
        $roles = array_column($question->choices, 'value');
        expect($question->right)->toBe([$key])
            ->and($roles)->toHaveCount(4)->toContain($key)
            ->and(array_unique($roles))->toHaveCount(4)
            ->and(array_filter($roles, $question->isRight(...)))->toHaveCount(1);
    }
})->with(REP_CALLS)->with(REP_LOOKS);

it('calls right where the ball goes what grades film right', function (string $call, string $look): void {
    $proof = repProof($call, $look);
    assert($proof instanceof Proof);
    $key = $proof->mainKey();
    $asked = repQuestions($proof, 'Q', Kind::Ball);
    expect(count($asked))->toBeGreaterThanOrEqual($key === null ? 1 : 0);
    foreach ($asked as $question) {
        $row = $question->act === null ? null : $key?->acts[$question->act->index];
        $outcome = $row['outcome'] ?? $proof->ruleTrue;
        expect($question->act === null)->toBe($key === null)
            ->and($question->act?->name)->toBe(($row['act'] ?? null)?->name);
        $states = ReadStates::of($proof->readings, $outcome, $proof->scene->setting->openAt);
        foreach ($question->choices as $choice) {
            $thrown = $choice->value === 'away' ? null : $choice->value;
            expect($question->isRight($choice->value))->toBe(ReadRule::of($states, $thrown)->grade === 'right');
        }
        // It stops before the ball tells the answer.
        expect($question->freezeS)->toBeLessThan($outcome->line?->outAt() ?? 9.0);
    }
})->with(array_slice(REP_CALLS, 0, 5))->with(REP_LOOKS);

it('asks about both choices of the key, with two answers where he is bound', function (): void {
    $asked = repQuestions(repProof('gun trips right: stick right', '4-2 nickel, cover 3'), 'Q', Kind::Ball);

    expect(array_map(fn (Question $q): array => $q->right, $asked))->toContain(['Y'])->toContain(['H'])
        ->and(array_unique(array_map(fn (Question $q): string => $q->about, $asked)))->toHaveCount(count($asked));
});

it('asks what to do with the ball of a run with a read', function (
    string $call,
    string $look,
    string $about,
    array $offered,
    string $right,
): void {
    $asked = array_column(repQuestions(repProof($call, $look), 'Q', Kind::Ball), null, 'about');

    expect($asked)->toHaveKey($about)
        ->and(array_map(fn ($c) => $c->label, $asked[$about]->choices))->toBe($offered)
        ->and($asked[$about]->right)->toBe([$right]);
})->with([
    'the end takes the back: pull' => ['gun 2x2 right: zone left', '4-2 nickel, cover 3', 'right end: take the back',
        ['Give it to R', 'Pull it'], 'pull'],
    'he stays: give' => ['gun 2x2 right: zone left', '4-2 nickel, cover 3', 'right end: take the quarterback',
        ['Give it to R', 'Pull it'], 'give'],
    'the dive key of the triple takes the dive: keep, whatever comes next' => [
        'under center double-slot right: triple right', '4-2 nickel, cover 3', 'right end: take the back',
        ['Give it to F', 'Keep it'], 'keep'],
    'he does not: give' => ['under center double-slot right: triple right', '4-2 nickel, cover 3',
        'right end: take the quarterback', ['Give it to F', 'Keep it'], 'give'],
    'the pitch key takes the quarterback: pitch' => ['under center double-slot right: triple right',
        '4-2 nickel, cover 3', 'nickel: take the quarterback', ['Keep it', 'Pitch it to H'], 'pitch'],
    'he takes the pitch: keep' => ['under center double-slot right: triple right', '4-2 nickel, cover 3',
        'nickel: take the pitch', ['Keep it', 'Pitch it to H'], 'keep'],
    'the same to the left' => ['gun 2x2 right: zone right', '4-2 nickel, cover 3', 'left end: take the back',
        ['Give it to R', 'Pull it'], 'pull'],
]);

it('asks nothing about the ball where nobody is read', function (string $call, string $look): void {
    expect(repQuestions(repProof($call, $look), 'Q', Kind::Ball))->toBe([]);
})->with([
    'a run without a read' => ['under center wing right: counter left', '4-3 over, cover 3'],
    'another' => ['under center I right: iso right', '4-2 nickel, cover 1'],
]);

it('asks a man his own job among others', function (string $call, string $look): void {
    $proof = repProof($call, $look);
    $jobs = array_column(Told::jobs($proof), 'job', 'man');
    $steps = array_column(Told::jobs($proof), 'step', 'man');
    foreach ($jobs as $letter => $job) {
        $asked = $letter === 'Q' ? [] : repQuestions($proof, $letter, Kind::Job);
        foreach ($asked as $question) {
            $offered = array_column($question->choices, 'value');
            expect($question->right)->toBe([$job])
                ->and($offered)->toContain($job)
                ->and(array_unique($offered))->toHaveCount(count($offered))
                ->and(count($offered))->toBeGreaterThan(1)
                ->and(count($offered))->toBeLessThanOrEqual(4)
                ->and($question->why)->toContain($steps[$letter] ?? $job);
        }
        expect($asked)->toHaveCount($letter === 'Q' ? 0 : 1);
    }
})->with(REP_CALLS)->with(['4-2 nickel, cover 3', '3-4, cover 4']);

it('asks a lineman for the job of linemen first', function (): void {
    $proof = repProof('under center wing right: counter left', '4-3 over, cover 3');
    $jobs = array_column(Told::jobs($proof), 'job', 'man');
    $line = array_intersect_key($jobs, array_flip(['LT', 'LG', 'C', 'RG', 'RT']));

    expect(array_diff(array_column(repQuestions($proof, 'LG')[0]->choices, 'value'), $line))->toBe([]);
});

it('asks which coverage it is of who has to know it, and nobody can tell a disguise', function (
    string $look,
    string $letter,
    ?string $right,
): void {
    $asked = repQuestions(repProof('gun trips right: stick right', $look), $letter, Kind::Coverage);

    expect(array_map(fn (Question $q): array => $q->right, $asked))->toBe($right === null ? [] : [[$right]]);
    foreach ($asked as $question) {
        expect(array_unique(array_column($question->choices, 'value')))->toHaveCount(4);
    }
})->with([
    'the quarterback' => ['4-2 nickel, cover 3', 'Q', 'cover 3'],
    'a receiver' => ['4-3 over, cover 4', 'Z', 'cover 4'],
    'a lineman' => ['4-2 nickel, cover 3', 'LT', null],
    'a disguise' => ['4-2 nickel, cover 3, shows cover 4', 'Q', null],
]);

it('is the same question each time', function (): void {
    $once = Questions::of(repProof('gun trips right: stick right', '4-2 nickel, cover 3'), 'Q');
    $again = Questions::of(repProof('gun trips right: stick right', '4-2 nickel, cover 3'), 'Q');

    expect($again)->toEqual($once);
});

it('offers what may be answered and nothing else', function (): void {
    $question = repQuestions(repProof('gun trips right: stick right', '4-2 nickel, cover 3'), 'Q', Kind::Ball)[0];

    expect($question->offers('Y'))->toBeTrue()
        ->and($question->offers('away'))->toBeTrue()
        ->and($question->offers('LT'))->toBeFalse()
        ->and($question->rightWords())->toBe($question->isRight('Y') ? 'Y, sit' : 'H, flat');
});
