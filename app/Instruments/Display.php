<?php

declare(strict_types=1);

namespace App\Instruments;

use NeatSpindle\Core\Ground\Measure\CannotReadLine;
use NeatSpindle\Core\Whole\Prove\DisplayLine;

/** The line between a motor and its display: `D` for what it says just now. */
class Display extends PluggedIn
{
    /**
     * @throws InstrumentIsSilent
     * @throws CannotReadLine
     */
    public function read(): DisplayLine
    {
        return DisplayLine::read($this->ask('D'));
    }

    protected function name(): string
    {
        return 'motor’s display';
    }
}
