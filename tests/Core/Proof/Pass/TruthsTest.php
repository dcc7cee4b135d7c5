<?php

/*
 * Trade truths 6 to 9, 13 and 19, common practice without a published source: at default settings, from several sets,
 * sides and levels. The concept is never named to the simulator.
 */

use Jacotaxis\Core\Defense\Jobs\JobKind;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Kinematics\Level;
use Jacotaxis\Core\Proof\Pass\Proof;

/**
 * Margins of the reads that run one of these routes, live ones, by letter.
 *
 * @return array<string, float>
 */
function margins(Proof $proof, string ...$routes): array
{
    $found = [];
    foreach ($proof->readings as $letter => $reading) {
        if ($reading->counts() && in_array($proof->scene->routes[$letter]->spec->name, $routes, true)) {
            $found[$letter] = $proof->windows->bestThrow($letter)['margin'];
        }
    }

    return $found;
}

/**
 * What the main key's two choices give, by the man he goes to.
 *
 * @return array<string, string|null>
 */
function bind(Proof $proof): array
{
    $to = [];
    foreach ($proof->mainKey()->acts ?? [] as $a) {
        if ($a['act']->toward !== null) {
            $to[$a['act']->toward] = $a['outcome']->letter;
        }
    }

    return $to;
}

dataset('either side', ['right', 'left']);
dataset('all levels', Level::cases());

it('truth 6: mesh against man frees a crosser or the wheel',
    function (string $set, string $side, string $shell, Level $level): void {
        $proof = proof("gun $set $side: mesh $side", $shell, level: $level);
        expect($proof->verdict()->value)->not->toBe('covered');
    })->with(['2x2', 'trips', 'bunch', 'trey'])->with('either side')->with(['cover 1'])->with('all levels');

it('truth 6: mesh against zone leaves the sit open', function (string $set, string $side, string $shell): void {
    $proof = proof("gun $set $side: mesh $side", $shell);
    expect(min([9.0, ...margins($proof, 'sit')]))->toBeGreaterThan(0.15);
})->with(['2x2', 'trips', 'bunch', 'trey'])->with('either side')->with(['cover 2', 'cover 3', 'cover 4']);

it('truth 6: a crosser who runs on into the next zone is worse off than one who sits', function (string $shell): void {
    $at = function (string $finish, float $t) use ($shell): float {
        $proof = proof("gun 2x2 right: X shallow $finish, Z go, H go, Y go; read X", $shell);
        $line = $proof->windows->throws->line('X', (int) round($t / 0.05), 0);

        return $proof->windows->marginOf($line);
    };
    expect($at('settling', 4.2))->toBeGreaterThan($at('moving', 4.2) + 0.1);
})->with(['cover 3']);

it('truth 6: the crosser keeps running against man and settles past the ball against zone', function (
    string $shell,
    bool $settles,
): void {
    $run = proof('gun 2x2 right: mesh right', $shell)->scene->routes['Z'];
    $end = count($run->path->x) - 1;
    expect($run->spec->finish === 'settling')->toBe($settles)
        ->and($run->path->vx[$end] === 0.0)->toBe($settles)->and($run->path->x[$end])->toBeLessThan(-2.0);
})->with([['cover 1', false], ['2-man', false], ['cover 3', true], ['cover 2', true]]);

it('truth 7: slant-flat against man: somebody comes free through the traffic',
    function (string $set, string $side, Level $level): void {
        expect(proof("gun $set $side: slant-flat $side", 'cover 1', level: $level)->ruleTrue->open())->toBeTrue();
    })->with(['bunch'])->with('either side')->with('all levels');

it('truth 7: bodies are in the way of a man defender and not of a zone man', function (): void {
    $through = fn (string $z): float => proof(
        "gun stack right: Z $z, H flat; read H",
        'cover 1, men locked',
    )->windows->bestThrow('H')['margin'];
    expect($through('slant'))->toBeGreaterThan($through('go') - 0.3);
    $proof = proof('gun 2x2 right: mesh right', 'cover 1');
    foreach ($proof->scene->defenders as $d => $defender) {
        foreach ($defender->job->kind === JobKind::Man ? $proof->scene->routes : [] as $letter => $run) {
            if ($letter === $defender->takes) {
                continue;
            }
            foreach ($run->path->x as $i => $x) {
                $track = $proof->playOut->byRule();
                expect(hypot($track->x[$d][$i] - $x, $track->y[$d][$i] - $run->path->y[$i]))->toBeGreaterThan(0.55);
            }
        }
    }
});

it('truth 7: against a hard flat corner the slant is behind him or the flat under him', function (
    string $set,
    string $side,
): void {
    $proof = proof("gun $set $side: slant-flat $side", 'cover 2');
    $count = $proof->scene->count;
    [$one, $two] = [$count->letter(Side::from($side), 1), $count->letter(Side::from($side), 2)];
    expect($proof->verdict()->value)->toBe('bound')
        ->and($proof->mainKey()->role)->toBe("$side corner")
        ->and(bind($proof))->toEqual([$one => $two, $two => $one]);
})->with(['2x2', 'trips', 'trey'])->with('either side');

it('truth 8: stick has the hook or flat man as its key', function (string $set, string $shell, string $side): void {
    $proof = proof("gun $set $side: stick $side", $shell);
    expect($proof->verdict()->value)
        ->toBe('bound')
        ->and($proof->scene->defenders[$proof->mainKey()->defender]->job->kind)
        ->toBe(JobKind::Under);
})
    ->with(['2x2', 'bunch'])
    ->with(['cover 3', 'cover 4'])
    ->with('either side');

it('truth 9: drive high-lows the hook man in one-high and two-high zone', function (string $shell, string $side): void {
    $proof = proof("gun 2x2 $side: drive $side", $shell);
    [$one, $two] = [$proof->scene->count->letter(Side::from($side), 1),
        $proof->scene->count->letter(Side::from($side), 2)];
    expect($proof->verdict()->value)->toBe('bound')
        ->and(mb_strtolower($proof->scene->defenders[$proof->mainKey()->defender]->job->words))->toContain('hook')
        ->and(bind($proof))->toEqual([$one => $two, $two => $one]);
})->with(['cover 3'])->with('either side');

it('truth 13: cover 0 with six rushers against five protectors: no five-step read survives, the hot read does',
    function (string $call, string $look): void {
        $proof = proof($call, $look);
        expect($proof->protection->free)->not->toBeNull();
        foreach ($proof->readings as $reading) {
            if ($reading->number !== null && ! $reading->hot && $reading->breakAt > 1.9) {
                expect($reading->live())->toBeFalse("{$reading->letter} lives")->and($reading->killedBy)
                    ->toContain('is there at');
            }
        }
        expect($proof->protection->verdict($proof->readings))->toBe('hot')
            ->and($proof->readings[$proof->protection->hot]->live())->toBeTrue();
    })->with([
        ['gun empty right: post-dig right', 'cover 0, six rush'],
        ['gun empty right: drive right', 'cover 0, six rush'],
        ['gun 2x2 right: smash right; R go clear', 'cover 0, six rush'],
        ['gun 2x2 right: Z dig 14, H go clear, Y slant; R wheel; hot Y; read Z', 'cover 0, six rush'],
    ]);

it('truth 13: a hot man who breaks late does not survive either', function (): void {
    $proof = proof('gun 2x2 right: Z dig 15, H post 14, X go, Y go; R go; read Z, H', 'cover 0, six rush');
    expect($proof->protection->verdict($proof->readings))->toBe('free')->and($proof->verdict()->value)->toBe('covered');
});

it('truth 19: #2 to the flat or across: the field safety doubles #1, #2 vertical is his', function (
    string $two,
    bool $doubles,
): void {
    $proof = proof("gun 2x2 right: Z go, H $two, X go, Y seam; read Z", 'cover 6');
    $d = array_search('strong safety', array_map(fn ($one): string => $one->role, $proof->scene->defenders), true);
    $track = $proof->playOut->byRule();
    $at = 50;
    $toZ = abs($track->x[$d][$at] - $proof->scene->routes['Z']->path->x[$at]);
    expect($toZ < 6.0)->toBe($doubles);
})->with([['flat', true], ['shallow', true], ['seam', false], ['go', false]]);

it('truth 19: the grass he left belongs to whoever comes from the other side', function (
    string $call,
    string $gets,
): void {
    $proof = proof($call, 'cover 6');
    expect($proof->ruleTrue->letter)->toBe($gets)->and($proof->ruleTrue->action)->toBe('throw');
})->with([
    'a crosser under the safety who doubles' => [
        'gun 2x2 right: Z dig 12, H flat, X shallow, Y go clear; read Z, X',
        'X',
    ],
]);

it('truth 19: with #2 in the flat the dig of #1 is doubled', function (): void {
    $alone = proof('gun 2x2 right: Z post, H seam, X go, Y go; read Z', 'cover 6')->windows->bestThrow('Z')['margin'];
    $doubled = proof('gun 2x2 right: Z post, H flat, X go, Y go; read Z', 'cover 6')->windows->bestThrow('Z')['margin'];
    expect($doubled)->toBeLessThan(0.15)->and($doubled)->toBeLessThan($alone + 0.01);
});

it('calls bad passing calls bad', function (string $call, string $look, int $down, float $toGo): void {
    expect(proof($call, $look, down: $down, toGo: $toGo)->verdict()->value)->not->toBe('bound');
})->with([
    'corner route into a sinking corner' => ['gun 2x2 right: Z go clear, H corner; read H', 'cover 3', 1, 10.0],
    'corner route into a quarters corner' => ['gun 2x2 right: Z go clear, H corner; read H', 'cover 4', 1, 10.0],
    'deep dig against cover 0 with one too many' => ['gun empty right: Z dig 14, H go, X go, Y go, R go; read Z',
        'cover 0, six rush', 1, 10.0],
    'hitch on third and twelve' => ['gun 2x2 right: Z hitch, X hitch; read Z, X', 'cover 3', 3, 12.0],
]);
