<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Ground\Measure;

/** The unit a person reads and types lengths in; lengths are kept in mm. */
enum LengthUnit: string
{
    case Millimetre = 'mm';
    case Inch = 'in';

    public const MM_PER_INCH = 25.4;

    /** Under so much of an inch a thousandth says nothing. */
    private const FINE = 0.0005;

    /** So near to a pitch of an even number of threads in an inch a reading is taken for it, in mm; metric ones lie further off. Ours. */
    private const NEAR_MM = 0.01;

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

    /** What it is called where a figure is asked for, so that nobody reads “in in”. */
    public function words(): string
    {
        return match ($this) {
            self::Millimetre => 'millimetres',
            self::Inch => 'inches',
        };
    }

    /** Figures of this unit to show how one may type them: several at once, and one with a doubt. */
    public function examples(): string
    {
        return match ($this) {
            self::Millimetre => 'Several at once: 73.04 72.96 73.08. Your own doubt: 73.0 ± 0.1. Inches: 2 7/8 in.',
            self::Inch => 'Several at once: 2.875 2.872 2.876. Fractions: 2 7/8. Your own doubt: 2.875 ± 0.004. Millimetres: 73.04 mm.',
        };
    }

    /** The figure without its unit: mm to 0.01, inches to 0.001, and further where that would be nothing; for example `73.04`. */
    public function figure(float $mm): string
    {
        $isFine = $this === self::Inch && $mm !== 0.0 && abs($this->fromMm($mm)) < self::FINE;
        $places = match (true) {
            $isFine => 4,
            $this === self::Inch => 3,
            default => 2,
        };

        return number_format(Rounding::halfAway($this->fromMm($mm), $places), $places, '.', '');
    }

    /** The figure with its unit, for example `73.04 mm`. */
    public function show(float $mm): string
    {
        return $this->figure($mm).' '.$this->value;
    }

    /** A cable's or tube's length with its unit: whole mm, inches as people say them, to the sixteenth: `27 5/16 in`. */
    public function showCoarse(float $mm): string
    {
        return ($this === self::Inch ? self::sixteenths($this->fromMm($mm)) : number_format(Rounding::halfAway($mm, 0), 0, '.', '')).' '.$this->value;
    }

    private static function sixteenths(float $inches): string
    {
        $all = (int) round(abs($inches) * 16);
        [$whole, $part] = [intdiv($all, 16), $all % 16];
        $by = $part === 0 ? 1 : 16 / self::common($part);
        $fraction = $part === 0 ? '' : ($part / self::common($part)).'/'.$by;
        $text = trim(($whole === 0 && $fraction !== '' ? '' : (string) $whole)." {$fraction}");

        return $inches < 0.0 && $all > 0 ? "-{$text}" : $text;
    }

    /** By what a count of sixteenths is shortened. */
    private static function common(int $sixteenths): int
    {
        return match (true) {
            $sixteenths % 8 === 0 => 8,
            $sixteenths % 4 === 0 => 4,
            $sixteenths % 2 === 0 => 2,
            default => 1,
        };
    }

    /** A thread's pitch as both are said: `1.06 mm, 24 per inch`. */
    public function showPitch(float $mm): string
    {
        $threads = $mm > 0.0 ? 2 * max(1, (int) round(self::MM_PER_INCH / $mm / 2)) : 1;
        $says = abs(self::MM_PER_INCH / $threads - $mm) <= self::NEAR_MM ? ", {$threads} per inch" : '';

        return number_format(Rounding::halfAway($mm, 2), 2, '.', '')." mm{$says}";
    }

    public function showMeasurement(Measurement $measurement): string
    {
        return "{$this->figure($measurement->value)} ± {$this->figure($measurement->plusMinus)} {$this->value}";
    }
}
