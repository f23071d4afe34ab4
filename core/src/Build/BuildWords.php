<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Build;

/** What a person reads at the steps of building that every motor shares. What the job at hand says is filled in where a `{name}` stands. */
final class BuildWords
{
    public const SAFE = [
        'title' => 'Battery out, power off',
        'how' => 'Before hands go near chain or motor.',
        'caution' => 'Fingers get pinched behind the nut and in the ring.',
    ];

    public const TRY_BATTERY = [
        'title' => 'Try the battery in the frame',
        'how' => 'Before the motor goes in: knee and pedal clear, bars lock to lock, out with room.',
    ];

    public const DRY_FIT = [
        'title' => 'Fit the motor dry',
        'how' => 'No compound yet. {firstSpacers} The body must swing freely and reach its rest.',
        'look' => 'Shell faces bare and flat; guide clear of the body',
        'caution' => '{caution}',
    ];

    public const GUIDE = [
        'title' => 'Cable guide: {label}',
        'how' => '{how}',
        'look' => 'Gears or brake move freely; nothing stands proud under the shell',
    ];

    public const THREAD = [
        'title' => '{run} through to the motor',
        'how' => 'Lay it {path}, plug end at the motor, loose for now. Plugs arrows in line, pushed home square.',
        'look' => 'Nothing between body and frame where the body swings up',
    ];

    public const RING = [
        'title' => 'Ring {teeth} on',
        'how' => 'Bolts in a star, to torque, with locking compound.',
        'tool' => 'Key for the ring bolts, torque wrench',
        'look' => 'A full turn by hand: nothing touches the chainstay',
        'caution' => 'Keep fingers out of the ring.',
    ];

    public const RING_LOOK = [
        'title' => 'Ring’s clearance looked at again',
        'how' => 'Now that everything holds, a full turn by hand.',
        'look' => 'Ring and case clear of the stay as the sums say',
        'caution' => 'Keep fingers out of the ring.',
    ];

    public const CRANK_RIGHT = [
        'title' => 'Right crank on',
        'how' => 'Taper clean. Marked R.',
        'tool' => 'Torque wrench',
    ];

    public const CRANK_LEFT = [
        'title' => 'Left crank on, opposite the right one',
        'how' => 'Taper clean. Marked L. Half a turn from the other.',
        'tool' => 'Torque wrench',
        'look' => 'Cranks in one line, pointing apart',
        'closesOff' => 'what holds the body, for most tools',
    ];

    public const PEDALS = [
        'title' => 'Pedals on',
        'how' => 'Both tighten towards the front wheel. The left one has a left-hand thread.',
        'tool' => '15 mm pedal spanner',
    ];

    public const CHAIN = [
        'title' => 'Chain, {links} links',
        'how' => 'Derailleur set first. Compare with the old chain link by link, not by length.',
        'tool' => 'Chain tool',
        'look' => 'Largest cog by hand: derailleur not at its end',
    ];

    public const DRESS = [
        'title' => 'Tie down: {run}',
        'how' => '{how}',
        'look' => 'Bars lock to lock; nothing reaches wheel, disc or crank',
    ];
}
