<?php

declare(strict_types=1);

namespace App\Models\Values;

use NeatSpindle\Core\Choosing\Hill\Surface;

/** How a bike will be ridden, as it was said; null for what nobody said. */
final readonly class RidingWish implements Kept
{
    use ReadsKept;

    public function __construct(
        public ?float $massKg = null,
        public ?float $riderW = null,
        public ?float $riderTorqueNm = null,
        public ?float $gradePercent = null,
        public ?float $windKmh = null,
        public ?float $assistPercent = null,
        public ?float $batteryWh = null,
        public ?float $cutOffKmh = null,
        public ?Surface $surface = null,
    ) {}

    public static function fromArray(array $kept): static
    {
        return new self(
            massKg: self::figure($kept, 'mass_kg'),
            riderW: self::figure($kept, 'rider_w'),
            riderTorqueNm: self::figure($kept, 'rider_torque_nm'),
            gradePercent: self::figure($kept, 'grade_percent'),
            windKmh: self::figure($kept, 'wind_kmh'),
            assistPercent: self::figure($kept, 'assist_percent'),
            batteryWh: self::figure($kept, 'battery_wh'),
            cutOffKmh: self::figure($kept, 'cut_off_kmh'),
            surface: self::oneOf($kept, 'surface', Surface::class),
        );
    }

    public function toArray(): array
    {
        return self::said([
            'mass_kg' => $this->massKg,
            'rider_w' => $this->riderW,
            'rider_torque_nm' => $this->riderTorqueNm,
            'grade_percent' => $this->gradePercent,
            'wind_kmh' => $this->windKmh,
            'assist_percent' => $this->assistPercent,
            'battery_wh' => $this->batteryWh,
            'cut_off_kmh' => $this->cutOffKmh,
            'surface' => $this->surface?->value,
        ]);
    }
}
