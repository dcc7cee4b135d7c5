<?php

use Jacotaxis\Core\Concept\Document\BadDocument;
use Jacotaxis\Core\Concept\Document\CallDocument;
use Jacotaxis\Core\Words\CallParser;

it('comes back from its document as the same call', function (string $words): void {
    $document = CallDocument::write(CallParser::parse($words));
    expect(CallDocument::write(CallDocument::read($document)))
        ->toBe($document)
        ->and($document['assignments'])
        ->toHaveCount(11);
})->with([
    'gun 2x2: smash right',
    'gun trips left: four verticals',
    '3rd & 8, ball on 35, left hash | gun 2x2, five: curl-flat field; key nickel',
]);

it('refuses what cannot be, and says where', function (Closure $spoil, string $pointer, string $message): void {
    $document = CallDocument::write(CallParser::parse('gun 2x2 right: smash right'));
    try {
        CallDocument::read($spoil($document));
    } catch (BadDocument $e) {
        expect($e->pointer)->toBe($pointer)->and($e->getMessage())->toContain($message);

        return;
    }
    $this->fail('It was taken.');
})->with([
    'two jobs' => [fn (array $d): array => array_replace_recursive($d,
        ['assignments' => [10 => ['man' => 'X', 'job' => 'protect']]]), '/assignments/10/man', 'two jobs'],
    'quarterback on a route' => [fn (array $d): array => array_replace_recursive($d,
        ['assignments' => [5 => ['job' => 'route', 'route' => 'go']]]), '/assignments/5', 'cannot go out'],
    'depth no route has' => [fn (array $d): array => array_replace_recursive($d,
        ['assignments' => [9 => ['depthYd' => 29.0, 'route' => 'hitch', 'job' => 'route']]]), '/assignments/9',
        'cannot break at 29'],
    'two on a spot' => [fn (array $d): array => ['spots' => [['man' => 'H', 'xYd' => 18.0, 'yYd' => -0.6]]] + $d,
        '/spots', 'stand on one spot'],
    'out of bounds' => [fn (array $d): array => ['spots' => [['man' => 'Z', 'xYd' => 40.0, 'yYd' => -0.5]]] + $d,
        '/spots/0', 'out of bounds'],
    'past the ball' => [fn (array $d): array => ['spots' => [['man' => 'Z', 'xYd' => 18.0, 'yYd' => 0.5]]] + $d,
        '/spots/0', 'behind the ball'],
    'read without a route' => [fn (array $d): array => ['reads' => ['F']] + $d, '/reads/0', 'no route'],
    'impossible situation' => [fn (array $d): array => ['situation' => ['down' => 1, 'toGoYd' => 99,
        'ballOnYd' => 50]] + $d, '/situation', 'to go does not fit'],
]);
