<?php

use Jacotaxis\Core\Concept\Document\Same;

it('tells whether two documents say the same', function (mixed $a, mixed $b, bool $same): void {
    expect(Same::documents($a, $b))->toBe($same)->and(Same::documents($b, $a))->toBe($same);
})->with([
    'the same' => [['name' => 'x', 'yd' => 4.5], ['name' => 'x', 'yd' => 4.5], true],
    'keys in another order' => [['a' => 1, 'b' => ['c' => 2, 'd' => 3]], ['b' => ['d' => 3, 'c' => 2], 'a' => 1], true],
    'a whole number as a fraction' => [['yd' => 10], ['yd' => 10.0], true],
    'a number as text' => [['yd' => 10], ['yd' => '10'], false],
    'nothing and no' => [['on' => null], ['on' => false], false],
    'nothing and an empty text' => [['on' => null], ['on' => ''], false],
    'a list in another order' => [['X', 'Z'], ['Z', 'X'], false],
    'one key more' => [['a' => 1], ['a' => 1, 'b' => null], false],
    'text' => ['trips', 'trips', true],
]);
