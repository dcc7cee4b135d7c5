<?php

use Jacotaxis\Core\Defense\Alignment;
use Jacotaxis\Core\Defense\Fronts;
use Jacotaxis\Core\Defense\Look;
use Jacotaxis\Core\Defense\Recognise\LookFinder;
use Jacotaxis\Core\Defense\Shells;
use Jacotaxis\Core\Field\Hash;
use Jacotaxis\Core\Field\PlayFrame;
use Jacotaxis\Core\Field\RuleSet;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Offense\Formation;
use Jacotaxis\Core\Offense\FormationFinder;
use Jacotaxis\Core\Offense\Man;
use Jacotaxis\Core\Offense\Sets;

/**
 * Spots shaken by up to half a yard each way, the same every time.
 *
 * @param  list<array{float, float}>  $spots
 * @return list<array{float, float}>
 */
function shaken(array $spots, float $by, int $seed): array
{
    mt_srand($seed);
    $shake = fn (): float => $by * (2.0 * mt_rand() / mt_getrandmax() - 1.0);
    $spots = array_map(fn (array $s): array => [$s[0] + $shake(), $s[1] + $shake()], $spots);
    shuffle($spots);

    return $spots;
}

/** @return list<array{float, float}> */
function drawn(Formation $f, PlayFrame $frame): array
{
    return array_map(fn (Man $m): array => [$m->xYd, $m->yYd], array_values($f->men($frame)));
}

/** How far two formations lie apart, root mean square of their men by place, yards. */
function between(Formation $a, Formation $b, PlayFrame $frame): float
{
    return FormationFinder::off($a, drawn($b, $frame), $frame);
}

it('names every formation of the catalogue from its eleven spots', function (string $set, float $shake): void {
    $frame = PlayFrame::of(RuleSet::Nfhs, Hash::Middle, 40.0);
    foreach ($shake > 0.0 ? [null, 'condensed'] : [null, ...Formation::MODIFIERS] as $m => $modifier) {
        foreach (Sets::quarterbacks() as $q => $quarterback) {
            $formation = new Formation($quarterback, $set, $q % 2 === 0 ? Side::Right : Side::Left, $modifier);
            $found = FormationFinder::of(shaken(drawn($formation, $frame), $shake, 10 * $q + $m), $frame);
            // Sets that draw the same picture share it; otherwise the first name is the one drawn.
            expect(between($formation, $found[0]['formation'], $frame))->toBeLessThan(
                $shake > 0.0 ? 0.5 : 0.01,
                "{$formation->words()} was named {$found[0]['formation']->words()}",
            );
        }
    }
})->with(Sets::names())->with([0.0, 0.5]);

it('names the front and has the shell among the two likeliest, also for shaken spots',
    function (string $front, string $set, float $shake): void {
        $lineup = lineup("gun $set right");
        foreach (Shells::names() as $n => $shell) {
            $spots = array_map(
                fn ($d): array => [$d->xYd, $d->yYd],
                Alignment::of(Look::of($front, $shell), $lineup)->defenders,
            );
            $found = LookFinder::of(shaken($spots, $shake, $n), $lineup);
            expect($found['front'])
                ->toBe($front, "$shell against $set")
                ->and(array_column($found['shells'], 'shell'))
                ->toContain($shell)
                ->and($found['shells'][0]['why'])
                ->not->toBe([]);
            if ($shake === 0.0) {
                // Shells that line up alike share the picture: either may be named first.
                expect($found['shells'][0]['offYd'])->toBe(
                    array_column($found['shells'], 'offYd', 'shell')[$shell],
                    "$front, $shell against $set",
                );
            }
        }
    })->with(Fronts::names())->with([['2x2', 0.0], ['2x2', 0.5], ['trey', 0.5]]);

it('names the techniques of the spots in both schools',
    function (string $look, string $formation, string $school, array $techniques): void {
        $l = lineup($formation);
        $spots = array_map(fn ($d): array => [$d->xYd, $d->yYd], aligned($look, $formation)->defenders);
        expect(array_column(LookFinder::of($spots, $l, $school)['techniques'], 'technique'))->toBe($techniques);
    })->with([
        ['4-2 nickel, cover 3', 'gun 2x2 right', 'inside eye', ['5', '1', '3', '5']],
        ['4-2 nickel, cover 3', 'gun 2x2 right', 'count out', ['5', 'shade', '3', '5']],
        ['6-1, cover 3', 'gun trey right', 'inside eye', ['7', '4i', '2', '2', '4i', '7']],
        ['6-1, cover 3, 2i on RG', 'gun trey right', 'count out', ['7i', '4i', '2', '1', '4i', '7i']],
    ]);

it('wants eleven', function (int $n): void {
    $spots = array_fill(0, $n, [0.0, 1.0]);
    expect(fn () => LookFinder::of($spots, lineup('gun 2x2 right')))
        ->toThrow(DomainException::class, "$n spots were given")
        ->and(fn () => FormationFinder::of($spots, PlayFrame::of(RuleSet::Nfhs, Hash::Middle, 40.0)))
        ->toThrow(DomainException::class, "$n spots were given");
})->with([0, 10, 12]);
