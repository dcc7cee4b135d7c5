<?php

use Jacotaxis\Core\Film\Chart\DefenderStood;
use Jacotaxis\Core\Film\Measure\Measures;
use Jacotaxis\Core\Scout\Places;

it('measures where plotted defenders stood at the snap', function (): void {
    $film = filmed('gun 2x2 right: smash right', '4-2 nickel, cover 2', ['men' => ['free safety', 'right corner']]);
    $measures = new Measures($film);
    $places = array_column(Places::of([], $measures), null, 'defender');

    expect(array_keys($places))->toEqualCanonicalizing(['free safety', 'right corner']);
    foreach ($places as $defender => $place) {
        $planned = array_values(array_filter(
            $measures->proof?->scene()->defenders ?? [],
            fn ($d): bool => $d->role === $defender,
        ))[0];
        expect($place->atSnapYd)->toEqualWithDelta($planned->yYd, 0.3);
    }
});

it('takes what was charted before what was measured, the last word of it, and nothing where nobody was plotted',
    function (): void {
        $film = filmed('gun 2x2 right: smash right', '4-2 nickel, cover 2', ['men' => ['free safety']]);
        $charted = [new DefenderStood('free safety', 9.0, 9.0), new DefenderStood('free safety', 8.0, 13.0)];

        expect(Places::of($charted, new Measures($film)))->toEqual([$charted[1]])
            ->and(Places::of([], null))->toBe([])
            ->and(Places::of([], new Measures(filmed('gun 2x2 right: smash right', '4-2 nickel, cover 2', [
                'men' => ['X'],
            ]))))->toBe([]);
    });
