<?php

declare(strict_types=1);

namespace App\View\Drawings;

use NeatSpindle\Core\Ground\Measure\LengthUnit;
use NeatSpindle\Core\Ground\Measure\Rounding;
use NeatSpindle\Core\Sums\Line\Chainline;
use NeatSpindle\Core\Sums\Line\CogLine;
use NeatSpindle\Core\Sums\Margin\Margin;

use function count;

/**
 * The chain from above: ring in front at the bottom, cogs behind at the top, drive side right; stretched along
 * the bike. Each cog carries a bar as tall as it is ridden; the chainstay stands beside the ring at the ring's
 * own radius.
 */
class LineView
{
    private const WIDTH = 780.0;

    private const LEFT = 80.0;

    private const RIGHT = 90.0;

    private const TOP = 138.0;

    private const RUN = 270.0;

    /** Beside a longer list of cogs there is room for a longer run, which shows the angles better. */
    private const RUN_FOR_A_COG = 12.0;

    private const COGS_IN_THE_SHORT_RUN = 5;

    private const BAR = 46.0;

    private const STAY = 20.0;

    public readonly float $width;

    public readonly float $height;

    public readonly float $centreX;

    public readonly float $ringX;

    public readonly float $ringY;

    public readonly float $cogY;

    private readonly float $run;

    private readonly float $leftmost;

    /** Units of the drawing for a millimetre across the bike. */
    private readonly float $across;

    /** @param  non-empty-list<float>  $use a weight for each cog */
    public function __construct(
        private readonly Chainline $line,
        private readonly float $chainstayMm,
        private readonly array $use,
        private readonly ?Margin $clearance,
        private readonly LengthUnit $unit,
    ) {
        $positions = [0.0, ...array_map(fn (CogLine $cog) => $cog->position, $line->cogs), $line->front];
        $this->leftmost = min($positions);
        $this->width = self::WIDTH;
        $this->across = (self::WIDTH - self::LEFT - self::RIGHT) / (max($positions) - $this->leftmost);
        $this->run = self::RUN + self::RUN_FOR_A_COG * max(0, count($line->cogs) - self::COGS_IN_THE_SHORT_RUN);
        $this->cogY = self::TOP;
        $this->ringY = self::TOP + $this->run;
        $this->height = $this->ringY + 70;
        $this->centreX = $this->x(0.0);
        $this->ringX = $this->x($line->front);
    }

    /** How much more the drawing shows across than along. */
    public function stretch(): string
    {
        return number_format($this->across / ($this->run / $this->chainstayMm), 1);
    }

    /** @return list<array{teeth: int, angle: string, offset: string, verdict: string, x: float, half: float, bar: float}> */
    public function cogs(): array
    {
        $most = max(1e-9, max($this->use));

        return array_map(fn (CogLine $cog, float $use) => [
            'teeth' => $cog->teeth,
            'angle' => number_format(Rounding::halfAway($cog->angle, 1), 1),
            'offset' => number_format(Rounding::halfAway($cog->offset), 2),
            'verdict' => $cog->verdict->value,
            'x' => $this->x($cog->position),
            'half' => 4 + $cog->teeth / 4,
            'bar' => round($use / $most * self::BAR, 1),
        ], $this->line->cogs, $this->use);
    }

    /** Where the rows over the cogs are named: left of the innermost. */
    public function namesX(): float
    {
        return $this->x(min(array_map(fn (CogLine $cog) => $cog->position, $this->line->cogs))) - 20;
    }

    public function rearCentreX(): float
    {
        return $this->x($this->line->rearCentre);
    }

    /** @return array{x: float, ring: float, text: string, verdict: string}|null the stay's outer side where the ring passes it */
    public function stay(): ?array
    {
        return $this->clearance === null ? null : [
            'x' => $this->ringX - 8 - $this->clearance->value * $this->across,
            'ring' => $this->ringX - 8,
            'text' => $this->unit->figure($this->clearance->value).' ± '.$this->unit->figure($this->clearance->plusMinus),
            'verdict' => $this->clearance->verdict->value,
        ];
    }

    public function stayWidth(): float
    {
        return self::STAY;
    }

    private function x(float $mm): float
    {
        return round(self::LEFT + ($mm - $this->leftmost) * $this->across, 2);
    }
}
