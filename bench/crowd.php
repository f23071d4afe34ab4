<?php

declare(strict_types=1);

/*
 * Bench and calendar of a crowded workshop: the demo's open jobs again and again, until there are so many.
 *   php -d variables_order=EGPCS bench/crowd.php http://127.0.0.1:PORT
 */

use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Support\Facades\DB;

require __DIR__.'/Visitor.php';
require __DIR__.'/../vendor/autoload.php';
/** @var Application $app */
$app = require __DIR__.'/../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

$open = DB::table('jobs')->whereNull('ended_at')->whereNull('handed_over_at')->get();
$visitor = new Visitor(($argv[1] ?? '') ?: 'http://127.0.0.1:8180');
$visitor->signIn();
foreach ([60, 300] as $crowd) {
    $last = DB::table('jobs')->max('number');
    $number = is_numeric($last) ? (int) $last : 0;
    $missing = $crowd - DB::table('jobs')->whereNull('ended_at')->whereNull('handed_over_at')->count();
    for ($i = 0; $i < $missing; $i++) {
        $one = (array) $open[$i % count($open)];
        DB::table('jobs')->insert(['id' => null, 'number' => ++$number, 'promised_on' => now()->addDays($i % 40)->format('Y-m-d')] + $one);
    }
    $medians = $visitor->medians([
        'bare' => '/bare',
        'Bench' => '/',
        'Calendar' => '/calendar',
        'a day of it' => '/calendar?day='.now()->addWeekday()->format('Y-m-d'),
    ]);
    foreach ($medians as $name => $ms) {
        printf("%-42s %8.1f ms %6.2f\n", "{$name}, {$crowd} open jobs", $ms, $ms / $medians['bare']);
    }
}
