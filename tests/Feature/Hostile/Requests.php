<?php

namespace Tests\Feature\Hostile;

use App\Models\Snap;
use Generator;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Str;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Requests that are almost right: those of Fixtures/requests.json with values of the wrong kind, missing and doubled
 * entries, values from elsewhere in the request and names of things that are not there. The same seed gives the same
 * requests on the same data.
 */
final class Requests
{
    /** What stands in for a value: other types, edges, signs that mean something to a file, a table or a page. */
    private const VALUES = [
        null, true, false, 0, 1, -1, 7, 0.5, -0.0, 1e308, -1e308, PHP_INT_MAX, PHP_INT_MIN, '', ' ', '0', '-1', '1e999',
        'NaN', '2026-13-45', '=1+1', '../../etc/passwd', "a\0b", "a\nb\r\nc", 'H', 'right', 'smash', '<b>', '%s%n',
        '٣', 'ﬁ', '🏈', "e\u{301}", [], [[]], [null], ['a'], ['a' => 1], [[['x' => []]]], [1, [2, [3]]],
    ];

    /** What a form sends that was not filled, and what it never sends. */
    private const EMPTY = ['', [], 'x', -1];

    private const LONG = 20_000;

    /** How deep, and how many of each list, fields are taken in turn. */
    private const DEPTH = 2;

    private const WIDTH = 5;

    private Randomizer $random;

    /** @var list<array{method: string, path: string, query: string, body: mixed}> */
    private array $samples;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
        $text = (string) file_get_contents(dirname(__DIR__).'/Fixtures/requests.json');
        $this->samples = json_decode($text, true, flags: JSON_THROW_ON_ERROR);
    }

    /** @return array{method: string, uri: string, body: mixed} */
    public function next(): array
    {
        $sample = $this->one($this->samples);
        $body = $this->filmed($sample['body']);
        for ($times = $this->random->getInt(0, 3); $times > 0; $times--) {
            $body = $this->spoilt($body, $body);
        }
        parse_str($sample['query'], $query);
        if ($this->chance(3)) {
            $query = (array) $this->spoilt($query, $body);
        }
        $uri = '/api/v1/'.$this->path($sample['path']).($query === [] ? '' : '?'.http_build_query($query));

        return ['method' => $sample['method'], 'uri' => $uri, 'body' => $body];
    }

    /**
     * One request of each place whose number leaves $part when divided by $of, each with one field after the other
     * given each of EMPTY, under names that are there.
     *
     * @return Generator<array{method: string, uri: string, body: mixed}>
     */
    public function inTurn(int $part, int $of): Generator
    {
        $places = [];
        foreach ($this->samples as $sample) {
            $places[$sample['method'].' '.$sample['path']] = $sample;
        }
        foreach (array_values($places) as $number => $sample) {
            if ($number % $of !== $part) {
                continue;
            }
            parse_str($sample['query'], $query);
            $asked = $sample['method'] === 'GET';
            $whole = $asked ? $query : $this->filmed($sample['body']);
            foreach ($this->fields($whole, self::DEPTH) as $field) {
                foreach (self::EMPTY as $value) {
                    $changed = $this->with($whole, $field, $value);
                    $uri = '/api/v1/'.$this->path($sample['path'], true);
                    yield ['method' => $sample['method'], 'uri' => $asked ? $uri.'?'.http_build_query($changed) : $uri,
                        'body' => $asked ? null : $changed];
                }
            }
        }
    }

    /** @return list<list<int|string>> the ways to the fields, the outer ones first */
    private function fields(mixed $value, int $depth): array
    {
        if (! is_array($value) || $depth === 0) {
            return [];
        }
        $ways = [];
        foreach (array_slice($value, 0, self::WIDTH, true) as $key => $inner) {
            $ways[] = [$key];
            foreach ($this->fields($inner, $depth - 1) as $way) {
                $ways[] = [$key, ...$way];
            }
        }

        return $ways;
    }

    /**
     * @param  array<mixed>  $whole
     * @param  non-empty-list<int|string>  $way
     * @return array<mixed>
     */
    private function with(array $whole, array $way, mixed $value): array
    {
        $key = array_shift($way);
        $whole[$key] = $way === [] ? $value : $this->with($whole[$key], $way, $value);

        return $whole;
    }

    /** With what a real film has for "a film". */
    private function filmed(mixed $body): mixed
    {
        if (! is_array($body) || ($body['document'] ?? null) !== 'a film') {
            return $body;
        }

        return ['document' => $this->one(Snap::query()->orderBy('id')->limit(30)->get()->all())->document] + $body;
    }

    private function path(string $path, bool $there = false): string
    {
        return (string) preg_replace_callback(
            '/\{(\w+)\}/',
            fn (array $m): string => $this->named($m[1], $there),
            $path,
        );
    }

    private function named(string $what, bool $there): string
    {
        if (! $there && $this->chance(10)) {
            $names = ['x', '0', '-1', 'a%00b', 'null', (string) Str::ulid(), str_repeat('9', 40)];

            return rawurlencode($this->one($names));
        }

        return match ($what) {
            'opponent' => $this->one(['Granite Pass', 'Nobody', 'Ridge']),
            'format' => $this->one(['svg', 'pdf', 'html', 'json', 'csv', 'txt']),
            'what' => $this->one(['calls', 'leanings', 'grades', 'reads', 'coverage', 'given', 'trends']),
            'man' => $this->one(['Q', 'H', 'LT', 'X', 'NN']),
            'fault' => 'FLT-'.$this->random->getInt(0, 30),
            'token' => str_repeat('a', 40),
            'person' => $this->id('User'),
            default => $this->id(Str::studly($what)),
        };
    }

    /** The key of one of the rows, or of none. */
    private function id(string $model): string
    {
        /** @var class-string<Model> $class */
        $class = "App\\Models\\$model";
        $ids = $class::query()->orderBy('id')->limit(20)->pluck('id')->all();

        return $ids === [] ? '1' : (string) $this->one($ids);
    }

    /** The value with one thing in it changed; `$whole` lends values from elsewhere. */
    private function spoilt(mixed $value, mixed $whole): mixed
    {
        if (! is_array($value) || $value === [] || $this->chance(12)) {
            return $this->another($whole);
        }
        $key = $this->one(array_keys($value));
        // Most often deeper in: the outermost keys are few and soon refused.
        if (is_array($value[$key]) && ! $this->chance(4)) {
            $value[$key] = $this->spoilt($value[$key], $whole);

            return $value;
        }
        switch ($this->random->getInt(0, 5)) {
            case 0:
                unset($value[$key]);
                break;
            case 1:
                array_is_list($value) ? $value[] = $value[$key] : $value['extra'] = $value[$key];
                break;
            case 2:
                $value[$key] = [$value[$key]];
                break;
            default:
                $value[$key] = is_array($value[$key]) ? $this->another($whole) : $this->near($value[$key], $whole);
        }

        return $value;
    }

    /** Another value of the same kind, as often as one of another kind. */
    private function near(mixed $value, mixed $whole): mixed
    {
        if ($this->chance(2)) {
            return $this->another($whole);
        }

        return match (true) {
            is_int($value) => $value + $this->random->getInt(-30, 30),
            is_float($value) => $value * $this->random->getInt(-20, 20),
            is_string($value) => $this->chance(2) ? strtoupper($value) : $value.$value,
            default => $this->another($whole),
        };
    }

    private function another(mixed $whole): mixed
    {
        return match ($this->random->getInt(0, 9)) {
            0 => str_repeat('a', self::LONG),
            1 => $this->deep(80),
            2, 3 => $this->part($whole),
            default => $this->one(self::VALUES),
        };
    }

    /** Some value out of the request. */
    private function part(mixed $whole): mixed
    {
        while (is_array($whole) && $whole !== [] && ! $this->chance(3)) {
            $whole = $this->one(array_values($whole));
        }

        return $whole;
    }

    /** @return array<mixed> one in the other so many times */
    private function deep(int $times): array
    {
        $inner = [];
        for ($i = 0; $i < $times; $i++) {
            $inner = [$inner];
        }

        return $inner;
    }

    private function chance(int $oneIn): bool
    {
        return $this->random->getInt(1, $oneIn) === 1;
    }

    /**
     * @template T
     *
     * @param  array<T>  $of
     * @return T
     */
    private function one(array $of): mixed
    {
        return array_values($of)[$this->random->getInt(0, count($of) - 1)];
    }
}
