<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Survey;

/** What a person reads at every spot, by its code: its name, how to do it, and what for. */
final class SpotWords
{
    private const STAY_SIDE = 'how far the stay’s outer side stands outboard of that face; inboard is negative.';

    public const ALL = [
        ...WheelSpotWords::ALL,
        ...PlateSpotWords::ALL,
        'crank_kind' => [
            'Cranks',
            'Look at the arm’s end: a bolt in a square or splined hole, one large key hole with a ring around it, two '
                .'pinch bolts on the left, a pin through the arm, or one bent bar.',
            'The strip plan is made for them.',
        ],
        'dust_caps' => [
            'Dust caps',
            'Is there a cap of plastic or steel over the crank bolts?',
            'The bolt cannot be reached before it is off.',
        ],
        'bracket_kind' => [
            'Bottom bracket',
            'Splines inside both cups: a cartridge; a smooth plastic cup on one side: plain there. A notched ring on '
                .'the left: loose balls. Cups that stand outside the shell. Smooth, flush or with a thin lip: pressed in.',
            'Threads turn, pressed cups are driven. The wrong one ruins the shell.',
        ],
        'front_mech' => ['Front mech', 'Is there a mech above the rings, or its cable?', 'It goes: the motor has one ring.'],
        'chain_kept' => [
            'Chain kept whole',
            'Can the chain stay in its guide or guard while the cranks come off?',
            'A chain that is kept whole need not be joined again.',
        ],
        'kickstand' => [
            'Kickstand at the shell',
            'Does it bolt on just behind the shell?',
            'The body swings there.',
        ],
        'guard' => [
            'Guard, guide or roller',
            'Anything around ring and chain that stands before them?',
            'It comes off first, with its bolts written down, and goes back on.',
        ],
        'bucket' => [
            'Load bucket before the shell',
            'Does a box, bucket or tray stand before ring or shell, so that no tool gets there?',
            'It comes off first and goes back last; some of its bolts may sit behind the motor.',
        ],
        'cups_width' => [
            'Over the cups',
            'Caliper over the outer faces of both cups, or over their flanges.',
            'With the flanges it tells the shell’s width before anything is off, with more doubt.',
        ],
        'cup_flange' => [
            'One cup’s flange',
            'Depth rod from the cup’s outer face down to the shell’s face.',
            'Over the cups less both flanges is the shell.',
        ],
        'guide_depth' => [
            'Cable guide depth',
            'Depth rod from the shell’s underside down to the lowest point of guide or cable. No guide: 0.',
            'The body sits right there. A guide deeper than the body’s gap stops the motor going in.',
        ],
        'guide_remedy' => [
            'What the guide becomes',
            'If it does not clear the motor: decide now, it changes the order of the build.',
            'Housing or a moved run leave nothing under the shell. A slimmer or trimmed guide is measured again.',
        ],
        'stay_look' => [
            'How the chainstay stands, at a glance',
            'From behind, past cup and ring: where the stay’s outer side stands to the shell’s drive face. No tool yet.',
            'Enough to choose by, with its doubt. On the bare shell it is measured.'],
        'stay_45' => [
            'Chainstay at 45 mm',
            'Straightedge on the shell’s drive face. At 45 mm from the crank axis, '.self::STAY_SIDE,
            'The reduction case and the ring turn just beside it. This decides the drive-side spacers.',
        ],
        'stay_64' => [
            'Chainstay at 64 mm',
            'Straightedge on the shell’s drive face. At 64 mm from the crank axis, '.self::STAY_SIDE,
            'The reduction case and the ring turn just beside it. This decides the drive-side spacers.',
        ],
        'stay_80' => [
            'Chainstay at 80 mm',
            'Straightedge on the shell’s drive face. At 80 mm from the crank axis, '.self::STAY_SIDE,
            'The reduction case and the ring turn just beside it. This decides the drive-side spacers.',
        ],
        'stay_112' => [
            'Chainstay at 112 mm',
            'Straightedge on the shell’s drive face. At 112 mm from the crank axis, '.self::STAY_SIDE,
            'The reduction case and the ring turn just beside it. This decides the drive-side spacers.',
        ],
        'chainstay_length' => [
            'Chainstay length',
            'Tape from the middle of the shell to the middle of the rear axle, along the chain’s straight run.',
            'Turns an offset in millimetres into a chain angle, and gives the chain’s length.',
        ],
        'over_locknuts' => [
            'Over the locknuts',
            'Caliper between the dropouts’ inner faces with the wheel in.',
            'Where the cogs stand from the centre plane.',
        ],
        'cog_inset' => [
            'Smallest cog inset',
            'Depth rod from the dropout’s inner face to the smallest cog.',
            'Where the cogs stand from the centre plane.',
        ],
        'cogs' => [
            'Cogs',
            'Teeth of each cog, smallest first: 11 13 15 17 20 23 26 30 34.',
            'Angles, gears and chain all need them.',
        ],
        'hub_ratios' => [
            'Hub gear’s ratios',
            'From the hub’s papers, lowest first: 0.73 1 1.36. Leave it out where there is no hub gear.',
            'Each cog then has as many gears.',
        ],
        'cog_pitch' => [
            'Cog to cog',
            'Caliper over all cogs, outer face to outer face, less one cog’s thickness, divided by the steps between.',
            'How far in each next cog stands; told from their number until somebody measures it.',
        ],
        'wheel' => [
            'Wheel circumference',
            'One turn on the floor with the rider’s weight on, valve down to valve down.',
            'Gears, speed and range.',
        ],
        'chain_path' => [
            'Chain’s path',
            'Tape along the chain from crank axis to rear axle, over every idler, one way. Stretch by stretch from '
                .'idler to idler is as good: 620 + 710 + 575.',
            'On a long bike the chain’s length comes from its path.',
        ],
        'old_chain_links' => [
            'Old chain, links',
            'Count every plate pair, inner and outer. Count; do not measure.',
            'A worn chain is longer than its links say.',
        ],
        'chain_twelve' => [
            'Twelve links',
            'Chain under tension, caliper or rule over twelve links, pin to pin.',
            'New is 304.8 mm. More is wear.',
        ],
        'wheelbase' => [
            'Wheelbase',
            'Axle to axle along the floor.',
            'The bike is drawn from it.',
        ],
        'front_wheel' => [
            'Front wheel circumference',
            'One turn on the floor, valve down to valve down.',
            'The bike is drawn from it.',
        ],
        'seat_tube' => [
            'Seat tube',
            'Middle of the shell to the top of the seat tube.',
            'The frame is drawn from it.',
        ],
        'top_tube' => [
            'Top tube',
            'Level from seat tube to head tube.',
            'The frame is drawn from it.',
        ],
        'down_tube' => [
            'Down tube',
            'From the head tube down to the shell, along the tube’s underside.',
            'The main harness and the battery lead run along it.',
        ],
        'bar_to_head' => [
            'Bar to head tube',
            'From the display’s place along the bar and stem to the head tube, bars straight.',
            'The harness crosses the steering here and needs slack.',
        ],
        'bar_left' => ['Bar, left, to clamp on',
            'From the bar’s end to where it bends or grows thicker, left. The grip is counted too.',
            'Whether all that goes on the left has room is told before anything comes off.'],
        'bar_right' => ['Bar, right, to clamp on',
            'From the bar’s end to where it bends or grows thicker, right. The grip is counted too.',
            'Whether all that goes on the right has room is told before anything comes off.'],
        'bar_diameter' => ['Bar, where the display goes',
            'Across the bar where the display shall be clamped.',
            'Its clamp may want a shim.'],
        'room_base' => [
            'Battery room: along the down tube',
            'Inside the triangle, along the down tube that would carry the pack, corner to corner.',
            'The pack lies along it with a gap all round.',
        ],
        'room_front' => [
            'Battery room: along the top tube',
            'Inside the triangle, along the top tube, corner to corner.',
            'With the other two it says how long and high a pack may be.',
        ],
        'room_rear' => [
            'Battery room: along the seat tube',
            'Inside the triangle, along the seat tube, corner to corner.',
            'With the other two it says how long and high a pack may be.',
        ],
        'boom_length' => [
            'Boom length',
            'From the crank axis back along the boom to the main tube.',
            'Leads run along it, and it is drawn from it.',
        ],
        'boom_diameter' => [
            'Boom diameter',
            'Caliper across the boom where a clamp would sit.',
            'There is no down tube to rest on: a clamp must hold the body.',
        ],
        'shell_width' => [
            'Shell width',
            'Caliper across the two bare faces, jaws flat, no paint ridge under them.',
            'Everything on the axis is counted from it. A tenth here is a tenth in every margin.',
        ],
        'shell_bore' => [
            'Shell bore',
            'Caliper inside the shell, over the crests of the thread or across the plain bore, in two directions.',
            'Tells one standard from another, and whether the sleeve goes in.',
        ],
        'shell_threaded' => [
            'Thread in the shell',
            'Look in, and feel with a fingernail just inside the face.',
            'Halves the list of what the shell can be.',
        ],
        'thread_pitch' => [
            'Thread pitch',
            'Thread gauge over ten crests, divided by ten.',
            'Tells 24 turns to the inch (1.058 mm) from 1 mm.',
        ],
        'drive_cup_loosens' => [
            'Drive cup came out',
            'Facing the drive side, note which way the right cup turned when it came out.',
            'Tells standards apart that a caliper cannot.',
        ],
        'sensor_gap' => ['Speed sensor’s gap',
            'From the sensor’s face to the marked face of the magnet, the magnet turned to it. Wheel in, axle closed.',
            'Nearer than its maker allows it is hit, further off it misses turns.'],
    ];
}
