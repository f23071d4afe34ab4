<?php

declare(strict_types=1);

namespace App\View\Drawings;

use NeatSpindle\Core\Fitting\Battery\PackFit;
use NeatSpindle\Core\Fitting\Battery\PackTrial;
use NeatSpindle\Core\Fitting\Battery\Triangle;
use NeatSpindle\Core\Measuring\Frame\BikeShape;
use NeatSpindle\Core\Measuring\Frame\Point;

/** The triangle inside the tubes to scale, front right, with a battery in it. */
class TriangleView
{
    private const MOST_WIDTH = 860.0;

    private const MOST_HEIGHT = 430.0;

    private const ROOM = 44.0;

    /** For the name of the rear side. */
    private const BESIDE = 130.0;

    /** How wide tubes are drawn around it, in mm. */
    private const TUBE = 34.0;

    /** How steep a down tube is drawn that the shape has not, in degrees. */
    private const USUAL_SLOPE = 48.0;

    public readonly float $scale;

    public readonly float $width;

    public readonly float $height;

    private readonly float $slope;

    private readonly float $left;

    private readonly float $top;

    public readonly PackFit $fit;

    public function __construct(private readonly Triangle $triangle, private readonly PackTrial $trial, BikeShape $shape)
    {
        $tube = $shape->tube('down-tube');
        $this->slope = $tube === null ? deg2rad(self::USUAL_SLOPE) : atan2($tube->to->y - $tube->from->y, $tube->to->x - $tube->from->x);
        $this->fit = PackFit::of($triangle, $trial->pack->box());
        $points = [...$this->corners(), ...$this->packCorners()];
        [$xs, $ys] = [array_map(fn (Point $at) => $at->x, $points), array_map(fn (Point $at) => $at->y, $points)];
        [$wide, $high] = [max($xs) - min($xs), max($ys) - min($ys)];
        $this->scale = min((self::MOST_WIDTH - 2 * self::ROOM - self::BESIDE) / $wide, (self::MOST_HEIGHT - 2 * self::ROOM) / $high);
        [$this->left, $this->top] = [min($xs), max($ys)];
        $this->width = round($wide * $this->scale + 2 * self::ROOM + self::BESIDE, 1);
        $this->height = round($high * $this->scale + 2 * self::ROOM, 1);
    }

    /** The inside of the tubes. */
    public function inside(): string
    {
        return $this->outline($this->corners());
    }

    public function tubeWidth(): float
    {
        return round(2 * self::TUBE * $this->scale, 1);
    }

    public function pack(): string
    {
        return $this->outline($this->packCorners());
    }

    /** The same with the air it wants all round. */
    public function air(): string
    {
        $box = $this->trial->pack->box();

        return $this->outline($this->rectangle($this->at() - $box->gap, 0.0, $box->length + 2 * $box->gap, $box->standing()));
    }

    /** Its front end, in mm from the base's; where it does not go, the front end of the room all the same. */
    public function at(): float
    {
        return $this->trial->setting->at ?? $this->fit->start ?? 0.0;
    }

    /** @return array{float, float} how far the picture goes to the right and down for a millimetre to the back */
    public function step(): array
    {
        return [round(-cos($this->slope) * $this->scale, 4), round(sin($this->slope) * $this->scale, 4)];
    }

    /** @return array{x: float, y: float, turn: float} where the pack's name stands, and how it is turned */
    public function name(): array
    {
        $middle = $this->place($this->at() + $this->trial->pack->length / 2, $this->trial->pack->gap + $this->trial->pack->height / 2);

        return ['x' => $this->x($middle), 'y' => $this->y($middle), 'turn' => round(-rad2deg($this->slope), 1)];
    }

    /** @return list<array{words: string, x: float, y: float, end: string}> what each side inside is long */
    public function sides(): array
    {
        [$front, $rear, $apex] = $this->corners();
        $beside = fn (Point $a, Point $b, float $right, float $up): Point => $a->towards($b, 0.5)->plus($right / $this->scale, $up / $this->scale);

        $sides = [
            'down tube' => [$beside($front, $rear, 30, -34), 'start'],
            'top tube' => [$beside($front, $apex, 0, 32), 'middle'],
            'seat tube' => [$beside($rear, $apex, -34, 0), 'end'],
        ];

        return array_map(
            fn (string $words, array $at) => ['words' => $words, 'x' => $this->x($at[0]), 'y' => $this->y($at[0]), 'end' => $at[1]], array_keys($sides), $sides,
        );
    }

    public function length(string $side): float
    {
        return match ($side) {
            'down tube' => $this->triangle->base,
            'top tube' => $this->triangle->front,
            default => $this->triangle->rear,
        };
    }

    /** @return non-empty-list<Point> front end of the base, its rear end, the apex */
    private function corners(): array
    {
        return [$this->place(0.0, 0.0), $this->place($this->triangle->base, 0.0), $this->place(
            $this->triangle->apexAt(), $this->triangle->height(),
        )];
    }

    /** @return non-empty-list<Point> */
    private function packCorners(): array
    {
        return $this->rectangle($this->at(), $this->trial->pack->gap, $this->trial->pack->length, $this->trial->pack->height);
    }

    /** @return non-empty-list<Point> */
    private function rectangle(float $along, float $off, float $length, float $height): array
    {
        return [
            $this->place($along, $off), $this->place($along + $length, $off),
            $this->place($along + $length, $off + $height), $this->place($along, $off + $height),
        ];
    }

    /** A place so far along the base from its front end, and so far off it to the inside. */
    private function place(float $along, float $off): Point
    {
        return new Point(-cos($this->slope) * $along - sin($this->slope) * $off, -sin($this->slope) * $along + cos($this->slope) * $off);
    }

    private function x(Point $at): float
    {
        return round(($at->x - $this->left) * $this->scale + self::ROOM + self::BESIDE, 1);
    }

    private function y(Point $at): float
    {
        return round(($this->top - $at->y) * $this->scale + self::ROOM, 1);
    }

    /** @param  list<Point>  $points */
    private function outline(array $points): string
    {
        return implode(' ', array_map(fn (Point $at) => "{$this->x($at)},{$this->y($at)}", $points));
    }
}
