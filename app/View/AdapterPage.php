<?php

declare(strict_types=1);

namespace App\View;

use App\Bench\JobSheet;
use App\Models\Motor;
use App\Models\Stage;
use App\View\Drawings\AdapterView;
use NeatSpindle\Core\Adapter\MadeToMeasure;

class AdapterPage extends JobPage
{
    public function __construct(JobSheet $sheet, public readonly Motor $motor)
    {
        parent::__construct($sheet);
    }

    public function stage(): Stage
    {
        return Stage::Match;
    }

    public function adapter(): ?MadeToMeasure
    {
        $job = $this->sheet->worksheet?->job;
        $motor = $job?->catalogue->motors[$this->motor->code] ?? null;

        return $job === null || $motor === null ? null : MadeToMeasure::of($job->bike->shell, $motor);
    }

    public function drawing(): ?AdapterView
    {
        $adapter = $this->adapter();

        return $adapter === null ? null : new AdapterView($adapter);
    }
}
