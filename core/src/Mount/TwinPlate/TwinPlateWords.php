<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Mount\TwinPlate;

/** What a person reads at the steps of a twin-plate motor. What the job at hand says is filled in where a `{name}` stands. */
final class TwinPlateWords
{
    public const PLATES_ON = [
        'title' => 'Plate on the shell',
        'how' => 'Snug, not tight. Bearings on the spindle’s ground part over their whole width, no prouder than '
            .'flush with the sleeve.',
        'look' => 'Split rings with their gaps opposite',
    ];

    public const BODY_IN = [
        'title' => 'Motor hung on its plates',
        'how' => 'Between the plates, drive side: {drive}. Left of the motor: {left}. The spacer beside the pinion is '
            .'the machined one.',
        'look' => 'Motor square beside the shell',
        'closesOff' => 'the harness between motor and shell',
    ];

    public const SET_REST = [
        'title' => 'Set the motor against its rest',
        'how' => 'Swing it until it rests on the frame, a block, a band or a strut.',
        'look' => 'Nothing soft in the gap',
        'caution' => 'Something soft in the gap is a stop: the body will creep until it is cut.',
    ];

    public const PLATE_BOLTS = [
        'title' => 'Plate bolts to torque',
        'how' => 'Alternate, a quarter turn at a time.',
        'tool' => 'Key for the plate bolts, torque wrench',
        'look' => 'Plates parallel',
    ];

    public const PLAY = [
        'title' => 'End play and drag',
        'how' => 'Under the crank: {crank}. Push and pull the spindle, then spin it. Play: one thin spacer more. '
            .'Drag: one less.',
        'look' => 'No end play, no drag',
    ];

    public const BOLT_BY_HAND = [
        'title' => 'Crank bolt by hand',
        'how' => 'At least {minBoltTurns} full turns by hand before it is trusted with torque. Fewer: thinner '
            .'spacers, or a longer bolt.',
        'look' => 'Turns counted',
    ];

    public const FIRST_CHAIN = [
        'title' => 'First chain on',
        'how' => 'Ring, pulley and pinion in one plane. Tensioner’s arm free to swing both ways and not at its end; '
            .'chain off the arm.',
        'look' => 'On the smallest cog the chain clears the ring’s teeth',
        'caution' => 'Keep fingers out of pinion and ring.',
    ];
}
