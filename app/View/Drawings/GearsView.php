<?php

declare(strict_types=1);

namespace App\View\Drawings;

use NeatSpindle\Core\Sums\Gearing\Gears;

use function count;

/**
 * Gears over speed: each a band from a steady to a brisk cadence, lowest at the top, with a tick where the
 * motor stops pulling. A second ring's gears lie below the first's.
 */
class GearsView
{
    public const STEADY = 60;

    public const BRISK = 90;

    /** Speeds at which laws of some kinds draw a line; examples to check. */
    public const LINES = [25, 32, 45];

    private const LEFT = 150.0;

    private const RIGHT = 130.0;

    private const PLOT = 700.0;

    private const ROW = 26.0;

    private const TOP = 44.0;

    public readonly float $width;

    public readonly float $height;

    private readonly float $fastest;

    public function __construct(private readonly Gears $gears, private readonly float $motorMaxRpm, private readonly ?Gears $second = null)
    {
        $highest = max($gears->highest()->speedAt(max(self::BRISK, $motorMaxRpm)), $second?->highest()->speedAt(max(self::BRISK, $motorMaxRpm)) ?? 0.0);
        $this->fastest = max(30.0, ceil($highest / 10) * 10);
        $this->width = self::LEFT + self::PLOT + self::RIGHT;
        $this->height = self::TOP + $this->rowCount() * self::ROW + 40;
    }

    /** @return list<array{label: string, development: string, y: float, from: float, to: float, max: float, isSecond: bool, step: string}> */
    public function rows(): array
    {
        $rows = [];
        foreach ([$this->gears, $this->second] as $which => $gears) {
            $before = null;
            foreach ($gears?->merged() ?? [] as $gear) {
                $rows[] = [
                    'label' => $gear->label($this->gears->haveHub()),
                    'development' => number_format($gear->development, 2).' m',
                    'y' => self::TOP + (count($rows) + ($which === 1 ? 1 : 0)) * self::ROW,
                    'from' => $this->x($gear->speedAt(self::STEADY)),
                    'to' => $this->x($gear->speedAt(self::BRISK)),
                    'max' => $this->x($gear->speedAt($this->motorMaxRpm)),
                    'isSecond' => $which === 1,
                    'step' => $before === null ? '' : '+'.number_format(($gear->development / $before->development - 1) * 100, 0).' %',
                ];
                $before = $gear;
            }
        }

        return $rows;
    }

    /** @return list<array{kmh: int, x: float, isLine: bool}> */
    public function scale(): array
    {
        $marks = [];
        for ($kmh = 0; $kmh <= $this->fastest; $kmh += 10) {
            $marks[] = ['kmh' => $kmh, 'x' => $this->x($kmh), 'isLine' => false];
        }
        foreach (self::LINES as $kmh) {
            if ($kmh < $this->fastest) {
                $marks[] = ['kmh' => $kmh, 'x' => $this->x($kmh), 'isLine' => true];
            }
        }

        return $marks;
    }

    public function bottom(): float
    {
        return $this->height - 34;
    }

    public function description(): string
    {
        $metres = fn (float $development) => number_format($development, 2);

        return "Gears over speed, from {$metres($this->gears->lowest()->development)} to {$metres($this->gears->highest()->development)}"
            .' metres for a turn of the crank.';
    }

    /** What the labels before the bands say. */
    public function heading(): string
    {
        return $this->gears->haveHub() ? 'cog × hub' : 'cog';
    }

    private function rowCount(): int
    {
        return count($this->gears->merged()) + ($this->second === null ? 0 : 1 + count($this->second->merged()));
    }

    private function x(float $kmh): float
    {
        return round(self::LEFT + $kmh / $this->fastest * self::PLOT, 1);
    }
}
