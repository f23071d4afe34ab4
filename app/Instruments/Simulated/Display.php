<?php

declare(strict_types=1);

namespace App\Instruments\Simulated;

/** A motor on the stand with its display: hands on levers, throttle and crank, and faults that can be switched on. Its numbers of errors are invented. */
class Display extends Simulated
{
    private const NO_MAGNET = 21;

    private const PACK_CUT = 30;

    private const CUT_UNDER_NM = 30.0;

    public static function ownKnobs(): array
    {
        return [
            new Knob('volts', 'Pack', 52.1, 0.0, 90.0, 'V'),
            new Knob('level', 'Level', 0.0, 0.0, 9.0, 'of 9'),
            new Knob('throttle', 'Throttle', 0.0, 0.0, 100.0, '%'),
            new Knob('crank', 'Crank', 0.0, 0.0, 140.0, '/min'),
            Knob::switch('left', 'Left lever pulled'), Knob::switch('right', 'Right lever pulled'),
            Knob::switch('gear', 'Shifting'), Knob::switch('walk', 'Walking help held'), new Knob(
                'wheel', 'Wheel that is set', 2180.0, 800.0, 2600.0, 'mm',
            ),
            new Knob('cut_off', 'Stops helping at', 25.0, 3.0, 80.0, 'km/h'), new Knob(
                'rolls', 'Rolls at, without the motor', 0.0, 0.0, 60.0, 'km/h',
            ),
            Knob::switch('no_magnet', 'Fault: magnet off'), Knob::switch('brake_stuck', 'Fault: left brake’s input stuck'),
            Knob::switch('dead_at_zero', 'Throttle dead at level zero'), Knob::switch('pack_cuts', 'Fault: pack cuts out under load'),
        ];
    }

    protected function says(string $asked): ?string
    {
        if ($asked !== 'D') {
            return null;
        }
        $nm = $this->pulls();
        $isPackOut = $this->isOn('pack_cuts') && $nm > self::CUT_UNDER_NM;
        $kmh = max($this->value('rolls'), $nm > 0.0 ? $this->drivenSpeed() : 0.0);
        $isSpeedLost = $this->isOn('no_magnet');

        return sprintf(
            'v=%.1f kmh=%.1f crank=%d nm=%.1f level=%d throttle=%d brake=%s%s gear=%d walk=%d wheel=%d err=%02d',
            $isPackOut ? 0.0 : $this->value('volts') - $nm * 0.02, $isSpeedLost ? 0.0 : $kmh, $this->value('crank'), $isPackOut ? 0.0 : $nm, $this->value('level'),
            $this->value('throttle'), $this->isLeftPulled() ? 'L' : '-', $this->isOn('right') ? 'R' : '-', $this->isOn('gear'), $this->isOn('walk'),
            $this->value('wheel'), match (true) {
                $isPackOut => self::PACK_CUT,
                $isSpeedLost && $kmh > 12.0 => self::NO_MAGNET,
                default => 0,
            },
        );
    }

    /** What the motor pulls, in N·m. */
    private function pulls(): float
    {
        $isCut = $this->isLeftPulled() || $this->isOn('right') || $this->isOn('gear') || $this->value('rolls') >= $this->value('cut_off');
        $byThrottle = $this->isOn('level') || ! $this->isOn('dead_at_zero') ? $this->value('throttle') * 0.6 : 0.0;
        $byCrank = $this->isOn('crank') ? $this->value('level') * 8.0 : 0.0;

        return $isCut ? 0.0 : max($byThrottle, $byCrank, $this->isOn('walk') ? 6.0 : 0.0);
    }

    private function drivenSpeed(): float
    {
        $wish = max(
            $this->value('throttle') * 0.4, $this->isOn('crank') ? 6.0 + 4.0 * $this->value('level') : 0.0, $this->isOn('walk') ? 4.5 : 0.0,
        );

        return min($wish, $this->value('cut_off') - 0.2) + mt_rand(-1, 1) / 10;
    }

    private function isLeftPulled(): bool
    {
        return $this->isOn('left') || $this->isOn('brake_stuck');
    }
}
