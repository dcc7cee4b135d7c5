<?php

/* A staff's list of words from a table, and its words in calls, looks and on the board. */

beforeEach(function (): void {
    $this->actingAs(coach());
});

/** @param  list<array{string, string}>  $rows */
function table(array $rows, string $separator = ','): string
{
    return implode("\r\n", array_map(
        fn (array $row): string => implode($separator, array_map(fn (string $c): string => "\"$c\"", $row)),
        $rows,
    ));
}

it('shows what a table of words would bring, and saves nothing', function (string $csv): void {
    $list = $this->postJson('/api/v1/staff-book/words', ['csv' => $csv])->assertOk()->json();
    expect($list['entries'])->toBe([
        ['alias' => 'spur', 'word' => 'nickel'],
        ['alias' => '66', 'word' => 'four verticals'],
        ['alias' => 'osprey', 'word' => ''],
    ])->and($list['same'])->toBe(1)->and($list['problems'])->toBe([]);
    $this->getJson('/api/v1/staff-book')->assertHeader('ETag', '"1"');
})->with([
    'headed' => [table([['Our word', 'Means'], ['spur', 'nickel'], ['66', 'four verticals'], ['ledge', 'scissors'],
        ['osprey', '']])],
    'without a heading' => [table([['spur', 'nickel'], ['66', 'four verticals'], ['ledge', 'scissors'],
        ['osprey', '']])],
    'semicolons' => [table([['word', 'means'], ['spur', 'nickel'], ['66', 'four verticals'], ['ledge', 'scissors'],
        ['osprey', '']], ';')],
]);

it('names the row that cannot be taken, and why', function (array $row, string $why): void {
    $list = $this->postJson('/api/v1/staff-book/words', ['csv' => table([['word', 'means'], ['spur', 'nickel'], $row])])
        ->assertOk()
        ->json();
    expect(array_column($list['entries'], 'alias'))->toBe(['spur'])
        ->and($list['problems'][0]['row'])->toBe(3)
        ->and($list['problems'][0]['text'])->toContain($why);
})->with([
    'a word of the language' => [['smash', 'drive'], 'is a word of the language already'],
    'twice' => [['Spur', 'sam'], 'stands twice'],
    'no word' => [['', 'drive'], 'Give a word'],
]);

it('refuses what is no table', function (string $csv): void {
    $this->postJson('/api/v1/staff-book/words', ['csv' => $csv])->assertStatus(422);
})->with(['empty' => ' ', 'not text' => "PK\0\x03 word"]);

it('reads the words that were taken in, in a call, in a look and on the board', function (): void {
    $aliases = [['alias' => 'spur', 'word' => 'nickel'], ['alias' => '66', 'word' => 'four verticals']];
    $this->putJson('/api/v1/staff-book', ['aliases' => $aliases], ['If-Match' => '"1"'])->assertOk();
    $this->postJson('/api/v1/words', ['words' => 'gun trips right: 66'])
        ->assertOk()
        ->assertJsonPath('words', 'gun trips right: 66 right');
    $this->postJson('/api/v1/look-words', ['words' => '4-2-5 cover 3, spur blitz'])
        ->assertOk()
        ->assertJsonPath('words', '4-2 nickel, cover 3, spur blitz');
    $this->postJson('/api/v1/proofs', ['words' => 'gun trips right: 66', 'look' => '4-2-5 cover 3, spur blitz'])
        ->assertOk()
        ->assertJsonPath('stage.look', '4-2 nickel, cover 3, spur blitz');
});

it('tells which of two calls is played', function (): void {
    $asked = ['words' => 'gun 2x2: zone right; kill to hitches both if middle open', 'look' => '4-2 nickel, cover 2'];
    $this->postJson('/api/v1/proofs', $asked)
        ->assertOk()
        ->assertJsonPath('report.decided', ['killed' => true, 'seen' => 'the middle is open']);
    $document = $this->postJson('/api/v1/words', ['words' => $asked['words']])->json('document');
    $this->postJson('/api/v1/proofs', ['document' => $document, 'look' => '4-2 nickel, cover 3'])
        ->assertOk()
        ->assertJsonPath('report.decided', ['killed' => false, 'seen' => 'the middle is closed']);
});

it('asks which meaning a word has to the staff, and asks no more once the book says it', function (
    string $place,
    string $words,
    string $word,
    array $meanings,
    string $read,
): void {
    $this->postJson("/api/v1/$place", ['words' => $words])
        ->assertStatus(422)
        ->assertJsonPath('word', $word)
        ->assertJsonPath('meanings', $meanings);
    $aliases = [['alias' => $word, 'word' => $meanings[1]]];
    $this->putJson('/api/v1/staff-book', ['aliases' => $aliases], ['If-Match' => '"1"'])->assertOk();
    $this->postJson("/api/v1/$place", ['words' => $words])->assertOk()->assertJsonPath('words', $read);
})->with([
    'a set' => ['words', 'gun deuce left: curl flat', 'deuce', ['2x2', '2x2 closed', 'ace'],
        'gun deuce left: curl-flat left'],
    'a front' => ['look-words', 'eagle, cover 3', 'eagle', ['bear', '4-3 under', '5-2'], 'eagle, cover 3'],
]);

it('offers no meaning for a word it only does not know', function (): void {
    $this->postJson('/api/v1/words', ['words' => 'gun 2x2: smsh'])
        ->assertStatus(422)
        ->assertJsonPath('meanings', [])
        ->assertJsonPath('suggestions.0', 'smash');
});
