<?php

declare(strict_types=1);

namespace App\View\Drawings;

use App\Bench\Surroundings;
use App\Models\Obstacle;
use NeatSpindle\Core\Sums\Margin\Verdict;

/** The shell along its axis, seen from the drive side: what stands out around it, against the outline of the motor's body. */
class AroundView
{
    public const SIZE = 400.0;

    public const MIDDLE = 200.0;

    private const SCALE = 2.6;

    /** Half of what such a shell measures across, in mm, where nobody has measured it. */
    private const SHELL_RADIUS = 20.5;

    /** How far the body's outline is drawn outwards, in mm. */
    private const BODY_DEPTH = 24.0;

    /** How wide something is drawn, in degrees. */
    private const WIDTH = 14.0;

    private const STEP = 5.0;

    private const NUMBER_BEYOND = 6.0;

    public function __construct(private readonly Surroundings $around) {}

    public function shellRadius(): float
    {
        return self::SHELL_RADIUS * self::SCALE;
    }

    public function gap(): ?float
    {
        return $this->around->room->gap;
    }

    /** The body's outline, closed; null where its room is not known. */
    public function body(): ?string
    {
        $gap = $this->around->room->gap;
        if ($gap === null) {
            return null;
        }
        [$from, $to] = $this->around->room->span();
        $inner = $this->arc($from, $to, self::SHELL_RADIUS + $gap);

        return 'M'.implode(' L', [...$inner, ...array_reverse($this->arc($from, $to, self::SHELL_RADIUS + $gap + self::BODY_DEPTH))]).' Z';
    }

    /** @return list<array{obstacle: Obstacle, number: int, path: string, x: float, y: float, verdict: ?Verdict}> */
    public function obstacles(): array
    {
        $drawn = [];
        foreach ($this->around->obstacles as $i => $obstacle) {
            $top = self::SHELL_RADIUS + $obstacle->height_mm;
            [$from, $to] = [$obstacle->angle_deg - self::WIDTH / 2, $obstacle->angle_deg + self::WIDTH / 2];
            [$x, $y] = $this->at((float) $obstacle->angle_deg, $top + self::NUMBER_BEYOND);
            $drawn[] = [
                'obstacle' => $obstacle, 'number' => $i + 1, 'x' => $x, 'y' => $y, 'verdict' => $this->around->margin($obstacle)?->verdict,
                'path' => 'M'.implode(' L', [...$this->arc($from, $to, self::SHELL_RADIUS), ...array_reverse($this->arc($from, $to, $top))]).' Z',
            ];
        }

        return $drawn;
    }

    /** @return non-empty-list<string> points of an arc */
    private function arc(float $from, float $to, float $radius): array
    {
        $steps = max(1, (int) ceil(($to - $from) / self::STEP));

        return array_map(fn (int $i) => implode(' ', $this->at($from + ($to - $from) * $i / $steps, $radius)), range(0, $steps));
    }

    /** @return array{float, float} */
    private function at(float $angle, float $radius): array
    {
        $length = $radius * self::SCALE;

        return [round(self::MIDDLE + $length * cos(deg2rad($angle)), 1), round(self::MIDDLE - $length * sin(deg2rad($angle)), 1)];
    }
}
