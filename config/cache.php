<?php

declare(strict_types=1);

// Who tried how often is counted beside what is kept, so that emptying the one forgives nobody in the other.
return [
    'limiter' => env('CACHE_LIMITER', env('CACHE_STORE', 'file')),
    'stores' => ['limits' => ['driver' => 'file', 'path' => storage_path('framework/limits')]],
];
