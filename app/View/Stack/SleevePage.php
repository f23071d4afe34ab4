<?php

declare(strict_types=1);

namespace App\View\Stack;

use App\Bench\OpenJob;
use App\Models\Motor;
use App\Models\Stage;
use App\View\Drawings\SleeveView;
use App\View\Job\JobPage;
use NeatSpindle\Core\Sums\Adapter\SleeveToMeasure;

/** A sleeve made to measure for one motor in this shell. */
class SleevePage extends JobPage
{
    public function __construct(OpenJob $opened, public readonly Motor $motor)
    {
        parent::__construct($opened);
    }

    public function stage(): Stage
    {
        return Stage::Match;
    }

    public function sleeve(): ?SleeveToMeasure
    {
        foreach ($this->opened->matches() as $row) {
            if ($row->motor->code === $this->motor->code && $row->stack !== null) {
                return $row->recipe?->madeSleeve($row->stack);
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
