<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Survey;

use NeatSpindle\Core\Donor\Bike\BikeKind;

use function in_array;

/** The round of spots for each kind of bike, in walking order: first what can be told with everything on, then the bare shell. */
final class SurveyPlan
{
    private const WITH_BOOM = [BikeKind::TadpoleTrike, BikeKind::DeltaTrike];

    private const WITH_OTHER_FRONT_WHEEL = [BikeKind::BoxCargo, BikeKind::TadpoleTrike, BikeKind::DeltaTrike, BikeKind::FourWheeler];

    /** Kinds with a triangle that a battery may lie in. */
    private const WITH_TRIANGLE = [BikeKind::Diamond, BikeKind::FullSuspension, BikeKind::Fat, BikeKind::Downhill, BikeKind::LongTail];

    private const CARRIERS = [BikeKind::LongTail, BikeKind::BoxCargo];

    private const FITTED = [
        Spot::CrankKind, Spot::BracketKind, Spot::DustCaps, Spot::FrontMech, Spot::ChainKept, Spot::Guard, Spot::Kickstand,
    ];

    private const EARLY = [Spot::GuideDepth, Spot::GuideRemedy, Spot::CupsWidth, Spot::CupFlange];

    public const STAY = [Spot::Stay45, Spot::Stay64, Spot::Stay80, Spot::Stay112];

    private const REAR = [
        Spot::ChainstayLength, Spot::OverLocknuts, Spot::CogInset, Spot::Cogs, Spot::HubRatios, Spot::CogPitch, Spot::Wheel,
    ];

    private const CHAIN = [Spot::OldChainLinks, Spot::ChainTwelve];

    private const BRAKES = [Spot::BrakeFront, Spot::RotorFront, Spot::BrakeRear, Spot::RotorRear, Spot::AxisHeight];

    private const SPRUNG = [Spot::AxisRidden, Spot::AxisBottomed];

    private const TRAVEL = [Spot::RoomRidden, Spot::RoomBottomed];

    private const FRAME = [Spot::SeatTube, Spot::TopTube, Spot::DownTube, Spot::BarToHead];

    private const BARS = [Spot::BarLeft, Spot::BarRight, Spot::BarDiameter];

    private const BATTERY_ROOM = [Spot::RoomBase, Spot::RoomFront, Spot::RoomRear];

    private const BOOM = [Spot::BoomLength, Spot::BoomDiameter];

    private const SHELL = [Spot::ShellWidth, Spot::ShellBore, Spot::ShellThreaded, Spot::ThreadPitch, Spot::DriveCupLoosens];

    /** Without these no motor can be judged; in the order they are told. */
    public const ESSENTIAL = [
        Spot::ShellWidth, Spot::Cogs, Spot::ChainstayLength, Spot::OverLocknuts, Spot::CogInset, Spot::Wheel, Spot::CogPitch,
    ];

    /** Whether a chainstay stands beside the ring. */
    public static function hasStay(BikeKind $kind): bool
    {
        return ! $kind->standsByItself();
    }

    /**
     * @param  list<Spot>  $ofTheMount what the chosen motor's mount asks for besides
     * @param  bool  $isBareSeen whether the bare shell is ever seen; where the frame's own bracket stays it is not
     * @return list<Spot> the spots that make sense, in walking order
     */
    public static function for(BikeKind $kind, array $ofTheMount = [], bool $isBareSeen = true): array
    {
        return array_values(
            array_filter(self::all($kind, $ofTheMount), fn (Spot $spot) => $isBareSeen || $spot->sitting() !== Sitting::AfterTheStrip),
        );
    }

    /**
     * @param  list<Spot>  $ofTheMount
     * @return list<Spot>
     */
    private static function all(BikeKind $kind, array $ofTheMount): array
    {
        $hasStay = self::hasStay($kind);

        return [
            ...self::FITTED,
            ...(in_array($kind, self::CARRIERS, true) ? [Spot::Bucket] : []),
            ...self::EARLY,
            ...($hasStay ? [Spot::StayLook, ...self::STAY] : []),
            ...self::REAR,
            ...($kind === BikeKind::Fat ? [Spot::TyreWidth] : []),
            ...($hasStay ? [] : [Spot::ChainPath]),
            ...self::CHAIN,
            ...self::BRAKES,
            ...($kind->isSprung() ? self::SPRUNG : []),
            Spot::Wheelbase,
            ...(in_array($kind, self::WITH_OTHER_FRONT_WHEEL, true) ? [Spot::FrontWheel] : []),
            ...($hasStay ? self::FRAME : [Spot::BarToHead]),
            ...self::BARS,
            ...(in_array($kind, self::WITH_TRIANGLE, true) ? self::BATTERY_ROOM : []),
            ...(in_array($kind, self::WITH_BOOM, true) ? self::BOOM : []),
            ...self::SHELL,
            ...($kind->isSprung() ? self::TRAVEL : []),
            ...$ofTheMount,
            Spot::SensorGap,
        ];
    }
}
