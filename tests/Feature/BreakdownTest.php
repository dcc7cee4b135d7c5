<?php

use App\Film\Breakdown;
use App\Models\Reel;
use App\Models\Snap;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;

beforeEach(fn () => $this->actingAs(coach()));

function emptyReel(): Reel
{
    return Reel::query()->create(['title' => 'Film night', 'kind' => 'game', 'opponent' => 'Granite Pass']);
}

function bring(Reel $reel, string $text, ?array $mapping = null, string $name = 'breakdown.csv'): TestResponse
{
    return test()->post("/api/v1/reels/{$reel->id}/breakdown",
        ['file' => UploadedFile::fake()->createWithContent($name, $text)] + ($mapping === null ? []
        : ['mapping' => json_encode($mapping)]), ['Accept' => 'application/json']);
}

it('takes a reel out as a table and in again, snap for snap', function (): void {
    $game = Reel::query()->where('title', 'Week 3, Granite Pass')->firstOrFail();
    $csv = $this->get("/api/v1/reels/{$game->id}/file.csv")->assertOk()->getContent();
    $into = emptyReel();
    bring($into, $csv)->assertCreated()->assertJsonPath('kept', 44)->assertJsonPath('errors', []);
    expect(Breakdown::csv($into))->toBe($csv);
});

it('takes a reel out as JSON and in again whole', function (): void {
    $game = Reel::query()->where('title', 'Tuesday practice')->firstOrFail();
    $json = $this->get("/api/v1/reels/{$game->id}/file.json")->assertOk()->getContent();
    $into = emptyReel();
    bring($into, $json, name: 'reel.json')->assertCreated()->assertJsonPath('kept', 4);
    expect($into->snaps()->get()->pluck('document')->all())->toEqual($game->snaps()->get()->pluck('document')->all());
});

it('writes cues a film player reads (WebVTT)', function (): void {
    $game = Reel::query()->where('title', 'Week 3, Granite Pass')->firstOrFail();
    $vtt = $this->get("/api/v1/reels/{$game->id}/file.vtt")
        ->assertOk()
        ->assertHeader('Content-Type', 'text/vtt; charset=utf-8')
        ->getContent();
    expect($vtt)
        ->toStartWith("WEBVTT\n\n")
        ->and(preg_match_all('/^\d{2}:\d{2}:\d{2}\.\d{3} --> \d{2}:\d{2}:\d{2}\.\d{3}$/m', $vtt))
        ->toBe(44)
        ->and($vtt)
        ->not->toMatch('/<script/');
});

it('reads tables as other programs write them', function (string $csv, array $expected): void {
    $table = Breakdown::table($csv);
    expect([$table['headings'], $table['rows']])->toBe($expected);
})->with([
    'a byte-order mark' => ["\xEF\xBB\xBFDn,Dist\r\n1,10\r\n", [['Dn', 'Dist'], [['1', '10']]]],
    'semicolons' => ["Dn;Dist\n2;6", [['Dn', 'Dist'], [['2', '6']]]],
    'tabs' => ["Dn\tDist\n2\t6\n", [['Dn', 'Dist'], [['2', '6']]]],
    'quoted newlines and quotes (RFC 4180)' => [
        "Note,Dn\n\"two\nlines, \"\"so\"\"\",3\n",
        [['Note', 'Dn'], [["two\nlines, \"so\"", '3']]],
    ],
    'blank lines' => ["Dn,Dist\n\n1,10\n\n", [['Dn', 'Dist'], [['1', '10']]]],
    'a formula led by an apostrophe' => ["Note\n'=1+1\n", [['Note'], [['=1+1']]]],
    'an old code page' => ["Note\ncaf\xE9\n", [['Note'], [['café']]]],
]);

it('writes no cell a spreadsheet would run', function (): void {
    $into = emptyReel();
    bring($into, "Note,Result,Gain\n\"=HYPERLINK(\"\"x\"\")\",run,-3\n")->assertCreated();
    expect(Breakdown::csv($into))->toContain("'=HYPERLINK")->toContain(',-3,');
});

it('previews with its guess of the columns, and reads by the coach\'s mapping', function (): void {
    $reel = emptyReel();
    $file = UploadedFile::fake()->createWithContent('b.csv', "Dn,Dist,Weather,Yards Gained\n1,10,rain,4\n7,10,sun,x\n");
    $answer = $this->post("/api/v1/reels/{$reel->id}/breakdown/preview", ['file' => $file],
        ['Accept' => 'application/json'])->assertOk();
    expect($answer->json('mapping'))->toBe(['down', 'toGo', null, 'gain'])
        ->and($answer->json('rows'))->toBe(2)
        ->and($answer->json('preview.0.errors'))->toBe([])
        ->and($answer->json('preview.0.document.chart.note'))->toBe('[rain]')
        ->and(array_column($answer->json('preview.1.errors'), 'field'))->toBe(['down', 'gain'])
        ->and($answer->json('preview.1.row'))->toBe(3);
    expect($reel->snaps()->count())->toBe(0);
    bring($reel, "Dn,Dist,Weather,Yards Gained\n1,10,rain,4\n", [null, 'toGo', 'note', 'gain'])->assertCreated();
    expect($reel->snaps()->first()->document['chart']['note'])->toBe('rain [1]');
});

it('loses nothing: what cannot be read stays in the note', function (): void {
    $reel = emptyReel();
    $done = bring($reel, "Down,Call,Look,Result\nfifth,zonk right,cover 22,exploded\n")->assertCreated();
    $note = $reel->snaps()->first()->document['chart']['note'];
    expect($done->json('errors.0.row'))->toBe(2)
        ->and(array_column($done->json('errors.0.errors'), 'field'))->toBe(['down', 'result', 'call', 'look']);
    foreach (['fifth', 'zonk right', 'cover 22', 'exploded'] as $kept) {
        expect($note)->toContain($kept);
    }
    expect($reel->snaps()->first()->open_questions)->toBe(2);
});

it('refuses what is no table, two columns for one field, and unknown fields', function (
    string $csv,
    ?array $mapping,
    string $says,
): void {
    bring(emptyReel(), $csv, $mapping)
        ->assertStatus(422)
        ->assertJsonPath('detail', fn (string $d): bool => str_contains($d, $says));
})->with([
    'empty' => ['   ', null, 'empty or not text'],
    'not text' => ["\0\1\2\3", null, 'empty or not text'],
    'two columns for a field' => ["a,b\n1,2\n", ['down', 'down'], 'Two columns'],
    'an unknown field' => ["a\n1\n", ['weather'], 'no field "weather"'],
]);

it('keeps script as text', function (): void {
    $reel = emptyReel();
    bring($reel, "Note,Formation\n<script>alert(1)</script>,<b>gun</b>\n")->assertCreated();
    expect(Snap::query()->where('reel_id', $reel->id)->first()->document['chart'])->toMatchArray([
        'note' => '<script>alert(1)</script>',
        'formation' => '<b>gun</b>',
    ]);
});
