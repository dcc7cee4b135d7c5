<?php

namespace App\Film\Files;

use RuntimeException;

/** A file that cannot be used as film, with the reason. */
class NotAFilm extends RuntimeException
{
    public function cure(): string
    {
        return "{$this->getMessage()} Send an MP4 (H.264) or WebM file, or any film the server can convert.";
    }
}
