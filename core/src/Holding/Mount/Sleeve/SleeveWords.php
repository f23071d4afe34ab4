<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Mount\Sleeve;

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
        'look' => 'Teeth and raised edge to the frame; plate flat all round',
    ];

    public const BOLTS_HAND = [
        'title' => 'Plate bolts run in a few turns, {thread} × {boltLength}',
        'how' => 'Between plate and bosses: {boss}. Compound on, every bolt a few turns by hand and no further: the '
            .'plate must stay where its holes are, and still lie down flat.',
        'look' => 'No bolt pulls yet',
    ];

    public const NUT_HAND = [
        'title' => 'Nut on by hand',
        'how' => 'Flat face in. Locking compound on the sleeve’s thread where the nut will sit; nut down by hand until it touches.',
    ];

    public const NUT_HAND_DRY = [
        'title' => 'Nut on by hand',
        'how' => 'Flat face in. Sleeve’s thread clean and dry; nut down by hand until it touches. A dry thread rubs more: the same torque clamps less than with compound.',
    ];

    public const NUT_TORQUE_LAST = [
        'title' => 'Nut to torque',
        'how' => 'As the body was set, not turned over, on its rest. The bolts hold the plate already: stop if it lifts anywhere.',
        'tool' => 'Nut socket over the spindle, torque wrench',
        'look' => 'Body has not moved',
    ];

    public const PLATE_LOOK_LAST = [
        'title' => 'Plate looked at for skew',
        'how' => 'Bolts and nut are down: it must lie on the shell all round. Skew: nut and bolts off, and look for what is under it.',
        'look' => 'No light between plate and shell',
    ];

    public const LOCKRING_LOCKED = [
        'title' => 'Lock ring to torque',
        'how' => 'Hold the nut still while the ring goes down. Medium compound on its thread: it needs heat to come off again.',
        'tool' => 'Lock ring tool, torque wrench',
        'closesOff' => 'the nut',
    ];

    public const NUT_TORQUE = [
        'title' => 'Nut to torque',
        'how' => 'As the body was set, not turned over, on its rest. Nut before the plate’s bolts: it pulls '
            .'the plate flat.',
        'tool' => 'Nut socket over the spindle, torque wrench',
        'look' => 'Body has not moved',
    ];

    public const SPINDLE_OUT = [
        'title' => 'Spindle out, for the nut',
        'how' => 'The socket does not get over its end to the nut. Its own screw loose; a mark across spindle and body, so that the '
            .'splines meet again; out to the side its maker names, bearings and seals stay.',
        'tool' => 'Key for its screw, mostly 4 mm, soft mallet',
        'look' => 'The mark is on both; bearings and seals are where they were',
    ];

    public const SPINDLE_IN = [
        'title' => 'Spindle in again',
        'how' => 'Greased, by the mark. Find the splines by turning a quarter at a time, never by force, up to its step.',
        'look' => 'It sits on its step',
    ];

    public const SPINDLE_PRELOAD = [
        'title' => 'Spindle’s preload by hand',
        'how' => 'Until play is gone and it still turns freely; backed off where it is stiff: too much ruins bearings.',
        'look' => 'No play, no drag',
    ];

    public const SPINDLE_LOCK = [
        'title' => 'Spindle’s screw to torque',
        'how' => 'Hold the preload where it is while its screw goes down.',
        'tool' => 'Key for its screw, mostly 4 mm, torque wrench',
        'look' => 'Still no play, no drag',
    ];

    public const PLATE_LOOK = [
        'title' => 'Plate looked at for skew',
        'how' => 'The nut has pulled it down: it must lie on the shell all round, with the bolts still loose. Skew: '
            .'nut off, and look for what is under it.',
        'look' => 'No light between plate and shell',
    ];

    public const BOSS_BOLTS = [
        'title' => 'Plate bolts to torque, {thread} × {boltLength}',
        'how' => 'In turn, a quarter turn at a time, until all are down.',
        'tool' => '{key} for the bolt heads, torque wrench',
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
