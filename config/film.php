<?php

return [
    /* Largest film a browser may upload, megabytes. */
    'most_mb' => (int) env('FILM_MOST_MB', 200),

    /* Where clips are kept, under storage/app. */
    'folder' => 'film',
];
