<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Frame;

use NeatSpindle\Core\Route\Stretch;

/** The ways a run can take on a diamond hardtail, with lengths that follow from its measures. In mm. */
final class FrameRouting
{
    /** The battery's plug, as a share of the down tube from the head. */
    public const BATTERY_PLUG_AT = 0.55;

    /** The speed sensor, as a share of the chainstay from the shell. */
    public const SENSOR_AT = 0.6;

    private const ABOVE_SHELL = 60.0;

    private const AROUND_THE_SHELL = 110.0;

    private const OVER_THE_BODY = 40.0;

    /** What must be measured before any run has a length. */
    public const NEEDS = ['bar_to_head', 'down_tube', 'chainstay_length'];

    /**
     * @param  array<string, float>  $measures by the spot's code, with all that is needed
     * @return list<Stretch>
     */
    public static function stretches(array $measures): array
    {
        $toBattery = $measures['down_tube'] * self::BATTERY_PLUG_AT;
        $alongStay = $measures['chainstay_length'] * self::SENSOR_AT;

        return [
            new Stretch('bar', 'head', $measures['bar_to_head'], ['steering']),
            new Stretch('head', 'battery', $toBattery),
            new Stretch('battery', 'down-low', max(0.0, $measures['down_tube'] - $toBattery - self::ABOVE_SHELL)),
            new Stretch('down-low', 'motor', self::ABOVE_SHELL, ['pinch']),
            new Stretch('down-low', 'motor-top', self::AROUND_THE_SHELL),
            new Stretch('motor-top', 'motor', self::OVER_THE_BODY),
            new Stretch('motor-top', 'stay', $alongStay),
            new Stretch('motor-top', 'stay-in', $alongStay - 20.0, ['inside_wheel']),
            new Stretch('stay-in', 'stay', 10.0, ['inside_wheel']),
        ];
    }
}
