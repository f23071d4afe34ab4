<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Survey;

use NeatSpindle\Core\Bike\BikeKind;
use NeatSpindle\Core\Catalogue\Mount;
use NeatSpindle\Core\Strip\BracketKind;
use NeatSpindle\Core\Strip\CrankKind;

use function in_array;

/** The round of spots for each kind of bike, in walking order: first what can be told with everything on, then the bare shell. */
final class SurveyPlan
{
    /** Radii from the crank axis at which the chainstay's outer side is measured, in mm. */
    public const STAY_RADII = [45, 64, 80, 112];

    /** Kinds whose crank stands at the end of a boom or mast, with no chainstay beside the ring. */
    private const WITHOUT_STAY = [BikeKind::TadpoleTrike, BikeKind::DeltaTrike, BikeKind::FourWheeler];

    private const WITH_BOOM = [BikeKind::TadpoleTrike, BikeKind::DeltaTrike];

    private const WITH_OTHER_FRONT_WHEEL = [BikeKind::BoxCargo, BikeKind::TadpoleTrike, BikeKind::DeltaTrike, BikeKind::FourWheeler];

    private const WITH_LONG_CHAIN = [BikeKind::TadpoleTrike, BikeKind::DeltaTrike, BikeKind::FourWheeler];

    /** Kinds with a triangle that a battery may lie in. */
    private const WITH_TRIANGLE = [BikeKind::Diamond, BikeKind::FullSuspension, BikeKind::Fat, BikeKind::Downhill, BikeKind::LongTail];

    private const CARRIERS = [BikeKind::LongTail, BikeKind::BoxCargo];

    /** @var array<string, Spot>|null */
    private static ?array $spots = null;

    /** @var array<string, array<string, Spot>> */
    private static array $byKind = [];

    /** @return array<string, Spot> every spot there is, by code */
    public static function spots(): array
    {
        return self::$spots ??= self::byCode([
            ...self::fitted(), ...self::guard(), ...self::early(), ...self::stay(), ...self::rear(), ...self::chainPath(), ...self::chain(),
            ...self::wheelbase(), ...self::frontWheel(), ...self::frame(), ...self::batteryRoom(), ...self::boom(), ...self::shell(), ...self::plates(),
        ]);
    }

    /** @return array<string, Spot> the spots that make sense for a kind, and for the motor that was chosen, by code, in walking order */
    public static function for(BikeKind $kind, ?Mount $mount = null): array
    {
        return $mount === Mount::TwinPlate ? [...self::of($kind), ...self::byCode(self::plates())] : self::of($kind);
    }

    /** @return array<string, Spot> */
    private static function of(BikeKind $kind): array
    {
        $is = fn (array $kinds): bool => in_array($kind, $kinds, true);

        return self::$byKind[$kind->value] ??= self::byCode([
            ...self::fitted(),
            ...($is(self::CARRIERS) ? self::guard() : []),
            ...self::early(),
            ...($is(self::WITHOUT_STAY) ? [] : self::stay()),
            ...self::rear(),
            ...($is(self::WITH_LONG_CHAIN) ? self::chainPath() : []),
            ...self::chain(),
            ...self::wheelbase(),
            ...($is(self::WITH_OTHER_FRONT_WHEEL) ? self::frontWheel() : []),
            ...($is(self::WITHOUT_STAY) ? [] : self::frame()),
            ...($is(self::WITH_TRIANGLE) ? self::batteryRoom() : []),
            ...($is(self::WITH_BOOM) ? self::boom() : []),
            ...self::shell(),
        ]);
    }

    public static function spot(string $code): ?Spot
    {
        return self::spots()[$code] ?? null;
    }

    /** The spot whose answer stands at a pointer of the job document, or nearest above it. */
    public static function spotAt(string $pointer): ?Spot
    {
        foreach (self::spots() as $spot) {
            if ($pointer === $spot->pointer || str_starts_with($pointer, $spot->pointer.'/')) {
                return $spot;
            }
        }

        return null;
    }

    /** @return list<Spot> */
    private static function fitted(): array
    {
        $yesNo = ['yes' => 'Yes', 'no' => 'No'];

        return [
            Spot::choice('crank_kind', 'Cranks', self::labels(CrankKind::cases()), '/fitted/crank',
                'Look at the arm’s end: a bolt in a square or splined hole, one large key hole with a ring around it, two pinch bolts on the left, a pin through the arm, or one bent bar.',
                'The strip plan is made for them.'),
            Spot::choice('bracket_kind', 'Bottom bracket', self::labels(BracketKind::cases()), '/fitted/bracket',
                'Splines or pin holes on the cup: threaded. Smooth, flush or with a thin lip: pressed in.',
                'Threads turn, pressed cups are driven. The wrong one ruins the shell.'),
            Spot::choice('front_mech', 'Front mech', $yesNo, '/fitted/front_mech', 'Is there a mech above the rings, or its cable?', 'It goes: the motor has one ring.'),
            Spot::choice('chain_kept', 'Chain kept whole', $yesNo, '/fitted/chain_kept', 'Can the chain stay in its guide or guard while the cranks come off?', 'A chain that is kept whole need not be joined again.'),
            Spot::choice('kickstand', 'Kickstand at the shell', $yesNo, '/fitted/kickstand', 'Does it bolt on just behind the shell?', 'The body swings there.'),
        ];
    }

    /** @return list<Spot> */
    private static function guard(): array
    {
        return [Spot::choice('guard', 'Chain guard', ['yes' => 'Yes', 'no' => 'No'], '/fitted/guard', 'A guard or a guide around ring and chain?', 'It is opened with care and goes back on.')];
    }

    /**
     * @param  list<CrankKind>|list<BracketKind>|list<GuideRemedy>  $cases
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

    /** @return list<Spot> */
    private static function early(): array
    {
        return [
            Spot::length('cups_width', 'Over the cups', Instrument::Caliper, 50, 200, '/early/cups_width_mm',
                'Caliper over the outer faces of both cups, or over their flanges.',
                'With the flanges it tells the shell’s width before anything is off, with more doubt.'),
            Spot::length('cup_flange', 'One cup’s flange', Instrument::Caliper, 0.2, 30, '/early/cup_flange_mm',
                'Depth rod from the cup’s outer face down to the shell’s face.',
                'Over the cups less both flanges is the shell.'),
            Spot::length('guide_depth', 'Cable guide depth', Instrument::Caliper, 0, 30, '/bike/shell/guide_depth_mm',
                'Depth rod from the shell’s underside down to the lowest point of guide or cable. No guide: 0.',
                'The body sits right there. A guide deeper than the body’s gap stops the motor going in.'),
            Spot::choice('guide_remedy', 'What the guide becomes', self::labels(GuideRemedy::cases()), '/early/guide_remedy',
                'If it does not clear the motor: decide now, it changes the order of the build.',
                'Housing or a moved run leave nothing under the shell. A slimmer or trimmed guide is measured again.'),
        ];
    }

    /** @return list<Spot> */
    private static function chainPath(): array
    {
        return [Spot::length('chain_path', 'Chain’s path', Instrument::Tape, 500, 8000, '/bike/rear/chain_path_mm',
            'Tape along the chain from crank axis to rear axle, over every idler, one way. Stretch by stretch from idler to idler is as good: 620 + 710 + 575.',
            'On a long bike the chain’s length comes from its path.')];
    }

    /** @return list<Spot> */
    private static function wheelbase(): array
    {
        return [Spot::length('wheelbase', 'Wheelbase', Instrument::Tape, 700, 3200, '/frame/wheelbase_mm', 'Axle to axle along the floor.', 'The bike is drawn from it.')];
    }

    /** @return list<Spot> */
    private static function frontWheel(): array
    {
        return [Spot::length('front_wheel', 'Front wheel circumference', Instrument::Tape, 800, 2600, '/frame/front_wheel_mm', 'One turn on the floor, valve down to valve down.', 'The bike is drawn from it.')];
    }

    /** @return list<Spot> */
    private static function batteryRoom(): array
    {
        return [
            Spot::length('room_base', 'Battery room: along the tube', Instrument::Tape, 150, 900, '/battery/base_mm', 'Inside the triangle, along the tube that would carry the pack, corner to corner.', 'The pack lies along it with a gap all round.'),
            Spot::length('room_front', 'Battery room: front side', Instrument::Tape, 100, 900, '/battery/front_side_mm', 'Inside the triangle, the side that meets the tube’s front end.', 'With the other two it says how long and high a pack may be.'),
            Spot::length('room_rear', 'Battery room: rear side', Instrument::Tape, 100, 900, '/battery/rear_side_mm', 'Inside the triangle, the side that meets the tube’s rear end.', 'With the other two it says how long and high a pack may be.'),
        ];
    }

    /** @return list<Spot> */
    private static function boom(): array
    {
        return [
            Spot::length('boom_length', 'Boom length', Instrument::Tape, 100, 900, '/frame/boom_length_mm', 'From the crank axis back along the boom to the main tube.', 'Leads run along it, and it is drawn from it.'),
            Spot::length('boom_diameter', 'Boom diameter', Instrument::Caliper, 25, 90, '/frame/boom_diameter_mm', 'Caliper across the boom where a clamp would sit.', 'There is no down tube to rest on: a clamp must hold the body.'),
        ];
    }

    /**
     * @param  list<Spot>  $spots
     * @return array<string, Spot>
     */
    private static function byCode(array $spots): array
    {
        return array_combine(array_map(fn (Spot $spot) => $spot->code, $spots), $spots);
    }

    /** @return list<Spot> */
    private static function shell(): array
    {
        return array_map(fn (Spot $spot) => $spot->afterTheStrip(), [
            Spot::length('shell_width', 'Shell width', Instrument::Caliper, 50, 160, '/bike/shell/width_mm',
                'Caliper across the two bare faces, jaws flat, no paint ridge under them.',
                'Everything on the axis is counted from it. A tenth here is a tenth in every margin.')->essential(),
            Spot::length('shell_bore', 'Shell bore', Instrument::Caliper, 30, 60, '/bike/shell/bore_mm',
                'Caliper inside the shell, over the crests of the thread or across the plain bore, in two directions.',
                'Tells one standard from another, and whether the sleeve goes in.'),
            Spot::choice('shell_threaded', 'Thread in the shell', ['yes' => 'Threaded', 'no' => 'Plain bore'], '/bike/shell/threaded',
                'Look in, and feel with a fingernail just inside the face.',
                'Halves the list of what the shell can be.'),
            Spot::length('thread_pitch', 'Thread pitch', Instrument::ThreadGauge, 0.5, 3, '/bike/shell/thread_pitch_mm',
                'Thread gauge over ten crests, divided by ten.',
                'Tells 24 turns to the inch (1.058 mm) from 1 mm.'),
            Spot::choice('drive_cup_loosens', 'Drive cup came out', ['clockwise' => 'Clockwise', 'anticlockwise' => 'Anticlockwise'], '/bike/shell/drive_cup_loosens',
                'Facing the drive side, note which way the right cup turned when it came out.',
                'Tells standards apart that a caliper cannot.'),
        ]);
    }

    /** @return list<Spot> what a twin-plate motor needs measured, in that order */
    public static function plates(): array
    {
        return [...self::plateMeasures(), ...self::plateDecisions()];
    }

    /** @return list<Spot> decided by hand before any torque */
    private static function plateDecisions(): array
    {
        return array_map(fn (Spot $spot) => $spot->withThePlates(), [
            Spot::choice('bearing_feel', 'Spindle turned by hand', ['free' => 'Free, no play', 'play' => 'End play', 'drag' => 'It drags'], '/plates/bearing_feel',
                'Everything on, nothing torqued: push and pull the spindle, then spin it.', 'Too few spacers give play, too many give drag.'),
            Spot::count('crank_bolt_turns', 'Crank bolt, full turns by hand', 0, 30, '/plates/crank_bolt_turns',
                'Count full turns by hand until it stops.', 'Fewer than the least, and the thread goes with the torque.'),
            Spot::choice('tensioner_arm', 'Tensioner’s arm', ['free' => 'Swings both ways', 'end' => 'At its end', 'touches' => 'Chain touches the ring'], '/plates/tensioner_arm',
                'First chain on, chain on the smallest cog.', 'Free both ways and not at its end; the chain clear of the arm and of the ring’s teeth.'),
            Spot::length('first_chain_run', 'First chain’s free run', Instrument::Rule, 30, 600, '/plates/first_chain_run_mm',
                'First chain on, pinion turned so that this run is the loose one. Rule from where the chain leaves the pinion to where it meets the ring.', 'What its sag is a share of.'),
            Spot::length('first_chain_play', 'First chain’s play', Instrument::Rule, 0, 120, '/plates/first_chain_play_mm',
                'In the middle of that run: press the chain down with a finger, then lift it. The way between the two.', 'Too tight wears pinion and bearings, too loose climbs the teeth.'),
            Spot::length('arm_in', 'Tensioner, way in', Instrument::Rule, 0, 120, '/plates/arm_in_mm',
                'How far the pulley can still be pushed towards the chain before the arm is at its end.', 'A worn chain is longer: the arm must be able to follow.'),
            Spot::length('arm_out', 'Tensioner, way out', Instrument::Rule, 0, 120, '/plates/arm_out_mm',
                'How far the pulley can be pulled away from the chain before the arm is at its end.', 'At its end the arm is a hammer.'),
        ]);
    }

    /** @return list<Spot> what its stack is computed from */
    private static function plateMeasures(): array
    {
        return array_map(fn (Spot $spot) => $spot->withThePlates()->essential(), [
            Spot::length('ring_to_plate', 'Ring to plate', Instrument::Caliper, 0.2, 60, '/bike/twin_plate_measures/ring_to_plate_mm',
                'First the plate on the shell and the ring on its freewheeling crank, both snug. Depth rod from the middle of the ring’s teeth to the plate’s outer face.',
                'Where the first chain has to run. Measure before the motor hangs: afterwards the rod does not reach.'),
            Spot::length('pinion_to_face', 'Pinion to its plate’s face', Instrument::Caliper, 1, 150, '/bike/twin_plate_measures/pinion_to_face_mm',
                'Then the motor, on the bench, its own plate bolted on. Depth rod from the middle of the pinion’s teeth to that plate’s face.',
                'With ring to plate it says how many drive spacers bring pinion and ring into one plane.'),
            Spot::length('crank_gap', 'Crank gap', Instrument::Caliper, 2, 100, '/bike/twin_plate_measures/crank_gap_mm',
                'Last the spindle, pushed home against its bearing. Depth rod from the bearing’s stop to the end of the taper or spline.',
                'Spacers under the crank never take so much that too little of the arm sits on the spindle.'),
        ]);
    }

    /** @return list<Spot> */
    private static function stay(): array
    {
        return array_map(fn (int $radius, int $i) => Spot::offset(
            "stay_{$radius}", "Chainstay at {$radius} mm", Instrument::Straightedge, 60, "/bike/chainstay/profile/{$i}/outboard_mm",
            "Straightedge on the shell’s drive face. At {$radius} mm from the crank axis, how far the stay’s outer side stands outboard of that face; inboard is negative.",
            'The reduction case and the ring turn just beside it. This decides the drive-side spacers.',
        ), self::STAY_RADII, array_keys(self::STAY_RADII));
    }

    /** @return list<Spot> */
    private static function rear(): array
    {
        return [
            Spot::length('chainstay_length', 'Chainstay length', Instrument::Tape, 250, 2500, '/bike/rear/chainstay_length_mm',
                'Tape from the middle of the shell to the middle of the rear axle, along the chain’s straight run.',
                'Turns an offset in millimetres into a chain angle, and gives the chain’s length.')->essential(),
            Spot::length('over_locknuts', 'Over the locknuts', Instrument::Caliper, 90, 230, '/bike/rear/old_mm',
                'Caliper between the dropouts’ inner faces with the wheel in.',
                'Where the cogs stand from the centre plane.')->essential(),
            Spot::length('cog_inset', 'Smallest cog inset', Instrument::Caliper, 0.5, 80, '/bike/rear/smallest_cog_inset_mm',
                'Depth rod from the dropout’s inner face to the smallest cog.',
                'Where the cogs stand from the centre plane.')->essential(),
            Spot::teeth('cogs', 'Cogs', '/bike/rear/cogs',
                'Teeth of each cog, smallest first: 11 13 15 17 20 23 26 30 34.',
                'Angles, gears and chain all need them.')->essential(),
            Spot::ratios('hub_ratios', 'Hub gear’s ratios', '/bike/rear/hub_ratios',
                'From the hub’s papers, lowest first: 0.73 1 1.36. Leave it out where there is no hub gear.',
                'Each cog then has as many gears.'),
            Spot::length('cog_pitch', 'Cog to cog', Instrument::Caliper, 2, 8, '/bike/rear/cog_pitch_mm',
                'Caliper over all cogs, outer face to outer face, less one cog’s thickness, divided by the steps between.',
                'How far in each next cog stands.')->essential(),
            Spot::length('wheel', 'Wheel circumference', Instrument::Tape, 800, 2600, '/bike/wheel_circumference_mm',
                'One turn on the floor with the rider’s weight on, valve down to valve down.',
                'Gears, speed and range.')->essential(),
        ];
    }

    /** @return list<Spot> */
    private static function chain(): array
    {
        return [
            Spot::count('old_chain_links', 'Old chain, links', 40, 600, '/bike/rear/old_chain_links',
                'Count every plate pair, inner and outer. Count; do not measure.',
                'A worn chain is longer than its links say.'),
            Spot::length('chain_twelve', 'Twelve links', Instrument::Caliper, 295, 330, '/bike/rear/chain_12_links_mm',
                'Chain under tension, caliper or rule over twelve links, pin to pin.',
                'New is 304.8 mm. More is wear.'),
        ];
    }

    /** @return list<Spot> */
    private static function frame(): array
    {
        return [
            Spot::length('seat_tube', 'Seat tube', Instrument::Tape, 200, 800, '/frame/seat_tube_mm',
                'Middle of the shell to the top of the seat tube.',
                'The frame is drawn from it.'),
            Spot::length('top_tube', 'Top tube', Instrument::Tape, 300, 800, '/frame/top_tube_mm',
                'Level from seat tube to head tube.',
                'The frame is drawn from it.'),
            Spot::length('down_tube', 'Down tube', Instrument::Tape, 300, 1200, '/frame/down_tube_mm',
                'From the head tube down to the shell, along the tube’s underside.',
                'The main harness and the battery lead run along it.'),
            Spot::length('bar_to_head', 'Bar to head tube', Instrument::Tape, 50, 900, '/frame/bar_to_head_mm',
                'From the display’s place along the bar and stem to the head tube, bars straight.',
                'The harness crosses the steering here and needs slack.'),
        ];
    }
}
