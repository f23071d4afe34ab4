<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Sheet;
use NeatSpindle\Core\Measuring\Strip\StripStep;

/** How far a bike is taken apart. */
class StripProgress
{
    /** The first step that is not done; null when all are. */
    public static function next(OpenJob $open): ?StripStep
    {
        foreach ($open->stripPlan()->steps as $step) {
            if (! $open->records->isDone(Sheet::Strip, $step->code)) {
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
