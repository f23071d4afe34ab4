<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Survey;

use NeatSpindle\Core\Ground\Measure\Measurement;

/** The shell's width as it can be told with the cups still in. */
final class EarlyWidth
{
    /** Paint under the flanges, and flanges that are not equally thick, in mm. */
    private const HIDDEN = 0.5;

    /**
     * Over the cups, less both flanges; the doubts of both add up, and what the flanges hide comes on top.
     *
     * @param  Measurement  $overCups  outer face to outer face
     * @param  Measurement  $flange  thickness of one flange
     */
    public static function from(Measurement $overCups, Measurement $flange): Measurement
    {
        return Measurement::within(
            $overCups->value - 2 * $flange->value,
            $overCups->plusMinus + 2 * $flange->plusMinus + self::HIDDEN,
        );
    }
}
