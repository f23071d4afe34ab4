<?php

declare(strict_types=1);

namespace App\View\Drawings;

use NeatSpindle\Core\Line\Chainline;
use NeatSpindle\Core\Line\CogLine;
use NeatSpindle\Core\Measure\Rounding;

/** The chain from above: ring in front at the bottom, cogs behind at the top, drive side right; stretched along the bike. */
class LineView
{
    private const ACROSS = 9.0;

    private const RUN = 300.0;

    private const TOP = 92.0;

    private const ROOM_MM = 9.0;

    public readonly float $width;

    public readonly float $height;

    public readonly float $centreX;

    public readonly float $ringX;

    public readonly float $ringY;

    public readonly float $cogY;

    private readonly float $left;

    public function __construct(private readonly Chainline $line, private readonly float $chainstayMm)
    {
        $positions = [...array_map(fn (CogLine $cog) => $cog->position, $line->cogs), $line->front];
        $this->left = min(0.0, min($positions)) - self::ROOM_MM;
        $this->width = (max($positions) + self::ROOM_MM + 4 - $this->left) * self::ACROSS;
        $this->cogY = self::TOP;
        $this->ringY = self::TOP + self::RUN;
        $this->height = $this->ringY + 70;
        $this->centreX = $this->x(0.0);
        $this->ringX = $this->x($line->front);
    }

    /** How much more the drawing shows across than along. */
    public function stretch(): string
    {
        return number_format(self::ACROSS / (self::RUN / $this->chainstayMm), 1);
    }

    /** @return list<array{teeth: int, angle: string, offset: string, verdict: string, x: float, half: float}> */
    public function cogs(): array
    {
        return array_map(fn (CogLine $cog) => [
            'teeth' => $cog->teeth,
            'angle' => number_format(Rounding::halfAway($cog->angle, 1), 1),
            'offset' => number_format(Rounding::halfAway($cog->offset), 2),
            'verdict' => $cog->verdict->value,
            'x' => $this->x($cog->position),
            'half' => 4 + $cog->teeth / 4,
        ], $this->line->cogs);
    }

    public function rearCentreX(): float
    {
        return $this->x($this->line->rearCentre);
    }

    private function x(float $mm): float
    {
        return round(($mm - $this->left) * self::ACROSS, 2);
    }
}
