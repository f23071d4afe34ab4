<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Stage;
use NeatSpindle\Core\Measure\Rounding;
use NeatSpindle\Core\Order\Alternative;
use NeatSpindle\Core\Stack\Stack;

/** What else would work, by what it costs in line, symmetry and pieces. */
class WaysPage extends JobPage
{
    public function stage(): Stage
    {
        return Stage::Stack;
    }

    public function stack(): ?Stack
    {
        return $this->sheet->chosenWorksheet()?->stack;
    }

    /** @return list<Alternative> */
    public function ways(): array
    {
        return $this->sheet->alternatives();
    }

    public function isAsNow(Alternative $way): bool
    {
        return $this->stack()?->spacers == $way->stack->spacers;
    }

    public function length(?float $mm): string
    {
        return $mm === null ? '–' : $this->unit->show(Rounding::halfAway($mm));
    }
}
