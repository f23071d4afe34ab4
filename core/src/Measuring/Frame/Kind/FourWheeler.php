<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Frame\Kind;

use NeatSpindle\Core\Measuring\Frame\BikeShape;
use NeatSpindle\Core\Measuring\Frame\Measures;
use NeatSpindle\Core\Measuring\Frame\Panel;
use NeatSpindle\Core\Measuring\Frame\Point;
use NeatSpindle\Core\Measuring\Frame\Tube;
use NeatSpindle\Core\Measuring\Frame\Wheel;

/** Two wheels in front, two behind, a ladder of tubes between, the crank over the front axle. */
final readonly class FourWheeler
{
    private const CRANK_HEIGHT = 410.0;

    private const TYPICAL = ['wheelbase' => 1320.0, 'wheel' => 1580.0, 'front_wheel' => 1580.0];

    /** @param  array<string, float>  $measured */
    public static function shape(array $measured): BikeShape
    {
        $measures = new Measures($measured, self::TYPICAL);
        $crank = new Point(0.0, 0.0);
        $ground = -self::CRANK_HEIGHT;
        $front = new Point(-260.0, $ground + $measures->frontRadius());
        $rear = new Point($front->x - $measures->of('wheelbase'), $ground + $measures->rearRadius());
        $seat = new Point($rear->x + 560.0, $ground + 340.0);

        return new BikeShape(
            [
                new Wheel($rear, $measures->rearRadius(), 44.0),
                new Wheel($rear->plus(34.0, 16.0), $measures->rearRadius(), 44.0, true),
                new Wheel($front->plus(34.0, 16.0), $measures->frontRadius(), 44.0, true),
                new Wheel($front, $measures->frontRadius(), 44.0),
            ],
            [
                new Tube('mast', $crank, $front->plus(40.0, 0.0), 40.0),
                new Tube('ladder', $front->plus(40.0, 0.0), $rear, 40.0),
                new Tube('upper', $front->plus(-60.0, 20.0), $seat->plus(60.0, -20.0), 30.0),
                new Tube('chainstay', $seat->plus(-60.0, -20.0), $rear, 30.0),
                new Tube('stem', $front->plus(-120.0, 60.0), $front->plus(-210.0, 380.0), 22.0),
            ],
            [new Panel('seat', [
                $seat->plus(180.0, 40.0), $seat->plus(190.0, 5.0), $seat->plus(-40.0, -10.0), $seat->plus(-260.0, 380.0), $seat->plus(-215.0, 395.0), $seat->plus(-10.0, 35.0),
            ])],
            $front->plus(-210.0, 380.0),
        );
    }
}
