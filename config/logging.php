<?php

declare(strict_types=1);

use Monolog\Formatter\JsonFormatter;

return [
    'default' => env('LOG_CHANNEL', 'daily'),

    'channels' => [
        /* A line of JSON for each event, with the id of the request it belongs to. */
        'single' => ['driver' => 'single', 'path' => storage_path('logs/spindle.log'), 'level' => env('LOG_LEVEL', 'debug'), 'formatter' => JsonFormatter::class],
        'daily' => ['driver' => 'daily', 'path' => storage_path('logs/spindle.log'), 'days' => 14, 'level' => env('LOG_LEVEL', 'debug'), 'formatter' => JsonFormatter::class],
        /* Letters, while .env names no mail server. */
        'mail' => ['driver' => 'daily', 'path' => storage_path('logs/mail.log'), 'days' => 14, 'level' => 'debug'],
    ],
];
