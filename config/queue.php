<?php

return [
    'connections' => [
        'database' => [
            'driver' => 'database',
            'connection' => env('DB_QUEUE_CONNECTION'),
            'table' => env('DB_QUEUE_TABLE', 'jobs'),
            'queue' => env('DB_QUEUE', 'default'),
            // Longer than the longest job (App\Jobs\ReadyClip), or a second worker would begin what the first is at.
            'retry_after' => 4000,
            'after_commit' => false,
        ],
    ],
];
