<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Frame;

use NeatSpindle\Core\Measuring\Survey\Landmark;
use NeatSpindle\Core\Measuring\Survey\Spot;

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
    public function spot(Spot $spot): Point
    {
        [$along, $x, $y] = $spot->offset();

        return $this->landmark($spot->landmark(), $along)->plus($x, $y);
    }

    private function landmark(Landmark $on, float $along): Point
    {
        $rear = $this->rearWheel();
        $front = $this->frontWheel();

        return match ($on) {
            Landmark::Crank => $this->crank,
            Landmark::RearAxle => $rear->axle,
            Landmark::Bar => $this->bar,
            Landmark::AlongTheStay => $this->crank->towards($rear->axle, $along),
            Landmark::OnTheStay => $this->crank->towards($rear->axle, $along / $this->crank->distanceTo($rear->axle)),
            Landmark::RearTyre => $rear->axle->at($along, $rear->radius - 4),
            Landmark::FrontTyre => $front->axle->at($along, $front->radius - 4),
            Landmark::Ground => new Point($rear->axle->x + ($front->axle->x - $rear->axle->x) * $along, $this->ground()),
            default => $this->tube($on->value)?->at($along) ?? $this->crank->towards($rear->axle, $along),
        };
    }
}
