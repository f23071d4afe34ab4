<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Frame;

use NeatSpindle\Core\Route\Edge;
use NeatSpindle\Core\Survey\Spot;

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
    private const NEEDS = [Spot::BarToHead, Spot::DownTube, Spot::ChainstayLength];

    /**
     * @param  array<string, float>  $measured by the spot's code
     * @return list<Spot> what is still to be measured
     */
    public static function missing(array $measured): array
    {
        return array_values(array_filter(self::NEEDS, fn (Spot $spot) => ! isset($measured[$spot->value])));
    }

    /**
     * @param  array<string, float>  $measures by the spot's code, with all that is needed
     * @return list<Edge>
     */
    public static function edges(array $measures): array
    {
        $toBattery = $measures[Spot::DownTube->value] * self::BATTERY_PLUG_AT;
        $alongStay = $measures[Spot::ChainstayLength->value] * self::SENSOR_AT;

        return [
            new Edge('bar', 'head', $measures[Spot::BarToHead->value], ['steering']),
            new Edge('head', 'battery', $toBattery),
            new Edge('battery', 'down-low', max(0.0, $measures[Spot::DownTube->value] - $toBattery - self::ABOVE_SHELL)),
            new Edge('down-low', 'motor', self::ABOVE_SHELL, ['pinch']),
            new Edge('down-low', 'motor-top', self::AROUND_THE_SHELL),
            new Edge('motor-top', 'motor', self::OVER_THE_BODY),
            new Edge('motor-top', 'stay', $alongStay),
            new Edge('motor-top', 'stay-in', $alongStay - 20.0, ['inside_wheel']),
            new Edge('stay-in', 'stay', 10.0, ['inside_wheel']),
        ];
    }
}
