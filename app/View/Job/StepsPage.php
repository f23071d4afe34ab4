<?php

declare(strict_types=1);

namespace App\View\Job;

use App\Bench\OpenJob;
use App\Models\Sheet;
use App\Models\StepRecord;
use App\Models\StepState;

use function count;
use function in_array;
use function is_string;

/** A place of a job that is a list of steps, one of them at hand. */
abstract class StepsPage extends JobPage
{
    /** @var array<string, StepRecord> */
    public readonly array $records;

    public function __construct(OpenJob $opened, Sheet $sheet, private readonly mixed $asked)
    {
        parent::__construct($opened);
        $opened->job->stepRecords->loadMissing('user');
        $this->records = $opened->records->on($sheet);
    }

    /** @return list<string> codes in order */
    abstract protected function codes(): array;

    /** @return list<InOneGo> what is done in one movement with the step at hand */
    abstract public function inOneGo(): array;

    /** The step at hand: the one asked for, else the first that can be done, else the first that is not, else the last. */
    public function currentCode(): ?string
    {
        $codes = $this->codes();
        if (is_string($this->asked) && in_array($this->asked, $codes, true)) {
            return $this->asked;
        }
        $open = array_filter($codes, fn (string $code) => ! $this->isDone($code));
        $free = array_filter($open, fn (string $code) => ! $this->isStopped($code) && ! $this->isHeldBack($code));

        return reset($free) ?: reset($open) ?: end($codes) ?: null;
    }

    public function numberOf(string $code): int
    {
        return (int) array_search($code, $this->codes(), true) + 1;
    }

    public function count(): int
    {
        return count($this->codes());
    }

    public function doneCount(): int
    {
        return count(array_filter($this->codes(), $this->isDone(...)));
    }

    public function record(string $code): ?StepRecord
    {
        return $this->records[$code] ?? null;
    }

    public function isDone(string $code): bool
    {
        return $this->record($code)?->state === StepState::Done;
    }

    public function isStopped(string $code): bool
    {
        return $this->record($code)?->state === StepState::Stopped;
    }

    public function isHeldBack(string $code): bool
    {
        return false;
    }
}
