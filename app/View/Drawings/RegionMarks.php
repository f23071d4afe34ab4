<?php

declare(strict_types=1);

namespace App\View\Drawings;

use NeatSpindle\Core\Measuring\Frame\BikeShape;
use NeatSpindle\Core\Measuring\Frame\CloseViews;
use NeatSpindle\Core\Measuring\Frame\LeaderLayout;
use NeatSpindle\Core\Measuring\Frame\Point;
use NeatSpindle\Core\Measuring\Survey\Region;

use function count;

/** The whole bike with one mark for each region to walk to. */
class RegionMarks extends FrameView
{
    private const ABOVE = 120.0;

    private const BELOW = 120.0;

    public const MARK_WIDTH = 196.0;

    public const MARK_HEIGHT = 50.0;

    /** @param  list<Region>  $regions  in walking order */
    public function __construct(BikeShape $shape, private readonly CloseViews $views, private readonly array $regions)
    {
        parent::__construct($shape, self::ABOVE, self::BELOW);
    }

    /** @return list<array{region: Region, x: float, y: float, spotX: float, spotY: float}> x and y of the mark's middle */
    public function marks(): array
    {
        /** @var array<string, Point> $points */
        $points = [];
        foreach ($this->regions as $region) {
            $at = $this->views->mark($region);
            $points[$region->value] = new Point($this->x($at), $this->y($at));
        }
        $marks = [];
        foreach (LeaderLayout::of($points, $this->places()) as $code => $hung) {
            $marks[] = ['region' => Region::from($code), 'x' => $hung->x, 'y' => $hung->y, 'spotX' => $points[$code]->x, 'spotY' => $points[$code]->y];
        }

        return $marks;
    }

    /** @return list<Point> in a row above and one below the bike, as many as are needed */
    private function places(): array
    {
        $inRow = max(1, (int) floor($this->width / (self::MARK_WIDTH + 8.0)), (int) ceil(count($this->regions) / 2));
        $places = [];
        for ($i = 0; $i < $inRow; $i++) {
            $x = $this->width * ($i + 0.5) / $inRow;
            array_push($places, new Point($x, self::MARK_HEIGHT / 2 + 2.0), new Point($x, $this->height - self::MARK_HEIGHT / 2 - 2.0));
        }

        return $places;
    }
}
