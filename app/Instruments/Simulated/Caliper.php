<?php

declare(strict_types=1);

namespace App\Instruments\Simulated;

/** A caliper with jaws on something of one true size; what it says lies around that. */
class Caliper extends Simulated
{
    public static function ownKnobs(): array
    {
        return [new Knob('truth', 'Between its jaws', 73.04, 0.0, 300.0, 'mm'), new Knob('noise', 'Off by at most', 0.03, 0.0, 10.0, 'mm')];
    }

    protected function says(string $asked): ?string
    {
        $reads = $this->value('truth') + $this->value('noise') * mt_rand(-100, 100) / 100;

        return $asked === 'R' ? sprintf('%s%06.2f mm', $reads < 0 ? '-' : '+', abs($reads)) : null;
    }
}
