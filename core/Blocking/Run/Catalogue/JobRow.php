<?php

declare(strict_types=1);

namespace Jacotaxis\Core\Blocking\Run\Catalogue;

use Jacotaxis\Core\Blocking\Run\Front\Posts;
use Jacotaxis\Core\Blocking\Run\Front\Predicates;
use Jacotaxis\Core\Blocking\Run\Front\Targets;
use Jacotaxis\Core\Blocking\Run\UnknownRun;
use Jacotaxis\Core\Blocking\Run\Verb;

/**
 * One rule of a scheme or tag: who, when, what he does and to whom. Every word is checked when the catalogue is read.
 *
 * Of posts the first that is there and free has the job; of targets the first nobody has yet is taken. A late row is
 * for what the matching of the line has left.
 */
final readonly class JobRow
{
    /**
     * @param  list<string>  $posts
     * @param  string  $when  predicates that must all hold, "," between them, "or" between choices
     * @param  list<string>  $targets  selectors, the first choice first
     * @param  string|null  $with  post of the man he doubles with
     */
    private function __construct(
        public array $posts,
        public string $when,
        public Verb $verb,
        public array $targets,
        public bool $late = false,
        public ?string $with = null,
    ) {
    }

    /**
     * @param  string  $posts  posts, "|" between them
     * @param  string  $targets  selectors, "/" between them, empty for a job without a man
     *
     * @throws UnknownRun for a word no catalogue has
     */
    public static function read(string $posts, string $when, string $verb, string $targets, bool $late = false): self
    {
        $selectors = $targets === '' ? [] : explode('/', $targets);
        self::check('post', explode('|', $posts), Posts::names());
        self::check('selector', $selectors, Targets::WORDS);
        self::check('predicate', Predicates::terms($when), [...Predicates::TERMS, ...Posts::names(), ...Tags::NAMES]);

        return new self(
            explode('|', $posts),
            $when,
            Verb::tryFrom($verb) ?? throw UnknownRun::word('verb', $verb),
            $selectors,
            $late,
        );
    }

    /**
     * Two posts on a man of the line: the second leaves him for the backer when there is one.
     *
     * @throws UnknownRun
     */
    public static function pair(string $keeps, string $climbs, string $when, string $on): self
    {
        $row = self::read($keeps, $when, 'double', $on);
        self::check('post', [$climbs], Posts::names());

        return new self($row->posts, $when, Verb::Double, $row->targets, with: $climbs);
    }

    /** The row with the side of a tag written in: playside or backside. */
    public function onSide(string $side): self
    {
        $write = fn (string $words): string => preg_replace('/\btag\b/', $side, $words) ?? $words;

        return new self(
            array_map($write, $this->posts),
            $write($this->when),
            $this->verb,
            array_map($write, $this->targets),
            $this->late,
            $this->with,
        );
    }

    /**
     * @param  list<string>  $words
     * @param  list<string>  $known
     */
    private static function check(string $kind, array $words, array $known): void
    {
        foreach ($words as $word) {
            $plain = str_replace('tag ', 'playside ', $word);
            $plain = preg_replace('/ tag$/', ' playside', $plain) ?? $plain;
            if (! in_array($plain, $known, true)) {
                throw UnknownRun::word($kind, $word);
            }
        }
    }
}
