<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Survey;

use NeatSpindle\Core\Donor\Bike\BrakeKind;
use NeatSpindle\Core\Measuring\Strip\BracketKind;
use NeatSpindle\Core\Measuring\Strip\CrankKind;
use NeatSpindle\Core\Sums\Margin\Source;

/** What is known of a spot; the one table of it. Lengths in mm. */
final readonly class SpotFacts
{
    private const YES_OR_NO = ['yes' => 'Yes', 'no' => 'No'];

    /**
     * @param  string  $at where the answer stands in the job document
     * @param  array{0: Landmark, 1?: float|int, 2?: float|int, 3?: float|int}  $on what it sits on, how far along that, and how far off to the front and up
     * @param  array{float|int, float|int}  $range what it can be at the least and at the most
     * @param  array<string, string>  $choices labels of the answers, by value
     * @param  ?CloseUp  $closeUp how the instrument is held; null where nothing is set to a face
     * @param  ?Source  $source the figure of a sum that is read here
     * @param  bool  $essential without it no motor can be judged
     */
    private function __construct(
        public SpotKind $kind,
        public string $at,
        public array $on,
        public ?Instrument $with = null,
        public array $range = [0, 0],
        public array $choices = [],
        public ?CloseUp $closeUp = null,
        public ?Source $source = null,
        public Sitting $sitting = Sitting::BeforeTheStrip,
        public bool $essential = false,
    ) {}

    public static function of(Spot $spot): self
    {
        /** @var array<string, self> $known */
        static $known = [];

        return $known[$spot->value] ??= self::state($spot);
    }

    private static function state(Spot $spot): self
    {
        return match ($spot) {
            Spot::CrankKind => new self(SpotKind::Choice, '/fitted/crank', [Landmark::Crank, 0, 18, -10],
                choices: self::labels(CrankKind::cases())),
            Spot::BracketKind => new self(SpotKind::Choice, '/fitted/bracket', [Landmark::Crank],
                choices: self::labels(BracketKind::cases())),
            Spot::BracketStays => new self(
                SpotKind::Choice, '/fitted/bracket_stays', [Landmark::Crank, 0, 22, 22], choices: self::YES_OR_NO,
            ),
            Spot::DustCaps => new self(SpotKind::Choice, '/fitted/dust_caps', [Landmark::Crank, 0, 34, -24], choices: self::YES_OR_NO),
            Spot::FrontMech => new self(SpotKind::Choice, '/fitted/front_mech', [Landmark::Crank, 0, -14, 60], choices: self::YES_OR_NO),
            Spot::ChainKept => new self(SpotKind::Choice, '/fitted/chain_kept', [Landmark::Crank, 0, -105, 45],
                choices: self::YES_OR_NO),
            Spot::Kickstand => new self(SpotKind::Choice, '/fitted/kickstand', [Landmark::Crank, 0, -30, -30], choices: self::YES_OR_NO),
            Spot::Guard => new self(SpotKind::Choice, '/fitted/guard', [Landmark::Crank, 0, 40, 40], choices: self::YES_OR_NO),
            Spot::Bucket => new self(SpotKind::Choice, '/fitted/bucket', [Landmark::Crank, 0, 110, 20], choices: self::YES_OR_NO),
            Spot::CupsWidth => new self(SpotKind::Length, '/early/cups_width_mm', [Landmark::Crank],
                with: Instrument::Caliper, range: [50, 200], closeUp: CloseUp::Across),
            Spot::CupFlange => new self(SpotKind::Length, '/early/cup_flange_mm', [Landmark::Crank],
                with: Instrument::Caliper, range: [0.2, 30], closeUp: CloseUp::Depth),
            Spot::GuideDepth => new self(SpotKind::Length, '/bike/shell/guide_depth_mm', [Landmark::Crank, 0, 4, -24],
                with: Instrument::Caliper, range: [0, 30], closeUp: CloseUp::UnderTheGuide, source: Source::GuideDepth),
            Spot::GuideRemedy => new self(SpotKind::Choice, '/early/guide_remedy', [Landmark::Crank, 0, 4, -24],
                choices: self::labels(GuideRemedy::cases())),
            Spot::StayLook => new self(SpotKind::Choice, '/early/stay_look', [Landmark::OnTheStay, 96, 0, 0],
                choices: self::labels(StayLook::cases())),
            Spot::Stay45 => new self(SpotKind::Offset, '/bike/chainstay/profile/0/outboard_mm', [Landmark::OnTheStay, 45, 0, 0],
                with: Instrument::Straightedge, range: [-80, 120], closeUp: CloseUp::Straightedge, source: Source::Chainstay, sitting: Sitting::AfterTheStrip),
            Spot::Stay64 => new self(SpotKind::Offset, '/bike/chainstay/profile/1/outboard_mm', [Landmark::OnTheStay, 64, 0, 0],
                with: Instrument::Straightedge, range: [-80, 120], closeUp: CloseUp::Straightedge, source: Source::Chainstay, sitting: Sitting::AfterTheStrip),
            Spot::Stay80 => new self(SpotKind::Offset, '/bike/chainstay/profile/2/outboard_mm', [Landmark::OnTheStay, 80, 0, 0],
                with: Instrument::Straightedge, range: [-80, 120], closeUp: CloseUp::Straightedge, source: Source::Chainstay, sitting: Sitting::AfterTheStrip),
            Spot::Stay112 => new self(SpotKind::Offset, '/bike/chainstay/profile/3/outboard_mm', [Landmark::OnTheStay, 112, 0, 0],
                with: Instrument::Straightedge, range: [-80, 120], closeUp: CloseUp::Straightedge, source: Source::Chainstay, sitting: Sitting::AfterTheStrip),
            Spot::ChainstayLength => new self(SpotKind::Length, '/bike/rear/chainstay_length_mm', [Landmark::Chainstay, 0.66, 0, 0],
                with: Instrument::Tape, range: [250, 2500], closeUp: CloseUp::TapeAlong, essential: true),
            Spot::OverLocknuts => new self(SpotKind::Length, '/bike/rear/old_mm', [Landmark::RearAxle],
                with: Instrument::Caliper, range: [90, 230], closeUp: CloseUp::Between, essential: true),
            Spot::CogInset => new self(SpotKind::Length, '/bike/rear/smallest_cog_inset_mm', [Landmark::RearAxle],
                with: Instrument::Caliper, range: [0.5, 80], closeUp: CloseUp::Depth, essential: true),
            Spot::Cogs => new self(SpotKind::Teeth, '/bike/rear/cogs', [Landmark::RearAxle, 0, 0, 46], range: [9, 60], essential: true),
            Spot::HubRatios => new self(SpotKind::Ratios, '/bike/rear/hub_ratios', [Landmark::AlongTheStay, 0.5, 0, 0]),
            Spot::CogPitch => new self(SpotKind::Length, '/bike/rear/cog_pitch_mm', [Landmark::RearAxle],
                with: Instrument::Caliper, range: [2, 8], closeUp: CloseUp::CogStack, essential: true),
            Spot::Wheel => new self(SpotKind::Length, '/bike/wheel_circumference_mm', [Landmark::RearTyre, 222, 0, 0],
                with: Instrument::Tape, range: [800, 2600], closeUp: CloseUp::Roll, essential: true),
            Spot::TyreWidth => new self(SpotKind::Length, '/frame/tyre_width_mm', [Landmark::RearTyre, 270, 0, 0],
                with: Instrument::Caliper, range: [20, 160], closeUp: CloseUp::Across),
            Spot::ChainPath => new self(SpotKind::Length, '/bike/rear/chain_path_mm', [Landmark::AlongTheStay, 0.3, 0, 45],
                with: Instrument::Tape, range: [500, 8000], closeUp: CloseUp::TapeAlong),
            Spot::OldChainLinks => new self(SpotKind::Count, '/bike/rear/old_chain_links', [Landmark::AlongTheStay, 0.5, 0, 45],
                range: [40, 600]),
            Spot::ChainTwelve => new self(SpotKind::Length, '/bike/rear/chain_12_links_mm', [Landmark::AlongTheStay, 0.5, 0, -45],
                with: Instrument::Caliper, range: [295, 330], closeUp: CloseUp::Links),
            Spot::BrakeFront => new self(
                SpotKind::Choice, '/brakes/front', [Landmark::FrontTyre, 140, 0, 0], choices: self::labels(BrakeKind::cases()),
            ),
            Spot::RotorFront => new self(SpotKind::Length, '/brakes/front_rotor_mm', [Landmark::FrontTyre, 180, 270, 20],
                with: Instrument::Rule, range: [100, 260]),
            Spot::BrakeRear => new self(
                SpotKind::Choice, '/brakes/rear', [Landmark::RearTyre, 50, 0, 0], choices: self::labels(BrakeKind::cases()),
            ),
            Spot::RotorRear => new self(SpotKind::Length, '/brakes/rear_rotor_mm', [Landmark::RearAxle, 0, -28, 30],
                with: Instrument::Rule, range: [100, 260]),
            Spot::AxisHeight => new self(SpotKind::Length, '/ground/axis_mm', [Landmark::Crank, 0, 0, -120],
                with: Instrument::Tape, range: [120, 900], closeUp: CloseUp::TapeUp),
            Spot::AxisRidden => new self(SpotKind::Length, '/ground/axis_ridden_mm', [Landmark::Crank, 0, -70, -120],
                with: Instrument::Tape, range: [80, 900], closeUp: CloseUp::TapeUp),
            Spot::AxisBottomed => new self(SpotKind::Length, '/ground/axis_bottomed_mm', [Landmark::Crank, 0, -140, -120],
                with: Instrument::Tape, range: [40, 900], closeUp: CloseUp::TapeUp),
            Spot::Wheelbase => new self(SpotKind::Length, '/frame/wheelbase_mm', [Landmark::Ground, 0.5, 0, 0],
                with: Instrument::Tape, range: [700, 3200], closeUp: CloseUp::TapeAlong),
            Spot::FrontWheel => new self(SpotKind::Length, '/frame/front_wheel_mm', [Landmark::FrontTyre, 318, 0, 0],
                with: Instrument::Tape, range: [800, 2600], closeUp: CloseUp::Roll),
            Spot::SeatTube => new self(SpotKind::Length, '/frame/seat_tube_mm', [Landmark::SeatTube, 0.62, 0, 0],
                with: Instrument::Tape, range: [200, 800], closeUp: CloseUp::TapeAlong),
            Spot::TopTube => new self(SpotKind::Length, '/frame/top_tube_mm', [Landmark::TopTube, 0.5, 0, 0],
                with: Instrument::Tape, range: [300, 800], closeUp: CloseUp::TapeAlong),
            Spot::DownTube => new self(SpotKind::Length, '/frame/down_tube_mm', [Landmark::DownTube, 0.5, 0, 0],
                with: Instrument::Tape, range: [300, 1200], closeUp: CloseUp::TapeAlong),
            Spot::BarToHead => new self(SpotKind::Length, '/frame/bar_to_head_mm', [Landmark::Bar],
                with: Instrument::Tape, range: [50, 900], closeUp: CloseUp::TapeAlong),
            Spot::BarLeft => new self(SpotKind::Length, '/cockpit/left_mm', [Landmark::Bar, 0, -10, 12],
                with: Instrument::Rule, range: [60, 500]),
            Spot::BarRight => new self(SpotKind::Length, '/cockpit/right_mm', [Landmark::Bar, 0, 10, 12],
                with: Instrument::Rule, range: [60, 500]),
            Spot::BarDiameter => new self(SpotKind::Length, '/cockpit/bar_mm', [Landmark::Bar, 0, 0, -12],
                with: Instrument::Caliper, range: [18, 40], closeUp: CloseUp::Round),
            Spot::RoomBase => new self(SpotKind::Length, '/battery/base_mm', [Landmark::DownTube, 0.4, -14, 22],
                with: Instrument::Tape, range: [150, 900], closeUp: CloseUp::TapeAlong),
            Spot::RoomFront => new self(SpotKind::Length, '/battery/front_side_mm', [Landmark::TopTube, 0.68, 0, -24],
                with: Instrument::Tape, range: [100, 900], closeUp: CloseUp::TapeAlong),
            Spot::RoomRear => new self(SpotKind::Length, '/battery/rear_side_mm', [Landmark::SeatTube, 0.45, 24, 0],
                with: Instrument::Tape, range: [100, 900], closeUp: CloseUp::TapeAlong),
            Spot::BoomLength => new self(SpotKind::Length, '/frame/boom_length_mm', [Landmark::Boom, 0.7, 0, 0],
                with: Instrument::Tape, range: [100, 900], closeUp: CloseUp::TapeAlong),
            Spot::BoomDiameter => new self(SpotKind::Length, '/frame/boom_diameter_mm', [Landmark::Boom, 0.35, 0, 0],
                with: Instrument::Caliper, range: [25, 90], closeUp: CloseUp::Round),
            Spot::ShellWidth => new self(
                kind: SpotKind::Length,
                at: '/bike/shell/width_mm',
                on: [Landmark::Crank],
                with: Instrument::Caliper,
                range: [50, 160],
                closeUp: CloseUp::Across,
                source: Source::ShellWidth,
                sitting: Sitting::AfterTheStrip,
                essential: true,
            ),
            Spot::ShellBore => new self(SpotKind::Length, '/bike/shell/bore_mm', [Landmark::Crank],
                with: Instrument::Caliper, range: [30, 60], closeUp: CloseUp::Inside, source: Source::ShellBore, sitting: Sitting::AfterTheStrip),
            Spot::ShellThreaded => new self(SpotKind::Choice, '/bike/shell/threaded', [Landmark::Crank],
                choices: ['yes' => 'Threaded', 'no' => 'Plain bore'], sitting: Sitting::AfterTheStrip),
            Spot::ThreadPitch => new self(SpotKind::Length, '/bike/shell/thread_pitch_mm', [Landmark::Crank],
                with: Instrument::ThreadGauge, range: [0.5, 3], closeUp: CloseUp::Gauge, sitting: Sitting::AfterTheStrip),
            Spot::DriveCupLoosens => new self(SpotKind::Choice, '/bike/shell/drive_cup_loosens', [Landmark::Crank],
                choices: ['clockwise' => 'Clockwise', 'anticlockwise' => 'Anticlockwise'], sitting: Sitting::AfterTheStrip),
            Spot::RoomRidden => new self(SpotKind::Length, '/travel/room_ridden_mm', [Landmark::Crank, 0, -64, 18],
                with: Instrument::Rule, range: [0, 120], sitting: Sitting::DryFitted),
            Spot::RoomBottomed => new self(SpotKind::Length, '/travel/room_bottomed_mm', [Landmark::Crank, 0, -96, 48],
                with: Instrument::Rule, range: [0, 120], sitting: Sitting::DryFitted),
            Spot::DriveChain => new self(SpotKind::Choice, '/plates/drive_chain', [Landmark::Crank, 0, 50, 10],
                choices: ['own' => 'A first chain of its own', 'bikes' => 'The bike’s own chain'], sitting: Sitting::WithThePlates),
            Spot::RingToPlate => new self(
                kind: SpotKind::Length,
                at: '/bike/twin_plate_measures/ring_to_plate_mm',
                on: [Landmark::Crank, 0, -8, 8],
                with: Instrument::Caliper,
                range: [0.2, 60],
                closeUp: CloseUp::RingToPlate,
                source: Source::RingToPlate,
                sitting: Sitting::WithThePlates,
                essential: true,
            ),
            Spot::PinionToFace => new self(
                kind: SpotKind::Length,
                at: '/bike/twin_plate_measures/pinion_to_face_mm',
                on: [Landmark::Crank, 0, 30, -30],
                with: Instrument::Caliper,
                range: [1, 150],
                closeUp: CloseUp::PinionToFace,
                source: Source::PinionToFace,
                sitting: Sitting::WithThePlates,
                essential: true,
            ),
            Spot::CrankGap => new self(
                kind: SpotKind::Length,
                at: '/bike/twin_plate_measures/crank_gap_mm',
                on: [Landmark::Crank, 0, -8, 8],
                with: Instrument::Caliper,
                range: [2, 100],
                closeUp: CloseUp::CrankGap,
                source: Source::CrankGap,
                sitting: Sitting::WithThePlates,
                essential: true,
            ),
            Spot::BearingFeel => new self(SpotKind::Choice, '/plates/bearing_feel', [Landmark::AlongTheStay, 0.5, 0, 0],
                choices: ['free' => 'Free, no play', 'play' => 'End play', 'drag' => 'It drags'], sitting: Sitting::WithThePlates),
            Spot::CrankBoltTurns => new self(SpotKind::Count, '/plates/crank_bolt_turns', [Landmark::AlongTheStay, 0.5, 0, 0],
                range: [0, 30], sitting: Sitting::WithThePlates),
            Spot::TensionerArm => new self(SpotKind::Choice, '/plates/tensioner_arm', [Landmark::AlongTheStay, 0.5, 0, 0],
                choices: ['free' => 'Swings both ways', 'end' => 'At its end', 'touches' => 'Chain touches the ring'], sitting: Sitting::WithThePlates),
            Spot::FirstChainRun => new self(SpotKind::Length, '/plates/first_chain_run_mm', [Landmark::Crank, 0, 16, -12],
                with: Instrument::Rule, range: [30, 600], sitting: Sitting::WithThePlates),
            Spot::FirstChainPlay => new self(SpotKind::Length, '/plates/first_chain_play_mm', [Landmark::Crank, 0, 16, -12],
                with: Instrument::Rule, range: [0, 120], sitting: Sitting::WithThePlates),
            Spot::ArmIn => new self(SpotKind::Length, '/plates/arm_in_mm', [Landmark::Crank, 0, 34, -10],
                with: Instrument::Rule, range: [0, 120], sitting: Sitting::WithThePlates),
            Spot::ArmOut => new self(SpotKind::Length, '/plates/arm_out_mm', [Landmark::Crank, 0, 34, -10],
                with: Instrument::Rule, range: [0, 120], sitting: Sitting::WithThePlates),
            Spot::SensorGap => new self(SpotKind::Length, '/sensors/gap_mm', [Landmark::AlongTheStay, 0.6, 0, 10],
                with: Instrument::Rule, range: [0.2, 40], sitting: Sitting::OnceBuilt),
        };
    }

    /**
     * @param  list<CrankKind>|list<BracketKind>|list<GuideRemedy>|list<StayLook>|list<BrakeKind>  $cases
     * @return array<string, string>
     */
    private static function labels(array $cases): array
    {
        $labels = [];
        foreach ($cases as $case) {
            $labels[$case->value] = $case->label();
        }

        return $labels;
    }
}
