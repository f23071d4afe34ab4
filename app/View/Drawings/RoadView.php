<?php

declare(strict_types=1);

namespace App\View\Drawings;

use NeatSpindle\Core\Choosing\Hill\Pull;
use NeatSpindle\Core\Choosing\Ride\Ride;
use NeatSpindle\Core\Choosing\Ride\Stretch;

use function count;
use function in_array;

/** A road in profile as it is ridden: heights, how the motor fares, speed, and what is left in the battery. */
class RoadView
{
    public const WIDTH = 1120.0;

    public const HEIGHT = 380.0;

    private const LEFT = 56.0;

    private const RIGHT = 82.0;

    private const TOP = 24.0;

    private const BOTTOM = 250.0;

    private const SPEED_TOP = 276.0;

    private const SPEED_BOTTOM = 346.0;

    /** No more columns than can be told apart. */
    private const COLUMNS = 360;

    /** @var list<array{kind: string, x: float, y: float, toX: float, toY: float, usedWh: float, speed: float}>|null */
    private ?array $columns = null;

    private readonly float $lowest;

    private readonly float $highest;

    private readonly float $length;

    private readonly float $fastest;

    public function __construct(private readonly Ride $ride)
    {
        $heights = $ride->profile->heights === [] ? [0.0, 10.0] : $ride->profile->heights;
        $this->lowest = min($heights);
        $this->highest = max(max($heights), $this->lowest + 20.0);
        $this->length = max(1.0, $ride->profile->length);
        $this->fastest = max(5.0, ...array_map(fn (Stretch $stretch) => $stretch->speed, $ride->stretches));
    }

    /** @return list<array{kind: string, path: string}> bands under the road, one for each run of stretches alike */
    public function bands(): array
    {
        $bands = [];
        $run = [];
        $kind = '';
        foreach ($this->columns() as $column) {
            if ($column['kind'] !== $kind && $run !== []) {
                $bands[] = ['kind' => $kind, 'path' => self::area($run)];
                $run = [$run[count($run) - 1]];
            }
            $kind = $column['kind'];
            $run[] = [$column['x'], $column['y']];
            $run[] = [$column['toX'], $column['toY']];
        }
        if ($run !== []) {
            $bands[] = ['kind' => $kind, 'path' => self::area($run)];
        }

        return $bands;
    }

    /** The battery's rest along the road, falling from full. */
    public function battery(): string
    {
        $points = ['M'.self::LEFT.' '.self::TOP];
        foreach ($this->columns() as $column) {
            $points[] = sprintf('L%.1F %.1F', $column['toX'], self::TOP + min(1.0, $column['usedWh'] / max(1.0, $this->ride->rider->batteryWh)) * (self::BOTTOM - self::TOP));
        }

        return implode(' ', $points);
    }

    public function speed(): string
    {
        $points = [];
        foreach ($this->columns() as $i => $column) {
            $points[] = sprintf('%s%.1F %.1F', $i === 0 ? 'M' : 'L', $column['x'], self::SPEED_BOTTOM - $column['speed'] / $this->fastest * (self::SPEED_BOTTOM - self::SPEED_TOP));
        }

        return implode(' ', $points);
    }

    /** @return list<array{x: float, text: string}> */
    public function kilometres(): array
    {
        $step = max(1.0, ceil($this->length / 1000 / 8));
        $marks = [];
        for ($km = 0.0; $km * 1000 <= $this->length; $km += $step) {
            $marks[] = ['x' => $this->x($km * 1000), 'text' => (string) $km];
        }

        return $marks;
    }

    /** @return array{lowest: string, highest: string, fastest: string, battery: string} */
    public function figures(): array
    {
        return [
            'lowest' => number_format($this->lowest, 0).' m',
            'highest' => number_format($this->highest, 0).' m',
            'fastest' => number_format($this->fastest * 3.6, 0),
            'battery' => number_format($this->ride->leftWh(), 0).' Wh',
        ];
    }

    public function description(): string
    {
        return sprintf('The road in profile, %.1F km, %d m up, ridden; %d Wh used.', $this->length / 1000, $this->ride->profile->ascent(), $this->ride->usedWh());
    }

    /** @return list<array{kind: string, x: float, y: float, toX: float, toY: float, usedWh: float, speed: float}> */
    private function columns(): array
    {
        return $this->columns ??= $this->readColumns();
    }

    /** @return list<array{kind: string, x: float, y: float, toX: float, toY: float, usedWh: float, speed: float}> */
    private function readColumns(): array
    {
        $every = max(1, (int) ceil(count($this->ride->stretches) / self::COLUMNS));
        $columns = [];
        foreach (array_chunk($this->ride->stretches, $every) as $i => $chunk) {
            $first = $chunk[0];
            $last = $chunk[count($chunk) - 1];
            $columns[] = [
                'kind' => self::kind($chunk),
                'x' => $this->x($first->from),
                'y' => $this->y($i * $every),
                'toX' => $this->x($last->from + $last->length),
                'toY' => $this->y($i * $every + count($chunk)),
                'usedWh' => $last->usedWh,
                'speed' => $first->speed,
            ];
        }

        return $columns;
    }

    /** @param  non-empty-list<Stretch>  $chunk the worst of it */
    private static function kind(array $chunk): string
    {
        $kinds = array_map(fn (Stretch $stretch) => match (true) {
            $stretch->isWalked => 'walked',
            $stretch->pull === Pull::Labours => 'labours',
            $stretch->motorW > 0.0 => 'pulls',
            default => 'free',
        }, $chunk);
        foreach (['walked', 'labours', 'pulls'] as $kind) {
            if (in_array($kind, $kinds, true)) {
                return $kind;
            }
        }

        return 'free';
    }

    /** @param  non-empty-list<array{float, float}>  $points */
    private static function area(array $points): string
    {
        $top = implode(' L', array_map(fn (array $point) => sprintf('%.1F %.1F', ...$point), $points));

        return sprintf('M%.1F %.1F L%s L%.1F %.1F Z', $points[0][0], self::BOTTOM, $top, $points[count($points) - 1][0], self::BOTTOM);
    }

    private function x(float $metres): float
    {
        return round(self::LEFT + $metres / $this->length * (self::WIDTH - self::LEFT - self::RIGHT), 1);
    }

    private function y(int $step): float
    {
        $heights = $this->ride->profile->heights;
        $height = $heights[min($step, max(0, count($heights) - 1))] ?? $this->lowest;

        return round(self::BOTTOM - 12 - ($height - $this->lowest) / ($this->highest - $this->lowest) * (self::BOTTOM - 12 - self::TOP), 1);
    }
}
