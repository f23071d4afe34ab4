<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Ground\Measure;

/** The unit a person reads and types torque in; torque is kept in N·m. */
enum TorqueUnit: string
{
    case NewtonMetre = 'N·m';
    case FootPound = 'ft·lb';

    /** One pound-force (4.4482216152605 N) at one foot (0.3048 m). */
    public const NM_PER_FOOT_POUND = 1.3558179483314004;

    public static function fromText(string $unit): ?self
    {
        return match (preg_replace('/[\s·.\-*]+/u', '', mb_strtolower($unit))) {
            'nm', 'newtonmetre', 'newtonmetres', 'newtonmeter', 'newtonmeters' => self::NewtonMetre,
            'ftlb', 'ftlbs', 'lbft', 'lbsft', 'ftlbf', 'footpound', 'footpounds' => self::FootPound,
            default => null,
        };
    }

    public function toNm(float $amount): float
    {
        return $this === self::FootPound ? $amount * self::NM_PER_FOOT_POUND : $amount;
    }

    public function fromNm(float $nm): float
    {
        return $this === self::FootPound ? $nm / self::NM_PER_FOOT_POUND : $nm;
    }

    /** The figure without its unit, to 0.1. */
    public function figure(float $nm): string
    {
        return number_format(Rounding::halfAway($this->fromNm($nm), 1), 1, '.', '');
    }

    public function show(float $nm): string
    {
        return $this->figure($nm).' '.$this->value;
    }
}
