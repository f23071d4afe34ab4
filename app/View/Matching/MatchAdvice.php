<?php

declare(strict_types=1);

namespace App\View\Matching;

use App\Bench\OpenJob;
use NeatSpindle\Core\Choosing\Fit\Cause;
use NeatSpindle\Core\Choosing\Fit\MotorMatch;
use NeatSpindle\Core\Ground\Measure\LengthUnit;
use NeatSpindle\Core\Holding\Mount\Reach;
use NeatSpindle\Core\Sums\Line\LineVerdict;
use NeatSpindle\Core\Sums\Margin\MarginName;

/** Why a motor does not go, and what would help. */
class MatchAdvice
{
    public function __construct(private readonly OpenJob $open, private readonly LengthUnit $unit) {}

    /** Whether the workshop's socket reaches its nut; null where that is no question, or not known. */
    public function reach(MotorMatch $row): ?Reach
    {
        $socket = $this->open->catalogue->parts->nutSocket;

        return $socket === null || $row->stack === null ? null : $row->recipe?->reach($row->stack, $socket);
    }

    /** What drives it, where it does not go; null where nothing is known of it. */
    public function cause(MotorMatch $row): ?CauseWords
    {
        $cause = Cause::of($row);

        return $cause === null ? null : new CauseWords($cause, $this->unit);
    }

    /** What the guide under the shell becomes is to be decided before it goes. */
    public function isForTheGuide(MotorMatch $row): bool
    {
        return $row->stack?->limitedBy() === MarginName::GuideClearance;
    }

    /** The shell is known, and nothing in the catalogue makes it take this motor. */
    public function needsInsert(MotorMatch $row): bool
    {
        return $row->stack === null && $this->open->identification()?->identified !== null;
    }

    /** Whether the chain would run too far off its line, as it is mostly ridden, however clear the stack is. */
    public function isOffLine(MotorMatch $row): bool
    {
        $rear = $this->open->bike()?->rear;

        return $rear !== null && $row->weightedOffset !== null && LineVerdict::ofOffset($rear, $row->weightedOffset) === LineVerdict::Avoid;
    }
}
