<?php

declare(strict_types=1);

namespace App\View\Drawings;

use App\Models\Run;
use Illuminate\Support\Collection;
use NeatSpindle\Core\Fitting\Cockpit\BarHalf;
use NeatSpindle\Core\Fitting\Cockpit\BarSide;
use NeatSpindle\Core\Fitting\Cockpit\Cockpit;
use NeatSpindle\Core\Fitting\Cockpit\Fixture;

/** A bar seen from above as the rider sees it, each side to scale: what is on it from the grip in, and where it bends. */
class BarView
{
    public readonly float $width;

    public readonly float $height;

    private const MIDDLE = 100.0;

    private const MOST_WIDTH = 900.0;

    private const USUAL_ROOM = 210.0;

    private const BAR = 60.0;

    private readonly float $scale;

    private readonly float $reach;

    /** @param  Collection<int, Run>  $runs  of the job */
    public function __construct(private readonly Cockpit $cockpit, private readonly Collection $runs)
    {
        $long = fn (BarHalf $half): float => max($half->taken(), $half->room->value ?? 0.0);
        $this->reach = max(self::USUAL_ROOM, ...array_map($long, $this->cockpit->halves())) + 16.0;
        $this->scale = self::MOST_WIDTH / (2 * $this->reach + self::MIDDLE);
        $this->width = self::MOST_WIDTH;
        $this->height = 210.0;
    }

    public function barY(): float
    {
        return $this->height / 2;
    }

    public function barHeight(): float
    {
        return self::BAR / 2;
    }

    /** @return list<array{fixture: Fixture, number: int, x: float, width: float, run: ?Run, high: float, isOver: bool}> every thing on the bar, numbered from the grip in */
    public function fixtures(): array
    {
        $drawn = [];
        foreach ($this->cockpit->halves() as $half) {
            $at = 0.0;
            foreach ($half->fixtures as $i => $fixture) {
                $drawn[] = [
                    'fixture' => $fixture, 'number' => $i + 1,
                    'x' => $this->x($half->side, $at, $fixture->width), 'width' => round($fixture->width * $this->scale, 1),
                    'run' => $this->run($fixture), 'high' => $i === 0 ? 44.0 : 58.0, 'isOver' => $half->room !== null && $at + $fixture->width > $half->room->value + 1e-9,
                ];
                $at += $fixture->width + BarHalf::BETWEEN;
            }
        }

        return $drawn;
    }

    /** @return list<array{x: float, side: BarSide, mm: float}> where the bar bends or grows thicker, on the sides where that is measured */
    public function bends(): array
    {
        $bends = [];
        foreach ($this->cockpit->halves() as $half) {
            $half->room === null ?: $bends[] = ['x' => $this->x($half->side, $half->room->value, 0.0), 'side' => $half->side, 'mm' => $half->room->value];
        }

        return $bends;
    }

    /** The lead, hose or cable that goes from it; null where none is laid. */
    private function run(Fixture $fixture): ?Run
    {
        $role = $fixture->run();

        return $role === null ? null : $this->runs->first(fn (Run $run) => $run->role === $role);
    }

    /** The left edge of something so far from a side's end, so wide; in units of the drawing. */
    private function x(BarSide $side, float $from, float $width): float
    {
        $x = $side === BarSide::Left ? 8.0 / $this->scale + $from : self::MOST_WIDTH / $this->scale - 8.0 / $this->scale - $from - $width;

        return round($x * $this->scale, 1);
    }
}
