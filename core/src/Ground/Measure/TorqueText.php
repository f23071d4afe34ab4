<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Ground\Measure;

/** Reads torque as people type it at the bench. */
final readonly class TorqueText
{
    /** @param  TorqueUnit  $assumed the unit of a number typed without one */
    public function __construct(private TorqueUnit $assumed) {}

    /**
     * One torque in N·m.
     *
     * @throws CannotReadQuantity
     */
    public function nm(string $typed): float
    {
        $number = TypedNumber::read($typed, $this->assumed === TorqueUnit::FootPound ? '37 or 50 Nm' : '50 or 37 ft lb');
        $unit = $number->unit === '' ? $this->assumed : TorqueUnit::fromText($number->unit);
        if ($unit === null) {
            throw CannotReadQuantity::becauseTheUnitIsUnknown($number->unit, 'a torque in N·m or ft·lb');
        }

        return $unit->toNm($number->amount);
    }
}
