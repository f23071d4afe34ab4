<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Strip;

/** What a person reads at the steps of taking a bike apart. What the job at hand says is filled in where a `{name}` stands. */
final class StripWords
{
    public const POWER = [
        'title' => 'Power off, battery out',
        'how' => 'If the bike already carries a motor or a battery: off, out, and away from the bench.',
        'caution' => 'Fingers get pinched in the ring and behind the nut when a motor starts.',
    ];

    public const LOOK_INSIDE = [
        'title' => 'Look inside the shell',
        'how' => 'Lamp in. Plastic sleeve out, burrs off, screw heads that stand proud gone or shortened, drain hole '
            .'open, faces flat and free of thick paint.',
        'tool' => 'Lamp, deburring blade, rag',
        'keep' => 'The cable guide’s screw',
        'look' => 'Bore, thread, faces, guide underneath: then measure them',
    ];

    public const KICKSTAND = [
        'title' => 'Kickstand off',
        'how' => 'It sits where the motor’s body swings. Bike in the stand first.',
        'tool' => '6 or 8 mm key',
        'keep' => 'Kickstand and bolt: it goes back behind the wheel or not at all',
    ];

    public const GUARD = [
        'title' => 'Chain guard or guide open',
        'how' => 'Photograph it first. Only as far as the cranks need.',
        'tool' => 'Screwdriver, 4 mm key',
        'keep' => 'Guard, clips and screws: it goes back on',
    ];

    public const CHAIN_KEPT = [
        'title' => 'Chain off the ring, kept whole',
        'how' => 'Lift it off the ring and hang it clear; it stays in its guide.',
        'tool' => 'A hook and a rag',
        'look' => 'It can be moved aside far enough for the motor',
    ];

    public const CHAIN_OFF = [
        'title' => 'Chain off',
        'how' => 'Open the joining link if there is one, else push a pin. Count the links before it goes into the bin.',
        'tool' => 'Link pliers or chain tool',
        'keep' => 'The old chain, for comparing link by link',
    ];

    public const FRONT_MECH = [
        'title' => 'Front mech, cable and shifter off',
        'how' => 'It goes: the motor has one ring.',
        'tool' => '5 mm key, cable cutter',
        'keep' => 'The cable stop and its screw',
    ];

    public const PRESSED = [
        'title' => '{title}',
        'how' => 'Drift through the shell from the other side, square, little by little, all round the edge.',
        'tool' => 'Cup drift that spreads, soft mallet',
        'look' => 'The bore: no score, no flake',
        'caution' => 'Skew or hard blows crack a shell. On carbon let someone do it who has the maker’s tool.',
    ];

    public const CUP_LEFT = [
        'title' => 'Left cup out',
        'how' => 'Hold the tool on with the crank bolt so that it cannot lift off the splines.',
        'tool' => 'Splined cup tool, held captive',
        'look' => 'Thread clean over its whole length',
        'caution' => 'A loose tool strips the splines.',
    ];

    public const CUP_DRIVE = [
        'title' => 'Drive cup out',
        'how' => 'Hold the tool on with the crank bolt so that it cannot lift off the splines.',
        'tool' => 'Splined cup tool, held captive',
        'look' => 'Which way it turned: enter it in the survey',
    ];

    public const CUP_DRIVE_GUESSED = [
        'title' => 'Drive cup out',
        'how' => 'Not known yet which standard this is. Most loosen clockwise, as drawn; Italian and French ones the other '
            .'way. Try gently both ways before any force, and write down which way it came.',
        'tool' => 'Splined cup tool, held captive',
        'look' => 'Which way it turned: enter it in the survey',
        'caution' => 'Direction assumed, not measured.',
    ];

    public const PEDAL_RIGHT = [
        'title' => 'Right pedal off',
        'how' => 'Stand on the drive side, spanner from above.',
        'tool' => '{tool}',
        'keep' => 'The pedal, marked R',
    ];

    public const PEDAL_LEFT = [
        'title' => 'Left pedal off',
        'how' => 'Its thread is left-hand: both pedals come off towards the back wheel.',
        'tool' => '{tool}',
        'keep' => 'The pedal, marked L',
        'caution' => 'Left-hand thread.',
    ];

    public const BOLT = [
        'title' => '{arm} crank bolt out',
        'how' => 'Bolt out, and the washer behind it.',
        'tool' => '14 mm socket or 8 mm key',
        'look' => 'The washer is out: a puller would press on it',
    ];

    public const PULLER = [
        'title' => '{arm} crank off',
        'how' => 'Screw the puller’s body fully into the arm by hand; then turn its spindle in until the arm comes.',
        'tool' => '{tool}',
        'look' => 'Taper or splines: no cracks, no steps',
        'caution' => 'The arm’s thread is soft. If the body does not go in square and by hand, stop.',
    ];

    public const SELF_EXTRACTING = [
        'title' => '{arm} crank off by its own bolt',
        'how' => 'One key does it: the bolt pushes against the outer ring and brings the arm along. The ring stays in.',
        'tool' => '8 or 10 mm key, long',
        'look' => 'The outer ring sits flush and has not turned',
        'caution' => 'If the ring turns out instead, stop and tighten it first.',
    ];

    public const PINCH_BOLTS = [
        'title' => 'Pinch bolts of the left arm loose',
        'how' => 'Two bolts, half a turn at a time each, until both are loose.',
        'tool' => '5 mm key',
    ];

    public const PRELOAD_CAP = [
        'title' => 'Preload cap out',
        'how' => 'By hand, with its own tool.',
        'tool' => 'Preload cap tool',
        'keep' => 'The cap',
    ];

    public const CRANK_LEFT = [
        'title' => 'Left arm off',
        'how' => 'Lift the safety catch, then pull it straight off.',
        'tool' => 'Thumb and a flat screwdriver',
        'look' => 'The catch is not bent',
    ];

    public const CRANK_RIGHT = [
        'title' => 'Right arm and spindle out to the drive side',
        'how' => 'Tap the spindle’s end with a soft mallet, straight; the arm comes with it.',
        'tool' => 'Soft mallet',
        'look' => 'Bearing seats on the spindle',
    ];

    public const LOCKNUT_LEFT = [
        'title' => 'Locknut on the left off',
        'how' => 'Its thread is left-hand.',
        'tool' => 'Large adjustable spanner',
        'keep' => 'Locknut and keyed washer',
        'caution' => 'Left-hand thread.',
    ];

    public const CONE_LEFT = [
        'title' => 'Cone on the left off',
        'how' => 'Left-hand as well; unscrew it until the bearing falls free.',
        'tool' => 'Pin tool or screwdriver in its slot',
        'keep' => 'Cone and bearing',
        'caution' => 'Left-hand thread.',
    ];

    public const CRANK_OUT = [
        'title' => 'The whole crank out to the drive side',
        'how' => 'Tilt it and thread it through the shell: left arm follows through.',
        'tool' => 'Both hands',
        'look' => 'Frame round the shell: no cracks',
    ];

    public const COTTER = [
        'title' => '{arm} cotter pin out, arm off',
        'how' => 'Nut off, arm held from below, pin pressed out. A press, not a hammer on the shell.',
        'tool' => 'Cotter press, 10 or 11 mm socket',
        'look' => 'Which way the pin’s flat lay',
        'caution' => 'Support the arm: blows that reach the shell dent the bearings and the frame.',
    ];
}
