<?php

/* Play-action protection by man (PRO-01 to PRO-05, W-22, W-23) and what does not go together (PRO-09,
    PAC-05); common practice, no source. */

it('reads the edge when a tight end comes across', function (string $look, string $says): void {
    $call = Jacotaxis\Core\Words\CallParser::parse(
        'gun trey right, outside zone right fake, boot left: X corner; H over; Z post; R flat left; read R, H',
    );
    $call = $call->with(['routes' => array_diff_key($call->routes, ['Y' => 1])]);
    $report = Jacotaxis\Core\Proof\Telling\Told::report(
        Jacotaxis\Core\Proof\Proving::of(
            $call,
            Jacotaxis\Core\Words\LookParser::parse($look),
            new Jacotaxis\Core\Proof\Scene\Setting(Jacotaxis\Core\Field\Situation::of()),
        ),
    );
    $job = array_column($report['assignments'], 'job', 'man')['Y'];
    expect($job)->toContain($says)->and($job)->toContain('the next man outside is the quarterback\'s');
})->with([
    'squeezes: log' => ['4-3 over, cover 3, left end squeezes', 'logs him'],
    'widens: kick' => ['4-3 over, cover 3, left end slants left', 'kicks him out'],
    'muddy: unset' => ['4-3 over, cover 3', 'unset in the staff book'],
]);

it('keeps the tight end on the call side at the C gap', function (): void {
    $call = Jacotaxis\Core\Words\CallParser::parse(
        'gun trey right, outside zone left fake, boot right: X over; H flat; Z corner; R flat right; read H, X',
    );
    $call = $call->with(['routes' => array_diff_key($call->routes, ['Y' => 1])]);
    $report = Jacotaxis\Core\Proof\Telling\Told::report(
        Jacotaxis\Core\Proof\Proving::of(
            $call,
            Jacotaxis\Core\Words\LookParser::parse('4-3 over, cover 3'),
            new Jacotaxis\Core\Proof\Scene\Setting(Jacotaxis\Core\Field\Situation::of()),
        ),
    );
    expect(array_column($report['assignments'], 'job', 'man')['Y'])->toBe(
        'Call side: blocks the C-gap man, the right end',
    );
});

it('sends a back who stays into the A gap the nose leaves (PRO-02, W-23)', function (string $look, string $says): void {
    $call = Jacotaxis\Core\Words\CallParser::parse('gun 2x2, zone right fake, seven-man: smash right; Y go; X go');
    $call = $call->with(['routes' => array_diff_key($call->routes, ['R' => 1])]);
    $report = Jacotaxis\Core\Proof\Telling\Told::report(
        Jacotaxis\Core\Proof\Proving::of(
            $call,
            Jacotaxis\Core\Words\LookParser::parse($look),
            new Jacotaxis\Core\Proof\Scene\Setting(Jacotaxis\Core\Field\Situation::of()),
        ),
    );
    expect(array_column($report['assignments'], 'job', 'man')['R'])->toContain($says);
})->with([
    'nose slants left: the right A' => ['3-4, cover 3, nose slants left', 'takes the right A'],
    'nose slants right: the left A' => ['3-4, cover 3, nose slants right', 'takes the left A'],
    'nose stays: both' => ['3-4, cover 3', 'both A gaps'],
]);

it('has no word on a fake that is over before the first read may have the ball', function (): void {
    $call = 'under center wing right, outside zone left fake, boot right: Y slide, H over 12, X post; read Y, H, X';
    expect(array_column(told($call, '4-3 over, cover 3')['findings'], 'code'))->not->toContain('fake-late');
});

it('says what does not go together', function (string $call, string $code, ?string $man): void {
    $found = array_column(told($call, '4-3 over, cover 3')['findings'], 'man', 'code');
    expect(array_key_exists($code, $found))->toBeTrue(json_encode($found));
    expect($found[$code])->toBe($man);
})->with([
    'a puller and a slide' => ['under center wing right, counter right fake, boot left: Y slide left; X corner; H over; read Y, H',
        'collision', 'Y'],
    'the back who fakes runs from the snap' => ['gun 2x2, zone right fake: smash right; R wheel left', 'fakes-and-runs',
        'R'],
    'the first read breaks before the fake is over' => ['under center wing right, counter left fake, quick: slant-flat right', 'fake-late', 'Z'],
    'an option pass from a spread set' => ['gun 2x2, lead option right fake: X go; Z go; Y seam; read Y',
        'option-pass-spread', null],
    'the man who blocks the safety runs away from him' => ['under center double-slot right, triple right fake: X go; Z post; R flat right; read R', 'option-pass-release',
        'R'],
    'nobody blocks the edge of the roll' => ['under center wing right, outside zone left fake, naked right: boot flood right', 'quarterbacks-man', 'Q'],
]);

it('has nothing against an option pass that looks like the option, nor against a fake that is none (PAC-11)', function (
    string $call,
): void {
    expect(
        array_filter(
            array_column(told($call, '4-2 nickel, cover 3')['findings'], 'code'),
            fn (string $code): bool => str_starts_with($code, 'option-pass'),
        ),
    )->toBe([]);
})->with([
    'the slot runs at the safety he blocks' => [
        'under center double-slot right, triple right fake: X go; Z post; R seam; read R',
    ],
    'the other way' => ['under center double-slot left, triple left fake: X go; Z post; R seam; read R'],
    'a zone fake from a spread set' => ['gun 2x2, zone right fake: smash right'],
]);

it('adds the staff\'s rule to the ledger and obeys it (phase and act from lists)', function (): void {
    $call = 'gun 2x2: zone right, rpo: backside #2 slant; key will; if will drop break then throw Y';
    $told = told($call, '4-2 nickel, cover 3');
    $jobs = array_column($told['assignments'], 'job', 'man');
    $acts = array_column($told['keys'][0]['acts'], 'action', 'name');
    expect($jobs['Q'])
        ->toContain('if will drop (break): throw Y')
        ->and($jobs['Y'])
        ->toContain('the ball is his')
        ->and($acts['drop'])
        ->toBe('throw');
    $job = told(
        'gun H-back left: zone right; tag arc left; if left end crash then H base left end',
        '4-2 nickel, cover 3',
    );
    expect(array_column($job['assignments'], 'job', 'man')['H'])->toContain('if left end crash');
});
