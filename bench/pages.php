<?php

declare(strict_types=1);

/*
 * Median time of each page of a demo served on loopback, one request at a time, and how many times that of a bare page
 * of the framework it is. The pages are asked for in turn, so that a machine that slows down slows all of them.
 *   php bench/pages.php http://127.0.0.1:PORT
 */

require __DIR__.'/Visitor.php';

$visitor = new Visitor(($argv[1] ?? '') ?: 'http://127.0.0.1:8180');
$visitor->signIn();
$pages = [
    'a bare page of the framework' => '/bare',
    'Bench' => '/',
    'Take a bike in' => '/jobs/new',
    'Calendar' => '/calendar',
    'Measured here' => '/parts',
    'Survey' => '/jobs/2/survey?spot=shell_width',
    'Condition' => '/jobs/2/condition',
    'Strip' => '/jobs/7/strip',
    'Match' => '/jobs/3/match',
    'Stack' => '/jobs/2/stack',
    'Stack, other ways' => '/jobs/8/stack/ways',
    'Stack, what to get' => '/jobs/2/stack/order',
    'Stack, nut and rest' => '/jobs/2/stack/rest',
    'Line' => '/jobs/2/line',
    'Gears' => '/jobs/2/line/gears',
    'Hills, a road of 18 km' => '/jobs/2/line/hills',
    'Route' => '/jobs/2/route',
    'Cockpit' => '/jobs/1/route/cockpit',
    'Sensors' => '/jobs/1/route/sensors',
    'Battery' => '/jobs/1/route/battery',
    'Build' => '/jobs/2/build',
    'Sheet for paper' => '/jobs/2/build/print',
    'Prove' => '/jobs/1/prove',
    'Hand over' => '/jobs/17/prove/hand-over',
    'Come back' => '/jobs/17/prove/come-back',
    'House rules' => '/house?job=241',
    'Rules of a job' => '/jobs/1/build/house',
    'Motor’s line, once' => '/jobs/1/prove/live?step=brake-left',
    'Logbook, the likest first' => '/logbook?like=2',
    'Drawer' => '/drawer',
    'Missing for all open jobs' => '/drawer/missing',
    'Catalogue' => '/catalogue',
];
$medians = $visitor->medians($pages);
$bare = $medians['a bare page of the framework'];
foreach ($medians as $name => $ms) {
    printf("%-42s %8.1f ms %6.2f\n", $name, $ms, $ms / $bare);
}
$ofAJob = array_filter($medians, fn (string $name) => preg_match('#^/jobs/\d+/(?!build/print)#', $pages[$name]) === 1, ARRAY_FILTER_USE_KEY);
printf("%-42s %18.2f, at most %.2f\n", 'a job’s places, median', Visitor::median(array_values($ofAJob)) / $bare, max([0.0, ...array_values($ofAJob)]) / $bare);
$kept = [
    'a spacer put in' => $visitor->medianSpacer('/jobs/2'),
    'a reading kept' => $visitor->medianReading('/jobs/14', 'shell_width'),
    'a step of the build ticked' => $visitor->medianTick('/jobs/2/build', 'safe'),
    'a step of the strip ticked' => $visitor->medianTick('/jobs/2/strip', 'power'),
];
foreach ($kept as $name => [$ms, $beside]) {
    printf("%-42s %8.1f ms %6.2f\n", $name, $ms, $ms / $beside);
}
