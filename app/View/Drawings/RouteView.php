<?php

declare(strict_types=1);

namespace App\View\Drawings;

use App\Models\Run;
use NeatSpindle\Core\Route\RunRoute;

/** The frame with the runs that go over it, and the places they pass. */
class RouteView extends FrameView
{
    /** Where each place's name stands, from the place: right, down. */
    private const NAMES = [
        'bar' => [10, -8], 'head' => [14, 6], 'battery' => [-70, -12], 'down-low' => [14, 22],
        'motor-top' => [-92, -14], 'motor' => [22, 6], 'stay' => [-40, -12],
    ];

    /**
     * A run's line; runs lie side by side where they share a way.
     *
     * @param  list<string>  $places
     */
    public function way(array $places, int $number): string
    {
        $shift = 3.0 - $number * 5;

        return 'M'.implode(' L', array_map(function (string $place) use ($shift): string {
            $point = $this->shape->place($place);

            return ($this->x($point) + $shift).','.($this->y($point) - $shift);
        }, $places));
    }

    /**
     * @param  list<array{run: Run, route: RunRoute}>  $rows
     * @return list<array{name: string, x: float, y: float, right: int, down: int}>
     */
    public function places(array $rows): array
    {
        $names = array_unique(array_merge(...array_map(fn (array $row) => $row['route']->path ?? [], $rows)));

        return array_values(array_map(fn (string $name) => [
            'name' => $name,
            'x' => $this->x($this->shape->place($name)),
            'y' => $this->y($this->shape->place($name)),
            'right' => self::NAMES[$name][0] ?? 8,
            'down' => self::NAMES[$name][1] ?? 0,
        ], $names));
    }
}
