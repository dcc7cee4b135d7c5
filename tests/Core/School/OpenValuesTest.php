<?php

/* Every open value of the staff book has an effect: what it changes, by two numbers each. */

use Jacotaxis\Core\Defense\Defender;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Film\FilmDocument;
use Jacotaxis\Core\Film\Measure\LineRows;
use Jacotaxis\Core\Film\Measure\Measures;
use Jacotaxis\Core\Grade\Tolerance;
use Jacotaxis\Core\Proof\Proving;
use Jacotaxis\Core\Proof\Scene\Proven;
use Jacotaxis\Core\Proof\Scene\Setting;
use Jacotaxis\Core\Proof\Telling\Told;
use Jacotaxis\Core\School\OpenValues;
use Jacotaxis\Core\School\Schools;
use Jacotaxis\Core\Words\CallParser;
use Jacotaxis\Core\Words\LookParser;
use Jacotaxis\Core\Words\StaffBook;

/** @param  array<string, float>  $values */
function provenWith(string $call, string $look, array $values): Proven
{
    $schools = Schools::of([], $values);
    $setting = new Setting(Situation::of(), schools: $schools);

    return Proving::of(
        CallParser::parse($call, null, new StaffBook(schools: $schools)),
        LookParser::parse($look),
        $setting,
    );
}

/**
 * @param  array<string, float>  $values
 * @return list<string> codes of the findings
 */
function codesWith(string $call, string $look, array $values): array
{
    return array_column(Told::report(provenWith($call, $look, $values))['findings'], 'code');
}

const NICKEL_3 = '4-2 nickel, cover 3';

/**
 * What a value changes: a number or a word that is another for each of two values.
 *
 * @return array<string, array{string, float, float, Closure(array<string, float>): mixed}>
 */
function effects(): array
{
    $route = fn (string $call, string $man): Closure => fn (array $v): float => round(
        provenWith($call, NICKEL_3, $v)
            ->scene()
            ->routes[$man]->break()->yYd,
        2,
    );
    $launch = fn (int $axis): Closure => fn (array $v): float => round(
        provenWith('gun 2x2 right, half-boot right: Z corner 12, H flat; read H, Z', NICKEL_3, $v)
            ->scene()
            ->launch()[$axis],
        2,
    );
    $has = fn (string $code, string $call, string $look = NICKEL_3): Closure => fn (array $v): bool => in_array(
        $code,
        codesWith($call, $look, $v),
        true,
    );
    $hold = function (array $v): float {
        $scene = provenWith('pistol trips right, counter right fake: crack-seam-wheel right', NICKEL_3, $v)->scene();

        return max(array_map(fn (Defender $d): float => $scene->hold($d), $scene->defenders));
    };
    $box = fn (array $v): int => Told::report(provenWith('gun 2x2 right: zone right', '4-2 nickel, cover 3', $v))[
        'picture'
    ]['box'];

    return [
        'wheel-depth' => ['wheel-depth', 1.0, 5.0, $route('gun 2x2 right: H wheel right; read H', 'H')],
        'crack-seam-depth' => ['crack-seam-depth', 2.5, 7.0,
            fn (array $v): float => round(provenWith('pistol trips right, counter right fake: crack-seam-wheel right',
                NICKEL_3, $v)->scene()->routes['Z']->break()->yYd, 2)],
        'roll-depth' => ['roll-depth', 4.0, 8.0, $launch(1)],
        'roll-width' => ['roll-width', 4.0, 12.0, $launch(0)],
        'mover-width' => ['mover-width', 1.0, 20.0, $has('mover-narrow',
            'gun trips right, H short left: Z slant; read Z')],
        'off' => ['off', 4.0, 9.0, fn (array $v): bool => provenWith('gun 2x2 right: Z slant; read Z',
            '4-2 nickel, cover 3', $v)->scene()->facing['Z']->holds('off')],
        'press' => ['press', 1.0, 4.0, fn (array $v): bool => provenWith('gun 2x2 right: Z slant; read Z',
            '4-2 nickel, cover 1, right corner at 17 3', $v)->scene()->facing['Z']->pressed()],
        'box-width' => ['box-width', 0.0, 8.0, $box],
        'jet-start' => ['jet-start', 1.0, 6.0, fn (array $v): float => round(
            provenWith('gun 2x2 right, H jet left: jet left', NICKEL_3, $v)->scene()->snap->arrivals[0]->lateYd,
            1,
        )],
        'run-share' => ['run-share', 5.0, 95.0, $hold],
        'film-depth' => ['film-depth', 0.5, 2.0, fn (array $v): float => Tolerance::of(Schools::of([], $v),
            'break depth', 'yd')],
        'film-trigger' => ['film-trigger', 0.1, 0.5,
            fn (array $v): float => Tolerance::of(Schools::of([], $v), 'ball out', 's')],
    ];
}

it('changes what it speaks of', function (string $id, float $one, float $other, Closure $what): void {
    expect($what([$id => $one]))->not->toBe($what([$id => $other]));
})->with(effects());

it('holds a puller and an exchange to the depth the staff has set, and to none before',
    function (string $id, string $call, string $measure): void {
        $film = filmed($call, '4-3 over, cover 3');
        $row = function (array $values) use ($film, $measure): ?float {
            $setting = new Setting($film->setting->situation, schools: Schools::of([], $values));
            $under = new FilmDocument(
                $film->call,
                $film->look,
                $setting,
                $film->marks,
                $film->calibrations,
                $film->plots,
                $film->moves,
            );
            $rows = (new Measures($under))->rows();

            return array_values(array_filter($rows, fn ($r): bool => $r->measure === $measure))[0]->planned;
        };
        expect($row([]))->toBeNull()->and($row([$id => 2.0]))->toBe(2.0);
    })->with([
        'puller' => ['puller-distance', 'under center I right: power right', LineRows::PULL_DEPTH],
        'the block of a split zone' => ['split-block', 'gun H-back left: split zone right', LineRows::SPLIT_ENDS],
        'exchange' => ['jet-exchange', 'gun 2x2 right, H jet left: jet left', 'depth of the exchange'],
    ]);

it('has a case for every value of the book', function (): void {
    // Those with tables of their own: where a man stands, half yards of a break, films of a block, repeats.
    $elsewhere = [
        'off-place',
        'half-yards-add',
        'puller-distance',
        'jet-exchange',
        'split-block',
        'repeat-times',
        'repeat-days',
        'run-floor',
        'known-call',
        'contact-minutes',
        'ready-reps',
    ];
    expect(array_values(array_diff(array_keys(OpenValues::all()), array_keys(effects()), $elsewhere)))->toBe([]);
});

it('tells a jet that starts on another sound than the staff\'s', function (string $sound, bool $told): void {
    $codes = codesWith("gun 2x2 right, H jet left on the $sound: jet left", NICKEL_3, ['jet-start' => 3.0]);
    expect(in_array('jet-start', $codes, true))->toBe($told);
})->with([
    'the first sound of the second word is the third sound' => ['first sound of ready', false],
    'another' => ['last sound of down', true],
]);
