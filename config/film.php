<?php

return [
    /* Largest film that may be sent, megabytes; it comes in parts of a few. */
    'most_mb' => (int) env('FILM_MOST_MB', 4096),

    /* Where clips are kept, under storage/app. */
    'folder' => 'film',
];
