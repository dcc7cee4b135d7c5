<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Words;

use DomainException;
use Jacotaxis\Core\Blocking\Scheme;
use Jacotaxis\Core\Concept\Document\BadDocument;
use Jacotaxis\Core\Concept\Document\FormationDocument;
use Jacotaxis\Core\Concept\Document\Same;
use Jacotaxis\Core\Concept\Families\Families;
use Jacotaxis\Core\Concept\Families\OwnFamily;
use Jacotaxis\Core\Field\Situation;
use Jacotaxis\Core\Offense\Formation;
use Jacotaxis\Core\Offense\Motion\Cadence;
use Jacotaxis\Core\Offense\Motion\MotionKind;
use Jacotaxis\Core\Offense\Sets;
use Jacotaxis\Core\Route\Routes;
use Jacotaxis\Core\School\Schools;

/**
 * A staff's book as a document (schemas/book.schema.json): letters, cadence, aliases, choices where staffs disagree,
 * values where no common one exists, families and sets of its own. Every entry has an owner and a date (CAL-14,
 * UNS-02).
 */
final class BookDocument
{
    public const KIND = 'jacotaxis.book';

    /** Lists of the book and the field that names an entry in each. */
    public const LISTS = ['aliases' => 'alias', 'settings' => 'id', 'values' => 'id', 'families' => 'name',
        'sets' => 'name'];

    /** Parts of the book that are one entry each. */
    public const PARTS = ['letters', 'groups', 'techniques', 'cadence'];

    /**
     * @param  array<string, mixed>  $book  already checked against the schema
     *
     * @throws BadDocument
     */
    public static function read(array $book): StaffBook
    {
        $aliases = self::each($book, 'aliases', function (array $a): array {
            $alias = mb_strtolower($a['alias']);
            if (in_array($alias, self::language(), true)) {
                throw new DomainException(
                    "\"{$a['alias']}\" is a word of the language already: give the alias another name.",
                );
            }

            return [$alias, $a['word']];
        });
        self::noneTwice($book);
        $families = self::each($book, 'families', fn (array $f): array => [$f['name'], OwnFamily::family($f)]);
        $sets = self::each(
            $book,
            'sets',
            fn (array $s): array => [$s['name'], FormationDocument::read($s['formation'], Situation::of())],
        );
        $chosen = self::each($book, 'settings', function (array $s): array {
            Schools::of([$s['id'] => $s['choice']]);

            return [$s['id'], $s['choice']];
        });
        $values = self::each($book, 'values', function (array $v): array {
            Schools::of([], [$v['id'] => (float) $v['value']]);

            return [$v['id'], (float) $v['value']];
        });
        if (! StaffBook::fits($book['letters'])) {
            throw new BadDocument('/letters', 'Give each of the six men a letter of his own, A to Z without Q and C.');
        }
        try {
            $cadence = Cadence::of(
                $book['cadence']['words'],
                (float) $book['cadence']['beatS'],
                (float) $book['cadence']['soundS'],
            );
        } catch (DomainException $e) {
            throw new BadDocument('/cadence', $e->getMessage());
        }

        return new StaffBook(
            $book['letters'],
            $sets,
            $cadence,
            $book['techniques'],
            $book['groups'] ?? [],
            Schools::of($chosen, $values),
            array_values($families),
            $aliases,
        );
    }

    /**
     * What another book would bring: entries this one does not have, and those in which the two differ.
     *
     * @param  array<string, mixed>  $mine
     * @param  array<string, mixed>  $theirs
     * @return array{adds: list<string>, clashes: list<array{path: string, mine: string, theirs: string}>, same: int}
     */
    public static function compare(array $mine, array $theirs): array
    {
        $adds = $clashes = [];
        $same = 0;
        $have = self::entries($mine);
        foreach (self::entries($theirs) as $path => $entry) {
            $own = $have[$path] ?? null;
            if ($own === null) {
                $adds[] = $path;
            } elseif (Same::documents(self::bare($own), self::bare($entry))) {
                $same++;
            } else {
                $clashes[] = ['path' => $path, 'mine' => self::words($own), 'theirs' => self::words($entry)];
            }
        }

        return ['adds' => $adds, 'clashes' => $clashes, 'same' => $same];
    }

    /**
     * This book with the entries of another: what is new comes in, a clash is settled as said, for mine where nothing
     * is said.
     *
     * @param  array<string, mixed>  $mine
     * @param  array<string, mixed>  $theirs
     * @param  list<string>  $take  paths of clashes in which theirs is taken
     * @return array<string, mixed>
     */
    public static function merge(array $mine, array $theirs, array $take): array
    {
        $book = $mine;
        $have = self::entries($mine);
        foreach (self::entries($theirs) as $path => $entry) {
            if (isset($have[$path]) && ! in_array($path, $take, true)) {
                continue;
            }
            $parts = explode('/', $path, 2);
            [$list, $name] = [$parts[0], $parts[1] ?? null];
            if ($name === null) {
                $book[$list] = $entry;
            } else {
                $key = self::LISTS[$list];
                $book[$list] = [
                    ...array_values(
                        array_filter(
                            $book[$list] ?? [],
                            fn (array $e): bool => mb_strtolower((string) $e[$key]) !== mb_strtolower($name),
                        ),
                    ),
                    $entry,
                ];
            }
        }

        return $book;
    }

    /**
     * @param  array<string, mixed>  $book
     * @return array<string, mixed> by path
     */
    private static function entries(array $book): array
    {
        $entries = [];
        foreach (self::PARTS as $part) {
            if (isset($book[$part]) && $book[$part] !== []) {
                $entries[$part] = $book[$part];
            }
        }
        foreach (self::LISTS as $list => $key) {
            foreach ($book[$list] ?? [] as $entry) {
                $entries["$list/".($key === 'id' ? $entry[$key] : mb_strtolower((string) $entry[$key]))] = $entry;
            }
        }

        return $entries;
    }

    private static function bare(mixed $entry): mixed
    {
        return is_array($entry) ? array_diff_key($entry, ['owner' => 1, 'on' => 1]) : $entry;
    }

    private static function words(mixed $entry): string
    {
        $entry = self::bare($entry);

        return is_array($entry)
            ? (string) json_encode($entry, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES)
            : (string) $entry;
    }

    /**
     * The entries of a list as a map; what is wrong with one is said with its place.
     *
     * @param  array<string, mixed>  $book
     * @param  callable(array<string, mixed>): array{string, mixed}  $make
     * @return array<string, mixed>
     */
    private static function each(array $book, string $list, callable $make): array
    {
        $made = [];
        foreach ($book[$list] ?? [] as $i => $entry) {
            try {
                [$key, $value] = $make($entry);
            } catch (DomainException $e) {
                throw new BadDocument("/$list/$i", $e->getMessage());
            }
            $made[$key] = $value;
        }

        return $made;
    }

    /**
     * Words that mean something without a book.
     *
     * @return list<string>
     */
    private static function language(): array
    {
        return array_map(mb_strtolower(...), [
            ...array_map(strval(...), array_keys(Families::all())),
            ...array_keys(Routes::all()),
            ...Sets::names(),
            ...Sets::quarterbacks(),
            ...Formation::MODIFIERS,
            ...array_column(Scheme::cases(), 'value'),
            ...array_column(MotionKind::cases(), 'value'),
            'read',
            'key',
            'hot',
            'both',
            'left',
            'right',
            'check',
            'chip',
            'clear',
            'alert',
            'decoy',
        ]);
    }

    /**
     * Two entries under one name contradict: both are named, none is chosen (CAL-14).
     *
     * @param  array<string, mixed>  $book
     */
    private static function noneTwice(array $book): void
    {
        foreach (self::LISTS as $list => $key) {
            $seen = [];
            foreach ($book[$list] ?? [] as $i => $entry) {
                $name = StaffBook::name((string) $entry[$key]);
                if (isset($seen[$name])) {
                    $before = $book[$list][$seen[$name]];
                    $says = $list === 'sets'
                        ? "The sets \"{$before[$key]}\" and \"{$entry[$key]}\" have one name in the call line."
                        : "\"{$entry[$key]}\" stands twice in the book: ".self::words($before).' and '.
                            self::words($entry).'.';
                    throw new BadDocument("/$list/$i", "$says Keep one.");
                }
                $seen[$name] = $i;
            }
        }
    }
}
