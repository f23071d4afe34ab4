<?php

declare(strict_types=1);

namespace App\View\Build;

use App\Models\StepRecord;
use NeatSpindle\Core\Ground\Measure\TorqueUnit;
use NeatSpindle\Core\Holding\Build\BuildStep;
use NeatSpindle\Core\Parts\Fastening\UsualBand;

/** What a step's torque is to be, and how one that was given stands to that, as a person reads it. */
final readonly class BuildTorques
{
    public function __construct(private TorqueUnit $unit) {}

    /** The torque asked for, with its source; null when no torque is recorded here. */
    public function band(BuildStep $step): ?string
    {
        return match (true) {
            $step->fastener === null => null,
            $step->band === null => 'asked for: the band on the part’s paper',
            default => "{$this->unit->figure($step->band->torque->low)} to {$this->unit->show($step->band->torque->high)}, from {$step->band->source}",
        };
    }

    /** What such a thing is usually tightened to, where its band is asked for; null where nothing is usual. */
    public function usual(BuildStep $step): ?UsualShown
    {
        $usual = $step->fastener === null ? null : UsualBand::of($step->fastener);

        return $usual === null ? null : new UsualShown(
            "{$this->unit->figure($usual->torque->low)} to {$this->unit->figure($usual->torque->high)}", $usual->source,
        );
    }

    /** What a recorded torque is against the band asked for: below, within or above; null when there is nothing to compare. */
    public function place(BuildStep $step, ?StepRecord $record): ?string
    {
        return $record?->torque_nm === null ? null : $step->band?->torque->place($record->torque_nm);
    }

    /** What the thread itself bears, in words; null where there is nothing to say. */
    public function limit(BuildStep $step): ?string
    {
        return match (true) {
            $step->band === null => null,
            $step->band->limit === null => 'nobody has said',
            default => $this->unit->show($step->band->limit),
        };
    }
}
