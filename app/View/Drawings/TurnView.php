<?php

declare(strict_types=1);

namespace App\View\Drawings;

use NeatSpindle\Core\Ground\Turn\Direction;
use NeatSpindle\Core\Ground\Turn\Posture;
use NeatSpindle\Core\Ground\Turn\Rotation;
use NeatSpindle\Core\Ground\Turn\Side;
use NeatSpindle\Core\Ground\Turn\Turn;

/** The turning picture: the part as one faces it, the wrench standing up, an arrow the way it goes. */
class TurnView
{
    private const MIDDLE = 70.0;

    private const RADIUS = 46.0;

    /** From the top of the circle, in degrees. */
    private const SWEEP = 80.0;

    public function __construct(public readonly Turn $turn) {}

    public function isClockwise(): bool
    {
        return $this->turn->rotation() === Rotation::Clockwise;
    }

    public function frontIsRight(): bool
    {
        return ($this->turn->side === Side::Drive) === ($this->turn->posture === Posture::Upright);
    }

    /** The arrow's path, from the top of the wrench the way it goes. */
    public function arrow(): string
    {
        [$x, $y] = $this->end();

        return sprintf('M %.1F %.1F A %.1F %.1F 0 0 %d %.1F %.1F', self::MIDDLE, self::MIDDLE - self::RADIUS, self::RADIUS, self::RADIUS, $this->isClockwise() ? 1 : 0, $x, $y);
    }

    /** The arrow's head, as a triangle pointing the way it goes. */
    public function head(): string
    {
        [$x, $y] = $this->end();
        $way = $this->isClockwise() ? 1 : -1;
        [$alongX, $alongY] = [-sin($this->endAngle()) * $way, cos($this->endAngle()) * $way];
        $corner = fn (float $along, float $aside) => sprintf(
            '%.1F,%.1F',
            $x + $along * $alongX - $aside * $alongY,
            $y + $along * $alongY + $aside * $alongX,
        );

        return implode(' ', [$corner(16, 0), $corner(-2, 10), $corner(-2, -10)]);
    }

    public function words(): string
    {
        $to = $this->turn->handleTopGoesTo() === Direction::Front ? 'front' : 'back';

        return ucfirst($this->turn->rotation()->value).", top of the wrench to the {$to}";
    }

    /** @return array{float, float} */
    private function end(): array
    {
        return [
            self::MIDDLE + self::RADIUS * cos($this->endAngle()),
            self::MIDDLE + self::RADIUS * sin($this->endAngle()),
        ];
    }

    /** In radians, clockwise from the right, as a screen counts. */
    private function endAngle(): float
    {
        return deg2rad(-90 + ($this->isClockwise() ? self::SWEEP : -self::SWEEP));
    }
}
