<?php

declare(strict_types=1);

namespace App\View\Drawings;

use NeatSpindle\Core\Whole\Prove\DisplayLine;

/** What a motor says, as bars and lamps: each bar with its figure and how much of its length is filled, each lamp on or off. */
final readonly class LineGauges
{
    private const WIDTH = 300.0;

    public function __construct(public DisplayLine $line) {}

    /** @return list<array{label: string, says: string, length: float}> lengths in the drawing's units, of 300 */
    public function bars(): array
    {
        $bar = fn (string $label, string $says, float $value, float $most): array => [
            'label' => $label, 'says' => $says, 'length' => self::WIDTH * min(1.0, $value / $most),
        ];

        return [
            $bar('Speed', "{$this->line->kmh} km/h", $this->line->kmh, 45.0), $bar(
                'Torque', "{$this->line->nm} N·m", $this->line->nm, 120.0,
            ),
            $bar('Crank', "{$this->line->crank} /min", $this->line->crank, 120.0), $bar(
                'Throttle', "{$this->line->throttle} %", $this->line->throttle, 100.0,
            ),
            $bar('Pack', "{$this->line->volts} V", $this->line->volts, 60.0),
        ];
    }

    /** @return array<string, bool> */
    public function lamps(): array
    {
        return [
            'Left brake' => $this->line->isLeftPulled, 'Right brake' => $this->line->isRightPulled, 'Shifting' => $this->line->isShifting, 'Walking' => $this->line->isWalking,
        ];
    }
}
