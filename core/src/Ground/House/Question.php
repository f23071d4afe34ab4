<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Ground\House;

/** What good installers answer differently. Each has a default with its reason; a workshop may choose otherwise, once, for all that follows. */
enum Question: string
{
    case PlateOrNut = 'plate-or-nut';
    case NutTorque = 'nut-torque';
    case NutCompound = 'nut-compound';
    case LockringCompound = 'lockring-compound';
    case PlateFace = 'plate-face';
    case BodyRest = 'body-rest';
    case BrakeCut = 'brake-cut';
    case GearSensor = 'gear-sensor';
    case RingOrMotor = 'ring-or-motor';
    case Chain = 'chain';
    case CrankSeat = 'crank-seat';
    case BatteryOrMotor = 'battery-or-motor';
    case Posture = 'posture';
    case FirstCup = 'first-cup';
    case Harness = 'harness';
    case NutTool = 'nut-tool';
    case Brakes = 'brakes';
    case Insistence = 'insistence';

    public function label(): string
    {
        return HouseWords::QUESTIONS[$this->value]['question'];
    }

    /** Why the default is what it is. */
    public function why(): string
    {
        return HouseWords::QUESTIONS[$this->value]['why'];
    }

    public function default(): School
    {
        return $this->schools()[0];
    }

    /** @return non-empty-list<School> the default first */
    public function schools(): array
    {
        return match ($this) {
            self::PlateOrNut => [School::NutFirst, School::BoltsFirst],
            self::NutTorque => [School::InBand, School::AboveBand],
            self::NutCompound => [School::NutLocked, School::NutDry],
            self::LockringCompound => [School::LockringDry, School::LockringLocked],
            self::PlateFace => [School::PlateAsSupplied, School::PlateToothed, School::PlateSmooth],
            self::BodyRest => [School::RestHard, School::RestTube, School::RestShort],
            self::BrakeCut => [School::BrakesCut, School::BrakesLeft],
            self::GearSensor => [School::GearsSensed, School::GearsLeft],
            self::RingOrMotor => [School::RingByClearance, School::RingBefore, School::RingAfter],
            self::Chain => [School::ChainWhole, School::ChainSplit],
            self::CrankSeat => [School::CrankByMaker, School::CrankGreased, School::CrankDry],
            self::BatteryOrMotor => [School::BatteryFirst, School::MotorFirst],
            self::Posture => [School::PostureByTask, School::PostureStand, School::PostureFloor],
            self::FirstCup => [School::CupLeft, School::CupDrive],
            self::Harness => [School::HarnessThrough, School::HarnessRound],
            self::NutTool => [School::NutWrench, School::NutFeel],
            self::Brakes => [School::BrakesTold, School::BrakesHold],
            self::Insistence => [School::InsistenceAsked, School::InsistenceRefused, School::InsistenceSigned],
        };
    }
}
