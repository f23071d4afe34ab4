<?php

declare(strict_types=1);

use NeatSpindle\Core\Whole\Exchange\JobReader;
use NeatSpindle\Core\Whole\Job\Job;
use NeatSpindle\Core\Whole\Worksheet\Worksheet;
use NeatSpindle\Core\Whole\Worksheet\WorksheetPrinter;

/*
 * How many worksheets the core does in a second, in one process, over the worked cases:
 * from the text of a document to the printed line, and from a document already read.
 */

require __DIR__.'/../vendor/autoload.php';

const SECONDS = 2.0;
const ROUNDS = 3;

/**
 * The best of some rounds, in calls a second.
 *
 * @template T
 *
 * @param  callable(T): mixed  $do
 * @param  list<T>  $over
 */
function perSecond(callable $do, array $over): float
{
    $best = 0.0;
    for ($round = 0; $round < ROUNDS; $round++) {
        $count = 0;
        $start = hrtime(true);
        do {
            foreach ($over as $one) {
                $do($one);
                $count++;
            }
            $seconds = (hrtime(true) - $start) / 1e9;
        } while ($seconds < SECONDS);
        $best = max($best, $count / $seconds);
    }

    return $best;
}

$texts = array_map(fn (string $file) => (string) file_get_contents($file), glob(__DIR__.'/../core/tests/cases/*.job.json') ?: []);
$jobs = array_map(JobReader::fromJson(...), $texts);
$print = fn (Job $job) => json_encode(WorksheetPrinter::toArray(Worksheet::of($job)), JSON_THROW_ON_ERROR);

printf("%-42s %8.0f a second\n", 'worksheets, from text to printed line', perSecond(fn (string $text) => $print(JobReader::fromJson($text)), $texts));
printf("%-42s %8.0f a second\n", 'worksheets, document already read', perSecond($print, $jobs));
printf("%-42s %8.0f a second\n", 'documents read', perSecond(JobReader::fromJson(...), $texts));
