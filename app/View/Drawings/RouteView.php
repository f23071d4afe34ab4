<?php

declare(strict_types=1);

namespace App\View\Drawings;

use App\Models\Run;
use NeatSpindle\Core\Frame\BikeShape;
use NeatSpindle\Core\Frame\Point;
use NeatSpindle\Core\Frame\Ways;
use NeatSpindle\Core\Route\RunRoute;

use function count;
use function in_array;

/** The frame with the runs that go over it side by side, each with its letter, and the places they can pass. */
class RouteView extends FrameView
{
    /** How far runs lie from each other on the drawing. */
    private const APART = 6.0;

    /** A line's dashes, by its style. */
    private const DASHES = ['', '10 5', '3 4', '14 4 3 4', '1 6', '18 6'];

    private const LEGEND_LINE = 24;

    private const LETTER_AT = 0.5;

    private const ABOVE = 90.0;

    private const BESIDE = 130.0;

    /** Where the names of places stand that lie close together, from the place: right, down, and which end is there. */
    private const NAMES = [
        'motor-top' => [-12, -16, 'end'], 'down-low' => [18, 12, 'start'], 'motor' => [16, 30, 'start'], 'under-shell' => [-12, 26, 'end'],
        'stay' => [-2, -16, 'end'], 'stay-in' => [-2, 28, 'end'], 'axle' => [-14, 5, 'end'], 'boom-end' => [4, 30, 'start'], 'cross' => [-12, 20, 'end'],
    ];

    /** @param  list<array{run: Run, route: RunRoute}>  $rows */
    public function __construct(BikeShape $shape, private readonly Ways $ways, private readonly array $rows)
    {
        parent::__construct($shape, self::ABOVE, 0.0, self::BESIDE);
    }

    /** @return list<array{run: Run, route: RunRoute, style: int, dash: string, path: string, x: float, y: float}> each run that has a way, and where its letter stands */
    public function runs(): array
    {
        $drawn = [];
        foreach ($this->rows as $i => ['run' => $run, 'route' => $route]) {
            $points = array_map(fn (string $place) => $this->shifted($place, $i), $route->path ?? []);
            if ($points !== []) {
                [$x, $y] = $this->letter($points, $i);
                $drawn[] = [
                    'run' => $run, 'route' => $route, 'style' => $i % 6, 'dash' => self::DASHES[$i % 6],
                    'path' => 'M'.implode(' L', array_map(fn (array $at) => "{$at[0]},{$at[1]}", $points)), 'x' => $x, 'y' => $y,
                ];
            }
        }

        return $drawn;
    }

    /** @return list<array{name: string, x: float, y: float, isPassed: bool, right: int, down: int, end: string}> */
    public function places(): array
    {
        $passed = array_merge(...array_map(fn (array $row) => $row['route']->path ?? [], $this->rows), ...[[]]);
        $places = [];
        foreach (array_keys($this->ways->places) as $name) {
            $at = $this->ways->place($name);
            [$right, $down, $end] = self::NAMES[$name] ?? ($this->x($at) < $this->width / 2 ? [-12, -10, 'end'] : [12, -10, 'start']);
            $places[] = [
                'name' => $name, 'x' => $this->x($at), 'y' => $this->y($at), 'isPassed' => in_array($name, $passed, true),
                'right' => $right, 'down' => $down, 'end' => $end,
            ];
        }

        return $places;
    }

    /** How high it is with its runs named below, as a file of its own. */
    public function heightWithNames(): float
    {
        return $this->height + self::LEGEND_LINE * count($this->runs());
    }

    /** Where a run's name stands in that file. */
    public function nameAt(int $i): float
    {
        return $this->height + self::LEGEND_LINE * ($i + 0.5);
    }

    public function motor(): Point
    {
        return $this->ways->place('motor');
    }

    /** @return array{float, float} */
    private function shifted(string $place, int $i): array
    {
        $at = $this->ways->place($place);
        $shift = ($i - (count($this->rows) - 1) / 2) * self::APART;

        return [round($this->x($at) + $shift, 1), round($this->y($at) - $shift * 0.6, 1)];
    }

    /**
     * On the longest stretch of a run, each a little further along than the one before, so that letters do not lie on each other.
     *
     * @param  non-empty-list<array{float, float}>  $points
     * @return array{float, float}
     */
    private function letter(array $points, int $i): array
    {
        [$from, $to, $longest] = [$points[0], $points[0], -1.0];
        foreach ($points as $n => $point) {
            $before = $points[$n - 1] ?? $point;
            if (hypot($point[0] - $before[0], $point[1] - $before[1]) > $longest) {
                [$from, $to, $longest] = [$before, $point, hypot($point[0] - $before[0], $point[1] - $before[1])];
            }
        }
        $share = self::LETTER_AT + ($i % 5 - 2) * 0.14;

        return [round($from[0] + ($to[0] - $from[0]) * $share, 1), round($from[1] + ($to[1] - $from[1]) * $share, 1)];
    }
}
