<?php

/* The staff book: aliases, own families, schools, values; in and out as one document. */

use Jacotaxis\Core\Concept\Document\BadDocument;
use Jacotaxis\Core\Concept\Document\CallDocument;
use Jacotaxis\Core\Concept\Families\OwnFamily;
use Jacotaxis\Core\Field\Side;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\School\OpenValues;
use Jacotaxis\Core\School\Questions;
use Jacotaxis\Core\School\Schools;
use Jacotaxis\Core\Words\BookDocument;
use Jacotaxis\Core\Words\CallParser;
use Jacotaxis\Core\Words\Describer;
use Jacotaxis\Core\Words\Description;
use Jacotaxis\Core\Words\NotUnderstood;
use Jacotaxis\Core\Words\Spoken;
use Jacotaxis\Core\Words\StaffBook;

/**
 * A book with entries of its lists.
 *
 * @param  array<string, list<array<string, mixed>>>  $lists
 * @return array<string, mixed>
 */
function bookOf(array $lists = []): array
{
    return array_replace(['kind' => BookDocument::KIND, 'version' => 1,
        'letters' => array_combine(['X', 'Z', 'H', 'Y', 'R', 'F'], ['X', 'Z', 'H', 'Y', 'R', 'F']), 'groups' => [],
        'techniques' => 'inside eye',
        'cadence' => ['words' => ['down', 'ready', 'set', 'go'], 'beatS' => 0.8, 'soundS' => 0.3]], $lists);
}

it('reads an alias as what it means, and writes the family back under it', function (): void {
    $book = BookDocument::read(
        bookOf(['aliases' => [['alias' => 'Ledge', 'word' => 'post-dig'], ['alias' => 'ot', 'word' => 'shallow']]]),
    );
    $call = CallParser::parse('gun 2x2 right: ledge right; X ot', book: $book);
    expect($call->routes['Z']->name)
        ->toBe('post')
        ->and($call->routes['X']->name)
        ->toBe('shallow')
        ->and($book->out(Describer::words($call, book: $book)))
        ->toBe('gun 2x2 right: ledge right')
        ->and(CallDocument::write(CallParser::parse('gun 2x2 right: ledge right', book: $book))['assignments'])
        ->toEqual(CallDocument::write(CallParser::parse('gun 2x2 right: post-dig right'))['assignments']);
});

it('UNS-03: keeps a word without a meaning and never guesses it', function (): void {
    $book = BookDocument::read(bookOf(['aliases' => [['alias' => 'otter', 'word' => '']]]));
    expect($book->aliases)
        ->toBe(['otter' => ''])
        ->and(fn () => CallParser::parse('gun 2x2: otter right', book: $book))
        ->toThrow(NotUnderstood::class, 'a word of the staff without a meaning');
});

it('CAL-14: refuses what contradicts itself, naming both and the place',
    function (array $lists, string $pointer, string $message): void {
        try {
            BookDocument::read(bookOf($lists));
            $this->fail('it was taken');
        } catch (BadDocument $e) {
            expect($e->pointer)->toBe($pointer)->and($e->getMessage())->toContain($message);
        }
    })->with([
        'two meanings of one word' => [['aliases' => [['alias' => 'ledge', 'word' => 'smash'],
            ['alias' => 'Ledge', 'word' => 'drive']]], '/aliases/1', 'stands twice in the book'],
        'a word of the language' => [['aliases' => [['alias' => 'smash', 'word' => 'drive']]], '/aliases/0',
            'a word of the language already'],
        'a school that is not there' => [['settings' => [['id' => 'SET-01', 'choice' => 'C']]], '/settings/0',
            'is no school of SET-01'],
        'a question that is not there' => [['settings' => [['id' => 'SET-99', 'choice' => 'A']]], '/settings/0',
            'SET-99'],
        'a value that cannot be' => [['values' => [['id' => 'press', 'value' => 40]]], '/values/0', 'Give 0.5 to 4'],
        'a value nobody knows' => [['values' => [['id' => 'luck', 'value' => 1]]], '/values/0', 'has no value "luck"'],
        'a catalogue family as one of our own' => [['families' => [['name' => 'smash', 'front' => [1 => 'hitch'],
            'reads' => []]]], '/families/0', 'family of the catalogue'],
        'a route nobody runs' => [['families' => [['name' => 'creek', 'front' => [1 => 'zigzag'], 'reads' => []]]],
            '/families/0', 'zigzag'],
        'letters that collide' => [['letters' => array_combine(['X', 'Z', 'H', 'Y', 'R', 'F'],
            ['X', 'X', 'H', 'Y', 'R', 'F'])], '/letters', 'letter of his own'],
    ]);

it('takes a family from a drawing, by receiver number, and knows it again from other sets and sides', function (
    string $set,
    string $side,
): void {
    $drawn = CallParser::parse('gun 2x2 right: Z curl, H out 8; read H, Z');
    $record = OwnFamily::drawn('Creek', $drawn, $drawn->lineup(Situation::of()), Side::Right) + ['owner' => 'Dale'];
    expect($record)->toMatchArray(['name' => 'creek', 'front' => [1 => 'curl', 2 => '~out 8'],
        'reads' => ['front 2', 'front 1'], 'back' => null]);
    $book = new StaffBook(families: [OwnFamily::family(['said' => 'creek right', 'read' => 'inside out',
        'protection' => 'half-slide'] + $record)]);
    $call = CallParser::parse("gun $set $side: creek $side", book: $book);
    $said = Description::of($call, book: $book);
    expect($said['family'])
        ->toBe('creek')
        ->and($said['side'])
        ->toBe($side)
        ->and($said['why'])
        ->toBe('curl by #1, out by #2')
        ->and(count($call->reads))
        ->toBe(2)
        ->and(CallDocument::write(CallParser::parse(Describer::words($call, book: $book), book: $book)))
        ->toEqual(CallDocument::write($call));
})
    ->with(['2x2', 'trips', 'stack'])
    ->with(['left', 'right']);

it('CAL-15: a family without its three fields is not ready, and says what is missing', function (
    array $fields,
    ?string $needs,
): void {
    $record =
        ['name' => 'creek', 'front' => [1 => 'curl', 2 => 'out'], 'back' => null, 'reads' => ['front 1']] + $fields;
    $family = OwnFamily::family($record);
    expect($family->needs)->toBe($needs);
    $parse = fn () => CallParser::parse('gun 2x2 right: creek right', book: new StaffBook(families: [$family]));
    $needs === null
        ? expect($parse()->routes['Z']->name)->toBe('curl')
        : expect($parse)->toThrow(NotUnderstood::class, 'CAL-15');
})->with([
    [['said' => 'creek', 'read' => 'in out', 'protection' => 'gap'], null],
    [['said' => 'creek', 'read' => 'in out'], 'say which protection goes with it'],
    [[], 'say how the routes are called, say how the read is called, say which protection goes with it'],
]);

it('refuses to take a family where nobody runs a route', function (): void {
    $call = CallParser::parse('gun 2x2 right: Z hitch')->with(['routes' => []]);
    expect(fn () => OwnFamily::drawn('creek', $call, $call->lineup(Situation::of()), Side::Right))->toThrow(
        DomainException::class,
        'Nobody runs a route on the right',
    );
});

it('compares two books: what comes in, what clashes, what is the same; owner and date do not count', function (): void {
    $mine = bookOf(['aliases' => [['alias' => 'ledge', 'word' => 'smash', 'owner' => 'Dale'],
        ['alias' => 'elm', 'word' => 'drive']], 'settings' => [['id' => 'SET-02', 'choice' => 'A']]]);
    $theirs = bookOf(['aliases' => [['alias' => 'ledge', 'word' => 'spot'],
        ['alias' => 'elm', 'word' => 'drive', 'owner' => 'Owen'], ['alias' => 'oak', 'word' => 'mesh']],
        'settings' => [['id' => 'SET-02', 'choice' => 'B'], ['id' => 'SET-07', 'choice' => 'B']]]);
    $found = BookDocument::compare($mine, $theirs);
    expect($found['adds'])->toBe(['aliases/oak', 'settings/SET-07'])
        ->and(array_column($found['clashes'], 'path'))->toBe(['aliases/ledge', 'settings/SET-02'])
        ->and($found['clashes'][0]['mine'])->toContain('smash')
        ->and($found['clashes'][0]['theirs'])->toContain('spot')
        ->and($found['same'])->toBe(4);
});

it('merges a book: new entries in, clashes as said, mine where nothing is said',
    function (array $take, string $ledge, string $aim): void {
        $mine = bookOf(['aliases' => [['alias' => 'ledge', 'word' => 'smash']],
            'settings' => [['id' => 'SET-02', 'choice' => 'A']]]);
        $theirs = bookOf(['aliases' => [['alias' => 'Ledge', 'word' => 'spot'], ['alias' => 'oak', 'word' => 'mesh']],
            'settings' => [['id' => 'SET-02', 'choice' => 'B']]]);
        $book = BookDocument::read(BookDocument::merge($mine, $theirs, $take));
        expect($book->aliases)->toBe(['ledge' => $ledge, 'oak' => 'mesh'])->and($book->schools->choice('SET-02'))
            ->toBe($aim);
        expect(BookDocument::compare(BookDocument::merge($mine, $theirs, ['aliases/ledge', 'settings/SET-02']),
            $theirs)['clashes'])->toBe([]);
    })->with([[[], 'smash', 'A'], [['aliases/ledge'], 'spot', 'A'], [['settings/SET-02'], 'smash', 'B']]);

it('has every question of the rules with its schools, a default or unset, and what it changes', function (): void {
    $all = Questions::all();
    // What nothing follows is not asked: it comes back with the part that reads it.
    $asked = array_values(array_diff(range(1, 40), [28, 30, 32, 33, 38]));
    expect(array_keys($all))->toBe(array_map(fn (int $n): string => sprintf('SET-%02d', $n), $asked));
    foreach ($all as $question) {
        expect(count($question->schools))->toBeGreaterThanOrEqual(2)
            ->and($question->default === null || isset($question->schools[$question->default]))->toBeTrue()
            ->and($question->changes())->not->toBe('');
    }
    expect(array_keys(array_filter($all, fn ($q): bool => $q->default === null)))->toBe(['SET-05', 'SET-18', 'SET-25']);
});

it('UNS-01, UNS-02: every open value says what it holds back and what would decide it; a default is the product\'s',
    function (): void {
        foreach (OpenValues::all() as $id => $value) {
            expect($value['holds'])->not->toBe('')->and($value['decides'])->not->toBe('')->and($value['least'])
                ->toBeLessThan($value['most']);
            expect(Schools::of()->value($id))->toBe($value['default']);
        }
        expect(Schools::of([], ['press' => 3.0])->value('press'))->toBe(3.0)
            ->and(Schools::of()->value('half-yards-add'))
            ->toBeNull();
    });

it('follows the schools in the words of a call',
    function (array $chosen, array $values, string $words, string $man, string $property, mixed $is): void {
        $call = CallParser::parse("gun 2x2 right: $words", book: new StaffBook(schools: Schools::of($chosen, $values)));
        expect($call->routes[$man]->$property)->toBe($is);
    })->with([
        'SET-12 A: corner at ten' => [[], [], 'smash right', 'H', 'depthYd', null],
        'SET-12 B: corner at twelve' => [['SET-12' => 'B'], [], 'smash right', 'H', 'depthYd', 12.0],
        'SET-12 B, a depth said wins' => [['SET-12' => 'B'], [], 'smash right; H corner 9', 'H', 'depthYd', 9.0],
        'SET-11 B: the dig settles' => [['SET-11' => 'B'], [], 'Z dig', 'Z', 'finish', 'settling'],
        'SET-11 A' => [[], [], 'Z dig', 'Z', 'finish', null],
        'SET-29 A: the back checks' => [[], [], 'drive right', 'R', 'checks', true],
        'SET-29 B: he goes free with a shallow' => [['SET-29' => 'B'], [], 'drive right', 'R', 'checks', false],
        'the staff\'s depth of a wheel' => [[], ['wheel-depth' => 4.0], 'H wheel', 'H', 'depthYd', 4.0],
    ]);

it('turns a boot the other way round where the staff reads middle first (SET-23)', function (
    string $school,
    string $first,
): void {
    $call = CallParser::parse(
        'gun 2x2 right, zone left fake, boot right: boot flood right',
        book: new StaffBook(schools: Schools::of(['SET-23' => $school])),
    );
    expect($call->routes[$call->reads[0]]->name)->toBe($first);
})->with([['A', 'flat'], ['B', 'over']]);

it('is read over a phone: no signs, numbers in words', function (string $words, array $says): void {
    $call = CallParser::parse($words);
    $spoken = Spoken::of($call, Description::of($call));
    expect($spoken)->not->toMatch('/[0-9&#|:;]/');
    foreach ($says as $part) {
        expect($spoken)->toContain($part);
    }
})->with([
    ['gun 2x2 right: smash right', ['Gun two by two right.', 'Smash, right.', 'H corner at ten.',
        'Read one H, read two Z.']],
    ['2nd & 6, ball on -35, left hash | gun trips right, H jet left: post-dig right; X shallow',
        ['Second and six, ball on our thirty five, left hash.', 'Motion, H jet left.', 'Post dig, right.']],
    ['gun 2x2 right: Z dig 12.5 settling, H go clear; R check flat',
        ['Z dig at twelve and a half, settling.', 'H go at fourteen, clears out.',
            'R checks the rush, then flat at four.']],
    ['3rd & 8 | gun 2x2 right: go-dig right', ['Third and eight', 'H dig at the sticks.']],
]);

it('says numbers as people do', function (float $yd, string $words): void {
    expect(Spoken::number($yd))->toBe($words);
})->with([
    [0.0, 'zero'],
    [5.5, 'five and a half'],
    [12.25, 'twelve and a quarter'],
    [20.0, 'twenty'],
    [35.0, 'thirty five'],
    [-2.0, 'minus two'],
    [7.3, 'seven point three'],
]);

it('puts one man\'s route in words into a call', function (string $words, array $is, array $reads): void {
    $call = CallParser::assignment($words, CallParser::parse('gun 2x2 right: smash right'), 'Z');
    $route = array_diff_key(CallDocument::route($call->routes['Z']), ['job' => 1]);
    expect($route)->toEqual($is)->and($call->reads)->toBe($reads);
})->with([
    ['dig 13 settling', ['route' => 'dig', 'depthYd' => 13.0, 'finish' => 'settling'], ['H', 'Z']],
    ['go clear', ['route' => 'go', 'flag' => 'clear'], ['H']],
    ['post alert', ['route' => 'post', 'flag' => 'alert'], ['H']],
    ['curl at sticks', ['route' => 'curl', 'at' => 'sticks'], ['H', 'Z']],
    ['now hitch', ['route' => 'now hitch'], ['H', 'Z']],
    ['slant outside release', ['route' => 'slant', 'release' => 'outside'], ['H', 'Z']],
]);

it('refuses a route in words it does not know', function (string $words, string $man, string $message): void {
    expect(fn () => CallParser::assignment($words, CallParser::parse('gun 2x2 right: smash right'), $man))->toThrow(
        NotUnderstood::class,
        $message,
    );
})->with([
    ['dgi', 'Z', 'Did you mean dig'],
    ['dig 99', 'Z', 'cannot break at 99'],
    ['dig 12 sideways', 'Z', '"sideways" is not a word for the dig'],
    ['go', 'LT', 'LT runs no route'],
    ['', 'Z', 'route for Z'],
]);
