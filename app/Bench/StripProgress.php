<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\StepState;
use NeatSpindle\Core\Strip\StripStep;

/** How far a bike is taken apart. */
class StripProgress
{
    /** The first step that is not done; null when all are. */
    public static function next(OpenJob $open): ?StripStep
    {
        $records = $open->job->records('strip');
        foreach ($open->stripPlan()->steps as $step) {
            if (($records[$step->code]->state ?? null) !== StepState::Done) {
                return $step;
            }
        }

        return null;
    }

    public static function isDone(OpenJob $open): bool
    {
        return self::next($open) === null;
    }
}
