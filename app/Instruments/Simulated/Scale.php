<?php

declare(strict_types=1);

namespace App\Instruments\Simulated;

/** A scale with something on it. */
class Scale extends Simulated
{
    public static function ownKnobs(): array
    {
        return [new Knob('on_it', 'On it', 121.4, 0.0, 800.0, 'kg'), new Knob('noise', 'Off by at most', 0.05, 0.0, 5.0, 'kg')];
    }

    protected function says(string $asked): ?string
    {
        $reads = max(0.0, $this->value('on_it') + $this->value('noise') * mt_rand(-100, 100) / 100);

        return $asked === 'W' ? sprintf('+%07.2f kg', $reads) : null;
    }
}
