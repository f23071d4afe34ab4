<?php

declare(strict_types=1);

// Nothing is served from a file: the framework's own door to its disk stays shut. What a person is asked about lies there for a day; pictures stay.
return [
    'disks' => [
        'local' => ['driver' => 'local', 'root' => env('PRIVATE_FILES', storage_path('app/private')), 'serve' => false],
    ],
];
