<?php

namespace App\Http;

use RuntimeException;

/** A refusal with its cure, sent as a problem document (RFC 9457). */
class Problem extends RuntimeException
{
    /** @param  array<string, mixed>  $more members besides title, status and detail */
    public function __construct(
        public readonly int $status,
        public readonly string $title,
        string $detail,
        public readonly array $more = [],
    ) {
        parent::__construct($detail);
    }

    /** A save based on an older version; both versions go back so that nothing is lost. */
    public static function stale(int $current, mixed $theirs, mixed $yours): self
    {
        return new self(
            412,
            'Somebody saved before you',
            "The saved version is $current now. Look at both and save again on version $current.",
            ['currentVersion' => $current, 'theirs' => $theirs, 'yours' => $yours],
        );
    }

    public static function unversioned(): self
    {
        return new self(
            428,
            'Say which version you changed',
            'Send the version you started from in If-Match, for example If-Match: "3".',
        );
    }

    public static function gone(string $detail): self
    {
        return new self(404, 'No longer there', $detail);
    }

    public static function content(string $pointer, string $detail): self
    {
        return new self(422, 'This cannot be right', $detail, ['pointer' => $pointer]);
    }
}
