<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Survey;

/** A part of the bike that is looked at from near, with at most nine spots; in walking order. */
enum Region: string
{
    case ShellSide = 'shell-side';
    case ShellAxis = 'shell-axis';
    case Stay = 'stay';
    case RearEnd = 'rear-end';
    case Wheels = 'wheels';
    case Tubes = 'tubes';
    case Cockpit = 'cockpit';
    case Plates = 'plates';
    case FirstChain = 'first-chain';

    public function label(): string
    {
        return match ($this) {
            self::ShellSide => 'Shell, drive side',
            self::ShellAxis => 'Shell, along its axis',
            self::Stay => 'Chainstay',
            self::RearEnd => 'Rear end',
            self::Wheels => 'Brakes, ground, travel',
            self::Tubes => 'Tubes and battery',
            self::Cockpit => 'Cockpit',
            self::Plates => 'Plates and ring',
            self::FirstChain => 'First chain',
        };
    }

    /** For a tab, where there is little room. */
    public function short(): string
    {
        return match ($this) {
            self::ShellSide => 'Shell side',
            self::ShellAxis => 'Shell axis',
            self::Stay => 'Stay',
            self::RearEnd => 'Rear end',
            self::Wheels => 'Brakes',
            self::Tubes => 'Tubes',
            self::Cockpit => 'Cockpit',
            self::Plates => 'Plates',
            self::FirstChain => 'First chain',
        };
    }

    /** From where it is looked at. */
    public function seen(): string
    {
        return match ($this) {
            self::ShellSide, self::Wheels, self::Tubes, self::Plates, self::FirstChain => 'from the drive side',
            self::ShellAxis => 'cut along the axis, drive side right',
            self::Stay => 'from above, back to the right, outboard up',
            self::RearEnd => 'from above, drive side right',
            self::Cockpit => 'from above, front down',
        };
    }

    public static function of(Spot $spot): self
    {
        return match ($spot) {
            Spot::CrankKind, Spot::DustCaps, Spot::BracketKind, Spot::BracketStays, Spot::FrontMech, Spot::ChainKept, Spot::Guard, Spot::Kickstand, Spot::Bucket => self::ShellSide,
            Spot::GuideDepth, Spot::GuideRemedy, Spot::CupsWidth, Spot::CupFlange, Spot::ShellWidth, Spot::ShellBore, Spot::ShellThreaded,
            Spot::ThreadPitch, Spot::DriveCupLoosens => self::ShellAxis,
            Spot::StayLook, Spot::Stay45, Spot::Stay64, Spot::Stay80, Spot::Stay112, Spot::ChainstayLength, Spot::SensorGap => self::Stay,
            Spot::OverLocknuts, Spot::CogInset, Spot::Cogs, Spot::HubRatios, Spot::CogPitch, Spot::Wheel, Spot::TyreWidth, Spot::ChainPath, Spot::OldChainLinks,
            Spot::ChainTwelve => self::RearEnd,
            Spot::BrakeFront, Spot::RotorFront, Spot::BrakeRear, Spot::RotorRear, Spot::AxisHeight, Spot::AxisRidden, Spot::AxisBottomed,
            Spot::RoomRidden, Spot::RoomBottomed => self::Wheels,
            Spot::Wheelbase, Spot::FrontWheel, Spot::SeatTube, Spot::TopTube, Spot::DownTube, Spot::RoomBase, Spot::RoomFront, Spot::RoomRear,
            Spot::BoomLength, Spot::BoomDiameter => self::Tubes,
            Spot::BarToHead, Spot::BarLeft, Spot::BarRight, Spot::BarDiameter => self::Cockpit,
            Spot::DriveChain, Spot::RingToPlate, Spot::PinionToFace, Spot::CrankGap, Spot::BearingFeel, Spot::CrankBoltTurns => self::Plates,
            Spot::TensionerArm, Spot::FirstChainRun, Spot::FirstChainPlay, Spot::ArmIn, Spot::ArmOut => self::FirstChain,
        };
    }
}
