<?php

declare(strict_types=1);

namespace App\View\Drawings;

use NeatSpindle\Core\Fitting\Battery\PackPapers;
use NeatSpindle\Core\Fitting\Battery\PackSite;
use NeatSpindle\Core\Measuring\Frame\BikeShape;
use NeatSpindle\Core\Measuring\Frame\Point;
use NeatSpindle\Core\Measuring\Frame\Ways;

/** The whole bike with the places a battery may sit, and the chosen one to scale. */
class PackOnFrameView extends FrameView
{
    /** Behind a seat’s back, in mm. */
    private const BEHIND = 40.0;

    public function __construct(
        BikeShape $shape, private readonly Ways $ways, public readonly ?PackPapers $pack, private readonly ?PackSite $site,
    ) {
        parent::__construct($shape, 160.0);
    }

    /** The chosen battery's corners; null while none is chosen. */
    public function corners(): ?string
    {
        if ($this->pack === null || $this->site === null) {
            return null;
        }
        [$middle, $slope] = [$this->middle($this->pack), $this->slope()];
        $corner = fn (float $along, float $up): Point => $middle->plus(cos($slope) * $along - sin($slope) * $up, sin($slope) * $along + cos($slope) * $up);
        [$half, $rise] = [$this->pack->length / 2, $this->pack->height / 2];

        return implode(' ', array_map(
            fn (Point $at) => "{$this->x($at)},{$this->y($at)}", [$corner(-$half, -$rise), $corner($half, -$rise), $corner($half, $rise), $corner(-$half, $rise)],
        ));
    }

    /**
     * Where batteries may sit, while none is chosen: those that share a place share a name.
     *
     * @param  non-empty-list<PackSite>  $sites
     * @return array<string, array{x: float, y: float, names: string}> by the place
     */
    public function places(array $sites): array
    {
        $places = [];
        foreach ($this->pack === null ? $sites : [] as $site) {
            $place = $site->placeAmong($this->ways->places);
            $at = $this->ways->place($place);
            $names = isset($places[$place]) ? "{$places[$place]['names']}, ".lcfirst($site->short()) : $site->short();
            $places[$place] = ['x' => $this->x($at), 'y' => $this->y($at), 'names' => $names];
        }

        return $places;
    }

    /** Where its middle lies: it stands on what carries it, or lies along its tube. */
    public function middle(PackPapers $pack): Point
    {
        $at = $this->ways->place($this->place())->plus($this->site === PackSite::BehindSeat ? -$pack->length / 2 - self::BEHIND : 0.0, 0.0);
        [$slope, $rise] = [$this->slope(), $pack->height / 2 + $pack->gap];

        return $at->plus(-sin($slope) * $rise, cos($slope) * $rise);
    }

    private function slope(): float
    {
        $tube = match ($this->site) {
            PackSite::Cradle, PackSite::Triangle, PackSite::Bag => $this->shape->tube('down-tube') ?? $this->shape->tube('boom'),
            PackSite::TopTube => $this->shape->tube('top-tube'),
            default => null,
        };
        $slope = $tube === null ? 0.0 : atan2($tube->to->y - $tube->from->y, $tube->to->x - $tube->from->x);

        return abs($slope) > M_PI / 2 ? $slope - M_PI * ($slope <=> 0.0) : $slope;
    }

    private function place(): string
    {
        return $this->site?->placeAmong($this->ways->places) ?? 'battery';
    }
}
