<?php

/* Drop-back protection: who has whom, who is free, who is hot; common practice without a published source. */

use Jacotaxis\Core\Proof\Scene\Pressures;
use Jacotaxis\Core\Proof\Scene\Setting;
use Jacotaxis\Core\Proof\Telling\Report;
use Jacotaxis\Core\Words\CallParser;
use Jacotaxis\Core\Words\LookParser;

it('has every rusher by somebody while there are as many protectors', function (string $scheme, string $front): void {
    $proof = proof("gun 2x2 right, $scheme: drive right", 'cover 3');
    $front = schooled("gun 2x2 right, $scheme: drive right", "$front, cover 3");
    expect($proof->protection->free)->toBeNull()
        ->and($front->protection->free)->toBeNull()
        ->and($front->protection->verdict($front->readings))->toBe('protected');
    $rushers = array_filter($front->scene->defenders, fn ($d): bool => $d->rushes());
    expect(array_values($front->scene->pickup->takes))->toEqualCanonicalizing(
        array_map(fn ($d): string => $d->role, array_values($rushers)),
    );
})
    ->with(['man', 'half-slide left', 'half-slide right', 'full-slide left', 'big-on-big'])
    ->with(['4-2 nickel', '4-3 over', '3-4', 'bear', 'tite']);

it('gives a sliding lineman the gap of the slide', function (string $slide, string $letter, string $has): void {
    expect(
        schooled("gun 2x2 right, full-slide $slide: drive right", '4-2 nickel, cover 3')->scene->pickup->takes[
            $letter
        ] ?? null,
    )->toBe($has);
})->with([['left', 'LT', 'left end'], ['right', 'RT', 'right end']]);

it('lets a back who has to block stay in, and go when nobody comes', function (string $look, bool $stays): void {
    $proof = schooled('gun 2x2 right: drive right', $look);
    expect(isset($proof->scene->stays['R']))->toBe($stays)->and(isset($proof->scene->routes['R']))->toBe(! $stays);
    if ($stays) {
        expect(array_column(Report::of($proof)['assignments'], 'job', 'man')['R'])->toContain('has to stay in');
    }
})->with([['4-2 nickel, cover 3', false], ['4-2 nickel, cover 1, mike blitz, will blitz', true]]);

it('delays the route of a back who checks', function (): void {
    $at = fn (string $how): float => proof("gun 2x2 right: smash right; R $how", 'cover 3')->scene->routes['R']->break()
        ->t;
    expect($at('check flat') - $at('flat'))
        ->toEqualWithDelta(0.6, 0.01)
        ->and($at('chip flat') - $at('flat'))
        ->toBeGreaterThan(0.4);
});

it('seven-man keeps tight end and back', function (): void {
    $call = CallParser::parse('gun trey right, seven-man: post-dig right');
    expect($call->routes)->not->toHaveKey('R')->and($call->routes)->not->toHaveKey('Y');
});

it('slides away from read 1 without a word, so that the free man comes where he looks (PRO-10)', function (
    string $side,
): void {
    $proof = proof("gun empty $side: smash $side", 'cover 0, six rush');
    expect($proof->scene->pickup->slide->value)->not->toBe($side);
})->with(['left', 'right']);

it('says who is free, from where, when and who is hot (PRO-11)', function (): void {
    $findings = array_column(
        Report::of(proof('gun empty right: smash right', 'cover 0, six rush'))['findings'],
        null,
        'code',
    );
    expect($findings['free-rusher']['text'])
        ->toMatch('/^The .+ is free from the (left|right) and there at \d\.\d s\. Hot: /')
        ->and($findings['free-rusher']['rule'])
        ->toBe('PRO-11');
});

it('a hot word wins over the earliest route of the free man\'s side', function (): void {
    $proof = proof('gun empty right: smash right; Y slant; hot Y', 'cover 0, six rush');
    expect($proof->protection->hot)->toBe('Y')->and($proof->readings['Y']->hot)->toBeTrue();
});

it('a read whose slot ends after the free man is there does not exist', function (float $depth, bool $live): void {
    $proof = proof("gun empty right: H dig $depth, Z go clear, X slant; read H; hot X", 'cover 0, six rush');
    expect($proof->readings['H']->live())->toBe($live);
})->with([[14.0, false], [12.0, false], [6.0, true]]);

it('names the protection by what the free man leaves of the reads',
    function (string $call, string $look, string $protection): void {
        $proof = proof($call, $look);
        expect($proof->protection->verdict($proof->readings))->toBe($protection);
    })->with([
        'nobody is free' => ['gun 2x2 right: smash right', 'cover 2', 'protected'],
        'the ball is out before him' => ['gun empty right: Z quick out, H slant, X slant; read Z, H',
            'cover 0, six rush',
            'protected'],
        'a read is lost and the hot man lives' => ['gun empty right: H dig 14, Z go clear; X slant; read H; hot X',
            'cover 0, six rush', 'hot'],
        'the only read is late by itself, and he is there' => ['gun empty right: H dig 16; read H', 'cover 0, six rush',
            'free'],
    ]);

it('lists every pressure of a look with who is free and when (PRO-14)', function (
    string $call,
    string $look,
    array $free,
): void {
    $rows = Pressures::of(
        CallParser::parse($call),
        LookParser::parse($look),
        new Setting(Jacotaxis\Core\Field\Situation::of()),
    );
    $found = array_column(array_filter($rows, fn (array $r): bool => $r['free'] !== null), 'pressure');
    expect($rows[0]['pressure'])->toBe('as it stands')->and($found)->toBe($free);
    foreach ($rows as $row) {
        expect($row['rushers'])
            ->toBeGreaterThanOrEqual($rows[0]['rushers'])
            ->and($row['free'] === null)
            ->toBe($row['arrivalAt'] === null);
    }
})->with([
    'six protectors have five' => ['gun 2x2 right: drive right', '4-2 nickel, cover 3', []],
    'five do not have the mike from the other side' => ['gun empty: four verticals', '4-3 over, cover 1',
        ['sam', 'strong safety', 'mike', 'sam and will']],
]);

it('offers to move the launch point away from the free man where that gains time, and only under stress (PRO-14)',
    function (string $call, string $look, ?string $advice): void {
        $fix = array_column(Report::of(proof($call, $look))['findings'], null, 'code')['free-rusher']['fix'] ?? '';
        expect(preg_match($advice ?? '/launch point/', $fix))->toBe($advice === null ? 0 : 1);
    })->with([
        'a boot gains more than the half-boot' => ['gun empty: four verticals', 'cover 1, mike blitz',
            '/Move the launch point: boot left, and the mike is there at (\d\.\d) s instead of 2\.0\./'],
        'from the other side it rolls the other way' => ['gun empty left: four verticals', 'cover 1, mike blitz',
            '/Move the launch point: boot right, and the mike is there at \d\.\d s/'],
        'no roll gains enough' => ['gun 2x2 right: H dig 16; X post; read H', 'cover 0, six rush', null],
        'the ball is out before him' => ['gun empty right: Z quick out, H hitch, X slant; read Z, H',
            'cover 0, six rush',
            null],
        'a passer who rolls already' => ['gun empty right, boot left: H dig 16; read H', 'cover 0, six rush', null],
    ]);

it('a free man who is nearer or faster is there sooner', function (): void {
    $at = fn (string $look): float => schooled('gun empty right: go-dig right', "4-2 nickel, $look")->protection
        ->arrivalAt;
    expect($at('cover 0, six rush, mike at 1.5 2'))->toBeLessThan($at('cover 0, six rush, mike at 1.5 6') - 0.2);
});
