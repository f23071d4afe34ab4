<?php

declare(strict_types=1);

namespace App\Assembly;

use App\Models\Kit;
use NeatSpindle\Core\Bike\BikeKind;
use NeatSpindle\Core\Hill\HillQuestion;
use NeatSpindle\Core\Hill\Load;
use NeatSpindle\Core\Ride\Rider;

use function is_string;

/** How a bike will be ridden, as far as it was said; what nobody said is usual for its kind. */
class RidingChoice
{
    /** Rolling resistance by surface, without unit; usual figures for tyres at a sensible pressure. */
    public const SURFACES = [
        'asphalt' => ['Smooth asphalt', 0.006],
        'street' => ['Ordinary street', 0.008],
        'gravel' => ['Gravel', 0.014],
        'trail' => ['Loose trail', 0.025],
        'sand' => ['Sand or snow', 0.045],
    ];

    public const DEFAULT_SURFACE = 'street';

    /** @param  array<string, mixed>  $kept */
    private function __construct(private readonly array $kept, private readonly BikeKind $kind) {}

    public static function of(?Kit $kit, BikeKind $kind): self
    {
        return new self($kit->riding ?? [], $kind);
    }

    /** @return array<string, string> labels by value */
    public static function surfaces(): array
    {
        return array_map(fn (array $surface) => $surface[0], self::SURFACES);
    }

    public function isSaid(): bool
    {
        return $this->kept !== [];
    }

    public function hill(): HillQuestion
    {
        return new HillQuestion($this->gradePercent(), $this->loadIn(0.0));
    }

    public function load(): Load
    {
        return $this->loadIn($this->windKmh());
    }

    /** A hill is asked about in still air: the document of a job knows no wind. */
    private function loadIn(float $windKmh): Load
    {
        return new Load(
            $this->massKg(),
            $this->figure('rider_w') ?? 100.0,
            $this->figure('rider_torque_nm') ?? 25.0,
            self::SURFACES[$this->surface()][1],
            $this->isUpright() ? 0.7 : 0.6,
            $windKmh / 3.6,
        );
    }

    public function rider(): Rider
    {
        return new Rider($this->load(), $this->assistPercent() / 100, $this->cutOffKmh() === null ? null : $this->cutOffKmh() / 3.6, $this->batteryWh());
    }

    public function massKg(): float
    {
        return $this->figure('mass_kg') ?? match ($this->kind) {
            BikeKind::LongTail, BikeKind::BoxCargo => 190.0,
            BikeKind::DeltaTrike, BikeKind::FourWheeler => 160.0,
            default => 115.0,
        };
    }

    public function riderW(): float
    {
        return $this->figure('rider_w') ?? 100.0;
    }

    public function gradePercent(): float
    {
        return $this->figure('grade_percent') ?? 8.0;
    }

    public function windKmh(): float
    {
        return $this->figure('wind_kmh') ?? 0.0;
    }

    public function assistPercent(): float
    {
        return $this->figure('assist_percent') ?? 100.0;
    }

    public function batteryWh(): float
    {
        return $this->figure('battery_wh') ?? 600.0;
    }

    public function cutOffKmh(): ?float
    {
        return $this->figure('cut_off_kmh');
    }

    public function surface(): string
    {
        $surface = $this->kept['surface'] ?? '';

        return is_string($surface) && isset(self::SURFACES[$surface]) ? $surface : self::DEFAULT_SURFACE;
    }

    private function isUpright(): bool
    {
        return $this->kind !== BikeKind::TadpoleTrike;
    }

    private function figure(string $key): ?float
    {
        $value = $this->kept[$key] ?? null;

        return is_numeric($value) ? (float) $value : null;
    }
}
