<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Ground\Measure;

use function count;

/** Reads lengths as people type them at the bench. */
final readonly class LengthText
{
    private const MOST_AT_ONCE = 60;

    /** @param  LengthUnit  $assumed the unit of a number typed without one */
    public function __construct(private LengthUnit $assumed) {}

    /**
     * One length in mm.
     *
     * @throws CannotReadQuantity
     */
    public function mm(string $typed): float
    {
        $number = TypedNumber::read($typed, $this->example());
        if ($number->isFraction && $number->unit === '' && $this->assumed !== LengthUnit::Inch) {
            throw CannotReadQuantity::becauseAFractionNeedsItsUnit(trim($typed));
        }
        $unit = $number->unit === '' ? $this->assumed : LengthUnit::fromText($number->unit);
        if ($unit === null) {
            throw CannotReadQuantity::becauseTheUnitIsUnknown($number->unit, 'a length in mm or in');
        }

        return $unit->toMm($number->amount);
    }

    /**
     * One or several readings: `73.04`, `73.04 72.96 73.08`, `2 7/8 in; 73.0`, `73.0 ± 0.1`; or one length
     * measured in stretches: `620 + 710 + 575`, whose doubts add up.
     *
     * Several are parted by semicolons or line ends; plain decimals also by spaces.
     *
     * @throws CannotReadQuantity
     */
    public function measurement(string $typed, float $instrumentMm): Measurement
    {
        $parts = preg_split('/\s*(?:±|\+\/-|\+-)\s*/u', trim($typed)) ?: [];
        if (count($parts) === 2) {
            return $this->statedDoubt($parts[0], $parts[1]);
        }

        if (preg_match('/[\d\p{L}"″”]\s*\+\s*\d/u', $typed) === 1) {
            $stretches = array_map($this->mm(...), explode('+', $typed));

            return Measurement::within(array_sum($stretches), count($stretches) * $instrumentMm);
        }

        return Measurement::fromReadings($this->several($typed), $instrumentMm);
    }

    /**
     * Several lengths in mm, parted as readings are.
     *
     * @return non-empty-list<float>
     *
     * @throws CannotReadQuantity
     */
    public function several(string $typed): array
    {
        $pieces = $this->pieces($typed);
        if (count($pieces) > self::MOST_AT_ONCE) {
            throw CannotReadQuantity::becauseThereAreTooMany(self::MOST_AT_ONCE);
        }

        return array_map($this->mm(...), $pieces);
    }

    private function statedDoubt(string $value, string $doubt): Measurement
    {
        $unit = TypedNumber::read($doubt, $this->example())->unit;
        $carries = LengthUnit::fromText($unit) !== null && preg_match('/[\p{L}"″”]/u', $value) !== 1;

        return Measurement::within($this->mm($carries ? "{$value} {$unit}" : $value), abs($this->mm($doubt)));
    }

    /** @return non-empty-list<string> */
    private function pieces(string $typed): array
    {
        $parts = preg_split('/[;\r\n]+/', $typed, flags: PREG_SPLIT_NO_EMPTY) ?: [];
        if (count($parts) === 1 && preg_match('/^\s*[+\-−]?\d*[.,]?\d+(\s+[+\-−]?\d*[.,]?\d+)+\s*$/u', $typed) === 1) {
            $parts = preg_split('/\s+/', trim($typed)) ?: [];
        }

        return $parts === [] ? [''] : $parts;
    }

    private function example(): string
    {
        return $this->assumed === LengthUnit::Inch ? '2.875 or 2 7/8' : '73.1 or 2 7/8 in';
    }
}
