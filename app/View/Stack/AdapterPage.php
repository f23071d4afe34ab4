<?php

declare(strict_types=1);

namespace App\View\Stack;

use App\Bench\OpenJob;
use App\Models\Motor;
use App\Models\Stage;
use App\View\Drawings\AdapterView;
use App\View\Job\JobPage;
use NeatSpindle\Core\Sums\Adapter\InsertToMeasure;

class AdapterPage extends JobPage
{
    public function __construct(OpenJob $opened, public readonly Motor $motor)
    {
        parent::__construct($opened);
    }

    public function stage(): Stage
    {
        return Stage::Match;
    }

    public function adapter(): ?InsertToMeasure
    {
        $bike = $this->opened->bike();

        return $bike === null ? null : $this->opened->catalogue->motor($this->motor->id)?->part->held->insertFor($bike->shell);
    }

    public function drawing(): ?AdapterView
    {
        $adapter = $this->adapter();

        return $adapter === null ? null : new AdapterView($adapter);
    }
}
