<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Mount;

use NeatSpindle\Core\Ground\Measure\Tolerance;
use NeatSpindle\Core\Parts\Part\NutSocket;

/** Whether the socket passes over the spindle's end and reaches the nut. Worksheet contract, *reach*. In mm. */
final readonly class Reach
{
    /** Between the spindle and the socket's bore. */
    private const AIR = 0.5;

    private function __construct(
        public float $neededBore, public float $neededDepth, public bool $reaches, public bool $doesSpindleComeOut,
    ) {}

    /** @param  float  $spindleBeyondNut how far the spindle stands out beyond the nut's inner face */
    public static function of(NutSocket $socket, float $spindleOuter, float $spindleBeyondNut, bool $doesSpindleComeOut = true): self
    {
        $bore = $spindleOuter + self::AIR;
        $depth = max(0.0, $spindleBeyondNut);

        return new self(
            $bore, $depth, Tolerance::atLeast($socket->bore, $bore) && Tolerance::atLeast($socket->depth, $depth), $doesSpindleComeOut,
        );
    }

    /** In the worksheet's word: else the nut is torqued before the spindle goes in, or another tool is found. */
    public function verdict(): string
    {
        return match (true) {
            $this->reaches => 'reaches',
            $this->doesSpindleComeOut => 'spindle_first',
            default => 'another_tool',
        };
    }
}
