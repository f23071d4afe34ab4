<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Frame\Kind;

use NeatSpindle\Core\Donor\Bike\BikeKind;
use NeatSpindle\Core\Measuring\Frame\BikeShape;
use NeatSpindle\Core\Measuring\Frame\Point;
use NeatSpindle\Core\Measuring\Frame\Tube;
use NeatSpindle\Core\Measuring\Frame\Ways;
use NeatSpindle\Core\Measuring\Frame\WaysBuilder;
use NeatSpindle\Core\Measuring\Survey\Spot;

use function in_array;

/** The ways on every kind of bike: nothing is laid along a tube that is not there. Lengths in mm. */
final readonly class KindWays
{
    /** On every stretch that ends at the motor's plugs: nothing else passes there on its way to somewhere. */
    public const AT_THE_MOTOR = 'at_motor';

    /** The battery's plug, as a share of the down tube from the head. */
    private const BATTERY_PLUG_AT = 0.55;

    /** The speed sensor, as a share of the chainstay from the shell. */
    private const SENSOR_AT = 0.6;

    private const ABOVE_SHELL = 60.0;

    private const AROUND_THE_SHELL = 110.0;

    private const OVER_THE_BODY = 40.0;

    /** Where what sits on the bar is drawn in a view from the side: fanned out above its middle. */
    private const FANNED = [
        'lever-left' => [-150.0, 40.0], 'keypad' => [-105.0, 120.0], 'display' => [0.0, 160.0],
        'throttle' => [105.0, 120.0], 'lever-right' => [150.0, 40.0],
    ];

    /** In and out of a tube. */
    private const INTO_A_TUBE = 40.0;

    private WaysBuilder $ways;

    /**
     * @param  array<string, float>  $measured by the spot's code
     * @param  array<string, float>  $onTheBar how far it is along the bar to its middle, by the place's name
     * @param  bool  $isGuided whether a guide leads a cable under the shell
     */
    private function __construct(private BikeKind $kind, private BikeShape $shape, array $measured, private array $onTheBar, private bool $isGuided)
    {
        $this->ways = new WaysBuilder($shape, $measured);
    }

    /**
     * @param  array<string, float>  $measured by the spot's code
     * @param  array<string, float>  $onTheBar how far it is along the bar to its middle, by the place's name
     * @param  bool  $isGuided whether a guide leads a cable under the shell
     */
    public static function of(BikeKind $kind, array $measured, array $onTheBar = [], bool $isGuided = false): Ways
    {
        $own = new self($kind, Shapes::of($kind, $measured), $measured, $onTheBar, $isGuided);
        match ($kind) {
            BikeKind::TadpoleTrike => $own->tadpole(),
            BikeKind::DeltaTrike => $own->delta(),
            BikeKind::FourWheeler => $own->fourWheeler(),
            default => $own->upright(),
        };

        return $own->ways->build();
    }

    /** Two wheels, a seat tube and a down tube, straight or curved; with a box in front or a deck behind. */
    private function upright(): void
    {
        $down = $this->shape->tube('down-tube') ?? new Tube('down-tube', $this->shape->crank, $this->shape->bar);
        $this->ways->place('head', $down->to)->place('battery', $down->at(1 - self::BATTERY_PLUG_AT))->place('down-low', $down->at(0.16));
        $this->atTheBar('head');
        $this->atTheMotor();
        $this->ways
            ->measured('head', 'battery', Spot::DownTube, self::BATTERY_PLUG_AT)
            ->measured('battery', 'down-low', Spot::DownTube, 1 - self::BATTERY_PLUG_AT, -self::ABOVE_SHELL)
            ->measured('head', 'down-low', Spot::DownTube, 1.0, self::INTO_A_TUBE - self::ABOVE_SHELL, 'inside_tube')
            ->fixed('down-low', 'motor', self::ABOVE_SHELL, 'pinch', self::AT_THE_MOTOR)
            ->fixed('down-low', 'motor-top', self::AROUND_THE_SHELL);
        $this->shape->tube('fork') === null || $this->kind === BikeKind::BoxCargo
            || $this->ways->place('fork-end', $this->at('fork', 0.85))->tube('head', 'fork-end', 'fork', Spot::FrontWheel, 0.85, 'steering');
        $this->behindTheMotor('motor-top', in_array($this->kind, [BikeKind::FullSuspension, BikeKind::Downhill], true));
        $this->under();
        $this->overTheSeat();
        $this->kind === BikeKind::BoxCargo && $this->alongTheBox();
    }

    private function tadpole(): void
    {
        $this->ways->place('cross', $this->at('cross', 0.5))->place('boom-end', $this->at('boom', 1.0))->place('under-seat', $this->at('main', 1.0))
            ->place('battery', $this->at('main', 1.0)->plus(-150.0, 190.0));
        $this->atTheBar('cross');
        $this->atTheMotor();
        $this->ways
            ->drawn('cross', 'boom-end', Spot::Wheelbase)
            ->measured('boom-end', 'motor-top', Spot::BoomLength)
            ->measured('boom-end', 'motor', Spot::BoomLength, 1.0, 0.0, 'pinch', self::AT_THE_MOTOR)
            ->tube('boom-end', 'under-seat', 'main', Spot::Wheelbase)
            ->drawn('under-seat', 'battery', Spot::Wheelbase);
        $this->behindTheSeat();
        $this->ways->place('lamp-front', $this->shape->crank->plus(60.0, 40.0))->measured('motor-top', 'lamp-front', Spot::BoomLength, 0.2);
    }

    private function delta(): void
    {
        $this->ways->place('head', $this->at('boom', 1.0))->place('under-seat', $this->at('main', 1.0))->place('battery', $this->at('main', 1.0)->plus(-110.0, 120.0));
        $this->atTheBar('head');
        $this->atTheMotor();
        $this->ways
            ->measured('head', 'motor-top', Spot::BoomLength)
            ->measured('head', 'motor', Spot::BoomLength, 1.0, 0.0, 'pinch', self::AT_THE_MOTOR)
            ->tube('head', 'under-seat', 'main', Spot::Wheelbase)
            ->drawn('under-seat', 'battery', Spot::Wheelbase)
            ->place('lamp-front', $this->at('fork', 0.4))->tube('head', 'lamp-front', 'fork', Spot::FrontWheel, 0.4, 'steering');
        $this->behindTheSeat();
    }

    private function fourWheeler(): void
    {
        $this->ways->place('front', $this->at('mast', 1.0))->place('under-seat', $this->at('upper', 1.0))->place('battery', $this->at('upper', 1.0)->plus(-160.0, -60.0));
        $this->atTheBar('front');
        $this->atTheMotor();
        $this->ways
            ->tube('front', 'motor-top', 'mast', Spot::Wheelbase)
            ->tube('front', 'motor', 'mast', Spot::Wheelbase, 1.0, 'pinch', self::AT_THE_MOTOR)
            ->tube('front', 'under-seat', 'upper', Spot::Wheelbase)
            ->drawn('under-seat', 'battery', Spot::Wheelbase)
            ->place('lamp-front', $this->at('mast', 0.5))->tube('front', 'lamp-front', 'mast', Spot::Wheelbase, 0.5);
        $this->behindTheSeat();
    }

    /** From the bars to where the steering turns. */
    private function atTheBar(string $to): void
    {
        $this->ways->place('bar', $this->shape->bar)->measured('bar', $to, Spot::BarToHead, 1.0, 0.0, 'steering');
        $this->kind === BikeKind::BoxCargo || $to !== 'head' || $this->kind === BikeKind::DeltaTrike
            || $this->ways->place('lamp-front', $this->shape->bar->plus(40.0, -70.0))->measured('bar', 'lamp-front', Spot::BarToHead, 0.5);
        foreach ($this->onTheBar as $place => $mm) {
            $this->ways->place($place, $this->shape->bar->plus(...self::FANNED[$place]))->fixed('bar', $place, $mm);
        }
    }

    private function atTheMotor(): void
    {
        $this->ways->place('motor-top', $this->shape->crank->plus(25.0, 45.0))->place('motor', $this->shape->crank->plus(70.0, -25.0))
            ->fixed('motor-top', 'motor', self::OVER_THE_BODY, self::AT_THE_MOTOR);
    }

    /** Along the chainstay, outside the wheel's path and inside it. */
    private function behindTheMotor(string $from, bool $hasPivot): void
    {
        $stay = $this->shape->crank->towards($this->shape->rearWheel()->axle, self::SENSOR_AT);
        $moves = $hasPivot ? ['pivot'] : [];
        $this->ways->place('stay', $stay->plus(0.0, 16.0))->place('stay-in', $stay->plus(0.0, -16.0))->place('axle', $this->shape->rearWheel()->axle)
            ->measured($from, 'stay', Spot::ChainstayLength, self::SENSOR_AT, 0.0, ...$moves)
            ->measured($from, 'stay-in', Spot::ChainstayLength, self::SENSOR_AT, -20.0, 'inside_wheel', ...$moves)
            ->fixed('stay-in', 'stay', 10.0, 'inside_wheel')
            ->measured('stay', 'axle', Spot::ChainstayLength, 1 - self::SENSOR_AT, 0.0, 'rotor');
    }

    /** Under the shell, where cables of old frames run in the dirt. */
    private function under(): void
    {
        $this->ways->place('under-shell', $this->shape->crank->plus(0.0, -32.0))
            ->fixed('down-low', 'under-shell', self::AROUND_THE_SHELL, 'underside', 'pinch', ...($this->isGuided ? ['guide'] : []))
            ->measured('under-shell', 'stay', Spot::ChainstayLength, self::SENSOR_AT, 0.0, 'underside');
    }

    /** Along top tube and seat tube, and on to rack or deck. */
    private function overTheSeat(): void
    {
        $seat = $this->at('seat-tube', 0.92);
        $rack = $this->shape->rearWheel()->axle->plus(0.0, $this->shape->rearWheel()->radius + 40.0);
        $this->ways->place('seat', $seat)->place('rack', $rack)
            ->measured('seat', 'motor-top', Spot::SeatTube, 0.85)
            ->drawn('seat', 'rack', Spot::SeatTube);
        $this->kind === BikeKind::StepThrough || $this->ways->measured('head', 'seat', Spot::TopTube);
        if ($this->kind === BikeKind::LongTail) {
            $this->ways->place('deck-end', $rack->plus(-$this->shape->rearWheel()->radius, 20.0))->drawn('rack', 'deck-end', Spot::Wheel);
        }
    }

    /** Past the box to the front wheel, beside the rod that steers it. */
    private function alongTheBox(): void
    {
        $this->ways->place('keel', $this->at('keel', 0.0))->place('nose', $this->at('keel', 1.0))->place('lamp-front', $this->at('fork', 0.2))
            ->drawn('head', 'keel', Spot::DownTube)
            ->tube('keel', 'nose', 'keel', Spot::Wheelbase, 1.0, 'steering_rod')
            ->tube('nose', 'lamp-front', 'fork', Spot::FrontWheel, 0.4, 'steering')
            ->place('fork-end', $this->at('fork', 0.85))->tube('nose', 'fork-end', 'fork', Spot::FrontWheel, 0.85, 'steering');
    }

    /** From under the seat along the rear stay to the wheel, and up to the rack. */
    private function behindTheSeat(): void
    {
        $axle = $this->shape->rearWheel()->axle;
        $this->ways->place('stay', $this->at('chainstay', self::SENSOR_AT)->plus(0.0, 16.0))->place('stay-in', $this->at('chainstay', self::SENSOR_AT)->plus(0.0, -16.0))
            ->place('axle', $axle)->place('rack', $axle->plus(0.0, $this->shape->rearWheel()->radius + 40.0))
            ->tube('under-seat', 'stay', 'chainstay', Spot::Wheelbase, self::SENSOR_AT)
            ->tube('under-seat', 'stay-in', 'chainstay', Spot::Wheelbase, self::SENSOR_AT, 'inside_wheel')
            ->fixed('stay-in', 'stay', 10.0, 'inside_wheel')
            ->tube('stay', 'axle', 'chainstay', Spot::Wheelbase, 1 - self::SENSOR_AT, 'rotor')
            ->drawn('under-seat', 'rack', Spot::Wheelbase);
    }

    private function at(string $tube, float $share): Point
    {
        return $this->shape->tube($tube)?->at($share) ?? $this->shape->crank;
    }
}
