<?php

declare(strict_types=1);

namespace App\Assembly;

use App\Models\Kit;
use App\Models\Values\RidingWish;
use NeatSpindle\Core\Choosing\Hill\HillQuestion;
use NeatSpindle\Core\Choosing\Hill\Load;
use NeatSpindle\Core\Choosing\Hill\Surface;
use NeatSpindle\Core\Choosing\Ride\Rider;
use NeatSpindle\Core\Choosing\Ride\UsualRiding;
use NeatSpindle\Core\Donor\Bike\BikeKind;

/** How a bike will be ridden, as far as it was said; what nobody said is usual for its kind. */
readonly class RidingChoice
{
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
            $this->riderW(),
            $this->said->riderTorqueNm ?? Load::RIDER_TORQUE_NM,
            $this->surface()->resistance(),
            UsualRiding::dragAreaM2($this->kind),
            $windKmh / 3.6,
        );
    }

    public function rider(): Rider
    {
        return new Rider($this->load(), $this->assistPercent() / 100, $this->cutOffKmh() === null ? null : $this->cutOffKmh() / 3.6, $this->batteryWh());
    }

    public function massKg(): float
    {
        return $this->said->massKg ?? UsualRiding::massKg($this->kind);
    }

    public function riderW(): float
    {
        return $this->said->riderW ?? Load::RIDER_W;
    }

    public function gradePercent(): float
    {
        return $this->said->gradePercent ?? UsualRiding::GRADE_PERCENT;
    }

    public function windKmh(): float
    {
        return $this->said->windKmh ?? 0.0;
    }

    public function assistPercent(): float
    {
        return $this->said->assistPercent ?? UsualRiding::ASSIST_PERCENT;
    }

    public function batteryWh(): float
    {
        return $this->said->batteryWh ?? UsualRiding::BATTERY_WH;
    }

    public function cutOffKmh(): ?float
    {
        return $this->said->cutOffKmh;
    }

    public function surface(): Surface
    {
        return $this->said->surface ?? Surface::USUAL;
    }
}
