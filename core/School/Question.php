<?php

declare(strict_types=1);

namespace Jacotaxis\Core\School;

/**
 * A matter in which staffs disagree: the schools, the default and why, and which part of the tool follows the choice.
 */
final readonly class Question
{
    /** What follows a choice, in words, by part of the tool. */
    public const PARTS = [
        'release' => 'the release against press: aim, steps, time',
        'conversion' => 'which routes turn into others by what the defender does',
        'words' => 'what the words of a call mean',
        'proof' => 'findings and verdicts of a proof',
        'film' => 'how film is graded',
    ];

    /**
     * @param  array<string, string>  $schools  words by letter, A first
     * @param  string|null  $default  letter, or null: unset until the staff chooses
     * @param  string  $part  one of PARTS
     */
    public function __construct(
        public string $id,
        public string $question,
        public array $schools,
        public ?string $default,
        public string $why,
        public string $part,
    ) {
    }

    public function changes(): string
    {
        return self::PARTS[$this->part];
    }
}
