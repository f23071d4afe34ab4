<?php

declare(strict_types=1);

namespace App\Assembly;

use App\Models\Kit;
use App\Models\Values\RidingWish;
use App\Models\Values\Surface;
use NeatSpindle\Core\Choosing\Hill\HillQuestion;
use NeatSpindle\Core\Choosing\Hill\Load;
use NeatSpindle\Core\Choosing\Ride\Rider;
use NeatSpindle\Core\Donor\Bike\BikeKind;

/** How a bike will be ridden, as far as it was said; what nobody said is usual for its kind. */
readonly class RidingChoice
{
    private const SURFACE = Surface::Street;

    private function __construct(private RidingWish $said, private bool $isSaid, private BikeKind $kind) {}

    public static function of(?Kit $kit, BikeKind $kind): self
    {
        return new self($kit->riding ?? new RidingWish, $kit?->riding !== null, $kind);
    }

    public function isSaid(): bool
    {
        return $this->isSaid;
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
            $this->said->riderW ?? 100.0,
            $this->said->riderTorqueNm ?? 25.0,
            $this->surface()->resistance(),
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
        return $this->said->massKg ?? match ($this->kind) {
            BikeKind::LongTail, BikeKind::BoxCargo => 190.0,
            BikeKind::DeltaTrike, BikeKind::FourWheeler => 160.0,
            default => 115.0,
        };
    }

    public function riderW(): float
    {
        return $this->said->riderW ?? 100.0;
    }

    public function gradePercent(): float
    {
        return $this->said->gradePercent ?? 8.0;
    }

    public function windKmh(): float
    {
        return $this->said->windKmh ?? 0.0;
    }

    public function assistPercent(): float
    {
        return $this->said->assistPercent ?? 100.0;
    }

    public function batteryWh(): float
    {
        return $this->said->batteryWh ?? 600.0;
    }

    public function cutOffKmh(): ?float
    {
        return $this->said->cutOffKmh;
    }

    public function surface(): Surface
    {
        return $this->said->surface ?? self::SURFACE;
    }

    private function isUpright(): bool
    {
        return $this->kind !== BikeKind::TadpoleTrike;
    }
}
