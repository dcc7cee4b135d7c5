<?php

/*
 * Requests that are almost right never break the server: whatever comes, the answer says what is wrong with it, and
 * what was taken in does not break a page later. HOSTILE=n tries n batches of 100; HOSTILE_FROM=m begins at the mth.
 */

use App\Models\Player;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Tests\Feature\Hostile\Requests;

const BATCH = 100;

const PARTS = 4;

/** Every page that tells what is stored. */
function pages(): array
{
    $player = Player::query()->whereHas('grades')->value('id');

    return [
        'calls', 'formations', 'looks', 'players', "players/$player", "players/$player/records.json", 'people', 'reels',
        'weeks', 'weeks/file.csv', 'numbers/leanings', 'cutups', 'staff-book', 'staff-book/file', 'staff-words',
        'vocabulary', 'charting', 'grading', 'repeats', 'plans/Granite%20Pass',
        'scout', 'scout/Granite%20Pass', 'scout/Granite%20Pass/shares',
    ];
}

/** Whether something is kept, so that a page could break of it. */
function stores(string $uri): bool
{
    return preg_match('#/(grades|players|reels|snaps|plans|staff|grading|people|clips|cutups|triggers|scout|looks)#', $uri) === 1;
}

/** What broke, or null. */
function broke(TestResponse $answer, string $asked, mixed $body): ?string
{
    if ($answer->getStatusCode() < 500) {
        return null;
    }
    $e = $answer->exception;
    $what = $e === null ? 'nothing thrown' : $e::class.': '.$e->getMessage()."\n  ".$e->getFile().':'.$e->getLine();

    $sent = mb_substr((string) json_encode($body), 0, 600);

    return $answer->getStatusCode().' '.mb_substr($asked, 0, 200)."\n  $what\n  $sent";
}

it('answers every field that is empty or of another kind without breaking', function (int $part): void {
    $broken = [];
    $asked = 0;
    foreach ((new Requests($part))->inTurn($part, PARTS) as ['method' => $method, 'uri' => $uri, 'body' => $body]) {
        DB::beginTransaction();
        $answer = $this->actingAs(coach())->json($method, $uri, (array) $body, ['If-Match' => '"1"']);
        $asked++;
        $broken[] = broke($answer, "$method $uri", $body);
        if ($method !== 'GET' && $answer->isSuccessful() && stores($uri)) {
            foreach (pages() as $page) {
                $shown = $this->get("/api/v1/$page", ['Accept' => 'application/json']);
                $broken[] = broke($shown, "$page after $method $uri", $body);
            }
        }
        DB::rollBack();
    }
    expect(implode("\n", array_filter($broken)))->toBe('')
        ->and($asked)->toBeGreaterThan(100);
})->with(range(0, PARTS - 1));

it('answers what is almost right without breaking', function (int $batch): void {
    $coach = coach();
    $requests = new Requests($batch);
    $broken = [];
    for ($i = 0; $i < BATCH; $i++) {
        ['method' => $method, 'uri' => $uri, 'body' => $body] = $requests->next();
        $headers = ['If-Match' => '"1"'];
        $answer = $this->actingAs($coach->fresh() ?? $coach)->json($method, $uri, (array) $body, $headers);
        $broken[] = broke($answer, "$method $uri", $body);
    }
    foreach (pages() as $page) {
        $broken[] = broke($this->actingAs($coach)->get("/api/v1/$page", ['Accept' => 'application/json']), $page, null);
    }
    expect(implode("\n", array_filter($broken)))->toBe('');
})->with(range((int) env('HOSTILE_FROM', 1), (int) env('HOSTILE_FROM', 1) + (int) env('HOSTILE', 5) - 1));
