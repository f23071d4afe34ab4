<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Strip;

/** What a person reads at the steps of taking a bike apart. What the job at hand says is filled in where a `{name}` stands. */
final class StripWords
{
    public const POWER = [
        'title' => 'Power off, battery out',
        'how' => 'If the bike already carries a motor or a battery: off, out, and away from the bench.',
        'caution' => 'Fingers get pinched in the ring and behind the nut when a motor starts.',
    ];

    public const LOOK_AT_WHAT_STAYS = [
        'title' => 'Look at what stays',
        'how' => 'The frame’s own spindle, cups and left crank stay. Wipe the spindle’s end; push, pull and spin it. Play or a rough spot is put right now: '
            .'if the bracket has to come out for it, say in Survey that it does not stay.',
        'tool' => 'Rag, lamp',
        'look' => 'Free, no play; the end’s taper or splines clean and whole',
    ];

    public const LOOK_INSIDE = [
        'title' => 'Look inside the shell',
        'how' => 'Lamp in. Plastic sleeve out, burrs off, screw heads that stand proud gone or shortened, drain hole '
            .'open, faces flat and free of thick paint.',
        'tool' => 'Lamp, deburring blade, rag',
        'keep' => 'The cable guide’s screw',
        'look' => 'Bore, thread, faces, guide underneath: then measure them',
    ];

    public const BUCKET = [
        'title' => 'Load bucket out of the way',
        'how' => 'What stands before the shell comes off first. Photograph it; note each bolt with its washer before '
            .'it goes into the tray.',
        'tool' => '5 and 6 mm key, 13 mm spanner',
        'keep' => 'Bucket, bolts and washers: it goes back on',
        'look' => 'Which bolts will sit behind the motor: those want other heads, or to go in first',
    ];

    public const KICKSTAND = [
        'title' => 'Kickstand off',
        'how' => 'It sits where the motor or its rest goes. Bike in the stand first.',
        'tool' => '6 or 8 mm key',
        'keep' => 'Kickstand and bolt: it goes back elsewhere, or is left off on record',
    ];

    public const GUARD = [
        'title' => 'Chain guard, guide or roller off',
        'how' => 'Photograph it first. What stands before the ring comes off before the ring.',
        'tool' => 'Screwdriver, 4 mm key',
        'keep' => 'Guard, clips and screws: it goes back on',
        'look' => 'Which of its bolts will sit behind the motor',
    ];

    public const CHAIN_KEPT = [
        'title' => 'Chain off the ring, kept whole',
        'how' => 'Lift it off the ring and hang it clear; it stays in its guide.',
        'tool' => 'A hook and a rag',
        'look' => 'It can be moved aside far enough for the motor',
    ];

    public const CHAIN_OFF = [
        'title' => 'Chain off',
        'how' => 'At its joining link, if it has one. Else push a pin out as far as the link needs to part, never '
            .'right out: this chain may go on again. '
            .'An end is joined inner to outer plate.',
        'tool' => 'Joining-link pliers or chain tool',
        'keep' => 'The old chain, for counting link by link',
    ];

    public const CHAIN_NARROW = [
        'title' => 'Chain off',
        'how' => 'At its joining link, if it has one. A chain for {cogs} cogs has no pin that holds a second time: one '
            .'that is pushed is done with, '
            .'and a new joining link goes on the list.',
        'tool' => 'Joining-link pliers or chain tool',
        'keep' => 'The old chain, for counting link by link',
    ];

    public const FRONT_MECH = [
        'title' => 'Front mech, cable and shifter off',
        'how' => 'It goes: the motor has one ring.',
        'tool' => '5 mm key, cable cutter',
        'keep' => 'Mech, shifter, the cable stop and its screw',
    ];

    public const FRONT_MECH_OPENED = [
        'title' => 'Front mech, cable and shifter off',
        'how' => 'It goes: the motor has one ring. The chain stays whole: open the screw at the back of the cage, and it comes out.',
        'tool' => '5 mm key, cable cutter, screwdriver for the cage',
        'keep' => 'Mech, shifter, the cable stop and its screw',
    ];

    public const DUST_CAP = [
        'title' => '{arm} dust cap off',
        'how' => 'Unscrewed where it has a slot or a key hole, else levered off at its edge. The bolt lies behind it.',
        'tool' => 'Wide screwdriver or 5 mm key',
        'keep' => 'The cap',
    ];

    public const PRESSED = [
        'title' => '{title}',
        'how' => 'Drift through the shell from the other side, square, little by little, all round the edge. Plastic ones come in pieces.',
        'tool' => 'Cup drift that spreads, soft mallet',
        'look' => 'The bore: no score, no flake',
        'caution' => 'Skew or hard blows crack a shell. On carbon let someone do it who has the maker’s tool.',
    ];

    /** Where the drive cup's direction is not known. */
    public const GUESSED = 'Direction assumed, not measured.';

    public const GUESS = ' Not known yet which standard this is. Most loosen clockwise, as drawn; Italian and French ones the other way. '
        .'Try gently both ways before any force, and write down which way it came.';

    public const CUP = [
        'title' => '{cup} out',
        'how' => 'Hold the tool on with the crank bolt so that it cannot lift off the splines.{guess}',
        'tool' => 'Splined cup tool, held captive',
        'caution' => 'A loose tool strips the splines.',
    ];

    public const CUP_WITHOUT_SPINDLE = [
        'title' => '{cup} out',
        'how' => 'There is no spindle left to hold the tool on: a clamp, or a long bolt through the shell.{guess}',
        'tool' => 'Splined cup tool, long bolt through the shell or a clamp',
        'caution' => 'A loose tool strips the splines.',
    ];

    public const CUP_EXTERNAL = [
        'title' => '{cup} out',
        'how' => 'The spindle went with its crank. The cup’s own socket, held on by hand or a clamp, never by a crank bolt.{guess}',
        'tool' => 'Socket for outer cups',
        'caution' => 'A socket that sits skew rounds the cup.',
    ];

    public const CUP_PLAIN = [
        'title' => '{cup} plain cup out first',
        'how' => 'It has no thread: nothing to turn. Worked out of the shell with its tool, square; then the tool goes to the {other}.',
        'tool' => 'Splined cup tool, soft mallet',
        'look' => 'Plastic ones split: every piece is out',
    ];

    public const LOCKRING_LEFT = [
        'title' => 'Lock ring on the left off',
        'how' => 'Before the cup it locks. The hook full in a notch, pulled square.',
        'tool' => 'Hook spanner',
        'keep' => 'Lock ring',
        'look' => 'Its notches and the thread under it',
        'caution' => 'A hook that slips takes the notch with it.',
    ];

    public const CUP_ADJUSTABLE = [
        'title' => 'Adjustable cup out',
        'how' => 'By hand once it is loose. A rag under the shell: catch the balls, and count them.',
        'tool' => 'Pin spanner, rag',
        'keep' => 'Cup and balls, counted',
        'look' => 'The cup’s running face: no pits',
        'caution' => 'Balls roll: one that is left inside ends in the motor’s sleeve.',
    ];

    public const SPINDLE_OUT = [
        'title' => 'Spindle out to the left',
        'how' => 'Draw it out to the left, straight. The balls of the drive side come loose with it: catch and count them.',
        'tool' => 'Rag, magnet',
        'keep' => 'Spindle and balls, counted; which end was on the drive side',
        'look' => 'Both running faces on the spindle',
    ];

    public const CUP_FIXED = [
        'title' => 'Fixed cup out, last',
        'how' => 'Tight, with thin flats: hold the spanner on with a clamp or a long bolt through the shell.{guess}',
        'tool' => 'Flat cup spanner, long bolt through the shell or a clamp',
        'keep' => 'The cup',
        'caution' => 'A spanner that lifts off takes the flats with it.',
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
        'how' => 'Bolt or nut out, and the washer behind it.',
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
