<?php

declare(strict_types=1);

namespace App\Instruments\Simulated;

/** A torque wrench: it keeps the peak of the last pull, or where it clicked; it drifts, and its calibration runs out. */
class Wrench extends Simulated
{
    public static function ownKnobs(): array
    {
        return [
            new Knob('pull', 'Pulled with', 37.0, 0.0, 200.0, 'N·m'), new Knob(
                'clicks_at', 'Clicks at, 0 for never', 0.0, 0.0, 200.0, 'N·m',
            ),
            new Knob('drift', 'Shows with nothing on it', 0.0, -20.0, 20.0, 'N·m'), new Knob(
                'days_left', 'Calibrated for', 180.0, -400.0, 400.0, 'days',
            ),
        ];
    }

    protected function says(string $asked): ?string
    {
        $hasClicked = $this->isOn('clicks_at') && $this->value('pull') >= $this->value('clicks_at');
        $peak = ($hasClicked ? $this->value('clicks_at') : $this->value('pull')) + $this->value('drift');

        return $asked === 'T' ? sprintf(
            '%s Nm %s zero %s due %s', self::signed($peak), $hasClicked ? 'click' : 'peak', self::signed($this->value('drift')),
            date('Y-m-d', time() + (int) $this->value('days_left') * 86_400),
        ) : null;
    }

    private static function signed(float $nm): string
    {
        return ($nm < 0 ? '-' : '+').sprintf('%05.1f', abs($nm));
    }
}
