<?php

use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Proof\Scene\Scene;
use Jacotaxis\Core\Proof\Scene\Setting;
use Jacotaxis\Core\Words\CallParser;
use Jacotaxis\Core\Words\LookParser;

/* Behind a run action the line blocks the run it shows (jobs.md, play-action blocks the run it fakes; PRO-01,
    PRO-08). */

function shownIn(string $call, string $look): Scene
{
    return Scene::of(CallParser::parse($call), LookParser::parse($look), new Setting(Situation::of()));
}

it('gives every man the job of the run that is shown', function (string $call, string $look, array $jobs): void {
    $told = array_column(told($call, $look)['assignments'], 'job', 'man');
    foreach ($jobs as $man => $job) {
        expect(str_contains($told[$man], $job))->toBeTrue("$man: {$told[$man]}");
    }
})->with([
    'power: kick, pull, down' => ['under center I right, power right fake, seven-man: X post, Z over 12; read X, Z',
        '4-3 over, cover 3', [
            'LT' => 'Blocks the left end', 'LG' => 'Pulls as in power', 'C' => 'Blocks the left tackle',
            'RT' => 'the right tackle', 'F' => 'Kicks out the right end', 'R' => 'Short fake',
        ]],
    'counter: guard and tackle' => ['gun H-back right, counter right fake: X post, Z dig 12; read X, Z',
        '4-2 nickel, cover 3', [
            'LG' => 'Pulls', 'LT' => 'Pulls', 'C' => 'Blocks the left tackle',
        ]],
    'zone: nobody pulls' => ['under center wing right, zone left fake, boot right: Y slide, H over 12, X post, Z corner 10; read Y, H, X', '4-3 over, cover 3', [
        'LT' => 'the left end', 'C' => 'the left tackle',
    ]],
    'to the other side' => ['under center I left, power left fake, seven-man: X post, Z over 12; read X, Z',
        '4-3 over, cover 3', [
            'RG' => 'Pulls as in power', 'F' => 'Kicks out the left end', 'LT' => 'the left tackle',
        ]],
]);

it('pulls nobody and sends nobody up the field without a run action, or behind an option', function (
    string $call,
): void {
    $told = array_column(told($call, '4-3 over, cover 3')['assignments'], 'job', 'man');
    foreach (['LT', 'LG', 'C', 'RG', 'RT'] as $man) {
        expect($told[$man])->not->toContain('Pulls')->not->toContain('climbs');
    }
})->with([
    'under center I right, seven-man: X post, Z over 12; read X, Z',
    'double-slot, H pitch right, triple right fake: R seam, Z post; read R, Z',
]);

it('leaves nobody free whom a man without work can have', function (string $call, string $look): void {
    $free = array_map(fn (Defender $d): string => $d->role, shownIn($call, $look)->pickup->free);
    expect($free)->toBe([]);
})->with([
    'zone, four' => ['gun 2x2, zone right fake: X post, Z dig 12; read X, Z', '4-2 nickel, cover 2'],
    'zone, six on six' => ['gun 2x2, zone right fake: X post, Z dig 12; read X, Z', '4-2 nickel, cover 0, six rush'],
    'power, five' => [
        'under center I right, power right fake: X post, Z over 12; read X, Z',
        '4-2 nickel, cover 1, five rush',
    ],
    'belly against odd' => ['under center split-back, belly right fake: X post, Z dig 12; read X, Z', '3-4, cover 4'],
    'boot' => [
        'under center wing right, outside zone left fake, boot right: Y flat, H over 12, X post; read Y, H',
        'bear, cover 1',
    ],
]);

it('leaves the man the call leaves: an edge that comes against a naked boot', function (): void {
    $scene = shownIn(
        'under center wing right, zone left fake, naked right: boot flood right',
        '3-4, cover 3, edge pressure right',
    );
    expect($scene->pickup->free)->not->toBe([]);
});
