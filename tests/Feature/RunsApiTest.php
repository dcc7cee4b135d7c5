<?php

use App\Documents\Schemas;
use App\Models\Call;

/* Runs over HTTP and on the command line: proofs, tags, series, line cards, rules of the staff,
    each under its schema. */

beforeEach(function (): void {
    $this->actingAs(coach());
});

it('proves a run with blocks and tracks, under the schema', function (string $call, string $look): void {
    $answer = $this->postJson('/api/v1/proofs', ['words' => $call, 'look' => $look, 'frames' => true])
        ->assertOk()
        ->json();
    app(Schemas::class)->check('proof', $answer['report']);
    expect($answer['stage']['blocks'])->not->toBe([])
        ->and($answer['stage']['tracks'])->not->toBe([])
        ->and($answer['report']['assignments'])->toHaveCount(11)
        ->and($answer['frames']['at'][0])->toHaveCount(44)->and($answer['report']['run']['lineCalls'])->not->toBe([]);
})->with([
    ['gun 2x2: zone right', '4-2 nickel, cover 3'],
    ['double-slot, H return right: triple right', '5-2, cover 3'],
    ['gun 2x2: zone right, rpo: backside #2 slant; key will', '3-4, cover 4'],
    ['I right: power right', 'bear, cover 0'],
]);

it('runs the play of one prong, and of a pair of two keys', function (): void {
    $ask = fn (array $act): array => $this->postJson('/api/v1/proofs',
        ['words' => 'double-slot, H return right: triple right', 'look' => '5-2, cover 3', 'frames' => true,
            'act' => $act])->assertOk()->json('frames');
    $give = $ask(['defender' => 'right tackle', 'name' => 'take the quarterback']);
    $keep = $ask(['defender' => 'right tackle', 'name' => 'take the back',
        'and' => ['defender' => 'right end', 'name' => 'take the pitch']]);
    $pitch = $ask(['defender' => 'right tackle', 'name' => 'take the back',
        'and' => ['defender' => 'right end', 'name' => 'take the quarterback']]);
    $x = fn (array $frames): float => end($frames['ball'])[0];
    expect($x($give))->toBeLessThan($x($keep))->and($x($keep))->toBeLessThan($x($pitch));
});

it('shows the throw of a run-pass option in the air and in the receiver\'s hands', function (): void {
    $ask = fn (string $name): array => $this->postJson('/api/v1/proofs',
        ['words' => 'gun 2x2: zone right, rpo: backside #2 slant; key will', 'look' => '4-2 nickel, cover 3',
            'frames' => true, 'act' => ['defender' => 'will', 'name' => $name]])->assertOk()->json('frames');
    $throw = $ask('insert');
    $give = $ask('drop');
    $at = fn (array $frames, string $man): array => [
        end($frames['at'])[2 * array_search($man, $frames['men'], true)],
        end($frames['at'])[2 * array_search($man, $frames['men'], true) + 1],
    ];
    expect([end($throw['ball'])[0], end($throw['ball'])[1]])
        ->toBe($at($throw, 'Y'))
        ->and([end($give['ball'])[0], end($give['ball'])[1]])
        ->toBe($at($give, 'R'));
});

it('puts a stored tag on, and says why it cannot', function (): void {
    $document = document('double-slot, H return right: midline pitch right');
    $tagged = $this->postJson('/api/v1/tags', ['document' => $document, 'tag' => 'exchange'])
        ->assertOk()
        ->json('document');
    expect($tagged['run']['tags'][0]['name'])->toBe('exchange');
    $condensed = $this->postJson('/api/v1/tags',
        ['document' => document('double-slot: lead option right'), 'tag' => 'condense'])->assertOk()->json('document');
    expect($condensed['modifier'])->toBe('condensed');
    $this->postJson('/api/v1/tags', ['document' => $document, 'tag' => 'bluff'])
        ->assertStatus(422)
        ->assertJsonPath('pointer', '/tag');
    $this->postJson('/api/v1/tags', ['document' => smash(), 'tag' => 'exchange'])->assertStatus(422);
});

it('gathers the series of a call with its sameness, what is missing, and the bind', function (): void {
    $wide = Call::query()->where('name', 'Wide zone')->firstOrFail();
    $answer = $this->postJson('/api/v1/series', ['document' => $wide->document, 'id' => $wide->id,
        'look' => '4-3 over, cover 3'])->assertOk()->json();
    $members = array_column($answer['members'], null, 'name');
    expect(array_keys($members))->toContain('Wide zone', 'Wing counter', 'Boot flood', 'Leak')
        ->and($members['Wide zone']['base'])->toBeTrue()
        ->and($members['Boot flood']['kind'])->toBe('play-action')
        ->and($members['Wing counter']['kind'])->toBe('counter')
        ->and($answer['missing'])->toBe(['keep'])
        ->and($members['Boot flood']['same']['share'])->toBeGreaterThan($members['Wing curl-flat']['same']['share'])
        ->and(array_column($answer['bind'], 'wrong'))->toContain(true);
});

it('says the member that is missing for a key to be wrong always', function (): void {
    $answer = $this->postJson('/api/v1/series', ['document' => document('gun trips left: zone right'),
        'look' => '4-2 nickel, cover 3'])->assertOk()->json();
    expect($answer['missing'])->toBe(['counter', 'play-action'])->and($answer['members'])->toHaveCount(1);
});

it('prints line cards per front for a run, and says that a pass has none', function (): void {
    $file = $this->post('/api/v1/line-cards', ['document' => document('gun 2x2: zone right'), 'name' => 'Zone'],
        ['Accept' => 'application/json'])->assertOk();
    expect($file->headers->get('Content-Type'))->toBe('application/pdf')->and(substr($file->getContent(), 0, 5))
        ->toBe('%PDF-');
    $this->postJson('/api/v1/line-cards', ['document' => smash()])->assertStatus(422)->assertJsonPath('pointer',
        '/document/run');
});

it('prints line cards and a player\'s card by how often this week\'s opponent shows a look', function (): void {
    $this->post('/api/v1/line-cards', ['document' => document('gun 2x2: zone right'), 'opponent' => 'Granite Pass'],
        ['Accept' => 'application/json'])->assertOk();
    $looks = App\Documents\OpponentLooks::of('Granite Pass', 3);
    expect($looks)->toHaveCount(3)
        ->and($looks[0]['share'])->toBeGreaterThanOrEqual($looks[1]['share'])->toBeGreaterThan(0.1)->toBeLessThan(1.0);
    $card = $this->post('/api/v1/cards/svg', ['documents' => [['name' => 'Power',
        'document' => document('I right: power right')]], 'player' => 'RG', 'opponent' => 'Granite Pass', 'per' => 1],
        ['Accept' => 'application/json'])->assertOk()->getContent();
    $said = strip_tags((string) preg_replace('/<\/text>/', ' ', $card));
    expect($said)->toContain($looks[0]['look']->words())->toMatch('/\d+ %/');
    $this->postJson('/api/v1/line-cards', ['document' => document('gun 2x2: zone right'), 'opponent' => 'Nobody High'])
        ->assertStatus(422)->assertJsonPath('pointer', '/opponent')->assertSee('put his looks there first');
});

it('keeps a call\'s run, tags, jobs and rules whole through a save', function (): void {
    $document = document('gun H-back left: zone right; tag arc left; X crack free safety; if left end crash then pull');
    $saved = $this->postJson('/api/v1/calls', ['name' => 'Arc with our rule', 'document' => $document])
        ->assertCreated()
        ->json();
    $back = Call::query()->findOrFail($saved['id'] ?? $saved['call']['id'])->document;
    expect($back['run'])->toEqual($document['run'])->and($back['rules'])->toEqual($document['rules']);
});

it('refuses runs that cannot be, with the pointer or the cure', function (array $change, string $says): void {
    $this->postJson('/api/v1/proofs', ['document' => [...document('gun 2x2: zone right'), ...$change],
        'look' => '4-2 nickel, cover 3'])->assertStatus(422)->assertSee($says);
})->with([
    'no such scheme' => [['run' => ['scheme' => 'zonk', 'side' => 'right']], 'run'],
    'no side' => [['run' => ['scheme' => 'zone']], 'run'],
    'two jobs' => [['run' => ['scheme' => 'zone', 'side' => 'right',
        'orders' => [['man' => 'X', 'job' => 'crack'], ['man' => 'X', 'job' => 'base']]]], 'two jobs'],
    'a rule without an end' => [['rules' => [['defender' => 'will', 'act' => 'insert', 'phase' => 'fake']]],
        'A rule needs what follows'],
]);

it('says who is missing when nobody can carry', function (): void {
    $this->postJson('/api/v1/proofs', ['words' => 'gun empty: zone right', 'look' => '4-2 nickel, cover 3'])
        ->assertStatus(422)
        ->assertSee('needs a back or a man in motion');
});

it('fills assignments and run keys on the command line', function (string $call, string $look, array $keys): void {
    [, $told] = jx('jx:prove', ['--call' => $call, '--look' => $look, '--json' => true]);
    app(Schemas::class)->check('proof', $told);
    expect($told['run']['keysInOrder'])
        ->toBe($keys)
        ->and($told['assignments'])
        ->toHaveCount(11)
        ->and($told['protection'])
        ->toBe('none');
})->with([
    ['double-slot: triple right', '3-4, cover 3, 4i on RT', ['right end', 'sam']],
    ['gun 2x2 zone right', '4-2 nickel, cover 3', ['left end']],
    ['gun 2x2: power right', '4-2 nickel, cover 3', []],
]);

it(
    'exits with 1 when somebody at the point is forgotten and the run fails, with 2 when it is not understood',
    function (): void {
        expect(jx('jx:prove', ['--call' => 'gun 2x2: zone right', '--look' => 'bear, cover 3', '--json' => true])[0])
            ->toBe(1)
            ->and(jx('jx:prove', ['--call' => 'gun 2x2: zonk right', '--look' => 'bear, cover 3', '--json' => true])[0])
            ->toBe(2)
            ->and(
                jx('jx:prove', [
                    '--call' => 'gun 2x2: zone right; tag exchange',
                    '--look' => 'bear, cover 3',
                    '--json' => true,
                ])[0],
            )
            ->toBe(2);
    },
);

it('tells in a sheet whether a run is valid, with which tag, and what fails', function (): void {
    [, $sheet] = jx('jx:sheet', ['--call' => 'double-slot, H return right: midline pitch right',
        '--fronts' => '6-1,5-2', '--shells' => 'cover 3', '--json' => true]);
    $cells = array_column($sheet['cells'], null, 'front');
    expect($cells['6-1']['run']['valid'])->toBe('valid with a tag')
        ->and($cells['6-1']['run']['tag'])->not->toBeNull()
        ->and($cells['6-1']['run']['failed'])->toContain('CNT-05')
        ->and($cells['5-2']['run']['valid'])->toBe('valid');
});

it('describes a run and its nearest', function (): void {
    [, $said] = jx('jx:describe', ['--call' => 'double-slot: triple right', '--json' => true]);
    expect($said['family'])
        ->toBe('triple')
        ->and($said['words'])
        ->toContain('triple right')
        ->and($said['nearest'])
        ->not->toBe([]);
});

it('runs every prong of a play-action call: over the man who comes, the run itself against the man who stays',
    function (string $call, string $look): void {
        $report = $this->postJson('/api/v1/proofs', ['words' => $call, 'look' => $look])->assertOk()->json('report');
        app(Schemas::class)->check('proof', $report);
        foreach ($report['keys'] as $key) {
            foreach ($key['choices'] as $choice) {
                $frames = $this->postJson('/api/v1/proofs', ['words' => $call, 'look' => $look, 'frames' => true,
                    'act' => ['defender' => $key['defender'], 'name' => $choice['name']]])->assertOk()->json('frames');
                expect($frames['at'][0])->toHaveCount(44, "{$key['defender']} {$choice['name']}");
            }
        }
        expect($report['keys'])->not->toBe([]);
    })->with([
        ['under center wing right, outside zone left fake, naked right: boot flood right', '4-3 over, cover 3'],
        ['pistol trips right, crack right fake: crack-seam-wheel right', '4-2 nickel, cover 3'],
        ['under center I right condensed, zone left fake, seven-man: yankee right', '4-2 nickel, cover 3'],
    ]);

it('puts a run on paper and on a player\'s page with his job against the usual front', function (): void {
    $svg = $this->post('/api/v1/cards/svg', ['documents' => [['name' => 'Power',
        'document' => document('I right: power right')]]], ['Accept' => 'application/json'])->assertOk()->getContent();
    expect($svg)->toContain('Kicks out the right end')->and($svg)->toContain('Carries the ball');
    $hers = $this->post('/api/v1/cards/svg', ['documents' => [['name' => 'Power',
        'document' => document('I right: power right')]], 'player' => 'F'], ['Accept' => 'application/json'])
        ->assertOk()
        ->getContent();
    expect($hers)->toContain('Kicks out')->and($hers)->not->toContain('Carries the ball');
    $player = App\Models\Player::query()->where('letter', 'H')->firstOrFail();
    $jobs = array_column(
        $this->getJson("/api/v1/players/{$player->id}")
            ->assertOk()
            ->json('assignments'),
        'job',
        'call',
    );
    expect($jobs['Arc read'])
        ->toContain('Releases around the end')
        ->and($jobs['Arc read'])
        ->toContain('against 4-3 over');
});

it('prints a run against the look on the board, whole jobs, step, aim and branches, and what it is worth (jobs.md, seen on paper)', function (): void {
    $ask = fn (array $more): string => $this->postJson('/api/v1/cards/svg',
        ['documents' => [['name' => 'Triple', 'document' => document('double-slot, H pitch right: triple right')]],
            'per' => 1, ...$more])->assertOk()->getContent();
    $plain = fn (string $svg): string => preg_replace('/\s+/', ' ', strip_tags(str_replace('<', ' <', $svg))) ?? '';
    $board = $plain($ask(['look' => '5-2, cover 4']));
    expect($board)->toContain('against 5-2, cover 4')->toMatch('/(bound|open|guess|covered), \d+( to \d+)? %/')
        ->toContain('Doubles the nose with C')->toContain('Step:')->toContain('Aim:')->toContain('If the mike runs')
        ->not->toContain('…');
    $usual = $plain($ask([]));
    expect($usual)->toContain('drawn against 4-3 over, cover 3')->not->toContain('Doubles the nose');
    $document = json_decode($this->postJson('/api/v1/proofs',
        ['words' => 'double-slot, H pitch right: triple right', 'look' => '3-4, cover 3'])->assertOk()->getContent(),
        true)['stage']['lookDocument'];
    expect($plain($ask(['look' => $document])))->toContain('against 3-4, cover 3');
    $his = $plain($ask(['look' => '5-2, cover 4', 'player' => 'R']));
    expect($his)->toContain('Releases around the end')->toContain('three flat steps')
        ->not->toContain('Doubles the nose');
    $this->postJson('/api/v1/cards/svg', ['documents' => [['name' => 'Triple',
        'document' => document('double-slot: triple right')]], 'look' => '5-9, cover 4'])->assertStatus(422);
});

it('prints a pass with what it is worth against the look, and nothing of the kind without one', function (): void {
    $ask = fn (array $more): string => strip_tags($this->postJson('/api/v1/cards/svg',
        ['documents' => [['name' => 'Smash', 'document' => smash()]], 'per' => 1, ...$more])->assertOk()->getContent());
    expect($ask(['look' => '4-2 nickel, cover 2']))->toMatch('/bound, \d+( to \d+)? % against 4-2 nickel, cover 2/')
        ->and($ask([]))->not->toContain('against');
});

it('takes over HTTP every run, tag and set the command line knows', function (): void {
    foreach (Jacotaxis\Core\Blocking\Run\Catalogue\Schemes::names() as $name) {
        $kind = Jacotaxis\Core\Blocking\Run\Catalogue\Schemes::get($name)->kind->value;
        $set = $kind === 'screen' ? 'gun trey right' : 'under center wing right';
        $motion = str_starts_with($name, 'jet') ? ', H jet right' : '';
        $this->postJson('/api/v1/proofs', [
            'document' => document("$set$motion: $name right"),
            'look' => '4-3 over, cover 3',
        ])->assertOk();
    }
    foreach (['zone', 'triple'] as $run) {
        $kind = Jacotaxis\Core\Blocking\Run\Catalogue\Schemes::get($run)->kind;
        foreach (array_filter(Jacotaxis\Core\Blocking\Run\Catalogue\Tags::names(),
            fn (string $t): bool => in_array($kind, Jacotaxis\Core\Blocking\Run\Catalogue\Tags::get($t)->kinds,
                true)) as $tag) {
            $this->postJson('/api/v1/proofs', ['document' => document("double-slot, H pitch right: $run right; tag $tag"), 'look' => '4-3 over, cover 3'])
                ->assertOk();
        }
    }
    foreach (Jacotaxis\Core\Offense\Sets::names() as $set) {
        $this->postJson('/api/v1/calls', [
            'name' => "From $set",
            'document' => document("$set right: hitches right"),
        ])->assertCreated();
    }
});

it('has the names of the catalogues in the schemas', function (): void {
    foreach (array_keys(App\Documents\NamedLists::all()) as $name) {
        expect(App\Documents\NamedLists::current($name))->toBeTrue(
            "schemas/$name.schema.json is stale: run php artisan jx:schemas",
        );
    }
    expect(Illuminate\Support\Facades\Artisan::call('jx:schemas', ['--check' => true]))->toBe(0);
});
