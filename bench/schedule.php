<?php

declare(strict_types=1);

/* How long a thousand jobs of twenty tasks for five people take to plan, in work that leaves gaps. */

use NeatSpindle\Core\Whole\Schedule\PlanPrinter;
use NeatSpindle\Core\Whole\Schedule\Schedule;
use NeatSpindle\Core\Whole\Schedule\ScheduleReader;

require __DIR__.'/../vendor/autoload.php';

mt_srand(9);
$week = array_fill_keys(['mon', 'tue', 'wed', 'thu', 'fri'], [['08:00', '12:00'], ['13:00', '17:30']]);
$people = array_map(fn (int $i) => ['code' => "p{$i}", 'can' => $i % 2 === 0 ? ['fit', 'wire'] : ['fit']], range(1, 5));
$jobs = array_map(fn (int $i) => ['code' => "j{$i}", 'promised' => sprintf('2027-%02d-%02d', mt_rand(1, 12), mt_rand(1, 28)), 'tasks' => array_map(fn (int $t) => [
    'code' => "t{$t}", ...(mt_rand(0, 4) === 0 ? ['wait_minutes' => mt_rand(20, 3_000)] : ['minutes' => mt_rand(5, 90)]),
    'skill' => ['fit', 'wire', null][mt_rand(0, 2)], 'after' => $t > 1 && mt_rand(0, 2) > 0 ? ['t'.mt_rand(1, $t - 1)] : [],
], range(1, 20))], range(1, 1_000));
$text = (string) json_encode(['format' => 'neat-spindle/schedule', 'version' => 1, 'from' => '2026-11-30T08:00', 'hours' => $week, 'people' => $people, 'jobs' => $jobs]);

$times = [];
for ($i = 0; $i < 5; $i++) {
    $began = hrtime(true);
    PlanPrinter::toArray(Schedule::of(ScheduleReader::fromJson($text)));
    $times[] = (hrtime(true) - $began) / 1e6;
}
sort($times);
printf("%-42s %8.0f ms\n", 'a thousand jobs of twenty tasks planned', $times[0]);
