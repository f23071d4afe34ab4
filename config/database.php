<?php

declare(strict_types=1);

return [
    'default' => env('DB_CONNECTION', 'mariadb'),

    'connections' => [
        'mariadb' => [
            'driver' => 'mariadb',
            'host' => env('DB_HOST', '127.0.0.1'),
            'port' => env('DB_PORT', '3306'),
            'unix_socket' => env('DB_SOCKET', ''),
            'database' => env('DB_DATABASE', 'neat_spindle'),
            'username' => env('DB_USERNAME', 'neat'),
            'password' => env('DB_PASSWORD', ''),
            'charset' => 'utf8mb4',
            'collation' => 'utf8mb4_unicode_ci',
            'prefix' => '',
            'prefix_indexes' => true,
            'strict' => true,
            'engine' => null,
            /* Statements are prepared on our side: one way to the server and back for each, not two. */
            'options' => [PDO::ATTR_EMULATE_PREPARES => true, PDO::ATTR_TIMEOUT => 5],
        ],
    ],
];
