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

    /** The default first. */
    private const SCHOOLS = [
        'plate-or-nut' => [School::NutFirst, School::BoltsFirst],
        'nut-torque' => [School::InBand, School::AboveBand],
        'nut-compound' => [School::NutLocked, School::NutDry],
        'lockring-compound' => [School::LockringDry, School::LockringLocked],
        'plate-face' => [School::PlateAsSupplied, School::PlateToothed, School::PlateSmooth],
        'body-rest' => [School::RestHard, School::RestTube, School::RestShort],
        'brake-cut' => [School::BrakesCut, School::BrakesLeft],
        'gear-sensor' => [School::GearsSensed, School::GearsLeft],
        'ring-or-motor' => [School::RingByClearance, School::RingBefore, School::RingAfter],
        'chain' => [School::ChainWhole, School::ChainSplit],
        'crank-seat' => [School::CrankByMaker, School::CrankGreased, School::CrankDry],
        'battery-or-motor' => [School::BatteryFirst, School::MotorFirst],
        'posture' => [School::PostureByTask, School::PostureStand, School::PostureFloor],
        'first-cup' => [School::CupLeft, School::CupDrive],
        'harness' => [School::HarnessThrough, School::HarnessRound],
        'nut-tool' => [School::NutWrench, School::NutFeel],
        'brakes' => [School::BrakesTold, School::BrakesHold],
        'insistence' => [School::InsistenceAsked, School::InsistenceRefused, School::InsistenceSigned],
    ];

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
        return self::SCHOOLS[$this->value];
    }
}
