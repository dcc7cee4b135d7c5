<?php

use App\Documents\Schemas;
use App\Models\Call;
use App\Models\Formation;
use App\Models\StaffWords;
use Illuminate\Support\Facades\Artisan;

beforeEach(function (): void {
    $this->actingAs(coach());
});

it('proves a call against looks in parts', function (): void {
    $looks = $this->getJson('/api/v1/sheets/looks')->assertOk()->json('looks');
    expect($looks)->toHaveCount(96);
    $cells = $this->postJson('/api/v1/sheets', ['words' => 'gun 2x2 right: smash right',
        'looks' => array_column(array_slice($looks, 12, 6), 'words')])->assertOk()->json('cells');
    expect($cells)->toHaveCount(6)
        ->and($cells[3])->toMatchArray(['front' => '4-2 nickel', 'shell' => 'cover 2', 'verdict' => 'bound',
            'key' => 'right corner'])
        ->and($cells[3]['best']['man'])->toBe('H');
    $this->getJson('/api/v1/sheets/looks?all=1')->assertJsonCount(
        count(Jacotaxis\Core\Defense\Fronts::names()) * count(Jacotaxis\Core\Defense\Shells::names()),
        'looks',
    );
});

it('refuses a look in a sheet with its place', function (): void {
    $this->postJson('/api/v1/sheets', ['words' => 'gun 2x2: smash', 'looks' => ['4-2 nickel, cover 2', 7]])
        ->assertStatus(422)->assertJsonPath('pointer', '/looks/1');
    $this->postJson('/api/v1/sheets', ['words' => 'gun 2x2: smash', 'looks' => ['4-2 nickel, cover 22']])
        ->assertStatus(422)->assertJsonPath('detail',
            fn (string $d): bool => str_contains($d, '"cover 22" is not a shell. Did you mean cover 2'));
    $this->postJson('/api/v1/sheets', ['words' => 'gun 2x2: smash', 'looks' => ['a' => '4-2 nickel, cover 2']])
        ->assertStatus(422);
    $this->postJson('/api/v1/sheets', ['words' => 'gun 2x2: smash',
        'looks' => array_fill(0, 41, '4-2 nickel, cover 2')])
        ->assertStatus(422);
});

it('proves the menu against a look', function (): void {
    $rows = $this->postJson('/api/v1/menus', ['look' => '4-2 nickel, cover 2'])
        ->assertOk()
        ->json('rows');
    expect(array_column($rows, 'name'))
        ->toContain('Smash right', 'Mesh right')
        ->and(count($rows))
        ->toBe(Call::query()->count());
    $one = Call::query()->where('name', 'Drive right')->value('id');
    $this->postJson('/api/v1/menus', ['look' => '4-2 nickel, cover 2', 'calls' => [$one]])
        ->assertJsonCount(1, 'rows')
        ->assertJsonPath('rows.0.cell.verdict', 'bound');
});

it('says what beats a call, which calls punish it, its bands, and what would bind it', function (): void {
    $asked = ['document' => smash(), 'look' => '4-2 nickel, cover 2'];
    $rests = $this->postJson('/api/v1/restings', $asked)->assertOk()->json();
    $beats = $rests['beats'];
    expect($beats['change']['why'])->toContain($beats['change']['defender'])
        ->and($beats['change']['costYd'])->toBeGreaterThan(0)
        ->and($beats['punishing'][0]['name'])->toBeString();
    expect($rests['suggestions'])->toBe([]);
    $bands = $rests['bands'];
    expect($bands['H']['fromYd'])->toBeLessThan(10)->and($bands['H']['toYd'])->toBeGreaterThan(10);
    $this->postJson('/api/v1/suggestions', $asked)->assertJsonCount(0, 'suggestions');
    $found = $this->postJson('/api/v1/suggestions',
        ['document' => document('gun 2x2 right: drive right'), 'look' => '4-2 nickel, cover 4'])->assertOk()
        ->json('suggestions');
    app(Schemas::class)->check('call', $found[0]['document']);
    expect($found[0]['verdict'])->toBeIn(['bound', 'open'])->and($found[0]['chance'])->toBeGreaterThan(0.0);
    $this->postJson('/api/v1/restings', ['document' => document('gun 2x2 right: four verticals'),
        'look' => '4-2 nickel, cover 4'])->assertJsonPath('beats.change', null);
});

it('asks the calls of its own set first, however large the book is', function (): void {
    $asked = ['document' => smash(), 'look' => '4-2 nickel, cover 2'];
    $before = $this->postJson('/api/v1/restings', $asked)->assertOk()->json('beats.punishing');
    expect($before)->not->toBe([]);
    $dive = 'wishbone: dive right';
    foreach (range(1, 45) as $n) {
        Call::query()->create(['name' => "Bone dive $n", 'words' => $dive, 'document' => document($dive)]);
    }
    // Saved after all of those, it is asked before them.
    $punishes = Call::query()->where('name', $before[0]['name'])->firstOrFail();
    Call::query()->create(['name' => 'The same, late', 'words' => $punishes->words, 'document' => $punishes->document]);
    $punishes->delete();
    $after = array_column(
        $this->postJson('/api/v1/restings', $asked)->assertOk()->json('beats.punishing'),
        'name',
    );
    expect($after)->toContain('The same, late')
        ->and(preg_grep('/^Bone/', $after))->toBe([]);
});

it('gives a change before the snap as a look to be proved', function (): void {
    $asked = ['document' => document('gun 2x2 right: Z hitch, X hitch; read Z, X'), 'look' => '4-2 nickel, cover 1'];
    $change = $this->postJson('/api/v1/restings', $asked)->assertOk()->json('beats.change');
    expect($change)->toMatchArray(['defender' => 'right corner', 'name' => 'press']);
    app(Schemas::class)->check('look', json_decode(json_encode($change['look'])));
    $verdict = fn (mixed $look): string => $this->postJson('/api/v1/proofs', ['look' => $look] + $asked)->json(
        'report.verdict',
    );
    expect($verdict($asked['look']))->toBe('open')->and($verdict($change['look']))->not->toBe('open');
});

it('lists who is free against each pressure', function (): void {
    $rows = $this->postJson('/api/v1/pressures',
        ['words' => 'gun empty: four verticals', 'look' => '4-3 over, cover 1'])
        ->assertOk()->json('pressures');
    expect($rows[0])->toMatchArray(['pressure' => 'as it stands', 'free' => null])
        ->and(array_column($rows, 'free', 'pressure')['mike'])->toBe('mike');
});

it('runs the play with what a press man does', function (): void {
    $asked = [
        'document' => document('gun 2x2 right: Z go, H go clear; read Z'),
        'look' => '4-2 nickel, cover 1, corners press',
    ];
    $plain = $this->postJson('/api/v1/proofs', $asked)->assertOk()->json('report');
    $sits = $this->postJson('/api/v1/proofs', $asked + ['press' => ['Z' => 'sits'], 'frames' => true])->assertOk();
    $z = array_column($plain['press'], null, 'man')['Z'];
    expect($z)->toMatchArray(['defender' => 'right corner', 'reaction' => null])
        ->and(array_column($z['reactions'], 'name'))->toBe(['sits', 'jumps', 'hesitates', 'bails', 'jams'])
        ->and($sits->json('report.verdict'))->toBe('open')
        ->and($plain['verdict'])->toBe('covered')
        ->and(array_column($sits->json('report.press'), 'reaction', 'man')['Z'])->toBe('sits')
        ->and($sits->json('frames.at'))->not->toBe([]);
    $this->postJson('/api/v1/proofs', $asked + ['press' => ['Z' => 'dances']])->assertStatus(422);
});

it('answers every proof as its schema says', function (string $call, string $look): void {
    $report = $this->postJson('/api/v1/proofs', ['words' => $call, 'look' => $look])->assertOk()->getContent();
    app(Schemas::class)->check('proof', json_decode($report)->report);
    expect(true)->toBeTrue();
})->with([
    ['gun 2x2 right: mesh right', '4-2 nickel, cover 1'],
    ['gun empty right: drive right', 'bear, cover 0, six rush'],
    ['gun 2x2 right: Z now hitch, H seam; read Z', '4-2 nickel, cover 1, corners press'],
    ['3rd & 8 | gun 2x2 right: go-dig right; X post alert', '3-4, cover 3'],
]);

it('puts a route in words or as a drawn path into a call', function (): void {
    $this->postJson('/api/v1/assignments', ['document' => smash(), 'man' => 'Z', 'words' => 'dig 13'])->assertOk()
        ->assertJsonPath('document.reads', ['H', 'Z']);
    $this->postJson('/api/v1/assignments', ['document' => smash(), 'man' => 'Z', 'words' => 'dgi'])->assertStatus(422)
        ->assertJsonPath('suggestions.0', 'dig');
    $points = array_map(fn (int $i): array => $i < 14 ? ['xYd' => 18.0, 'yYd' => (float) $i]
        : ['xYd' => 18.0 - ($i - 14), 'yYd' => 14.0], range(0, 22));
    $this->postJson('/api/v1/recognitions/route', ['document' => smash(), 'man' => 'Z', 'points' => $points])
        ->assertOk()
        ->assertJsonPath('routes.0.assignment.route', 'dig')->assertJsonCount(3, 'routes');
    $this->postJson('/api/v1/recognitions/route', ['document' => smash(), 'man' => 'LT', 'points' => $points])
        ->assertStatus(422)->assertJsonPath('pointer', '/man');
    $this->postJson('/api/v1/recognitions/route',
        ['document' => smash(), 'man' => 'Z', 'points' => [['xYd' => 1e9, 'yYd' => 0], ['xYd' => 0, 'yYd' => 0]]])
        ->assertStatus(422);
});

it('keeps the staff book: an entry that changes gets its owner and the day', function (): void {
    $book = $this->getJson('/api/v1/staff-book')->assertOk()->assertHeader('ETag', '"1"')->json();
    expect($book['questions'])->toHaveCount(35)
        ->and(array_column($book['book']['aliases'], 'word', 'alias'))
        ->toMatchArray(['ledge' => 'scissors', 'otter' => '']);
    $saved = $this->putJson('/api/v1/staff-book',
        ['settings' => [['id' => 'SET-02', 'choice' => 'A'], ['id' => 'SET-12', 'choice' => 'B']]],
        ['If-Match' => '"1"'])->assertOk()->json('book');
    $byId = array_column($saved['settings'], null, 'id');
    expect($byId['SET-12'])->toMatchArray(['choice' => 'B', 'owner' => 'Dale Merriweather', 'on' => date('Y-m-d')])
        ->and($byId['SET-02']['on'])->toBe('2026-11-02')
        ->and($saved['aliases'])->toHaveCount(2);
    expect($this->postJson('/api/v1/words', ['words' => 'gun 2x2: smash right'])->json('assumed'))
        ->toContain('H corner at 12 yd, the school of the staff');
    $this->putJson('/api/v1/staff-book', ['settings' => []], ['If-Match' => '"1"'])->assertStatus(412);
    $this->putJson('/api/v1/staff-book', ['settings' => []])->assertStatus(428);
    $this->putJson('/api/v1/staff-book', ['settings' => [['id' => 'SET-01', 'choice' => 'C']]], ['If-Match' => '"2"'])
        ->assertStatus(422)
        ->assertJsonPath('pointer', '/settings/0');
});

it('the schools of the staff reach the proof', function (): void {
    $asked = ['words' => 'gun 2x2 right: Z now hitch; read Z', 'look' => '4-2 nickel, cover 1, corners press'];
    expect($this->postJson('/api/v1/proofs', $asked)->json('report.reads.0.route'))->toBe('go');
    $this->putJson('/api/v1/staff-book', ['settings' => [['id' => 'SET-14', 'choice' => 'B']]], ['If-Match' => '"1"'])
        ->assertOk();
    expect($this->postJson('/api/v1/proofs', $asked)->json('report.reads.0.route'))->toBe('now hitch');
});

it('writes the book to a file and takes it in again, clashes shown first', function (): void {
    $file = json_decode(
        $this->get('/api/v1/staff-book/file')
            ->assertOk()
            ->assertHeader('Content-Disposition', 'attachment; filename="staff-book.json"')
            ->getContent(),
        true,
    );
    app(Schemas::class)->check('book', json_decode(json_encode(['groups' => (object) $file['groups']] + $file)));
    expect($file['kind'])->toBe('jacotaxis.book')->and(array_column($file['sets'], 'name'))->toBe(['ridge']);
    expect($this->postJson('/api/v1/staff-book/preview', ['book' => $file])->assertOk()->json())
        ->toMatchArray(['adds' => [], 'clashes' => []]);
    $file['aliases'][0]['word'] = 'spot';
    $file['aliases'][] = ['alias' => 'oak', 'word' => 'mesh'];
    $file['sets'][] = ['name' => 'gulch', 'formation' => setDocument('gun trips left')];
    $preview = $this->postJson('/api/v1/staff-book/preview', ['book' => $file])
        ->assertOk()
        ->json();
    expect($preview['adds'])
        ->toBe(['aliases/oak', 'sets/gulch'])
        ->and(array_column($preview['clashes'], 'path'))
        ->toBe(['aliases/ledge']);
    expect(StaffWords::current()->version)->toBe(1);
    $this->postJson('/api/v1/staff-book/import', ['book' => $file, 'take' => ['aliases/ledge']], ['If-Match' => '"1"'])
        ->assertOk()->assertJsonPath('version', 2);
    expect(StaffWords::current()->book()->aliases)->toMatchArray(['ledge' => 'spot', 'oak' => 'mesh'])
        ->and(Formation::query()->where('name', 'gulch')->exists())->toBeTrue();
    $this->postJson('/api/v1/words', ['words' => 'gulch: oak left'])->assertOk();
});

it('refuses a file that is no book, and says where', function (mixed $book, int $status): void {
    $this->postJson('/api/v1/staff-book/preview', ['book' => $book])
        ->assertStatus($status)
        ->assertHeader('Content-Type', 'application/problem+json');
})->with([
    ['not a book', 422],
    [['kind' => 'other'], 422],
    [null, 422],
    [['kind' => 'jacotaxis.book', 'version' => 1, 'letters' => [], 'techniques' => 'inside eye', 'cadence' => []], 422],
]);

it('takes a family from a drawing and knows it in the call line once it is ready', function (): void {
    $drawn = $this->postJson('/api/v1/staff-book/families',
        ['name' => 'gully', 'document' => document('gun 2x2 right: Z comeback, H out 6; read Z, H'), 'side' => 'right'])
        ->assertOk()->json();
    expect($drawn)->toMatchArray(['name' => 'gully', 'front' => [1 => 'comeback', 2 => '~out 6'],
        'reads' => ['front 1', 'front 2']]);
    $list = [...StaffWords::current()->families, $drawn];
    $this->putJson('/api/v1/staff-book', ['families' => $list], ['If-Match' => '"1"'])->assertOk();
    $this->postJson('/api/v1/words', ['words' => 'gun trips left: gully left'])->assertStatus(422);
    $list[1] = ['said' => 'gully', 'read' => 'deep to short', 'protection' => 'half-slide'] + $drawn;
    $this->putJson('/api/v1/staff-book', ['families' => $list], ['If-Match' => '"2"'])->assertOk();
    $this->postJson('/api/v1/words', ['words' => 'gun trips left: gully left'])
        ->assertOk()
        ->assertJsonPath('document.reads', ['Z', 'H']);
    expect($this->getJson('/api/v1/vocabulary')->json('families'))->toContain('gully', 'creek');
    $this->postJson('/api/v1/staff-book/families', ['name' => '<b>x</b>', 'document' => smash()])->assertStatus(422);
});

it('prints cards as PDF and SVG, with script in a name left as text',
    function (string $format, int $per, string $type): void {
        $answer = $this->postJson("/api/v1/cards/$format",
            ['documents' => [['name' => '<script>alert(1)</script>', 'document' => smash()]], 'per' => $per])
            ->assertOk()
            ->assertHeader('Content-Type', $type);
        $format === 'pdf' ? expect(substr($answer->getContent(), 0, 5))->toBe('%PDF-')
            : expect($answer->getContent())->toStartWith('<svg')->toContain('&lt;script&gt;')
                ->not->toContain('<script>')
                ->toContain('Corner at 10 yd, read 1');
    })->with([
        ['pdf', 1, 'application/pdf'],
        ['pdf', 4, 'application/pdf'],
        ['pdf', 9, 'application/pdf'],
        ['svg', 1, 'image/svg+xml'],
        ['svg', 9, 'image/svg+xml'],
    ]);

it('prints a player\'s card with his job alone', function (): void {
    $svg = $this->postJson('/api/v1/cards/svg', ['calls' => [Call::query()->where('name', 'Smash right')->value('id')],
        'per' => 4, 'player' => 'Z'])->assertOk()->getContent();
    expect($svg)->toContain('Hitch at 6 yd, read 2')->not->toContain('Corner at 10 yd');
    new SimpleXMLElement($svg);
    $this->postJson('/api/v1/cards/pdf', ['calls' => ['01JXNOWHERE000000000000000']])->assertStatus(404);
    $this->postJson('/api/v1/cards/pdf', ['calls' => [], 'per' => 5])->assertStatus(422);
});

it('keeps players out of sheets, book and cards', function (string $method, string $path, array $body): void {
    $this->actingAs(coach('h@cedarfork.example'))
        ->json($method, "/api/v1/$path", $body, ['If-Match' => '"1"'])
        ->assertStatus(403);
})->with([
    ['GET', 'staff-book', []],
    ['PUT', 'staff-book', ['settings' => []]],
    ['GET', 'staff-book/file', []],
    ['POST', 'staff-book/preview', ['book' => []]],
    ['POST', 'menus', ['look' => '4-2 nickel, cover 2']],
    ['POST', 'cards/pdf', ['calls' => []]],
]);

it('draws the sheet on the command line', function (): void {
    $code = Artisan::call('jx:sheet', ['--call' => 'gun 2x2: smash right', '--json' => true]);
    $sheet = json_decode(Artisan::output(), true);
    expect($code)
        ->toBe(0)
        ->and($sheet['cells'])
        ->toHaveCount(96)
        ->and(array_keys($sheet['cells'][0]))
        ->toContain('front', 'shell', 'verdict', 'strength', 'best')
        ->and($sheet['summary']['looks'])
        ->toBe(96)
        ->and(
            $sheet['summary']['bound'] +
                $sheet['summary']['open'] +
                $sheet['summary']['guess'] +
                $sheet['summary']['covered'],
        )
        ->toBe(96)
        ->and($sheet['cells'][0]['worth'])
        ->toHaveKeys(['byRule', 'worst'])
        ->and($sheet['summary']['worstChance'])
        ->toBeLessThanOrEqual($sheet['summary']['chance']);
    Artisan::call('jx:sheet', [
        '--call' => 'gun 2x2: smash right',
        '--fronts' => '3-4, bear',
        '--shells' => 'cover 2',
        '--json' => true,
    ]);
    expect(array_column(json_decode(Artisan::output(), true)['cells'], 'front'))->toBe(['3-4', 'bear']);
    expect(Artisan::call('jx:sheet', ['--call' => 'gun 2x2: smash right', '--fronts' => 'nine']))->toBe(2);
});

it('describes a call for reading over a phone', function (): void {
    Artisan::call('jx:describe', ['--call' => 'gun 2x2: smash right', '--json' => true]);
    expect(json_decode(Artisan::output(), true)['spoken'])->toStartWith('Gun two by two right. Smash, right.');
});
