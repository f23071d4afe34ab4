<?php

declare(strict_types=1);

namespace App\Console\Commands;

use NeatSpindle\Core\Whole\Exchange\JobReader;
use NeatSpindle\Core\Whole\Worksheet\Worksheet;
use NeatSpindle\Core\Whole\Worksheet\WorksheetPrinter;

class WorksheetCommand extends ReadsDocuments
{
    protected $signature = 'spindle:worksheet {file* : job documents} {--pretty : print for people}';

    protected $description = 'Print the worksheet of each job document, one line each';

    protected function answer(string $json): array
    {
        return WorksheetPrinter::toArray(Worksheet::of(JobReader::fromJson($json)));
    }
}
