<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Ground\Measure;

/** The unit a person reads and types lengths in; lengths are kept in mm. */
enum LengthUnit: string
{
    case Millimetre = 'mm';
    case Inch = 'in';

    public const MM_PER_INCH = 25.4;

    public static function fromText(string $unit): ?self
    {
        return match (mb_strtolower(trim($unit, " .\t"))) {
            'mm', 'millimetre', 'millimetres', 'millimeter', 'millimeters' => self::Millimetre,
            'in', 'inch', 'inches', '"', '″', '”', "''" => self::Inch,
            default => null,
        };
    }

    public function toMm(float $amount): float
    {
        return $this === self::Inch ? $amount * self::MM_PER_INCH : $amount;
    }

    public function fromMm(float $mm): float
    {
        return $this === self::Inch ? $mm / self::MM_PER_INCH : $mm;
    }

    /** The figure without its unit: mm to 0.01, inches to 0.001, for example `73.04`. */
    public function figure(float $mm): string
    {
        $places = $this === self::Inch ? 3 : 2;

        return number_format(Rounding::halfAway($this->fromMm($mm), $places), $places, '.', '');
    }

    /** The figure with its unit, for example `73.04 mm`. */
    public function show(float $mm): string
    {
        return $this->figure($mm).' '.$this->value;
    }

    /** A cable's or tube's length with its unit: whole mm, inches to 0.1. */
    public function showCoarse(float $mm): string
    {
        $places = $this === self::Inch ? 1 : 0;

        return number_format(Rounding::halfAway($this->fromMm($mm), $places), $places, '.', '').' '.$this->value;
    }

    public function showMeasurement(Measurement $measurement): string
    {
        return "{$this->figure($measurement->value)} ± {$this->figure($measurement->plusMinus)} {$this->value}";
    }
}
