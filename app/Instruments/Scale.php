<?php

declare(strict_types=1);

namespace App\Instruments;

use NeatSpindle\Core\Ground\Measure\CannotReadLine;

/** The workshop's scale: `W` for one weight such as `+0021.35 kg`. */
class Scale extends PluggedIn
{
    /**
     * In kg.
     *
     * @throws InstrumentIsSilent
     * @throws CannotReadLine
     */
    public function weigh(): float
    {
        $line = $this->ask('W');

        return preg_match('/^([+-]\d{4}\.\d\d) kg$/', $line, $said) === 1 ? (float) $said[1] : throw CannotReadLine::of('scale', $line);
    }

    protected function name(): string
    {
        return 'scale';
    }
}
