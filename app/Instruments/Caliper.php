<?php

declare(strict_types=1);

namespace App\Instruments;

/** The workshop's caliper: `R` for one reading such as `+073.02 mm`. */
class Caliper extends PluggedIn
{
    /** @throws InstrumentIsSilent */
    public function read(): string
    {
        return $this->ask('R');
    }

    protected function name(): string
    {
        return 'caliper';
    }
}
