<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Frame;

use NeatSpindle\Core\Measuring\Survey\Spot;

/** Lays out the ways of a frame, stretch by stretch, from its shape and what of it is measured. */
final class WaysBuilder
{
    /** @var array<string, Point> */
    private array $places = [];

    /** @var list<Stretch> */
    private array $stretches = [];

    /** @param  array<string, float>  $measured by the spot's code, in mm */
    public function __construct(private readonly BikeShape $shape, private readonly array $measured) {}

    public function place(string $name, Point $at): self
    {
        $this->places[$name] = $at;

        return $this;
    }

    /** Between two places, as long as it is on the drawing, which is to scale once a spot is measured. */
    public function drawn(string $from, string $to, Spot $on, string ...$tags): self
    {
        return $this->stretch($from, $to, $this->places[$from]->distanceTo($this->places[$to]), $on, ...$tags);
    }

    /** Along a tube, or a share of it, whose drawn length is to scale once a spot is measured. */
    public function tube(string $from, string $to, string $tube, Spot $on, float $share = 1.0, string ...$tags): self
    {
        return $this->stretch($from, $to, ($this->shape->tube($tube)?->length() ?? 0.0) * $share, $on, ...$tags);
    }

    /** So much of a measured length, and a little more or less. */
    public function measured(string $from, string $to, Spot $spot, float $share = 1.0, float $more = 0.0, string ...$tags): self
    {
        return $this->stretch($from, $to, max(0.0, ($this->measured[$spot->value] ?? self::usual($spot)) * $share + $more), $spot, ...$tags);
    }

    /** So long on any bike. */
    public function fixed(string $from, string $to, float $mm, string ...$tags): self
    {
        $this->stretches[] = new Stretch($from, $to, $mm, array_values($tags), null);

        return $this;
    }

    public function build(): Ways
    {
        return new Ways($this->places, $this->stretches);
    }

    private function stretch(string $from, string $to, float $mm, Spot $on, string ...$tags): self
    {
        $this->stretches[] = new Stretch($from, $to, $mm, array_values($tags), isset($this->measured[$on->value]) ? null : $on);

        return $this;
    }

    private static function usual(Spot $spot): float
    {
        return match ($spot) {
            Spot::BarToHead => 250.0,
            Spot::BoomLength => 400.0,
            Spot::ChainstayLength => 440.0,
            Spot::SeatTube => 480.0,
            default => 600.0,
        };
    }
}
