<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Mount\TwinPlate;

use NeatSpindle\Core\Ground\Document\Cursor;
use NeatSpindle\Core\Holding\Mount\Held;
use NeatSpindle\Core\Holding\Mount\Mount;
use NeatSpindle\Core\Measuring\Survey\Spot;
use NeatSpindle\Core\Parts\Drawer\Place;

/** The shell keeps its own spindle and cups; two plates hang the motor beside it. */
final readonly class TwinPlateMount implements Mount
{
    /** What its stack is computed from. */
    private const MEASURES = [Spot::RingToPlate, Spot::PinionToFace, Spot::CrankGap];

    /** What is looked at by hand before anything gets torque. */
    private const DECISIONS = [
        Spot::DriveChain, Spot::BearingFeel, Spot::CrankBoltTurns, Spot::TensionerArm, Spot::FirstChainRun, Spot::FirstChainPlay, Spot::ArmIn, Spot::ArmOut,
    ];

    public function code(): string
    {
        return 'twin-plate';
    }

    public function label(): string
    {
        return 'Twin-plate';
    }

    public function places(): array
    {
        return [Place::Drive, Place::Left, Place::Crank];
    }

    public function fillsRoom(Place $place): bool
    {
        return $place !== Place::Drive;
    }

    public function driveTolerance(): float
    {
        return TwinPlateStack::DRIVE_TOLERANCE;
    }

    public function placesTheRing(): bool
    {
        return false;
    }

    public function canKeepTheBracket(): bool
    {
        return true;
    }

    public function measuresKey(): string
    {
        return 'twin_plate_measures';
    }

    public function spots(): array
    {
        return [Spot::BracketStays, ...self::MEASURES, ...self::DECISIONS];
    }

    public function read(Cursor $motor): Held
    {
        $at = $motor->object('twin_plate');

        return new TwinPlate(
            $at->length('plate_thickness_mm'),
            $at->length('motor_width_mm'),
            $at->length('min_insertion_mm'),
            $at->number('min_bolt_turns'),
        );
    }
}
