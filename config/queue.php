<?php

declare(strict_types=1);

/* Letters wait in a table until the worker sends them, so that no answer takes longer for one. `sync` sends them at once. */
return [
    'default' => env('QUEUE_CONNECTION', 'database'),
    'connections' => [
        'sync' => ['driver' => 'sync'],
        'database' => [
            'driver' => 'database',
            'connection' => null,
            'table' => 'letters',
            'queue' => 'default',
            'retry_after' => 90,
            'after_commit' => true,
        ],
    ],
    'failed' => ['driver' => 'null'],
];
