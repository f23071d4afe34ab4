<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Sheet;
use NeatSpindle\Core\Ground\Turn\Side;
use NeatSpindle\Core\Measuring\Strip\StripPlan;
use NeatSpindle\Core\Measuring\Strip\StripStep;
use NeatSpindle\Core\Measuring\Survey\Spot;

/** How far a bike is taken apart. */
class StripProgress
{
    /** The step of every build with which the motor is in: nothing is taken off behind it any more. */
    private const BODY_IN = 'body-in';

    /** The first step that is not done; null when all are, or the motor is in already. */
    public static function next(OpenJob $open): ?StripStep
    {
        if ($open->records->isDone(Sheet::Build, self::BODY_IN)) {
            return null;
        }
        foreach ($open->stripPlan()->steps as $step) {
            if (! $open->records->isDone(Sheet::Strip, $step->code)) {
                return $step;
            }
        }

        return null;
    }

    /** Whether the frame's own bracket can still be said to stay: the motor hangs beside one, and nothing of it came off. */
    public static function canBracketStay(OpenJob $open): bool
    {
        return $open->mount()?->canKeepTheBracket() === true && array_filter(
            StripPlan::sparedByABracketThatStays(), fn (string $code) => $open->records->isDone(Sheet::Strip, $code),
        ) === [];
    }

    /** Whether all that has to be off is off, and the shell's width known as well as it will be. */
    public static function isBare(OpenJob $open): bool
    {
        return $open->findings->fitted()->bracketStays() ? self::isDone($open) : ! $open->findings->isWidthEarly();
    }

    /** @return list<Side> the sides on which a cup of the frame's bracket is still in the shell */
    public static function cupsStillIn(OpenJob $open): array
    {
        $isOut = fn (string $step): bool => $open->records->isDone(Sheet::Strip, $step) || ($open->findings->has(Spot::ShellWidth) && ! $open->findings->fitted()->bracketStays());

        return array_values(array_filter([$isOut('cup-drive') ? null : Side::Drive, $isOut('cup-left') ? null : Side::NonDrive]));
    }

    public static function isDone(OpenJob $open): bool
    {
        return self::next($open) === null;
    }
}
