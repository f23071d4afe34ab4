<?php

declare(strict_types=1);

namespace App\Assembly;

use App\Models\Job;
use App\Models\Sheet;
use App\Models\StepRecord;
use App\Models\StepState;
use NeatSpindle\Core\Holding\Build\Asked;

use function array_filter;
use function array_keys;

/** What stands recorded on a job's sheets. */
readonly class Records
{
    /** @param  array<string, array<string, StepRecord>>  $bySheet  by sheet, then by step */
    private function __construct(private array $bySheet) {}

    public static function of(Job $job): self
    {
        $bySheet = [];
        foreach ($job->stepRecords as $record) {
            $bySheet[$record->sheet][$record->step] = $record;
        }

        return new self($bySheet);
    }

    /** @return array<string, StepRecord> by step */
    public function on(Sheet $sheet): array
    {
        return $this->bySheet[$sheet->value] ?? [];
    }

    public function at(Sheet $sheet, string $step): ?StepRecord
    {
        return $this->bySheet[$sheet->value][$step] ?? null;
    }

    public function isDone(Sheet $sheet, string $step): bool
    {
        return $this->at($sheet, $step)?->state === StepState::Done;
    }

    /** @return array<string, int> when each step was done, as a number that rises, by its code */
    public function done(Sheet $sheet): array
    {
        $done = array_filter($this->on($sheet), fn (StepRecord $record) => $record->state === StepState::Done);

        return array_map(fn (StepRecord $record) => $record->id, $done);
    }

    /** @return array<string, Asked> what each step that was done asked for then, by its code */
    public function asked(Sheet $sheet): array
    {
        return array_map(
            fn (StepRecord $record) => Asked::read($record->asked), array_intersect_key($this->on($sheet), $this->done($sheet)),
        );
    }

    /** @return list<string> codes of the steps that stand so */
    public function that(Sheet $sheet, StepState $state): array
    {
        return array_keys(array_filter($this->on($sheet), fn (StepRecord $record) => $record->state === $state));
    }
}
