<?php

declare(strict_types=1);

namespace App\View;

use App\Bench\JobSheet;
use App\Models\Stage;
use App\Models\StepRecord;
use App\View\Drawings\TurnView;
use NeatSpindle\Core\Sheet\BuildSheet;
use NeatSpindle\Core\Sheet\Compound;
use NeatSpindle\Core\Sheet\SheetStep;

use function count;

class BuildPage extends JobPage
{
    public readonly ?BuildSheet $build;

    /** @var array<string, StepRecord> */
    public readonly array $records;

    /** @var array<string, string> the stopped step by the code of the one that waits for it */
    public readonly array $heldBack;

    public function __construct(JobSheet $sheet)
    {
        parent::__construct($sheet);
        $this->build = $sheet->buildSheet();
        $sheet->job->stepRecords->loadMissing('user');
        $this->records = $sheet->records('build');
        $stopped = array_keys(array_filter($this->records, fn (StepRecord $record) => $record->state === StepRecord::STOPPED));
        $this->heldBack = $this->build?->heldBack($stopped) ?? [];
    }

    public function stage(): Stage
    {
        return Stage::Build;
    }

    /** @return array<string, list<SheetStep>> */
    public function chapters(): array
    {
        $chapters = [];
        foreach ($this->build->steps ?? [] as $step) {
            $chapters[$step->chapter][] = $step;
        }

        return $chapters;
    }

    public function record(SheetStep $step): ?StepRecord
    {
        return $this->records[$step->code] ?? null;
    }

    public function isDone(SheetStep $step): bool
    {
        return $this->record($step)?->state === StepRecord::DONE;
    }

    public function current(): ?SheetStep
    {
        foreach ($this->build->steps ?? [] as $step) {
            if (! $this->isDone($step) && ! isset($this->heldBack[$step->code]) && $this->record($step)?->state !== StepRecord::STOPPED) {
                return $step;
            }
        }

        return null;
    }

    public function doneCount(): int
    {
        return count(array_filter($this->build->steps ?? [], $this->isDone(...)));
    }

    public function heldBackBy(SheetStep $step): ?string
    {
        $code = $this->heldBack[$step->code] ?? null;

        return $code === null ? null : $this->build?->step($code)?->title;
    }

    /** The torque asked for, with its source; null when no torque is recorded here. */
    public function band(SheetStep $step): ?string
    {
        return match (true) {
            ! $step->recordsTorque => null,
            $step->torque === null => 'by the part maker’s sheet',
            default => "{$this->torqueUnit->figure($step->torque->low)} to {$this->torqueUnit->show($step->torque->high)}, from the catalogue",
        };
    }

    /** What a recorded torque is against the band asked for: below, within or above; null when there is nothing to compare. */
    public function torquePlace(SheetStep $step): ?string
    {
        $torque = $this->record($step)?->torque_nm;

        return $torque === null ? null : $step->torque?->place($torque);
    }

    public function turnOf(SheetStep $step): ?TurnView
    {
        return $step->turn === null ? null : new TurnView($step->turn);
    }

    /** @return list<Compound> */
    public function compounds(): array
    {
        return Compound::cases();
    }
}
