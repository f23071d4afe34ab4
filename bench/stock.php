<?php

declare(strict_types=1);

/*
 * What takes seconds, once: an order over all open jobs, what the drawer should hold, a whole workshop as an archive.
 *   php -d variables_order=EGPCS bench/stock.php
 */

use App\Documents\Archive\ArchiveWriter;
use App\Models\User;
use App\Models\Workshop;
use App\Ordering\DrawerShould;
use App\Ordering\ToOrder;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Cache;

require __DIR__.'/../vendor/autoload.php';
/** @var Application $app */
$app = require __DIR__.'/../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

$owner = User::query()->where('role', 'owner')->firstOrFail();
Auth::setUser($owner);
$workshop = Workshop::query()->firstOrFail();
$id = $workshop->getKey();
$file = (string) tempnam(sys_get_temp_dir(), 'archive');
$measured = [
    'an order over all open jobs, the first time' => fn () => ToOrder::of($workshop),
    'the same again' => fn () => ToOrder::of($workshop),
    'what the drawer should hold' => fn () => (new DrawerShould($workshop, 95))->workOut(),
    'the workshop as an archive' => fn () => ArchiveWriter::write(is_int($id) ? $id : 0, $file),
];
Cache::clear();
foreach ($measured as $name => $work) {
    $from = hrtime(true);
    $work();
    printf("%-60s %8.0f ms\n", $name, (hrtime(true) - $from) / 1e6);
}
printf("%-60s %8.0f kB\n", 'its size', filesize($file) / 1000);
unlink($file);
