<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Ground\Measure;

use function count;

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

    /**
     * A band as it stands on a paper, in N·m: two figures with something between, or one alone; a unit behind the second
     * holds for both.
     *
     * @throws CannotReadQuantity
     */
    public function band(string $typed): TorqueBand
    {
        $example = $this->assumed === TorqueUnit::FootPound ? '26 to 31' : '35 to 42';
        $parts = preg_split('/(?<=[\d\p{L}·])\s*(?:–|—|-|\bto\b|\.{2,3}|…)\s*(?=\d)/u', trim($typed)) ?: [];
        if (count($parts) > 2) {
            throw CannotReadQuantity::becauseItIsNoNumber($typed, $example);
        }
        [$low, $high] = [$parts[0] ?? '', $parts[1] ?? $parts[0] ?? ''];
        $unit = TypedNumber::read($low, $example)->unit === '' ? TypedNumber::read($high, $example)->unit : '';
        $band = new TorqueBand($this->nm($low.$unit), $this->nm($high));

        return $band->low <= $band->high ? $band : throw CannotReadQuantity::becauseItIsNone("the lower figure first, like {$example}");
    }
}
