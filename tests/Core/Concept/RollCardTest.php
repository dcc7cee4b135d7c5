<?php

/* The passer rolls: who is short, who is deep, and what a man who arrives in motion changes (PAC-03, PAC-04). */

use Jacotaxis\Core\Concept\Call;
use Jacotaxis\Core\Concept\Families\Drawn;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Words\CallParser;
use Jacotaxis\Core\Words\Describer;

/** @return array<string, string> route by letter of whoever is no clear-out and no check-down */
function rolledRoutes(Call $call): array
{
    $routes = [];
    foreach ($call->routes as $letter => $spec) {
        if (! in_array($spec->flag?->value, ['clear', 'check-down'], true)) {
            $routes[$letter] = $spec->name;
        }
    }
    ksort($routes);

    return $routes;
}

it('PAC-03: on the side of the roll the tight end is the short man', function (string $words, array $routes): void {
    expect(rolledRoutes(CallParser::parse($words)))->toBe($routes);
})->with([
    'three on the side, the tight end inside' => [
        'under center trey right, boot right: boot flood',
        ['X' => 'over', 'Y' => 'flat', 'Z' => 'corner'],
    ],
    'the same to the left' => [
        'under center trey left, boot left: boot flood',
        ['X' => 'over', 'Y' => 'flat', 'Z' => 'corner'],
    ],
    'a wing beside him clears out' => [
        'under center wing right, boot right: boot flood',
        ['X' => 'over', 'Y' => 'flat', 'Z' => 'corner'],
    ],
    'no tight end there: the second man is short' => [
        'gun trips right, boot right: boot flood',
        ['H' => 'flat', 'X' => 'over', 'Z' => 'corner'],
    ],
    'what is said for him stands' => [
        'under center trey right, boot right: boot flood; Y seam',
        ['H' => 'flat', 'X' => 'over', 'Y' => 'seam', 'Z' => 'corner'],
    ],
]);

it('W-41, PAC-04: a mover on the side of the roll is deep, the tight end short, X in the middle, the corner runner on the post',
    function (string $words, array $routes): void {
        expect(rolledRoutes(CallParser::parse($words)))->toBe($routes);
    })->with([
        'from the slot across, to a tight end' => [
            'under center ace right, H fast right, boot right: boot flood right',
            ['H' => 'corner', 'X' => 'over', 'Y' => 'flat', 'Z' => 'post'],
        ],
        'mirrored' => [
            'under center ace left, H fast left, boot left: boot flood left',
            ['H' => 'corner', 'X' => 'over', 'Y' => 'flat', 'Z' => 'post'],
        ],
        'no tight end there: the inside man stays short' => [
            'gun 2x2 right, H fast left, boot left: boot flood left',
            ['H' => 'corner', 'X' => 'post', 'Y' => 'flat', 'Z' => 'over'],
        ],
        'away from the tight end he slides behind the line' => [
            'gun trey left, H fast right, boot right: boot flood right',
            ['H' => 'corner', 'X' => 'post', 'Y' => 'slide', 'Z' => 'over'],
        ],
        'after a run action' => [
            'under center ace right, H fast right, outside zone left fake, boot right: boot flood',
            ['H' => 'corner', 'X' => 'over', 'Y' => 'flat', 'Z' => 'post'],
        ],
    ]);

it('PAC-04: nobody changes when nobody arrives there in motion', function (string $words, array $routes): void {
    expect(rolledRoutes(CallParser::parse($words)))->toBe($routes);
})->with([
    'motion away from the roll' => [
        'gun trips right, H fast left, boot right: boot flood right',
        ['X' => 'over', 'Y' => 'flat', 'Z' => 'corner'],
    ],
    'a return on the same side' => [
        'gun trips right, H return, boot right: boot flood right',
        ['H' => 'flat', 'X' => 'over', 'Z' => 'corner'],
    ],
    'a shift sets before the snap' => [
        'gun 2x2 right, H shift left, boot left: boot flood left',
        ['H' => 'flat', 'X' => 'corner', 'Z' => 'over'],
    ],
    'the mover has a route of his own' => [
        'under center ace right, H fast right, boot right: boot flood right; H flat',
        ['H' => 'flat', 'X' => 'over', 'Z' => 'corner'],
    ],
    'a family that does not roll' => [
        'gun 2x2 right, Y fast right: flood right',
        ['H' => 'out', 'X' => 'shallow', 'Y' => 'flat', 'Z' => 'go'],
    ],
]);

it('PAC-04: says why each man changed', function (): void {
    $assumed = implode("\n", CallParser::parse('under center ace right, H fast right, boot right: boot flood right')->assumed);
    foreach ([
        'H corner: in motion to the side of the roll he is the deep man',
        'Z post: H is deep now',
        'Y flat: the tight end stays short',
        'X over: with H there he has the middle',
    ] as $why) {
        expect($assumed)->toContain($why);
    }
});

/** @return list<string> what is found of men in one window */
function oneWindow(string $words): array
{
    $findings = told($words, '4-3 over, cover 3')['findings'];

    return array_values(
        array_column(array_filter($findings, fn (array $f): bool => $f['code'] === 'one-window'), 'text'),
    );
}

it('CAL-09, W-41: two men on one landmark of a roll are a fault that names both; the card itself has none', function (): void {
    expect(oneWindow('under center ace right, H fast right, boot right: boot flood; H curl 12, Y curl 12; read H, Y')[0])
        ->toStartWith('H and Y run in one window');
    expect(oneWindow('under center ace right, H fast right, boot right: boot flood'))->toBe([]);
    expect(oneWindow('gun 2x2 right, H fast left, boot left: boot flood'))->toBe([]);
});

it('says a roll with motion again in the same words', function (string $words): void {
    $call = CallParser::parse($words);
    expect(rolledRoutes(CallParser::parse(Describer::words($call))))->toBe(rolledRoutes($call));
})->with([
    'under center ace right, H fast right, boot right: boot flood right',
    'gun trey left, H fast right, boot right: boot flood right',
    'under center trey right, boot right: boot flood',
]);

it('boots away from a fake whose side is not said, and fakes away from the boot', function (
    string $words,
    string $rolls,
): void {
    $call = CallParser::parse($words);
    $strong = $call->lineup(Situation::of())->strong;
    expect(Drawn::roll($call->protection, $call->fake, $strong)?->value)->toBe($rolls);
})->with([
    'a fake to the strength' => ['under center ace right, outside zone fake, boot: boot flood', 'left'],
    'as a coach says it' => ['ace left: stretch boot', 'right'],
    'a fake whose side is said' => ['under center ace right, zone left fake, boot: boot flood', 'right'],
    'without a fake to the strength' => ['gun trips left, boot: boot flood', 'left'],
]);
