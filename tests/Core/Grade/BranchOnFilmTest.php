<?php

/* GRD-04: the branch is graded, not the place. A man who moves at the snap makes other jobs, and those are graded. */

use Jacotaxis\Core\Film\FilmDocument;
use Jacotaxis\Core\Film\Measure\LineRows;
use Jacotaxis\Core\Film\Measure\Measures;
use Jacotaxis\Core\Grade\Grader;
use Jacotaxis\Core\Grade\Proposal;
use Jacotaxis\Core\Words\LookParser;

/** A run filmed against a look in which somebody moves, worked on as if nobody had said so. */
function stunted(string $call, string $look, string $moves): Grader
{
    $film = filmed($call, $moves === '' ? $look : "$look, $moves");
    $plain = LookParser::parse($look);

    return new Grader(
        new Measures(
            new FilmDocument(
                $film->call,
                $plain,
                $film->setting,
                $film->marks,
                $film->calibrations,
                $film->plots,
                $film->moves,
            ),
        ),
    );
}

/**
 * Whom each man has on film, of those named.
 *
 * @param  list<string>  $men
 * @return array<string, string|null>
 */
function blocked(Grader $grader, array $men): array
{
    $blocks = $grader->measures->jobs()->resolved->blocks;

    return array_combine($men, array_map(fn (string $man): ?string => $blocks[$man]->target, $men));
}

const DUO = 'gun trips right: duo right';
const INSIDE = 'gun 2x2 right: zone right';
const WIDE = 'under center wing right: outside zone right';

it('grades the jobs of the branch when a man did what it speaks of',
    function (string $call, string $look, string $moves, array $targets): void {
        expect(blocked(stunted($call, $look, $moves), array_keys($targets)))->toBe($targets);
    })->with([
        'duo, nobody moves' => [DUO, '4-2 nickel, cover 3', '', ['LT' => 'left end', 'LG' => 'will']],
        'duo, the end slants into the guard' => [DUO, '4-2 nickel, cover 3', 'left end slants right',
            ['LT' => 'will', 'LG' => 'left end']],
        'the same against a four-three' => [DUO, '4-3 over, cover 3', 'left end slants right',
            ['LT' => 'will', 'LG' => 'left end']],
        'zone, nobody moves' => [INSIDE, '4-2 nickel, cover 3', '',
            ['C' => 'mike', 'RG' => 'right tackle', 'RT' => 'right end']],
        'zone, the end spikes: everybody has the next one' => [INSIDE, '4-2 nickel, cover 3', 'right end spikes',
            ['C' => 'right tackle', 'RG' => 'right end', 'RT' => 'mike']],
        'zone against an odd front' => [INSIDE, '3-4, cover 3', 'right end slants left',
            ['RG' => 'right end', 'RT' => 'mike']],
        'outside zone, the end slants' => [WIDE, '4-3 over, cover 3', 'right end slants left',
            ['RT' => 'right end', 'Y' => 'mike']],
    ]);

it('charges nobody who took the man who came to him',
    function (string $call, string $look, string $moves, string $man): void {
        $grader = stunted($call, $look, $moves);
        $gap = $grader->measures->row($man, 'gap to his man');
        $charged = array_filter(
            $grader->faults(),
            fn (array $f): bool => $f['man'] === $man && in_array($f['measure'], ['gap to his man', LineRows::PAST],
                true),
        );
        expect($gap?->done)->toBeLessThan(2.0)->and($charged)->toBe([]);
    })->with([
        'the guard of duo' => [DUO, '4-2 nickel, cover 3', 'left end slants right', 'LG'],
        'the tackle of outside zone' => [WIDE, '4-3 over, cover 3', 'right end slants left', 'RT'],
    ]);

it('finds no movement where nobody moves', function (string $call, string $look): void {
    $grader = stunted($call, $look, '');
    expect($grader->measures->jobs())->toBe($grader->measures->run());
})->with([INSIDE, WIDE, DUO, 'under center I right: power right', 'under center double-slot: triple right'])
    ->with(['4-2 nickel, cover 3', '4-3 over, cover 3', '3-4, cover 3']);

it('tells the man what he was asked then', function (): void {
    $asked = fn (Grader $g): string => array_column((new Proposal($g))->all(), 'asked', 'man')['LG'];
    expect($asked(stunted(DUO, '4-2 nickel, cover 3', 'left end slants right')))->toContain('left end')
        ->and($asked(stunted(DUO, '4-2 nickel, cover 3', '')))->not->toContain('left end');
});

it('leaves the choice of a man who is read to the decision', function (): void {
    $grader = stunted(INSIDE, '4-2 nickel, cover 3', 'left end squeezes');
    expect($grader->measures->jobs())->toBe($grader->measures->run());
});
