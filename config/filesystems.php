<?php

declare(strict_types=1);

// Nothing is kept as a file and nothing is served from one: the framework's own doors to its disk stay shut.
return [
    'disks' => [
        'local' => ['driver' => 'local', 'root' => storage_path('app/private'), 'serve' => false],
    ],
];
