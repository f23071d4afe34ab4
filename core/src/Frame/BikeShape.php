<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Frame;

use NeatSpindle\Core\Bike\BikeKind;
use NeatSpindle\Core\Frame\Kind\BoxCargo;
use NeatSpindle\Core\Frame\Kind\DeltaTrike;
use NeatSpindle\Core\Frame\Kind\FourWheeler;
use NeatSpindle\Core\Frame\Kind\TadpoleTrike;
use NeatSpindle\Core\Frame\Kind\Upright;

use function count;

/** A bike seen from its drive side, drawn from its measures. In mm from the crank axis: x to the front, y up. */
final readonly class BikeShape
{
    /** A tube that ends nearer than this to the crank axis starts there, in mm: shells and pivots are that large. */
    private const AT_THE_CRANK = 80.0;

    /**
     * @param  list<Wheel>  $wheels  the rear one first
     * @param  list<Tube>  $tubes
     * @param  list<Panel>  $panels
     * @param  Point  $bar  where the hands are
     */
    public function __construct(
        public array $wheels,
        public array $tubes,
        public array $panels,
        public Point $bar,
        public Point $crank = new Point(0.0, 0.0),
    ) {}

    /** @param  array<string, float>  $measured  in mm, by the spot's code */
    public static function of(BikeKind $kind, array $measured): self
    {
        return match ($kind) {
            BikeKind::BoxCargo => BoxCargo::shape($measured),
            BikeKind::TadpoleTrike => TadpoleTrike::shape($measured),
            BikeKind::DeltaTrike => DeltaTrike::shape($measured),
            BikeKind::FourWheeler => FourWheeler::shape($measured),
            default => Upright::shape($kind, $measured),
        };
    }

    public function rearWheel(): Wheel
    {
        return $this->wheels[0];
    }

    public function frontWheel(): Wheel
    {
        return $this->wheels[count($this->wheels) - 1];
    }

    public function tube(string $name): ?Tube
    {
        foreach ($this->tubes as $tube) {
            if ($tube->name === $name) {
                return $tube;
            }
        }

        return null;
    }

    /** @return list<array{name: string, bearing: float, width: float}> the tubes that go off from the crank: which way in degrees, anticlockwise from the front */
    public function tubesAtTheCrank(): array
    {
        $tubes = [];
        foreach ($this->tubes as $tube) {
            $isFrom = $this->crank->distanceTo($tube->from) < self::AT_THE_CRANK;
            if ($isFrom || $this->crank->distanceTo($tube->to) < self::AT_THE_CRANK) {
                $away = $tube->at($isFrom ? 0.4 : 0.6);
                $tubes[] = ['name' => $tube->name, 'bearing' => rad2deg(atan2($away->y - $this->crank->y, $away->x - $this->crank->x)), 'width' => $tube->width];
            }
        }

        return $tubes;
    }

    /** Where the ground is. */
    public function ground(): float
    {
        return $this->rearWheel()->axle->y - $this->rearWheel()->radius;
    }

    /** @return array{left: float, right: float, bottom: float, top: float} what the drawing spans */
    public function extent(): array
    {
        $points = [$this->crank, $this->bar];
        foreach ($this->wheels as $wheel) {
            array_push($points, $wheel->axle->plus(-$wheel->radius, -$wheel->radius), $wheel->axle->plus($wheel->radius, $wheel->radius));
        }
        foreach ($this->tubes as $tube) {
            array_push($points, $tube->from, $tube->to);
        }
        foreach ($this->panels as $panel) {
            array_push($points, ...$panel->corners);
        }
        $x = array_map(fn (Point $point) => $point->x, $points);
        $y = array_map(fn (Point $point) => $point->y, $points);

        return ['left' => min($x), 'right' => max($x), 'bottom' => min($y), 'top' => max($y)];
    }

    /** Where a spot of the survey sits on this bike. */
    public function spot(string $code): Point
    {
        $rear = $this->rearWheel();

        return match ($code) {
            'guide_depth', 'guide_remedy' => $this->crank->plus(4.0, -24.0),
            'cups_width', 'cup_flange', 'shell_width', 'shell_bore', 'shell_threaded', 'thread_pitch', 'drive_cup_loosens', 'bracket_kind' => $this->crank,
            'crank_kind' => $this->crank->plus(18.0, -10.0),
            'ring_to_plate', 'crank_gap' => $this->crank->plus(-8.0, 8.0),
            'pinion_to_face' => $this->crank->plus(30.0, -30.0),
            'first_chain_run', 'first_chain_play' => $this->crank->plus(16.0, -12.0),
            'arm_in', 'arm_out' => $this->crank->plus(34.0, -10.0),
            'front_mech' => $this->crank->plus(-14.0, 60.0),
            'guard' => $this->crank->plus(40.0, 40.0),
            'kickstand' => $this->crank->plus(-30.0, -30.0),
            'chain_kept', 'chain_path' => $this->crank->towards($rear->axle, 0.3)->plus(0.0, 45.0),
            'over_locknuts', 'cog_inset', 'cog_pitch' => $rear->axle,
            'cogs' => $rear->axle->plus(0.0, 46.0),
            'wheel' => $rear->axle->at(222.0, $rear->radius - 4),
            'front_wheel' => $this->frontWheel()->axle->at(318.0, $this->frontWheel()->radius - 4),
            'wheelbase' => new Point(($rear->axle->x + $this->frontWheel()->axle->x) / 2, $this->ground()),
            'bar_to_head' => $this->bar,
            'old_chain_links' => $this->crank->towards($rear->axle, 0.5)->plus(0.0, 45.0),
            'chain_twelve' => $this->crank->towards($rear->axle, 0.5)->plus(0.0, -45.0),
            'room_base' => ($this->tube('down-tube')?->at(0.4) ?? $this->crank)->plus(-14.0, 22.0),
            'room_front' => ($this->tube('top-tube')?->at(0.68) ?? $this->crank)->plus(0.0, -24.0),
            'room_rear' => ($this->tube('seat-tube')?->at(0.45) ?? $this->crank)->plus(24.0, 0.0),
            default => $this->tubeSpot($code),
        };
    }

    private function tubeSpot(string $code): Point
    {
        if (preg_match('/^stay_(\d+)$/', $code, $found) === 1) {
            return $this->crank->towards($this->rearWheel()->axle, (float) $found[1] / $this->crank->distanceTo($this->rearWheel()->axle));
        }
        $share = ['chainstay_length' => 0.66, 'seat_tube' => 0.62, 'boom_diameter' => 0.35, 'boom_length' => 0.7][$code] ?? 0.5;
        $tube = $this->tube(['chainstay_length' => 'chainstay', 'boom_diameter' => 'boom', 'boom_length' => 'boom'][$code] ?? str_replace('_', '-', $code));

        return $tube === null ? $this->crank->towards($this->rearWheel()->axle, $share) : $tube->at($share);
    }

    /** Where a place of the routing graph sits on this bike. */
    public function place(string $name): Point
    {
        $downTube = $this->tube('down-tube') ?? new Tube('down-tube', $this->crank, $this->frontWheel()->axle);

        return match ($name) {
            'bar' => $this->bar,
            'head' => $downTube->to,
            'battery' => $downTube->at(1 - FrameRouting::BATTERY_PLUG_AT),
            'down-low' => $downTube->at(0.16),
            'motor-top' => $this->crank->plus(25.0, 45.0),
            'motor' => $this->crank->plus(70.0, -25.0),
            'stay' => $this->crank->towards($this->rearWheel()->axle, FrameRouting::SENSOR_AT)->plus(0.0, 16.0),
            'stay-in' => $this->crank->towards($this->rearWheel()->axle, FrameRouting::SENSOR_AT)->plus(0.0, -16.0),
            default => $this->crank,
        };
    }
}
