<?php

declare(strict_types=1);

namespace App\View\Drawings;

use App\Models\Run;
use NeatSpindle\Core\Fitting\Route\Leg;
use NeatSpindle\Core\Fitting\Route\PlaceName;
use NeatSpindle\Core\Fitting\Route\Routing;
use NeatSpindle\Core\Fitting\Route\Run as ToLay;
use NeatSpindle\Core\Fitting\Route\RunRoute;
use NeatSpindle\Core\Ground\Measure\LengthUnit;
use NeatSpindle\Core\Measuring\Frame\BikeShape;
use NeatSpindle\Core\Measuring\Frame\Crossings;
use NeatSpindle\Core\Measuring\Frame\Point;
use NeatSpindle\Core\Measuring\Frame\Ways;

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
        'lever-left' => [-18, 6, 'end'], 'keypad' => [-18, -8, 'end'], 'display' => [18, -8, 'start'],
        'throttle' => [18, -8, 'start'], 'lever-right' => [30, 6, 'start'],
        'bar' => [16, 24, 'start'], 'stay' => [-2, 28, 'end'], 'stay-in' => [-2, 46, 'end'], 'axle' => [-14, 5, 'end'],
        'boom-end' => [4, 30, 'start'], 'cross' => [-12, 20, 'end'],
    ];

    /** Around the places that are looked at from near, in units of the drawing. */
    private const AROUND = 70.0;

    /** How wide all of them together lie at the most. */
    private const WIDEST = 38.0;

    private const TIE = 4.0;

    private const LEGIBLE = 90.0;

    /** @var array{float, float, float, float} what of the drawing is shown: from the left, from the top, how wide, how high */
    public readonly array $box;

    /**
     * @param  list<array{run: Run, route: RunRoute}>  $rows
     * @param  ?Routing  $routing  what they were laid on; null while none is
     */
    public function __construct(
        BikeShape $shape, private readonly Ways $ways, private readonly array $rows,
        private readonly ?Routing $routing = null, public readonly RouteZoom $zoom = RouteZoom::Whole,
    ) {
        parent::__construct($shape, self::ABOVE, 0.0, self::BESIDE);
        $this->box = $this->box();
    }

    /** A size on paper, whatever is looked at. */
    public function size(float $units): float
    {
        return round($units * $this->box[2] / $this->width, 2);
    }

    /** @return list<array{x: float, y: float, words: string}> the legs of one run that are long enough on paper to bear their length */
    public function legs(RunRoute $route, LengthUnit $unit): array
    {
        $shown = [];
        foreach ($this->routing?->legs($route) ?? [] as $leg) {
            [$from, $to] = [$this->ways->place($leg->from), $this->ways->place($leg->to)];
            $middle = $from->towards($to, 0.5);
            if ($this->length($from->distanceTo($to)) >= $this->size(self::LEGIBLE)) {
                $shown[] = ['x' => $this->x($middle), 'y' => $this->y($middle), 'words' => $unit->showCoarse($leg->length)];
            }
        }

        return $shown;
    }

    /** How large the loop of a run is drawn: one around the other where several lie in one place. */
    public function loopSize(int $i): float
    {
        return $this->size(9.0 + $i * min(3.0, 18.0 / max(1, count($this->rows))));
    }

    /** How far beside the way loops lie, so that the outermost touches it. */
    public function loopBeside(): float
    {
        return $this->loopSize(max(0, count($this->rows) - 1)) + $this->size(3.0);
    }

    /** @return list<array{x: float, y: float}> where a run has a loop, so that what moves can */
    public function loops(RunRoute $route): array
    {
        $loops = [];
        foreach ($this->routing?->legs($route) ?? [] as $leg) {
            $middle = $this->ways->place($leg->from)->towards($this->ways->place($leg->to), 0.5);
            $leg->slack > 0.0 && $loops[] = ['x' => $this->x($middle), 'y' => $this->y($middle)];
        }

        return $loops;
    }

    /** A run's ties at their spacing, as short strokes across it; a path for the drawing. */
    public function ties(RunRoute $route, int $i): string
    {
        $strokes = '';
        foreach ($this->routing?->legs($route) ?? [] as $leg) {
            [[$x0, $y0], [$x1, $y1]] = [$this->shifted($leg->from, $i), $this->shifted($leg->to, $i)];
            $long = hypot($x1 - $x0, $y1 - $y0);
            for ($n = 1; $n <= $leg->ties() && $long > 1.0; $n++) {
                $share = $n * Leg::TIE_EVERY / $leg->length;
                [$x, $y] = [$x0 + ($x1 - $x0) * $share, $y0 + ($y1 - $y0) * $share];
                [$dx, $dy] = [-($y1 - $y0) / $long * $this->size(self::TIE), ($x1 - $x0) / $long * $this->size(self::TIE)];
                $strokes .= sprintf('M%.1f,%.1f L%.1f,%.1f ', $x - $dx, $y - $dy, $x + $dx, $y + $dy);
            }
        }

        return $strokes;
    }

    /** @return list<Point> where two runs cross, in units of the drawing */
    public function crossings(): array
    {
        return Crossings::of(array_map(fn (array $row, int $i) => array_map(
            fn (string $place) => new Point(...$this->shifted($place, $i)), $row['route']->path ?? [],
        ), $this->rows, array_keys($this->rows)));
    }

    /** @return array{float, float, float, float} */
    private function box(): array
    {
        $points = array_map(
            $this->ways->place(...), array_filter($this->zoom->places(), fn (string $name) => isset($this->ways->places[$name])),
        );
        if ($points === []) {
            return [0.0, 0.0, $this->width, $this->height];
        }
        [$xs, $ys] = [array_map($this->x(...), array_values($points)), array_map($this->y(...), array_values($points))];
        $width = max(max($xs) - min($xs) + 2 * self::AROUND, (max($ys) - min($ys) + 2 * self::AROUND) * $this->width / $this->height);
        $high = $width * $this->height / $this->width;

        return [round((max($xs) + min($xs) - $width) / 2, 1), round((max($ys) + min($ys) - $high) / 2, 1), round($width, 1), round($high, 1)];
    }

    /** @return list<array{run: Run, route: RunRoute, style: int, dash: string, path: string, x: float, y: float}> each run that has a way, and where its letter stands */
    public function runs(): array
    {
        $drawn = [];
        foreach ($this->rows as $i => ['run' => $run, 'route' => $route]) {
            $points = array_map(fn (string $place) => $this->shifted($place, $i), $route->path ?? []);
            if ($points !== []) {
                [$x, $y] = $route->run->joinsOnTheBar() ? $points[0] : $this->letter($points, $i);
                $drawn[] = [
                    'run' => $run, 'route' => $route, 'style' => $i % 6, 'dash' => self::DASHES[$i % 6],
                    'path' => 'M'.implode(' L', array_map(fn (array $at) => "{$at[0]},{$at[1]}", $points)), 'x' => $x, 'y' => $y,
                ];
            }
        }

        return $drawn;
    }

    /** @return list<array{name: string, words: string, x: float, y: float, isNamed: bool, right: int, down: int, end: string}> */
    public function places(): array
    {
        $passed = array_merge(...array_map(fn (array $row) => $row['route']->path ?? [], $this->rows), ...[[]]);
        $places = [];
        foreach (array_keys($this->ways->places) as $name) {
            $at = $this->ways->place($name);
            [$right, $down, $end] = self::NAMES[$name] ?? $this->nameBeside($this->x($at));
            $places[] = [
                'name' => $name, 'words' => PlaceName::of($name), 'x' => $this->x($at), 'y' => $this->y($at),
                'isNamed' => in_array($name, $passed, true) && ($this->zoom === RouteZoom::Bars || ! in_array($name, ToLay::ON_THE_BAR, true)),
                'right' => $right, 'down' => $down, 'end' => $end,
            ];
        }

        return $places;
    }

    /** @return array{int, int, string} to the outside, but never over the edge */
    private function nameBeside(float $x): array
    {
        return $x < $this->width / 2 || $x > $this->width - self::BESIDE ? [-12, -10, 'end'] : [12, -10, 'start'];
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
        $shift = ($i - (count($this->rows) - 1) / 2) * $this->size(min(self::APART, self::WIDEST / max(1, count($this->rows))));

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
        $apart = min(0.14, 0.8 / max(1, count($this->rows)));
        $share = self::LETTER_AT + ($i - (count($this->rows) - 1) / 2) * $apart;

        return [round($from[0] + ($to[0] - $from[0]) * $share, 1), round($from[1] + ($to[1] - $from[1]) * $share, 1)];
    }
}
