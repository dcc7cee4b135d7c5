<?php

use Jacotaxis\Core\Defense\Jobs\JobKind;
use Jacotaxis\Core\Field\Hash;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Kinematics\Level;
use Jacotaxis\Core\Proof\Keys\Key;
use Jacotaxis\Core\Proof\Pass\Proof;
use Jacotaxis\Core\Proof\Proving;
use Jacotaxis\Core\Proof\Scene\Setting;
use Jacotaxis\Core\School\Schools;
use Jacotaxis\Core\Words\CallParser;
use Jacotaxis\Core\Words\LookParser;

/* Run-pass options and play-action married to their runs: truths 10, 11, 12, 14 and 20 (common practice, no source),
    to both sides. */

const MARRIED = [Hash::Middle, Hash::Left, Hash::Right];

/**
 * A call to both sides from a hash.
 *
 * @return iterable<Proof|Jacotaxis\Core\Proof\Run\RunProof>
 */
function married(string $call, string $look, array $hashes = MARRIED, Level $level = Level::HighSchool): iterable
{
    foreach ($hashes as $hash) {
        foreach ([$call, strtr($call, ['left' => 'right', 'right' => 'left'])] as $words) {
            $situation = Situation::of(rules: $level->rules(), hash: $hash);
            yield "$words, {$hash->value} hash" => Proving::of(
                CallParser::parse($words, $situation),
                LookParser::parse($look),
                new Setting($situation, $level),
            );
        }
    }
}

/** The key with a role in its name, or null. */
function keyOf(Proof $proof, string $role): ?Key
{
    return array_values(array_filter($proof->keys, fn (Key $k): bool => str_contains($k->role, $role)))[0] ?? null;
}

it('20: throws behind a backer who inserts and hands off when he drops', function (string $call, string $look): void {
    foreach (married($call, $look, [Hash::Middle]) as $what => $proof) {
        $by = [];
        foreach ($proof->keys[0]->acts as $row) {
            $by[$row['act']->name] = $row['outcome'];
        }
        expect($proof->keys[0]->decision)->toBe('throw')
            ->and($by['insert']->action)->toBe('throw', $what)
            ->and($by['insert']->free())->toBeTrue($what)
            ->and($by['drop']->action)->toBe('give', $what)
            ->and($by['drop']->free())->toBeTrue($what)
            ->and($proof->verdict()->value)->toBe('bound', $what);
    }
})->with([
    'gun 2x2: zone right, rpo: backside #2 slant; key will',
    'gun 2x2: zone right, rpo: backside #2 slant',
    'pistol 2x2: zone right, rpo: backside #2 slant',
])->with([
    '4-2 nickel, cover 3',
    '4-2 nickel, cover 4',
    '4-2 nickel, cover 2',
    '3-4, cover 3',
]);

it('20: throws outside when the effective box is above the blockers',
    function (string $call, string $look, string $route): void {
        $told = told($call, $look);
        expect($told['ruleTrue']['action'])->toBe('throw')
            ->and($told['ruleTrue']['route'] ?? $told['ruleTrue']['where'])->toContain($route)
            ->and($told['picture']['boxEffective'])->toBeGreaterThan($told['picture']['boxBlockers']);
    })->with([
        ['gun 2x2 right: zone left, rpo: H bubble', '5-2, cover 3', 'bubble'],
        ['gun 2x2 right: zone left, rpo: Z now hitch', '5-2, cover 3', 'now hitch'],
        ['gun 2x2 right: zone left, rpo: H bubble', '5-2, cover 4', 'bubble'],
    ]);

it('runs anyway where the school says so (SET-22)', function (): void {
    $setting = new Setting(Situation::of(), schools: Schools::of(['SET-22' => 'B']));
    expect(carried('gun 2x2 right: zone left, rpo: H bubble', '5-2, cover 3', $setting)->ruleTrue->action)->not->toBe(
        'throw',
    );
});

it('names the backer as read when five block five, and a seventh man as free (W-40, RPO-01)', function (): void {
    $six = carried('gun 2x2: zone right, rpo: backside #2 slant', '4-2 nickel, cover 3');
    expect($six->resolved->unaccounted)->toBe([])->and($six->resolved->keys[0]['decision'])->toBe('throw');
    $eight = carried('gun 2x2: zone right, rpo: backside #2 slant; key will', '6-2, cover 3');
    expect($eight->resolved->unaccounted)->not->toBe([]);
});

it('blocks the first level when a man of the second is read (RPO-03)', function (): void {
    $proof = carried('gun 2x2: zone right, rpo: backside #2 slant; key will', '4-2 nickel, cover 3');
    expect($proof->resolved->blockersOf('left end'))
        ->not->toBe([])
        ->and($proof->resolved->blockersOf('will'))
        ->toBe([]);
});

it('counts linemen downfield when the throw waits, by rule book (RPO-06)', function (
    string $rules,
    Level $level,
): void {
    $situation = Situation::of(rules: $level->rules());
    $proof = carried(
        'gun 2x2: zone right, rpo: backside #2 post; key will',
        '4-2 nickel, cover 3',
        new Setting($situation, $level),
    );
    $codes = array_map(fn ($f): string => $f->code, Jacotaxis\Core\Proof\Telling\Run\RunFindings::of($proof));
    $text = implode(
        ' ',
        array_map(fn ($f): string => $f->text, Jacotaxis\Core\Proof\Telling\Run\RunFindings::of($proof)),
    );
    expect(is_array($codes))
        ->toBeTrue()
        ->and(in_array('downfield', $codes, true) === str_contains($text, 'downfield when'))
        ->toBeTrue();
})->with([['nfl', Level::Professional], ['ncaa', Level::College]]);

it('10: yankee after a run fake holds the middle safety between post and over', function (
    string $call,
    string $look,
): void {
    foreach (married($call, $look, [Hash::Middle]) as $what => $proof) {
        expect($proof->verdict()->value)
            ->toBe('bound', $what)
            ->and($proof->mainKey()->role)
            ->toBe('free safety', $what);
    }
})->with([
    'under center 2x2, zone left fake: yankee right',
    'under center trey right, zone left fake: yankee right',
])->with([
    '4-2 nickel, cover 3',
    '4-3 over, cover 3',
]);

it('10: without the fake it is not bound, and worth less', function (string $look): void {
    foreach (married('under center 2x2: yankee right', $look, [Hash::Middle]) as $what => $proof) {
        $with = schooled(
            str_replace(
                ': yankee',
                ', zone '.(str_contains($what, 'yankee right') ? 'left' : 'right').' fake: yankee',
                explode(',', $what)[0],
            ),
            $look,
        );
        expect($proof->verdict()->value)
            ->not->toBe('bound', $what)
            ->and($with->worthAtWorst()->chance)
            ->toBeGreaterThan($proof->worthAtWorst()->chance, $what);
    }
})->with(['4-3 over, cover 3']);

it('10: he who jumps the over gives the post, who stays gives the over', function (string $look): void {
    foreach (married('under center 2x2, zone left fake: yankee right', $look, [Hash::Middle]) as $what => $proof) {
        $key = keyOf($proof, 'free safety');
        $thrown = [];
        foreach ($key->acts as $row) {
            $thrown[$row['act']->name] =
                $row['outcome']->letter === null ? null : $proof->scene->routes[$row['outcome']->letter]->spec->name;
        }
        expect($thrown['jump'])
            ->toBe('post', $what)
            ->and($thrown['stay'])
            ->toBe('over', $what)
            ->and($key->verdict->value)
            ->toBe('bound', $what);
    }
})->with(['4-2 nickel, cover 3', '4-3 over, cover 3']);

it('11: boot flood after outside zone is good, the edge is wrong both ways when nobody blocks him', function (
    string $set,
    string $look,
): void {
    foreach (
        married("$set, outside zone left fake, boot right: boot flood right", $look, [Hash::Middle]) as $what => $proof
    ) {
        expect($proof->verdict()->isGood())->toBeTrue($what);
    }
    foreach (married("$set, outside zone left fake, naked right: boot flood right", $look) as $what => $proof) {
        $edge = array_values(
            array_filter($proof->keys, fn (Key $k): bool => str_contains($k->question, 'come up at the quarterback')),
        )[0];
        foreach ($edge->acts as $row) {
            expect($row['outcome']->open())->toBeTrue("$what: {$row['act']->name}");
            if ($row['act']->name === 'come up') {
                expect($row['outcome']->line->outAt())->toBeLessThan(2.4, $what)
                    ->and($proof->scene->routes[$row['outcome']->letter]->spec->name)->toBe('flat', $what);
            }
        }
    }
})->with(['under center wing right', 'gun trey right'])->with(['4-3 over, cover 3', '4-2 nickel, cover 3']);

it('11: without run action the men underneath have the over, with it he is more open', function (
    string $set,
    string $look,
): void {
    $without = married("$set, boot right: boot flood right; X over 10", $look, [Hash::Middle]);
    $with = married("$set, outside zone left fake, boot right: boot flood right; X over 10", $look, [Hash::Middle]);
    foreach ($without as $what => $proof) {
        expect($proof->windows->bestThrow('X')['margin'])
            ->toBeLessThan(0.15, $what)
            ->and($with->current()->windows->bestThrow('X')['margin'])
            ->toBeGreaterThan($proof->windows->bestThrow('X')['margin'], $what);
        $with->next();
    }
})->with(['under center wing right', 'gun trey right', 'gun trips right', 'under center I right'])->with([
    '4-3 over, cover 3',
    '4-2 nickel, cover 3',
]);

it('11: who widens with the flat gives the over', function (): void {
    $proof = schooled('under center wing right, outside zone left fake, boot right: boot flood right',
        '4-2 nickel, cover 3');
    $by = array_column(array_map(fn (array $r): array => ['name' => $r['act']->name, 'to' => $r['outcome']->letter],
        $proof->keys[0]->acts), 'to', 'name');
    expect($by['widen'] ?? null)->toBe('X')->and($by['trigger'])->toBe('Y');
});

it('12: crack-seam-wheel with its run is bound as a pair', function (string $set, string $look): void {
    foreach (married("$set, crack right fake: crack-seam-wheel right", $look, [Hash::Middle]) as $what => $proof) {
        expect($proof->verdict()->value)->toBe('bound', $what)->and($proof->pair->base)->not->toBeNull($what);
    }
})->with(['pistol trips right'])->with([
    '4-2 nickel, cover 3',
    '4-2 nickel, cover 4',
    '4-2 nickel, cover 1',
    '4-3 over, cover 3',
]);

it('12: the corner who falls off gives a throw, the one who stays gives the run', function (string $look): void {
    foreach (married('pistol trips right, counter right fake: crack-seam-wheel right', $look,
        [Hash::Middle]) as $what => $proof) {
        $key = keyOf($proof, 'corner');
        $by = array_column(array_map(fn (array $r): array => ['name' => $r['act']->name, 'outcome' => $r['outcome']],
            $key->acts), 'outcome', 'name');
        expect($by['fall off']->action)->toBe('throw', $what)->and($by['stay home']->action)->toBe('give', $what);
    }
})->with(['4-3 over, cover 3', '4-2 nickel, cover 3']);

it('14: the leak is open late against man after boot action, and not without', function (): void {
    foreach (married('under center wing right, zone left fake, boot right: leak by Y', '4-3 over, cover 1',
        [Hash::Middle]) as $what => $proof) {
        $best = $proof->windows->bestThrow('Y');
        expect($proof->verdict()->value)
            ->not->toBe('covered', $what)
            ->and($best['line']->outAt())
            ->toBeGreaterThan(2.8, $what);
    }
    foreach (
        married(
            'under center wing right: Y leak left; X post clear; H go clear; Z go clear; R check flat; read Y',
            '4-3 over, cover 1',
            [Hash::Middle],
        ) as $what => $proof
    ) {
        expect($proof->ruleTrue->letter)->not->toBe('Y', $what);
    }
});

it('holds by what a man keys and by how often the run is called', function (): void {
    $hold = function (string $call, string $look, string $role, array $values = []): float {
        $proof = schooled($call, $look, values: $values);

        return $proof->scene->hold(
            array_values(array_filter($proof->scene->defenders, fn ($d): bool => $d->role === $role))[0],
        );
    };
    $fake = 'gun 2x2, zone left fake: smash right';
    expect($hold($fake, '4-2 nickel, cover 3', 'mike'))->toBe(0.9)
        ->and($hold($fake, '4-2 nickel, cover 3', 'free safety'))->toBe(0.4)
        ->and($hold($fake, '4-2 nickel, cover 1', 'right corner'))->toBe(0.0)
        ->and($hold('gun 2x2: smash right', '4-2 nickel, cover 3', 'mike'))->toBe(0.0)
        ->and($hold($fake, '4-2 nickel, cover 3', 'mike', ['run-share' => 100.0]))->toBeGreaterThan(0.9)
        ->and($hold($fake, '4-2 nickel, cover 3', 'mike', ['run-share' => 0.0]))->toBeLessThan(0.9);
});

it('is at best a guess with a fake that is no run', function (): void {
    $with = schooled('gun 2x2, zone left fake: smash right', '4-2 nickel, cover 2');
    $freeze = schooled('gun 2x2, freeze left: smash right', '4-2 nickel, cover 2');
    expect($with->verdict()->value)->toBe('bound')
        ->and($with->pair->base)->not->toBeNull()
        ->and($freeze->verdict()->value)->toBe('guess')
        ->and(told('gun 2x2, freeze left: smash right', '4-2 nickel, cover 2')['why'])->toContain('At best a guess');
});

it('says with which run it was proved', function (): void {
    $told = told('under center wing right, outside zone left fake, boot right: boot flood right', '4-3 over, cover 3');
    expect($told['base']['run'])
        ->toBe('outside zone left')
        ->and($told['why'])
        ->toContain('Proved with its run, outside zone left');
});

it('answers a run-support man who stays home by the run itself', function (): void {
    $proof = schooled(
        'under center wing right, outside zone left fake, boot right: boot flood right',
        '4-3 over, cover 3',
    );
    $honest = array_values(
        array_filter($proof->keys[0]->acts, fn (array $r): bool => $r['act']->name === 'stay home'),
    )[0];
    expect($honest['outcome']->action)
        ->toBe('give')
        ->and($honest['outcome']->why)
        ->toContain('the run itself')
        ->and($proof->scene->defenders[$proof->keys[0]->defender]->job->kind)
        ->not->toBe(JobKind::Rush);
});
