<?php

use App\Models\Reel;
use App\Models\Snap;
use App\Models\User;
use Illuminate\Support\Facades\Artisan;
use Jacotaxis\Core\Concept\Document\CallDocument;
use Jacotaxis\Core\Concept\Document\FormationDocument;
use Jacotaxis\Core\Words\Call\FormationParser;
use Jacotaxis\Core\Words\CallParser;
use Symfony\Component\Process\Process;

/** Somebody of the demo staff. */
function coach(string $email = 'coordinator@cedarfork.example'): User
{
    return User::query()->where('email', $email)->firstOrFail();
}

/** The document of a call in words. */
function document(string $call): array
{
    return CallDocument::write(CallParser::parse($call));
}

function smash(): array
{
    return document('gun 2x2 right: smash right');
}

/** The document of a formation in words, with men moved by hand. */
function setDocument(string $words, array $spots = []): array
{
    return ['kind' => FormationDocument::KIND, 'version' => 1] +
        FormationDocument::write(FormationParser::parse($words)->formation->withSpots($spots));
}

/** Runs a command and gives its exit code and its JSON. */
function jx(string $command, array $options): array
{
    $code = Artisan::call($command, $options);

    return [$code, json_decode(Artisan::output(), true)];
}

/** The game that is graded. */
function game(): Reel
{
    return Reel::query()->where('title', 'Week 3, Granite Pass')->firstOrFail();
}

/** Its snap of this number. */
function numbered(int $n): Snap
{
    return Snap::query()->where('reel_id', game()->id)->where('number', $n)->firstOrFail();
}

/** A new game with one snap for each line of a quick entry, of a call against a look. */
function gameOf(string $call, array $lines): Reel
{
    $game = ['title' => 'Trigger game', 'kind' => 'game', 'opponent' => 'Granite Pass', 'week' => 9,
        'played_on' => '2026-10-30', 'ours' => true];
    $reel = test()->postJson('/api/v1/reels', $game)->assertCreated()->json();
    foreach ($lines as $line) {
        $read = test()->postJson("/api/v1/reels/{$reel['id']}/entries", ['line' => $line])
            ->assertOk()
            ->json('document');
        unset($read['chart']['formation']);
        test()->postJson(
            "/api/v1/reels/{$reel['id']}/snaps",
            ['document' => ['call' => $call, 'look' => '4-3 over, cover 3'] + $read],
        )->assertCreated();
    }

    return Reel::query()->findOrFail($reel['id']);
}

/** A short film of one's own, as a phone or an old camera would make it. */
function ownFilm(string $name, string $codec): string
{
    $path = sys_get_temp_dir()."/jx-$name";
    is_file($path) ||
        (new Process([
            'ffmpeg',
            '-v',
            'error',
            '-y',
            '-f',
            'lavfi',
            '-i',
            'testsrc=size=320x180:rate=30:duration=1.5',
            '-pix_fmt',
            'yuv420p',
            '-c:v',
            $codec,
            $path,
        ]))->mustRun();

    return (string) file_get_contents($path);
}
