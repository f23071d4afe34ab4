<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Build;

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
        'how' => '{pack} Before the motor goes in: knee and pedal clear, bars lock to lock, out with room.',
    ];

    public const TRY_BATTERY_LATER = [
        'title' => 'Try the battery in the frame',
        'how' => '{pack} With the motor in: knee and pedal clear, bars lock to lock, out with room; clear of motor and leads.',
    ];

    public const INSERT_CLEAN = [
        'title' => 'Bore cleaned, interference checked',
        'how' => 'Bore clean, dry, no burr at its edge. Caliper over insert {insert} and across the bore, two ways '
            .'each: the insert is larger by what its maker says, else by about '
            .'{press} mm; a tenth is too much.',
        'tool' => 'Caliper, rag, deburring blade',
        'look' => 'No crack, no ovality; on carbon its maker decides, not we',
    ];

    public const INSERT_PRESS = [
        'title' => 'Insert {insert} pressed in, square',
        'how' => '{film} Both halves with the press, little by little, until their flanges lie on the shell’s faces all round.',
        'tool' => 'Press with guiding bushes',
        'look' => 'No light under either flange',
        'caution' => 'Never with a hammer. A half that starts skew comes out again.',
    ];

    public const INSERT_MEASURE = [
        'title' => 'Width over the flanges and bore measured again',
        'how' => 'The stack stands on these: compare them with what Stack counts with, enter what is different, and '
            .'look at Stack again before the motor is lifted.',
        'tool' => 'Caliper',
        'look' => 'The sleeve slides through without force',
    ];

    public const DRY_FIT = [
        'title' => 'Fit the motor dry, its ring with it',
        'how' => 'No compound yet. {firstSpacers} The body must swing freely and reach its rest; the ring clears the frame. '
            .'{swing}Then it comes out again: leads and bolts go before it.',
        'look' => 'Shell faces bare and flat; what stood in the way is clear of the body',
        'caution' => '{caution}',
    ];

    public const GUIDE = [
        'title' => 'Cable guide: {label}',
        'how' => '{how}',
        'look' => 'Gears or brake move freely; nothing stands proud under the shell',
    ];

    public const GUIDE_MEASURE = [
        'title' => 'What is left of the guide measured afresh',
        'how' => 'From the shell to its lowest point, its cable in it again. What was read before no longer counts.',
        'tool' => 'Caliper',
        'look' => 'Stack says that it clears the body',
    ];

    public const CURE = [
        'title' => '{title}',
        'how' => '{how}',
        'look' => 'Measured again and entered: the body now clears it',
    ];

    public const THREAD = [
        'title' => 'Through to the motor: {runs}',
        'how' => '{leads} Plug ends at the motor, loose for now. Bulky plugs one by one on a drawn thread, thin end '
            .'first; what cannot pass goes outside.',
        'look' => 'Nothing between body and frame where the body swings up',
    ];

    public const THREAD_ROUND = [
        'title' => 'Round to the motor: {runs}',
        'how' => '{leads} All outside the gap, plug ends at the motor. Nothing of them where body and frame meet.',
        'look' => 'The gap between body and frame is empty of it',
    ];

    public const CHAIN_OVER = [
        'title' => 'Whole chain laid over the ring, before its bolts',
        'how' => 'Through guide and roller, then over the ring while it still hangs loose on its face: once cranks are '
            .'on it does not go over them.',
        'look' => 'No twist in the chain',
    ];

    public const CHAIN_OVER_SPINDLE = [
        'title' => 'Whole chain laid over the spindle, before the crank',
        'how' => 'Through guide and roller, and over the end of the spindle, so that it lies round the ring’s place when the crank '
            .'with the ring goes on: over a crank it does not go any more.',
        'look' => 'No twist in the chain',
    ];

    public const RING = [
        'title' => 'Ring {teeth} {face}',
        'how' => '{side}. {bolts} by hand first, then in a star to torque, with locking compound.{teethWords}',
        'tool' => 'Key for the ring bolts, mostly 5 mm, slotted holder behind, torque wrench',
        'look' => 'A full turn by hand: nothing touches the frame',
        'caution' => 'Keep fingers out of the ring.',
    ];

    public const RING_LOOK = [
        'title' => 'Ring’s clearance looked at again',
        'how' => 'Now that everything holds, a full turn by hand.',
        'look' => 'Ring and case clear of the frame as the sums say',
        'caution' => 'Keep fingers out of the ring.',
    ];

    public const CRANK_RIGHT_SEAT = [
        'title' => 'Right crank on by hand',
        'how' => 'The one marked R. {fitting}',
        'look' => '{seat}: it sits straight',
    ];

    public const CRANK_RIGHT = [
        'title' => 'Right crank’s bolt to torque',
        'how' => 'On its bolt’s thread and under its head; what lies on the seat is another matter.',
        'tool' => '8 mm key, or 14 mm socket for a nut, torque wrench',
        'look' => 'The arm turns with the spindle, without a step',
    ];

    public const CRANK_LEFT_SEAT = [
        'title' => 'Left crank on by hand, opposite the right one',
        'how' => 'The one marked L, half a turn from the other. {fitting}',
        'look' => 'Cranks in one line, pointing apart',
    ];

    public const CRANK_LEFT = [
        'title' => 'Left crank’s bolt to torque',
        'how' => 'On its bolt’s thread and under its head; what lies on the seat is another matter.',
        'tool' => '8 mm key, or 14 mm socket for a nut, torque wrench',
        'look' => 'Cranks in one line, pointing apart',
        'closesOff' => 'what holds the body, for most tools',
    ];

    public const PEDALS = [
        'title' => 'Pedals on',
        'how' => 'Both tighten towards the front wheel. The left one has a left-hand thread.',
        'tool' => '15 mm pedal spanner or key from behind, torque wrench',
    ];

    public const PEDAL_RIGHT = [
        'title' => 'Right pedal on',
        'how' => 'It tightens towards the front wheel. The left one never came off; its torque is tried with the same wrench.',
        'tool' => '15 mm pedal spanner or key from behind, torque wrench',
        'look' => 'The arms stand opposite each other',
    ];

    public const CHAIN = [
        'title' => 'Chain, {links} links, then the derailleur',
        'how' => 'Compare with the old chain link by link, not by length. Smallest cog first; the arrow on its plates runs forward '
            .'on top. Joined as its maker says, the joint looked at; gears set last.',
        'tool' => 'Chain tool',
        'look' => 'Largest cog by hand: derailleur not at its end',
    ];

    public const CHAIN_ONE_COG = [
        'title' => 'Chain, {links} links, then its slack',
        'how' => 'Compare with the old chain link by link, not by length. Joined as its maker says; slack taken up at '
            .'the axle or the tensioner.',
        'tool' => 'Chain tool, axle spanner',
        'look' => 'At its tightest place the chain still moves a finger’s breadth up and down',
    ];

    public const OLD_CHAIN = [
        'title' => 'Old chain, {links} links, then the derailleur',
        'how' => 'It is good by its stretch and goes on again. {change} Smallest cog first; the arrow on its plates runs forward '
            .'on top. Joined as its maker says, the joint looked at; gears set last.',
        'tool' => 'Chain tool',
        'look' => 'Largest cog by hand: derailleur not at its end',
    ];

    public const OLD_CHAIN_ONE_COG = [
        'title' => 'Old chain, {links} links, then its slack',
        'how' => 'It is good by its stretch and goes on again. {change} Joined as its maker says; slack taken up at '
            .'the axle or the tensioner.',
        'tool' => 'Chain tool, axle spanner',
        'look' => 'At its tightest place the chain still moves a finger’s breadth up and down',
    ];

    public const MENDED = [
        'title' => 'Mend: {what}',
        'how' => 'By what stands under Condition. {look}',
        'look' => 'As good as it has to be with a motor; the finding is written anew',
    ];

    public const REPLACED = [
        'title' => 'Replace: {what}',
        'how' => 'By what stands under Condition, and adjusted. {look}',
        'look' => 'Tried before the first ride; the old ones go into the customer’s bag',
    ];

    public const GEARS_SET = [
        'title' => 'Derailleur set on the chain that lies there',
        'how' => 'The chain was never opened: nothing to join, nothing to count.',
        'tool' => 'Screwdriver or key for its stops',
        'look' => 'Largest cog by hand: derailleur not at its end',
    ];

    public const SLACK_SET = [
        'title' => 'Slack of the chain that lies there',
        'how' => 'The chain was never opened: nothing to join, nothing to count. Slack taken up at the axle or the tensioner.',
        'tool' => 'Axle spanner',
        'look' => 'At its tightest place the chain still moves a finger’s breadth up and down',
    ];

    public const BOLTS_BEHIND = [
        'title' => 'Bolts that will sit behind the motor, in first',
        'how' => 'By what was written down when they came out: what plate, nut or body will be in the way of later goes in now, '
            .'or gets its nut on the side that stays open.',
        'look' => 'No head stands where body or plate comes',
    ];

    public const BUCKET_BACK = [
        'title' => 'Load bucket back on',
        'how' => 'By what was written down when it came off. A bolt that would reach the motor is shortened, or goes '
            .'in from the other side.',
        'tool' => 'Keys for its bolts, mostly 4 and 5 mm, torque wrench',
        'look' => 'Nothing touches motor, ring or lead',
    ];

    public const GUARD_BACK = [
        'title' => 'Guard, guide or roller back on',
        'how' => 'By what was written down when it came off, around the new ring.',
        'tool' => 'Keys for its bolts, mostly 4 and 5 mm, torque wrench',
        'look' => 'A full turn of the crank by hand: nothing rubs',
    ];

    public const KICKSTAND_BACK = [
        'title' => 'Kickstand refitted elsewhere, or left off',
        'how' => 'Not where motor or rest are. Left off: done by hand, with that as the reason, so that it is on record.',
        'tool' => 'Key for its bolt, mostly 6 or 8 mm, torque wrench',
        'look' => 'Clear of motor, leads and chain, up and down',
    ];

    public const PLUG_AND_DRESS = [
        'title' => 'Plug home and tie down: {run}',
        'how' => '{plug} at the motor: water-repelling grease, keys and arrows in line, pushed home square, never by the lead. {how}',
        'look' => 'No gap is left at the seal, all round; a light pull moves nothing; bars lock to lock; nothing '
            .'reaches wheel, disc or crank',
    ];

    public const BRANCH = [
        'title' => 'Join on the bar: {runs}',
        'how' => 'Each along the bar to its joint on the main lead. {leads} '
            .'Water-repelling grease, keys and arrows in line, pushed home square. '
            .'Tied on both sides of each joint; what is left of each in one loop at the stem.',
        'look' => 'No gap is left at the seal; bars lock to lock; no brake, shifter or bell is in its way',
    ];

    public const CAP = [
        'title' => 'Cap and tie what stays unused: {run}',
        'how' => '{plug}: grease, a cap, tied where no water stands.',
        'look' => 'It cannot swing to chain, ring or crank',
    ];

    public const DRESS = [
        'title' => 'Tie down: {run}',
        'how' => '{how}',
        'look' => 'Bars lock to lock; nothing reaches wheel, disc or crank',
    ];

    public const JOIN_PACK = [
        'title' => 'Join the {run} to the pack',
        'how' => 'Pack off. {volts} A meter on the pack’s plug: plus on plus, before anything touches. Fuse or breaker '
            .'in the lead, no larger '
            .'than its maker allows for it. Then together in one firm push.',
        'tool' => 'Voltmeter',
        'look' => 'Home to the stop; nothing pulls on the joint; tied on both sides, covered',
        'caution' => 'No damaged, wet or unknown pack. Never around a fuse or a protection circuit.',
    ];

    public const JOIN_OTHER = [
        'title' => 'Join the {run}',
        'how' => 'Its voltage is the one that this plug gives, by the papers of both. Polarity tried with a meter '
            .'before the joint is closed.',
        'tool' => 'Voltmeter',
        'look' => 'Works, and goes on working when the bars turn',
    ];
}
