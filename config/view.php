<?php

declare(strict_types=1);

return [
    'paths' => [resource_path('views')],
    'compiled' => env('VIEW_COMPILED_PATH', storage_path('framework/views')),
    /* In production all are made once, when a new version is put there. */
    'check_cache_timestamps' => env('APP_ENV') !== 'production',
];
