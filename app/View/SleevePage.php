<?php

declare(strict_types=1);

namespace App\View;

use App\Bench\JobSheet;
use App\Models\Motor;
use App\Models\Stage;
use App\View\Drawings\SleeveView;
use NeatSpindle\Core\Adapter\SleeveToMeasure;
use NeatSpindle\Core\Stack\SleeveStack;

/** A sleeve made to measure for one motor in this shell. */
class SleevePage extends JobPage
{
    public function __construct(JobSheet $sheet, public readonly Motor $motor)
    {
        parent::__construct($sheet);
    }

    public function stage(): Stage
    {
        return Stage::Match;
    }

    public function sleeve(): ?SleeveToMeasure
    {
        foreach ($this->sheet->matches() as $row) {
            if ($row->motor->code === $this->motor->code && $row->recipe instanceof SleeveStack && $row->stack !== null) {
                return SleeveToMeasure::of($row->recipe, $row->stack);
            }
        }

        return null;
    }

    public function drawing(): ?SleeveView
    {
        $sleeve = $this->sleeve();

        return $sleeve === null ? null : new SleeveView($sleeve);
    }
}
