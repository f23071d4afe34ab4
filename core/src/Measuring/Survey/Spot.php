<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Survey;

use NeatSpindle\Core\Sums\Margin\Source;

/**
 * A place on the bike where something is measured or seen. All that is known of it stands in `SpotFacts`, all that a
 * person reads in `SpotWords`. Lengths in mm.
 */
enum Spot: string
{
    case CrankKind = 'crank_kind';
    case DustCaps = 'dust_caps';
    case BracketKind = 'bracket_kind';
    case BracketStays = 'bracket_stays';
    case FrontMech = 'front_mech';
    case ChainKept = 'chain_kept';
    case Kickstand = 'kickstand';
    case Guard = 'guard';
    case Bucket = 'bucket';
    case CupsWidth = 'cups_width';
    case CupFlange = 'cup_flange';
    case GuideDepth = 'guide_depth';
    case GuideRemedy = 'guide_remedy';
    case StayLook = 'stay_look';
    case Stay45 = 'stay_45';
    case Stay64 = 'stay_64';
    case Stay80 = 'stay_80';
    case Stay112 = 'stay_112';
    case ChainstayLength = 'chainstay_length';
    case OverLocknuts = 'over_locknuts';
    case CogInset = 'cog_inset';
    case Cogs = 'cogs';
    case HubRatios = 'hub_ratios';
    case CogPitch = 'cog_pitch';
    case Wheel = 'wheel';
    case TyreWidth = 'tyre_width';
    case ChainPath = 'chain_path';
    case OldChainLinks = 'old_chain_links';
    case ChainTwelve = 'chain_twelve';
    case BrakeFront = 'brake_front';
    case RotorFront = 'rotor_front';
    case BrakeRear = 'brake_rear';
    case RotorRear = 'rotor_rear';
    case AxisHeight = 'axis_height';
    case AxisRidden = 'axis_ridden';
    case AxisBottomed = 'axis_bottomed';
    case Wheelbase = 'wheelbase';
    case FrontWheel = 'front_wheel';
    case SeatTube = 'seat_tube';
    case TopTube = 'top_tube';
    case DownTube = 'down_tube';
    case BarToHead = 'bar_to_head';
    case BarLeft = 'bar_left';
    case BarRight = 'bar_right';
    case BarDiameter = 'bar_diameter';
    case RoomBase = 'room_base';
    case RoomFront = 'room_front';
    case RoomRear = 'room_rear';
    case BoomLength = 'boom_length';
    case BoomDiameter = 'boom_diameter';
    case ShellWidth = 'shell_width';
    case ShellBore = 'shell_bore';
    case ShellThreaded = 'shell_threaded';
    case ThreadPitch = 'thread_pitch';
    case DriveCupLoosens = 'drive_cup_loosens';
    case RoomRidden = 'room_ridden';
    case RoomBottomed = 'room_bottomed';
    case DriveChain = 'drive_chain';
    case RingToPlate = 'ring_to_plate';
    case PinionToFace = 'pinion_to_face';
    case CrankGap = 'crank_gap';
    case BearingFeel = 'bearing_feel';
    case CrankBoltTurns = 'crank_bolt_turns';
    case TensionerArm = 'tensioner_arm';
    case FirstChainRun = 'first_chain_run';
    case FirstChainPlay = 'first_chain_play';
    case ArmIn = 'arm_in';
    case ArmOut = 'arm_out';
    case SensorGap = 'sensor_gap';

    /** The spot whose answer stands at a pointer of the job document, or nearest above it. */
    public static function atPointer(string $pointer): ?self
    {
        foreach (self::cases() as $spot) {
            if ($pointer === $spot->pointer() || str_starts_with($pointer, $spot->pointer().'/')) {
                return $spot;
            }
        }

        return null;
    }

    /** The spot where a figure of a sum was read; of several at different radii the nearest. Null for what is not read at one. */
    public static function whereRead(Source $source, ?float $radius = null): ?self
    {
        $nearest = null;
        foreach (self::readFor($source) as $spot) {
            if ($nearest === null || $spot->distanceTo($radius) < $nearest->distanceTo($radius)) {
                $nearest = $spot;
            }
        }

        return $nearest;
    }

    /** @return list<self> the spots a figure of a sum is read at */
    private static function readFor(Source $source): array
    {
        /** @var array<string, list<self>> $known */
        static $known = [];

        return $known[$source->value] ??= array_values(array_filter(self::cases(), fn (self $spot) => $spot->source() === $source));
    }

    /** The same for a radius of the chainstay's profile; null for all other spots. */
    public function stayRadius(): ?float
    {
        return $this->landmark() === Landmark::OnTheStay ? $this->offset()[0] : null;
    }

    public function label(): string
    {
        return SpotWords::ALL[$this->value][0];
    }

    public function how(): string
    {
        return SpotWords::ALL[$this->value][1];
    }

    public function why(): string
    {
        return SpotWords::ALL[$this->value][2];
    }

    public function kind(): SpotKind
    {
        return $this->facts()->kind;
    }

    /** Where the answer stands in the job document. */
    public function pointer(): string
    {
        return $this->facts()->at;
    }

    public function instrument(): ?Instrument
    {
        return $this->facts()->with;
    }

    public function least(): float
    {
        return (float) $this->facts()->range[0];
    }

    public function most(): float
    {
        return (float) $this->facts()->range[1];
    }

    public function allows(float $mm): bool
    {
        return $mm >= $this->least() && $mm <= $this->most();
    }

    /** @return array<string, string> labels of the answers, by value */
    public function choices(): array
    {
        return $this->facts()->choices;
    }

    /** What it sits on, on any bike. */
    public function landmark(): Landmark
    {
        return $this->facts()->on[0];
    }

    /** @return array{float, float, float} how far along its landmark, and how far off it in mm to the front and up */
    public function offset(): array
    {
        $on = $this->facts()->on;

        return [(float) ($on[1] ?? 0.0), (float) ($on[2] ?? 0.0), (float) ($on[3] ?? 0.0)];
    }

    /** How the instrument is held; null where nothing is set to a face. */
    public function closeUp(): ?CloseUp
    {
        return $this->facts()->closeUp;
    }

    /** The figure of a sum that is read here. */
    public function source(): ?Source
    {
        return $this->facts()->source;
    }

    public function sitting(): Sitting
    {
        return $this->facts()->sitting;
    }

    /** Without this no motor can be judged. */
    public function isEssential(): bool
    {
        return $this->facts()->essential;
    }

    private function distanceTo(?float $radius): float
    {
        return abs(($this->stayRadius() ?? 0.0) - ($radius ?? 0.0));
    }

    private function facts(): SpotFacts
    {
        return SpotFacts::of($this);
    }
}
