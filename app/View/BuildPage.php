<?php

declare(strict_types=1);

namespace App\View;

use App\Bench\JobSheet;
use App\Models\Stage;
use App\View\Drawings\TurnView;
use NeatSpindle\Core\Sheet\BuildSheet;
use NeatSpindle\Core\Sheet\Compound;
use NeatSpindle\Core\Sheet\SheetStep;

class BuildPage extends StepsPage
{
    public readonly ?BuildSheet $build;

    /** @var array<string, string> the stopped step by the code of the one that waits for it */
    private readonly array $heldBack;

    public function __construct(JobSheet $sheet, mixed $step = null)
    {
        parent::__construct($sheet, 'build', $step);
        $this->build = $sheet->buildSheet();
        $this->heldBack = $this->build?->heldBack(array_values(array_filter($this->codes(), $this->isStopped(...)))) ?? [];
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

    public function current(): ?SheetStep
    {
        return $this->build?->step((string) $this->currentCode());
    }

    public function isHeldBack(string $code): bool
    {
        return isset($this->heldBack[$code]);
    }

    /** The title of the stopped step that this one waits for. */
    public function heldBackBy(string $code): ?string
    {
        return isset($this->heldBack[$code]) ? $this->build?->step($this->heldBack[$code])?->title : null;
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
        $torque = $this->record($step->code)?->torque_nm;

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

    protected function codes(): array
    {
        return array_map(fn (SheetStep $step) => $step->code, $this->build->steps ?? []);
    }
}
