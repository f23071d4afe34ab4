<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Ring;
use App\Models\Stage;
use App\View\Drawings\LineView;
use Illuminate\Support\Collection;
use NeatSpindle\Core\Line\Chain;
use NeatSpindle\Core\Line\Chainline;

class LinePage extends JobPage
{
    public function stage(): Stage
    {
        return Stage::Line;
    }

    public function chainline(): ?Chainline
    {
        return $this->sheet->chosenWorksheet()?->chainline;
    }

    public function chain(): ?Chain
    {
        return $this->sheet->chosenWorksheet()?->chain;
    }

    public function drawing(): ?LineView
    {
        $worksheet = $this->sheet->chosenWorksheet();

        return $worksheet?->chainline === null
            ? null
            : new LineView($worksheet->chainline, $worksheet->job->bike->rear->chainstayLength->value);
    }

    /** @return Collection<int, Ring> */
    public function rings(): Collection
    {
        return $this->sheet->catalogue->rings;
    }
}
