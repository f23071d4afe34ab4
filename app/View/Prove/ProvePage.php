<?php

declare(strict_types=1);

namespace App\View\Prove;

use App\Bench\OpenJob;
use App\Bench\Proving;
use App\Instruments\Display;
use App\Models\Sheet;
use App\Models\Stage;
use App\View\Job\InOneGo;
use App\View\Job\StepsPage;
use App\View\Job\WhereToPutRight;
use NeatSpindle\Core\Holding\Build\Asked;
use NeatSpindle\Core\Whole\Prove\Cause;
use NeatSpindle\Core\Whole\Prove\Check;
use NeatSpindle\Core\Whole\Prove\LineLook;
use NeatSpindle\Core\Whole\Prove\ProvePlan;

use function array_slice;

/** The checks before a bike leaves, one of them at hand. */
class ProvePage extends StepsPage
{
    public readonly ProvePlan $plan;

    public function __construct(OpenJob $opened, mixed $step = null)
    {
        parent::__construct($opened, Sheet::Prove, $step);
        $this->plan = $opened->the(Proving::class)->plan;
    }

    public function stage(): Stage
    {
        return Stage::Prove;
    }

    /** @return array<string, list<Check>> */
    public function chapters(): array
    {
        $chapters = [];
        foreach ($this->plan->checks as $check) {
            $chapters[$check->chapter][] = $check;
        }

        return $chapters;
    }

    public function current(): ?Check
    {
        return $this->plan->check((string) $this->currentCode());
    }

    public function inOneGo(): array
    {
        $check = $this->current();

        return $check === null || $this->isDone($check->code) ? [] : array_map(
            InOneGo::proved(...), array_slice($this->opened->the(Proving::class)->movement($check), 1),
        );
    }

    public function isDone(string $code): bool
    {
        $check = $this->plan->check($code);

        return $check !== null && $this->opened->the(Proving::class)->isRight($check);
    }

    /** Why one that was right is open again, in words; null where it is not. */
    public function reopenedFor(string $code): ?string
    {
        $record = $this->record($code);
        $check = $this->plan->check($code);
        if ($record === null || $check === null || $this->isDone($code) || ! parent::isDone($code)) {
            return null;
        }
        $differs = implode(
            '; ', Asked::read($record->asked)->differsFrom($check->asked(), $this->torqueUnit, $this->opened->catalogue->parts->names()),
        );

        return match (true) {
            $differs !== '' => ucfirst($differs).'.',
            $check->lacks($record->figure) !== null => "{$record->figure} {$check->figure?->unit} was read, and {$check->figure?->band()} is expected now.",
            default => 'Something it rests on was undone, done again or chosen otherwise since.',
        };
    }

    public function isHeldBack(string $code): bool
    {
        return $this->heldBackBy($code) !== null;
    }

    /** Why a check may not be made now; null when it may. */
    public function heldBackBy(string $code): ?string
    {
        $check = $this->plan->check($code);

        return $check === null ? null : $this->opened->the(Proving::class)->holdOn($check)?->says;
    }

    /** Where that which holds a check is put right; null where nothing does. */
    public function putRight(Check $check): ?WhereToPutRight
    {
        $hold = $this->opened->the(Proving::class)->holdOn($check);

        return $hold === null ? null : WhereToPutRight::of($this->job, $hold->at, $hold->step);
    }

    /** The step of the build that cures a cause; null where this bike's sheet has none. */
    public function cure(Cause $cause): ?string
    {
        return $this->opened->the(Proving::class)->cure($cause)?->code;
    }

    /** Whether the motor's line is plugged in and has something to say about a check. */
    public function isOnTheLine(Check $check): bool
    {
        return LineLook::knows($check) && app(Display::class)->isPlugged();
    }

    /** Whether the line is one that ships with the application, to be played. */
    public function isSimulated(): bool
    {
        return (bool) config('instruments.play');
    }

    protected function codes(): array
    {
        return array_map(fn (Check $check) => $check->code, $this->plan->checks);
    }
}
