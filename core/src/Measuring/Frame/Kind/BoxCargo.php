<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Frame\Kind;

use NeatSpindle\Core\Measuring\Frame\BikeShape;
use NeatSpindle\Core\Measuring\Frame\Measures;
use NeatSpindle\Core\Measuring\Frame\Panel;
use NeatSpindle\Core\Measuring\Frame\Point;
use NeatSpindle\Core\Measuring\Frame\Tube;
use NeatSpindle\Core\Measuring\Frame\Wheel;

/** A box between the rider and a small front wheel, steered from afar. */
final readonly class BoxCargo
{
    private const CRANK_HEIGHT = 280.0;

    private const TYPICAL = [
        'chainstay_length' => 450.0, 'seat_tube' => 480.0, 'top_tube' => 420.0, 'wheel' => 2060.0, 'front_wheel' => 1550.0, 'wheelbase' => 1980.0,
    ];

    /** @param  array<string, float>  $measured */
    public static function shape(array $measured): BikeShape
    {
        $measures = new Measures($measured, self::TYPICAL);
        $crank = new Point(0.0, 0.0);
        $rise = $measures->rearRadius() - self::CRANK_HEIGHT;
        $rear = new Point(-sqrt(max(0.0, $measures->of('chainstay_length') ** 2 - $rise ** 2)), $rise);
        $front = new Point($rear->x + $measures->of('wheelbase'), $measures->frontRadius() - self::CRANK_HEIGHT);
        $seatTop = $crank->at(108.0, $measures->of('seat_tube'));
        $headTop = $seatTop->plus($measures->of('top_tube'), 60.0);
        $headBottom = $headTop->plus(70.0, -260.0);
        $noseTop = $front->plus(-70.0, $measures->frontRadius() + 90.0);
        $boxBack = $headBottom->x + 20.0;
        $boxFront = $front->x - $measures->frontRadius() - 90.0;

        return new BikeShape(
            [new Wheel($rear, $measures->rearRadius(), 50.0), new Wheel($front, $measures->frontRadius(), 50.0)],
            [
                new Tube('chainstay', $crank, $rear, 28.0),
                new Tube('seatstay', $rear, $crank->towards($seatTop, 0.85), 18.0),
                new Tube('seat-post', $seatTop, $seatTop->at(108.0, 110.0), 18.0),
                new Tube('seat-tube', $crank, $seatTop, 32.0),
                new Tube('top-tube', $crank->towards($seatTop, 0.8), $headTop->towards($headBottom, 0.4), 34.0),
                new Tube('down-tube', $crank, $headBottom, 42.0),
                new Tube('head-tube', $headTop, $headBottom, 38.0),
                new Tube('keel', $headBottom->towards($crank, 0.35), $noseTop->plus(-40.0, -120.0), 46.0, new Point(($boxBack + $boxFront) / 2, -150.0)),
                new Tube('fork', $noseTop, $front, 30.0),
                new Tube('stem', $headTop, $headTop->plus(-40.0, 150.0), 24.0),
            ],
            [
                self::saddle($seatTop->at(108.0, 110.0)),
                new Panel('box', [
                    new Point($boxBack - 30, 360.0), new Point($boxFront + 60, 360.0), new Point($boxFront, -60.0), new Point($boxBack + 40, -60.0),
                ]),
            ],
            $headTop->plus(-40.0, 150.0),
        );
    }

    private static function saddle(Point $at): Panel
    {
        return new Panel('saddle', [$at->plus(-110, 14), $at->plus(110, 8), $at->plus(110, -6), $at->plus(-110, -10)]);
    }
}
