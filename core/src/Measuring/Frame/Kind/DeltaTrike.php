<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Frame\Kind;

use NeatSpindle\Core\Measuring\Frame\BikeShape;
use NeatSpindle\Core\Measuring\Frame\Measures;
use NeatSpindle\Core\Measuring\Frame\Panel;
use NeatSpindle\Core\Measuring\Frame\Point;
use NeatSpindle\Core\Measuring\Frame\Tube;
use NeatSpindle\Core\Measuring\Frame\Wheel;

/** One wheel in front, two behind, the crank ahead of the steering, a seat between the rear wheels. */
final readonly class DeltaTrike
{
    private const CRANK_HEIGHT = 430.0;

    private const TYPICAL = ['boom_length' => 300.0, 'wheelbase' => 1180.0, 'wheel' => 1900.0, 'front_wheel' => 1520.0, 'boom_diameter' => 50.0];

    /** @param  array<string, float>  $measured */
    public static function shape(array $measured): BikeShape
    {
        $measures = new Measures($measured, self::TYPICAL);
        $crank = new Point(0.0, 0.0);
        $ground = -self::CRANK_HEIGHT;
        $head = $crank->at(185.0, $measures->of('boom_length'));
        $front = new Point($head->x + 30.0, $ground + $measures->frontRadius());
        $rear = new Point($front->x - $measures->of('wheelbase'), $ground + $measures->rearRadius());
        $seat = new Point($rear->x + 420.0, $ground + 420.0);
        $width = max(30.0, $measures->of('boom_diameter'));

        return new BikeShape(
            [
                new Wheel($rear, $measures->rearRadius(), 46.0),
                new Wheel($rear->plus(34.0, 16.0), $measures->rearRadius(), 46.0, true),
                new Wheel($front, $measures->frontRadius(), 42.0),
            ],
            [
                new Tube('boom', $crank, $head, $width),
                new Tube('fork', $head, $front, 30.0),
                new Tube('main', $head, $seat->plus(0.0, -60.0), $width + 4.0, new Point($head->x - 260.0, $ground + 240.0)),
                new Tube('chainstay', $seat->plus(0.0, -60.0), $rear, 32.0),
                new Tube('stem', $head, $head->plus(-170.0, 330.0), 22.0),
            ],
            [new Panel('seat', [
                $seat->plus(180.0, 40.0), $seat->plus(190.0, 5.0), $seat->plus(-40.0, -10.0), $seat->plus(-240.0, 380.0), $seat->plus(-195.0, 395.0), $seat->plus(-10.0, 35.0),
            ])],
            $head->plus(-170.0, 330.0),
        );
    }
}
