<?php

declare(strict_types=1);

namespace App\Console\Commands;

use NeatSpindle\Core\Whole\Schedule\PlanPrinter;
use NeatSpindle\Core\Whole\Schedule\Schedule;
use NeatSpindle\Core\Whole\Schedule\ScheduleReader;

class ScheduleCommand extends ReadsDocuments
{
    protected $signature = 'spindle:schedule {file* : schedule documents} {--pretty : print for people}';

    protected $description = 'Print the answer to each schedule document, one line each: who does what when';

    protected function answer(string $json): array
    {
        return PlanPrinter::toArray(Schedule::of(ScheduleReader::fromJson($json)));
    }
}
