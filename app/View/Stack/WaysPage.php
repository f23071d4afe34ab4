<?php

declare(strict_types=1);

namespace App\View\Stack;

use App\Bench\OtherWays;
use App\Models\Stage;
use App\View\Job\JobPage;
use NeatSpindle\Core\Choosing\Order\Alternative;
use NeatSpindle\Core\Ground\Measure\Rounding;
use NeatSpindle\Core\Holding\Mount\Stack;

/** What else would work, by what it costs in line, symmetry and pieces. */
class WaysPage extends JobPage
{
    public function stage(): Stage
    {
        return Stage::Stack;
    }

    public function stack(): ?Stack
    {
        return $this->opened->worksheet()?->stack;
    }

    /** @return list<Alternative> */
    public function ways(): array
    {
        return $this->opened->the(OtherWays::class)->all;
    }

    public function isAsNow(Alternative $way): bool
    {
        return $this->stack()?->spacers == $way->stack->spacers;
    }

    /** What counts as symmetry with this mount, in words. */
    public function symmetry(): string
    {
        $stack = $this->stack();

        return ($stack === null ? null : Alternative::symmetryOf($stack))?->name->label() ?? 'Cranks off centre';
    }

    public function length(?float $mm): string
    {
        return $mm === null ? '–' : $this->unit->show(Rounding::halfAway($mm));
    }
}
