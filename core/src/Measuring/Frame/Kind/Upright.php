<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Frame\Kind;

use NeatSpindle\Core\Donor\Bike\BikeKind;
use NeatSpindle\Core\Measuring\Frame\BikeShape;
use NeatSpindle\Core\Measuring\Frame\Measures;
use NeatSpindle\Core\Measuring\Frame\Panel;
use NeatSpindle\Core\Measuring\Frame\Point;
use NeatSpindle\Core\Measuring\Frame\Tube;
use NeatSpindle\Core\Measuring\Frame\Wheel;

/** Bikes with a saddle over the crank, a head tube in front and two wheels in line: how their kinds differ in a side view. */
final readonly class Upright
{
    /** How high above the ground the crank axis is, which says how high the axles stand above it. In mm. */
    private const CRANK_HEIGHT = 285.0;

    private const SEAT_ANGLE = 107.0;

    private const TYPICAL = [
        'diamond' => ['chainstay_length' => 440.0, 'seat_tube' => 460.0, 'top_tube' => 590.0, 'wheel' => 2200.0],
        'step-through' => ['chainstay_length' => 460.0, 'seat_tube' => 450.0, 'top_tube' => 560.0, 'wheel' => 2150.0],
        'full-suspension' => ['chainstay_length' => 438.0, 'seat_tube' => 430.0, 'top_tube' => 615.0, 'wheel' => 2290.0],
        'fat' => ['chainstay_length' => 455.0, 'seat_tube' => 440.0, 'top_tube' => 605.0, 'wheel' => 2330.0],
        'downhill' => ['chainstay_length' => 440.0, 'seat_tube' => 390.0, 'top_tube' => 600.0, 'wheel' => 2200.0],
        'long-tail' => ['chainstay_length' => 700.0, 'seat_tube' => 430.0, 'top_tube' => 570.0, 'wheel' => 2060.0],
    ];

    /** Head angle in degrees, head tube's length, and the tyre's thickness, in mm. */
    private const FRONT = [
        'diamond' => [111.0, 120.0, 44.0], 'step-through' => [111.0, 170.0, 44.0], 'full-suspension' => [114.0, 115.0, 54.0],
        'fat' => [111.0, 120.0, 108.0], 'downhill' => [117.0, 110.0, 58.0], 'long-tail' => [111.0, 140.0, 52.0],
    ];

    /** @param  array<string, float>  $measured */
    public static function shape(BikeKind $kind, array $measured): BikeShape
    {
        $measures = new Measures($measured, self::TYPICAL[$kind->value] ?? self::TYPICAL['diamond']);
        [$headAngle, $headTube, $tyre] = self::FRONT[$kind->value] ?? self::FRONT['diamond'];
        $crank = new Point(0.0, 0.0);
        $rise = $measures->rearRadius() - self::CRANK_HEIGHT;
        $rear = new Point(-sqrt(max(0.0, $measures->of('chainstay_length') ** 2 - $rise ** 2)), $rise);
        $seatTop = $crank->at(self::SEAT_ANGLE, $measures->of('seat_tube'));
        $headTop = $seatTop->plus($measures->of('top_tube'), 28.0);
        $headBottom = $headTop->at($headAngle + 180, $headTube);
        $frontY = $measures->frontRadius() - self::CRANK_HEIGHT;
        $front = $headBottom->at($headAngle + 180, ($headBottom->y - $frontY) / sin(deg2rad(180 - $headAngle)))->plus(42.0, 0.0);
        if ($measures->isMeasured('wheelbase')) {
            $front = new Point($rear->x + $measures->of('wheelbase'), $frontY);
        }
        $saddle = $seatTop->at(self::SEAT_ANGLE, 85.0);

        return new BikeShape(
            [new Wheel($rear, $measures->rearRadius(), $tyre), new Wheel($front, $measures->frontRadius(), $tyre)],
            [
                ...self::rearTubes($kind, $crank, $rear, $seatTop),
                new Tube('seat-post', $seatTop, $saddle, 18.0),
                new Tube('seat-tube', $crank, $seatTop, 30.0),
                ...self::mainTubes($kind, $crank, $seatTop, $headTop, $headBottom),
                new Tube('head-tube', $headTop, $headBottom, 34.0),
                new Tube('fork', $headBottom, $front, $kind === BikeKind::Downhill ? 40.0 : 28.0),
                new Tube('stem', $headTop, $headTop->at($headAngle, 55.0)->plus(70.0, 25.0), 22.0),
            ],
            [
                new Panel('saddle', [$saddle->plus(-110, 14), $saddle->plus(120, 8), $saddle->plus(120, -6), $saddle->plus(-110, -10)]),
                ...self::deck($kind, $rear, $measures->rearRadius(), $seatTop),
            ],
            $headTop->at($headAngle, 55.0)->plus(70.0, 25.0),
        );
    }

    /** @return list<Tube> */
    private static function rearTubes(BikeKind $kind, Point $crank, Point $rear, Point $seatTop): array
    {
        if ($kind === BikeKind::FullSuspension || $kind === BikeKind::Downhill) {
            $pivot = $crank->plus(22.0, 48.0);
            $rocker = $crank->towards($seatTop, 0.55);

            return [
                new Tube('chainstay', $pivot, $rear, 26.0),
                new Tube('seatstay', $rear, $rocker->plus(-30.0, 20.0), 18.0),
                new Tube('rocker', $rocker->plus(-30.0, 20.0), $rocker->plus(60.0, 40.0), 20.0),
                new Tube('shock', $rocker->plus(60.0, 40.0), $pivot->plus(90.0, 40.0), 34.0),
            ];
        }

        return [
            new Tube('chainstay', $crank, $rear, 26.0),
            new Tube('seatstay', $rear, $crank->towards($seatTop, $kind === BikeKind::LongTail ? 0.7 : 0.9), 18.0),
        ];
    }

    /** @return list<Tube> */
    private static function mainTubes(BikeKind $kind, Point $crank, Point $seatTop, Point $headTop, Point $headBottom): array
    {
        $downTubeEnd = $headBottom->towards($headTop, 0.15);
        if ($kind === BikeKind::StepThrough) {
            $low = $crank->plus($headBottom->x * 0.5, 40.0);

            return [
                new Tube('top-tube', $crank->towards($seatTop, 0.42), $headBottom->towards($headTop, 0.6), 28.0, $low->plus(20.0, 140.0)),
                new Tube('down-tube', $crank, $downTubeEnd, 38.0, $low),
            ];
        }

        return [
            new Tube('top-tube', $crank->towards($seatTop, 0.94), $headTop->towards($headBottom, 0.18), 30.0),
            new Tube('down-tube', $crank, $downTubeEnd, 40.0),
        ];
    }

    /** @return list<Panel> a long-tail's deck over its rear wheel */
    private static function deck(BikeKind $kind, Point $rear, float $radius, Point $seatTop): array
    {
        if ($kind !== BikeKind::LongTail) {
            return [];
        }
        $y = $rear->y + $radius + 45.0;

        return [new Panel('deck', [
            new Point($rear->x - $radius * 0.9, $y + 22), new Point($seatTop->x - 60, $y + 22),
            new Point($seatTop->x - 60, $y), new Point($rear->x - $radius * 0.9, $y),
        ])];
    }
}
