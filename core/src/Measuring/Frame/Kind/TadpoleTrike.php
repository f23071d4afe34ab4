<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Frame\Kind;

use NeatSpindle\Core\Measuring\Frame\BikeShape;
use NeatSpindle\Core\Measuring\Frame\Measures;
use NeatSpindle\Core\Measuring\Frame\Panel;
use NeatSpindle\Core\Measuring\Frame\Point;
use NeatSpindle\Core\Measuring\Frame\Tube;
use NeatSpindle\Core\Measuring\Frame\Wheel;

/** Two wheels in front, one behind, the crank at the end of a boom, the rider lying. */
final readonly class TadpoleTrike
{
    private const CRANK_HEIGHT = 400.0;

    private const TYPICAL = ['boom_length' => 430.0, 'wheelbase' => 1050.0, 'wheel' => 1580.0, 'front_wheel' => 1520.0, 'boom_diameter' => 50.0];

    /** @param  array<string, float>  $measured */
    public static function shape(array $measured): BikeShape
    {
        $measures = new Measures($measured, self::TYPICAL);
        $crank = new Point(0.0, 0.0);
        $ground = -self::CRANK_HEIGHT;
        $boomEnd = $crank->at(203.0, $measures->of('boom_length'));
        $front = new Point($boomEnd->x - 40.0, $ground + $measures->frontRadius());
        $rear = new Point($front->x - $measures->of('wheelbase'), $ground + $measures->rearRadius());
        $seat = new Point($front->x - 330.0, $ground + 250.0);
        $width = max(30.0, $measures->of('boom_diameter'));

        return new BikeShape(
            [
                new Wheel($rear, $measures->rearRadius(), 46.0),
                new Wheel($front->plus(36.0, 18.0), $measures->frontRadius(), 42.0, true),
                new Wheel($front, $measures->frontRadius(), 42.0),
            ],
            [
                new Tube('boom', $crank, $boomEnd, $width),
                new Tube('main', $boomEnd, $seat->plus(-40.0, -20.0), $width + 4.0, new Point($front->x - 80.0, $ground + 150.0)),
                new Tube('chainstay', $seat->plus(-40.0, -20.0), $rear, 30.0),
                new Tube('cross', $boomEnd->plus(-60.0, -60.0), $front, 30.0),
                new Tube('stem', $front->plus(-90.0, 0.0), $front->plus(-150.0, 230.0), 22.0),
            ],
            [new Panel('seat', [
                $seat->plus(170.0, 40.0), $seat->plus(180.0, 5.0), $seat->plus(-40.0, -10.0), $seat->plus(-330.0, 370.0), $seat->plus(-285.0, 385.0), $seat->plus(-10.0, 35.0),
            ])],
            $front->plus(-150.0, 230.0),
        );
    }
}
