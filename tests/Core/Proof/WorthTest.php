<?php

/* What a play is worth, and the word for it. */

use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Proof\Proving;
use Jacotaxis\Core\Proof\Run\RunProof;
use Jacotaxis\Core\Proof\Scene\NeededBlock;
use Jacotaxis\Core\Proof\Scene\Setting;
use Jacotaxis\Core\Proof\Scene\Verdict;
use Jacotaxis\Core\Proof\Scene\Worth;
use Jacotaxis\Core\Proof\Sheet\Sheet;
use Jacotaxis\Core\Proof\Telling\Told;
use Jacotaxis\Core\Words\CallParser;
use Jacotaxis\Core\Words\LookParser;

/**
 * So many blocks a run needs.
 *
 * @return list<NeededBlock>
 */
function blocks(int $n, float $holds = 0.92, float $metYd = 1.0): array
{
    return array_fill(0, $n, new NeededBlock($holds, $metYd));
}

function ranAgainst(string $call, string $look): RunProof
{
    $proof = Proving::of(CallParser::parse($call), LookParser::parse($look), new Setting(Situation::of()));
    assert($proof instanceof RunProof);

    return $proof;
}

it('is worth more the more there is to spare, to gain and to block with', function (Worth $more, Worth $less): void {
    expect($more->chance)->toBeGreaterThan($less->chance)->and($more->yards)->toBeGreaterThanOrEqual($less->yards);
})->with([
    'a throw with more to spare' => [Worth::ofThrow(15.0, 0.4, 8.0, 4.0), Worth::ofThrow(15.0, 0.1, 8.0, 4.0)],
    'a throw over less ground' => [Worth::ofThrow(10.0, 0.3, 8.0, 4.0), Worth::ofThrow(40.0, 0.3, 8.0, 4.0)],
    'a throw that gains more' => [Worth::ofThrow(15.0, 0.3, 12.0, 6.0), Worth::ofThrow(15.0, 0.3, 5.0, 6.0)],
    'a throw that has less to gain' => [Worth::ofThrow(15.0, 0.3, 5.0, 4.0), Worth::ofThrow(15.0, 0.3, 5.0, 10.0)],
    'a run that is met later' => [Worth::ofRun(6.0, 4.0, blocks(3)), Worth::ofRun(2.0, 4.0, blocks(3))],
    'a run with fewer blocks to hold' => [Worth::ofRun(6.0, 4.0, blocks(1)), Worth::ofRun(6.0, 4.0, blocks(5))],
    'a run whose blocks hold better' => [
        Worth::ofRun(6.0, 4.0, blocks(3, 0.97)), Worth::ofRun(6.0, 4.0, blocks(3, 0.7)),
    ],
    'a run whose lost block meets it later' => [
        Worth::ofRun(12.0, 4.0, blocks(1, 0.7, 7.0)), Worth::ofRun(12.0, 4.0, blocks(1, 0.7, -1.0)),
    ],
    'a throw that is open, and one thrown away' => [Worth::ofThrow(10.0, 0.3, 6.0, 4.0), Worth::none()],
]);

it('puts runs and passes on one scale', function (): void {
    $sure = Worth::ofRun(20.0, 4.0, [])->chance;
    $pass = Worth::ofThrow(5.0, 2.0, 20.0, 4.0)->chance;
    expect($sure)->toBeGreaterThan(0.95)->toBeLessThanOrEqual(1.0)
        ->and($pass)->toBeGreaterThan(0.75)->toBeLessThan($sure);
});

it('ends a run where the first man meets it who gets off his block', function (): void {
    // Worked by hand: 0.8 of the runs go to 12 and the fall forward, a fifth is met at 2.
    $worth = Worth::ofRun(12.0, 4.0, blocks(1, 0.8, 2.0));
    $logistic = fn (float $yd): float => 1.0 / (1.0 + exp(-($yd + 1.2 - 4.0) / 1.6));
    expect($worth->yards)->toEqualWithDelta(0.8 * 13.2 + 0.2 * 3.2, 1e-9)
        ->and($worth->chance)->toEqualWithDelta(0.8 * $logistic(12.0) + 0.2 * $logistic(2.0), 1e-9);

    // Of two the one who is nearer to the line ends it, whatever their order.
    $two = [new NeededBlock(0.5, 9.0), new NeededBlock(0.5, 0.0)];
    $yards = 0.5 * 1.2 + 0.25 * 10.2 + 0.25 * 13.2;
    expect(Worth::ofRun(12.0, 4.0, $two)->yards)->toEqualWithDelta($yards, 1e-9)
        ->and(Worth::ofRun(12.0, 4.0, array_reverse($two))->yards)->toEqualWithDelta($yards, 1e-9);
});

it('is worth less when the ball is read wrong now and then', function (): void {
    $mixed = (new Worth(0.8, 6.0))->orElse(new Worth(0.2, -1.0), 0.9);
    expect($mixed->chance)->toEqualWithDelta(0.74, 1e-9)->and($mixed->yards)->toEqualWithDelta(5.3, 1e-9);
});

it('does not make a run that reads a man worth as much as it is when he is always read right', function (): void {
    $proof = ranAgainst('gun H-back left: zone right; tag arc left', '4-2 nickel, cover 3');
    $right = $proof->decider->carried($proof->ruleTrue->action, $proof->byRule)->worth()->chance;
    expect($proof->worthByRule()->chance)->toBeLessThan($right)->toBeGreaterThan(0.8 * $right);

    $unread = ranAgainst('under center I right: power right', '4-2 nickel, cover 3');
    expect($unread->worthByRule()->chance)
        ->toBe($unread->decider->carried($unread->ruleTrue->action, $unread->byRule)->worth()->chance);
});

it('makes a run outside that leans on blocks in space worth less than one whose blocks are inside', function (): void {
    // Both are through by rule; on the crack a corner, a safety and a nickel have to be held in space.
    $crack = ranAgainst('pistol trips right: crack right', '4-2 nickel, cover 2');
    expect($crack->verdict())->toBe(Verdict::Open)
        ->and($crack->worthByRule()->chance)->toBeLessThan(0.6)->toBeGreaterThan(0.3);
});

it('counts interceptions of a beaten ball against its yards', function (): void {
    expect(Worth::ofThrow(20.0, -0.6, 14.0, 4.0)->yards)->toBeLessThan(0.0)
        ->and(Worth::ofThrow(20.0, 0.6, 14.0, 4.0)->yards)->toBeGreaterThan(5.0);
});

it('gains nothing past the goal line, and loses no chance by it', function (): void {
    $worth = Worth::ofRun(20.0, 3.0, blocks(2));
    expect($worth->within(6.0)->yards)->toBe(6.0)
        ->and($worth->within(6.0)->chance)->toBe($worth->chance)
        ->and($worth->within(90.0)->yards)->toBe($worth->yards);
});

it('is less sure of yards that have to be run after the catch, either way', function (
    float $gainYd,
    float $runYd,
    bool $less,
): void {
    $caught = Worth::ofThrow(8.0, 0.5, $gainYd, 4.0)->chance;
    $run = Worth::ofThrow(8.0, 0.5, $gainYd, 4.0, $runYd)->chance;
    $less ? expect($run)->toBeLessThan($caught) : expect($run)->toBeGreaterThanOrEqual($caught);
})->with([
    'caught past the sticks, nothing run' => [7.0, 0.0, false],
    'caught short and run past them' => [7.0, 4.0, true],
    'caught short and run short: a missed tackle helps' => [1.0, 4.0, false],
]);

it('is worth less the nearer the rush is when the ball leaves', function (float $spareS, float $stands): void {
    $throw = Worth::ofThrow(12.0, 0.4, 9.0, 4.0);
    $hurried = $throw->beforeTheRush($spareS);
    expect($hurried->chance / $throw->chance)->toEqualWithDelta($stands, 0.005)
        ->and($hurried->yards)->toEqualWithDelta($stands * $throw->yards - (1.0 - $stands) * 1.5, 0.05);
})->with([
    'thrown a second before it is there' => [1.0, 0.98],
    'with half a second' => [0.5, 0.88],
    'as it gets there' => [0.0, 0.5],
    'half a second too late' => [-0.5, 0.12],
]);

it('counts on the pocket the more, the more protectors are spare, and not where somebody is free',
    function (string $call, string $look, float $spareS): void {
        $protection = proof($call, $look)->protection;
        expect($protection->spareS(2.0))->toEqualWithDelta($spareS, 0.001);
    })->with([
        'five and a back against four: as usual' => ['gun 2x2: smash right', 'cover 3', 1.0],
        'five alone against four' => ['gun empty: smash right', 'cover 3', 1.0],
        'seven against four: one double more' => ['gun 2x2, seven-man: Z post; X over; H flat; read Z, X',
            'cover 3', 1.3],
        'eight against four: two more' => ['gun 2x2, eight-man: Z post; X over; read Z, X', 'cover 3', 1.6],
    ]);

it('counts on nothing more than his arrival where a rusher is free', function (): void {
    $protection = proof('gun empty: smash right', 'cover 0, six rush')->protection;
    expect($protection->free)->not->toBeNull()
        ->and($protection->spareS($protection->arrivalAt))->toEqualWithDelta(0.0, 1e-9);
});

it('is worth less where nobody is open and the check-down is left than where a read is', function (): void {
    $covered = $good = [];
    foreach (['smash', 'go-dig', 'comebacks', 'deep curls', 'curl-flat', 'stick', 'flood', 'drive'] as $family) {
        foreach (['cover 2', 'cover 3', 'cover 4', 'cover 1'] as $shell) {
            $proof = proof("gun 2x2 right: $family right", $shell);
            $chance = $proof->worthByRule()->chance;
            match ($proof->verdict()) {
                Verdict::Covered => $covered[] = $chance,
                Verdict::Bound, Verdict::Open => $good[] = $chance,
                default => null,
            };
        }
    }
    expect(array_sum($covered) / count($covered))->toBeLessThan(array_sum($good) / count($good) - 0.05);
});

it('never leaves nought to one', function (float $margin, float $gain, float $need): void {
    expect(Worth::ofThrow(30.0, $margin, $gain, $need)->chance)->toBeGreaterThanOrEqual(0.0)->toBeLessThanOrEqual(1.0)
        ->and(Worth::ofRun($gain, $need, blocks(4))->chance)->toBeGreaterThanOrEqual(0.0)->toBeLessThanOrEqual(1.0);
})->with([[-3.0, -5.0, 10.0], [3.0, 60.0, 1.0], [0.0, 0.0, 0.0], [9.0, 99.0, 30.0]]);

it('has a word for acts that are answered always, in part or never',
    function (int $answered, int $acts, Verdict $verdict): void {
        expect(Verdict::ofActs($answered, $acts))->toBe($verdict);
    })->with([
        'all' => [4, 4, Verdict::Bound],
        'all but one' => [3, 4, Verdict::Guess],
        'one' => [1, 4, Verdict::Guess],
        'none' => [0, 4, Verdict::Covered],
        'the only one' => [1, 1, Verdict::Bound],
    ]);

it('calls no bind what is as strong as noise', function (Verdict $verdict, float $strengthS, Verdict $called): void {
    expect($verdict->by($strengthS))->toBe($called);
})->with([
    'bound by a tenth of a second' => [Verdict::Bound, 0.1, Verdict::Bound],
    'bound by half a step' => [Verdict::Bound, 0.025, Verdict::Bound],
    'bound by a hundredth' => [Verdict::Bound, 0.01, Verdict::Guess],
    'open' => [Verdict::Open, 0.0, Verdict::Open],
    'a guess' => [Verdict::Guess, -0.3, Verdict::Guess],
    'covered' => [Verdict::Covered, -1.0, Verdict::Covered],
]);

it('is good when it is bound or open, and ranks no guess above either', function (Verdict $verdict, bool $good): void {
    expect($verdict->isGood())->toBe($good)
        ->and($verdict->rank() === Verdict::Bound->rank())->toBe($good)
        ->and($verdict->rank())->toBeLessThanOrEqual(Verdict::Open->rank());
})->with([
    [Verdict::Bound, true],
    [Verdict::Open, true],
    [Verdict::Guess, false],
    [Verdict::Covered, false],
]);

it('ranks a guess above what is covered', function (): void {
    expect(Verdict::Guess->rank())->toBeGreaterThan(Verdict::Covered->rank());
});

it('says one of four words, and why it is not the better one',
    function (string $call, string $look, string $verdict, string $why): void {
        $report = Told::report(proof($call, $look));
        expect($report['verdict'])->toBe($verdict)->and($report['why'])->toContain($why);
    })->with([
        'a key wrong both ways' => ['gun 2x2 right: smash right', 'cover 2', 'bound', 'wrong both ways'],
        'nobody in conflict' => ['gun 2x2 right: smash right', 'cover 3', 'open', 'Nobody is in conflict'],
        'one man may take it' => ['under center wing right, half-boot right: Y flat, H over 12, X post clear, Z corner 10 clear; read H', 'cover 3', 'guess', 'can take the over'],
        'nobody is open' => ['gun 2x2 right: smash right', '2-man', 'covered', 'check-down'],
    ]);

it('reads a pitch man by what he does on any down, and counts no yard past the goal line',
    function (int $down, float $toGo, float $ballOn): void {
        $situation = Jacotaxis\Core\Field\Situation::of(down: $down, toGoYd: $toGo, ballOnYd: $ballOn);
        $call = Jacotaxis\Core\Words\CallParser::parse(
            'under center double-slot right, H return right: triple right',
            $situation,
        );
        $proof = Jacotaxis\Core\Proof\Proving::of(
            $call,
            Jacotaxis\Core\Words\LookParser::parse('4-2 nickel, cover 3'),
            new Jacotaxis\Core\Proof\Scene\Setting($situation),
        );
        $key = array_values(array_filter($proof->keys, fn ($k): bool => $k->role === 'nickel'))[0];
        $by = [];
        foreach ($key->acts as ['act' => $act, 'outcome' => $outcome]) {
            $by[$act->name] ??= $outcome;
            expect($outcome->gainYd)->toBeLessThanOrEqual($situation->toGoalYd());
        }
        expect($by['take the quarterback']->action)->toBe('pitch')->and($by['take the pitch']->action)->toBe('keep');
    })->with([
        'first and ten' => [1, 10.0, 40.0],
        'second and three at the six' => [2, 3.0, 94.0],
        'third and two in the middle' => [3, 2.0, 50.0],
    ]);

it('is worth by rule what its run is, where a married pass leaves it to the run', function (
    string $call,
    string $look,
): void {
    $proof = schooled($call, $look);
    $byRule = array_values(array_filter($proof->mainKey()->acts, fn (array $a): bool => $a['act']->toward === null))[0];
    expect($byRule['outcome']->action)->toBe('give')
        ->and($proof->verdict()->isGood())->toBeTrue()
        ->and($proof->worthByRule())->toBe($byRule['outcome']->worth)
        ->and($proof->worthByRule()->chance)->toBeGreaterThan(0.3)
        ->and($proof->worthAtWorst()->chance)->toBeLessThanOrEqual($proof->worthByRule()->chance);
})->with([
    ['I right, power right fake: Z post; X over; read Z, X', '4-2 nickel, cover 2'],
    ['under center wing right, outside zone left fake, boot right: boot flood right', '4-2 nickel, cover 2'],
]);

it('is worth by rule what its ball is, where the pass stands for itself', function (string $call): void {
    $proof = schooled($call, '4-2 nickel, cover 3');
    expect($proof->worthByRule())->toBe($proof->ruleTrue->worth);
})->with(['gun 2x2: stick right', 'gun trips right: flood right']);

it('names in a cell the ball that its worth is of: the run, where a married pass is left to it', function (
    string $call,
    string $look,
    ?string $action,
    ?string $man,
): void {
    $proof = schooled($call, $look);
    $cell = Sheet::of($proof);
    expect($cell['best']['action'] ?? null)->toBe($action)
        ->and($cell['best']['man'] ?? null)->toBe($man)
        ->and($proof->byRule()->worth)->toBe($proof->worthByRule());
    if ($action === 'give') {
        expect($cell['best']['route'])->toBe($proof->pair->base->ruleTrue->where)->toContain('gap');
    }
})->with([
    'a leak that is left to its run' => [
        'under center wing right, zone left fake, boot right: leak by Y', '4-3 over, cover 1', 'give', 'R'],
    'a pass that stands for itself' => ['gun 2x2: smash right', '4-2 nickel, cover 2', 'throw', 'H'],
    'a read nobody has, and a check-down' => ['gun 2x2: smash right', '4-2 nickel, 2-man', 'check-down', 'R'],
    'nobody at all' => [
        'under center ace right, H fast right, boot right: boot flood right', '4-3 over, cover 3', null, null],
]);
