<?php

/* Whatever can be said is proved: random calls, looks and situations from a fixed seed, none of them of the demo. */

use Jacotaxis\Core\Concept\Families\Families;
use Jacotaxis\Core\Defense\Fronts;
use Jacotaxis\Core\Defense\Shells;
use Jacotaxis\Core\Field\Hash;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Kinematics\Level;
use Jacotaxis\Core\Offense\Motion\MotionKind;
use Jacotaxis\Core\Offense\Sets;
use Jacotaxis\Core\Proof\Pass\Prover;
use Jacotaxis\Core\Proof\Scene\Setting;
use Jacotaxis\Core\Proof\Telling\Report;
use Jacotaxis\Core\Route\Routes;
use Jacotaxis\Core\Words\CallParser;
use Jacotaxis\Core\Words\Describer;
use Jacotaxis\Core\Words\LookParser;
use Jacotaxis\Core\Words\NotUnderstood;

/** A call in words that may or may not make sense. */
function anything(Closure $pick): string
{
    $maybe = fn (int $in, string $words): string => mt_rand(1, $in) === 1 ? $words : '';
    $routes = [];
    foreach (['X', 'Z', 'H', 'Y', 'R', 'F'] as $letter) {
        $routes[] = $maybe(
            2,
            "$letter ".
                $pick(array_keys(Routes::all())).
                $maybe(2, ' '.mt_rand(2, 20)).
                $maybe(6, ' at '.$pick(['sticks', 'hash', 'numbers'])).
                $maybe(4, ' '.$pick(['left', 'right'])).
                $maybe(5, ' '.$pick(['settling', 'moving', 'clear', 'alert'])),
        );
    }
    $parts = array_filter([
        $maybe(2, $pick(array_keys(Families::all())).' '.$pick(['left', 'right', 'both'])),
        ...$routes,
        $maybe(4, 'read '.$pick(['high to low', 'H, Z', 'man X; read zone Z', 'open Z; read closed H'])),
        $maybe(5, 'hot R'),
    ]);

    return $maybe(
        3,
        $pick(['3rd & 8', '4th & 1', '1st & goal', '3rd & 15, ball on -1, left hash', '2nd & 3, ball on 3']).' | ',
    ).
        $pick(['gun', 'pistol', 'under center']).
        ' '.
        $pick(Sets::names()).
        $maybe(3, ' '.$pick(['condensed', 'tight', 'wide', 'over'])).
        ' '.
        $pick(['left', 'right', 'field', 'boundary']).
        $maybe(
            3,
            ', '.
                $pick(['H', 'Z', 'F', 'Y', 'R', 'X']).
                ' '.
                $pick(array_map(fn (MotionKind $k): string => $k->value, MotionKind::cases())).
                ' '.
                $pick(['left', 'right']),
        ).
        $maybe(5, ', zone left fake').
        $maybe(3, ', '.$pick(['half-slide', 'full-slide right', 'seven-man', 'boot', 'big-on-big'])).
        $maybe(4, ', '.$pick(['quick', 'three', 'five', 'seven'])).
        ': '.
        implode('; ', $parts ?: ['smash right']);
}

it('proves whatever can be said, and says it again as the same call', function (int $seed): void {
    mt_srand($seed);
    $pick = fn (array $list): string => (string) $list[mt_rand(0, count($list) - 1)];
    $proved = 0;
    for ($n = 0; $n < 120; $n++) {
        $words = anything($pick);
        $level = Level::cases()[mt_rand(0, count(Level::cases()) - 1)];
        $situation = Situation::of(rules: $level->rules(), hash: Hash::cases()[mt_rand(0, 2)]);
        $look = LookParser::parse(
            $pick(Fronts::names()).
                ', '.
                $pick(Shells::names()).
                $pick([
                    '',
                    ', corners press',
                    ', six rush',
                    ', edge pressure field',
                    ', men locked',
                    ', shows cover 2',
                    ', motion travel',
                    ', backers press',
                ]),
        );
        try {
            $call = CallParser::parse($words, $situation);
        } catch (NotUnderstood $e) {
            expect($e->getMessage())->not->toBe('');

            continue;
        }
        $again = CallParser::parse(Describer::words($call, $situation), $situation);
        expect($again->reads)->toBe($call->reads, $words)
            ->and(array_keys($again->routes))->toEqualCanonicalizing(array_keys($call->routes), $words);
        $proof = Prover::prove($call, $look, new Setting($call->situation ?? $situation, $level));
        expect($proof->strength() ?? 0.0)
            ->toBeGreaterThan(-9.0, $words)
            ->and(json_encode(Report::of($proof)))
            ->toBeString($words);
        $proved++;
    }
    expect($proved)->toBeGreaterThan(20);
})->with([3, 14, 159]);
