<?php

declare(strict_types=1);

/* One person of several at work in the same stockroom, each in a process of their own: php in-the-stockroom.php <user> <seed> <times> */

require dirname(__DIR__, 2).'/vendor/autoload.php';
$app = require dirname(__DIR__, 2).'/bootstrap/app.php';
$app->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();
try {
    echo json_encode(Tests\Support\Stockroom::work((int) $argv[1], (int) $argv[2], (int) $argv[3]));
} catch (Throwable $e) {
    fwrite(STDERR, $e->getMessage().PHP_EOL.$e->getTraceAsString());
    exit(1);
}
