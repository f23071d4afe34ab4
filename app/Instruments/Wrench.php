<?php

declare(strict_types=1);

namespace App\Instruments;

use NeatSpindle\Core\Ground\Measure\CannotReadLine;
use NeatSpindle\Core\Parts\Fastening\WrenchLine;

/** The workshop's torque wrench: `T` for the last pull. */
class Wrench extends PluggedIn
{
    /**
     * @throws InstrumentIsSilent
     * @throws CannotReadLine
     */
    public function lastPull(): WrenchLine
    {
        return WrenchLine::read($this->ask('T'));
    }

    protected function name(): string
    {
        return 'torque wrench';
    }
}
