<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Mount\TwinPlate;

/** What a person reads at the steps of a twin-plate motor. What the job at hand says is filled in where a `{name}` stands. */
final class TwinPlateWords
{
    public const BEARINGS = [
        'title' => 'Cups, bearings and shims',
        'how' => 'Shims behind each cup and on the spindle, side by side; the two cups may differ. {cup} '
            .'The drive side’s plate goes under its cup where it is held by it. '
            .'Bearings on the spindle’s ground part over their whole width, no prouder than flush with the sleeve.',
        'tool' => 'Cup tool, held on with a clamp',
        'look' => 'Split rings with their gaps opposite',
    ];

    public const CUP_THREADED = 'The drive cup by the shell’s own thread hand, greased, started by hand.';

    public const CUP_PRESSED = 'A plain bore has no thread: cups pressed in square, little by little, greased or dry as their maker says.';

    public const FIRST_CHAIN_LAID = [
        'title' => 'First chain laid over the shell’s inside',
        'how' => 'One without a joining link goes in now: once the spindle is home it cannot any more. One with a joining link stays on the '
            .'bench until the motor hangs.',
        'look' => 'No twist in it; both its runs hang free of cups and shims',
    ];

    public const SPINDLE_HOME = [
        'title' => 'Spindle home in its bearings',
        'how' => 'Greased, through the first chain where that lies there, up to its stop; shims on it as they were laid out.',
        'look' => 'It stands out on both sides as far as it did when the crank’s gap was measured',
    ];

    public const RING_TO_PLATE = [
        'title' => 'Ring to plate, measured once more',
        'how' => 'With ring and drive plate where they stay: ring to plate, pinion to its own plate face. Compare with what Stack counts with, '
            .'enter what is different, and look at Stack before the motor is lifted.',
        'tool' => 'Caliper, straightedge',
        'look' => 'Stack’s pieces are the ones that lie ready',
    ];

    public const PLAY = [
        'title' => 'End play and drag',
        'how' => 'Push and pull the spindle, then spin it. Play: too few shims. Drag: too many. Both are cured at the '
            .'bearings or cups, never under the crank.',
        'look' => 'No end play, no drag',
    ];

    public const PLAY_OF_ITS_OWN = [
        'title' => 'End play and drag of the frame’s own spindle',
        'how' => 'Push and pull the spindle, then spin it. Play or drag is cured at its bearings or cups, never under the crank; a bracket '
            .'that has to come out for it does not stay: say so in Survey.',
        'look' => 'No end play, no drag',
    ];

    public const CUPS_TORQUE = [
        'title' => 'Cups to torque',
        'how' => 'Drive cup first, then the left one against its shims. Turn the spindle again afterwards: torque can '
            .'take the play that was there.',
        'tool' => 'Cup tool held on with a clamp, torque wrench',
        'look' => 'Still no play, no drag',
    ];

    public const BOLT_BY_HAND = [
        'title' => 'Ring’s crank on its spindle, its bolt by hand',
        'how' => 'The ring on its crank, its bolts by hand so far. Under the crank: {crank}. At least {minBoltTurns} full turns by hand '
            .'before it is trusted with torque. Fewer: thinner spacers, or a longer bolt. '
            .'Arm and ring clear plate and frame by about a millimetre.',
        'look' => 'Turns counted; the clearance looked at and kept',
    ];

    public const PLATES_ON = [
        'title' => 'Plates on the shell',
        'how' => 'Snug, not tight. The recess faces as its maker says; where a plate meets an axle or a tube, a spacer.',
        'look' => 'Plates parallel',
    ];

    public const BODY_IN = [
        'title' => 'Motor hung between its plates',
        'how' => 'Drive side: {drive}. Left of the motor: {left}. The spacer beside the pinion is the machined one. '
            .'Its screws, two in each slot, run in loose.',
        'look' => 'Motor square beside the shell; it still swings',
        'closesOff' => 'the harness between motor and shell',
    ];

    public const FIRST_CHAIN_LIES_THERE = 'The one that lies over the shell’s inside, drawn over both; one with a joining link is joined now';

    public const FIRST_CHAIN = [
        'title' => 'First chain over ring and pinion',
        'how' => '{whence}. Ring, pulley and '
            .'pinion in one plane. Tensioner’s arm free to swing '
            .'both ways and not at its end; its sag as Stack asks.',
        'look' => 'The chain clears the ring’s teeth all round',
        'caution' => 'Keep fingers out of pinion and ring.',
    ];

    public const BIKES_CHAIN = [
        'title' => 'The bike’s chain over pinion and ring',
        'how' => 'Over {wheels}, all in one plane. One that is never opened lay over the spindle before the crank '
            .'went on. The arm keeps the chain slightly bent and '
            .'swings when the crank is loaded, touching nothing; one that cannot is bent to suit, or its pulley moved.',
        'look' => '{look}',
        'caution' => 'Keep fingers out of pinion and ring.',
    ];

    public const PLATE_BOLTS = [
        'title' => 'Plate screws to torque',
        'how' => 'A helper pulls the motor against its rest. Alternate, a quarter turn at a time.',
        'tool' => 'Key for the plate screws, mostly 5 mm, torque wrench',
        'look' => 'Plates parallel; the motor has not moved',
    ];

    public const ARM_LOOK = [
        'title' => 'Plane and swing looked at again',
        'how' => 'Load the crank by hand: the arm swings and touches nothing; {wheels} still in one plane.',
        'look' => 'The chain stays off the arm',
    ];
}
