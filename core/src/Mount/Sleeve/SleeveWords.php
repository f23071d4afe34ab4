<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Mount\Sleeve;

/** What a person reads at the steps of a sleeve motor. What the job at hand says is filled in where a `{name}` stands. */
final class SleeveWords
{
    public const BODY_IN = [
        'title' => 'Body in from the drive side',
        'how' => 'On the sleeve first: {drive}.',
        'look' => 'Shoulder square on the shell or spacers',
        'closesOff' => 'the harness between body and shell',
    ];

    public const PLATE_ON = [
        'title' => 'Plate on from the left',
        'how' => 'Under it: {plate}. Outside it, under the nut: {nut}.',
        'look' => 'Plate flat all round',
    ];

    public const NUT_HAND = [
        'title' => 'Nut on by hand',
        'how' => 'Locking compound on the sleeve’s thread where the nut will sit; nut down by hand until it touches.',
    ];

    public const SET_REST = [
        'title' => 'Set the body against its rest',
        'how' => 'Swing it up until it rests on the frame or on a hard block. Never on a cable or a hose.',
        'look' => 'Nothing soft in the gap',
        'caution' => 'Something soft in the gap is a stop: the body will creep until it is cut.',
    ];

    public const NUT_TORQUE = [
        'title' => 'Nut to torque',
        'how' => 'Wheels on the floor, inverted or upright, body on its rest. Nut before the plate’s bolts: it pulls '
            .'the plate flat.',
        'tool' => 'Nut socket over the spindle, torque wrench',
        'look' => 'Body has not moved',
    ];

    public const BOSS_BOLTS = [
        'title' => 'Plate bolts, {thread} × {boltLength}',
        'how' => 'Between plate and bosses: {boss}. Alternate until both are down.',
        'tool' => 'Key for the bolt heads',
        'look' => 'Plate still flat on the shell',
    ];

    public const LOCKRING = [
        'title' => 'Lock ring to torque',
        'how' => 'Hold the nut still while the ring goes down. No locking compound: thin and light, and it must come '
            .'off again.',
        'tool' => 'Lock ring tool, torque wrench',
        'closesOff' => 'the nut',
    ];
}
