<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Build;

/** What a person reads at the steps of battery, bar and sensors. */
final class FittingWords
{
    public const GEAR_OFF = [
        'title' => 'Gear cable off at the mech',
        'how' => 'Highest gear, cable off at the mech, its end cap pulled. The ferrule is cut or pulled. '
            .'The end is soldered, taped, or twisted the way it is laid, so that it goes through whole.',
        'tool' => 'Key for the pinch bolt, mostly 5 mm, cable cutter',
        'look' => 'No wire stands off the end; one that does means a new inner',
    ];

    public const GEAR_THROUGH = [
        'title' => 'Gear sensor on the inner cable',
        'how' => 'Through the sensor the right way round, by the arrow or the side its maker names, then on into its '
            .'housing. It goes on while the cable is off anyway.',
        'look' => 'The inner runs through without a kink',
    ];

    public const GEAR_HOUSING = [
        'title' => 'Housing with its ferrules back',
        'how' => 'Cut square, its liner opened, a ferrule on both ends. New inner where the old one was kinked or frayed.',
        'tool' => 'Cable cutter, awl',
        'look' => 'The sensor’s ends sit home on the housing; bars lock to lock pull nothing',
    ];

    public const GEAR_FIX = [
        'title' => 'Gear cable fixed at the mech',
        'how' => 'Pulled taut by hand, pinch bolt, end cap.',
        'tool' => 'Key for the pinch bolt, mostly 5 mm',
        'look' => 'Cap on the end; nothing near the spokes',
    ];

    public const GEAR_INDEX = [
        'title' => 'Gears indexed anew',
        'how' => 'The sensor and its housing have made the cable’s way another one: stops first, then the barrel, '
            .'every gear up and down.',
        'look' => 'Each gear at the first click, up and down; the sensor has not moved',
    ];

    public const LEVER_OFF = [
        'title' => 'Brake’s cable slack, then off the bar, {side}',
        'how' => 'Quick release or barrel at the brake open, cable unhooked there, then out of the old lever: the '
            .'slots of barrel and lock nut in line. '
            .'Then in this order: {what}. Grips with air or water, never pried. What is old goes into the customer’s bag.',
        'tool' => 'Key for the cable’s bolt, if the nipple does not come out by itself',
        'look' => 'No strand of the cable is broken at the nipple; how the levers stood is marked; a rear brake’s '
            .'lever goes back to its own side',
    ];

    public const HOSE_OFF = [
        'title' => 'Hose off the old lever, then off the bar, {side}',
        'how' => 'By those who may open and bleed it, here or at another shop: note where it is, and when it comes '
            .'back. Ends plugged, pads out of the way of fluid. '
            .'Then in this order: {what}. Grips with air or water, never pried. What is old goes into the customer’s bag.',
        'look' => 'No fluid on rotor, pads or paint; how the levers stood is marked',
        'caution' => 'An opened hose has no brake: nothing is ridden until it is bled and tried.',
    ];

    public const LEVER_HOOK = [
        'title' => 'Cable hooked in and brake adjusted, {side}',
        'how' => 'Nipple in, barrel and lock nut turned so that the slots do not meet, cable hooked at the brake. '
            .'Adjusted so that it bites before half of the lever’s way.',
        'look' => 'Ten hard pulls: nothing slips, the lever keeps off the grip, the wheel turns free{switch}',
        'caution' => 'This brake was open: it is tried standing before anybody rides.',
    ];

    public const HOSE_ON = [
        'title' => 'Hose on the new lever, bled and tried, {side}',
        'how' => 'By those who may: new olive and barb, hose square and home, bled until the lever is firm.',
        'look' => 'Ten hard pulls held for ten seconds: firm, dry, and the wheel turns free after{switch}',
        'caution' => 'This brake was open: it is tried standing before anybody rides.',
    ];

    public const BAR_OFF = [
        'title' => 'Off the bar, {side}',
        'how' => 'In this order: {what}. Grips with air or water, never pried.',
        'look' => 'How the levers stood is marked; a rear brake’s lever goes back to its own side',
    ];

    public const BAR_ON = [
        'title' => 'On the bar, {side}',
        'how' => 'In this order: {what}. Grips with alcohol, left to dry.',
        'tool' => 'Keys for the clamps, mostly 4 and 5 mm',
        'look' => 'Thumb and finger reach each without leaving the grip; nothing bears on its neighbour',
    ];

    public const BRAKE_SENSOR = [
        'title' => 'Brake sensor, {side}',
        'how' => 'Lever wiped with alcohol where something is stuck on. Switch and magnet so that the first of the '
            .'lever’s travel works it.',
        'look' => 'Pulled and let go ten times: magnet and switch meet at the first of the travel, and part each time',
        'caution' => 'The brake itself is not touched: hydraulic levers are opened and bled only by who may.',
    ];

    public const BRAKE_SENSOR_INSIDE = [
        'title' => 'Lever’s own switch, {side}',
        'how' => 'The switch is inside the lever: nothing is stuck on. Its lead free of the lever’s way, no pull on it at full lock.',
        'look' => 'A click, or a meter on its plug, at the first of the lever’s travel, and again when let go',
        'caution' => 'The brake itself is not touched: hydraulic levers are opened and bled only by who may.',
    ];

    public const BRAKE_SENSOR_IN_CABLE = [
        'title' => 'Brake sensor in the cable, {side}',
        'how' => 'Cable slack at the brake; the sensor between lever and housing, its ferrules home, the way its arrow '
            .'shows; cable hooked and brake adjusted again.',
        'look' => 'Ten hard pulls: it moves at the first of the travel, comes back each time, and the brake bites as before',
        'caution' => 'This brake was slack: it is tried standing before anybody rides.',
    ];

    public const SPEED_SENSOR = [
        'title' => 'Speed sensor and magnet set',
        'how' => '{where} Stay wiped clean of grease. Magnet on a spoke, its marked face to the sensor, its screw where a key '
            .'reaches it. Lead on the outside of the stay, tied where it cannot reach the spokes.',
        'tool' => 'Feeler or rule, key for the magnet',
        'look' => 'A full turn of the wheel, clear of brake and spokes all round; the gap measured: {gap}',
    ];

    public const SPEED_SENSOR_ELSEWHERE = [
        'title' => 'Speed sensor and magnet set',
        'how' => '{where} What it sits on wiped clean of grease. Magnet on a spoke of that wheel, its marked face to '
            .'the sensor, its screw where a key '
            .'reaches it. Lead tied where it cannot reach the spokes, with a loop where anything turns.',
        'tool' => 'Feeler or rule, key for the magnet',
        'look' => 'A full turn of the wheel, clear of brake and spokes all round, also at full lock; the gap measured: {gap}',
    ];

    public const INSERTS = [
        'title' => 'Threaded inserts set for the battery',
        'how' => '{how}',
        'tool' => 'Drills stepped up, deburrer, insert tool',
        'look' => 'Each insert takes its bolt by hand to the end and does not turn with it',
        'caution' => 'Metal frames only, and nowhere near a weld or a butted end.',
    ];

    public const BATTERY_RAIL = [
        'title' => 'Battery’s rail or cradle on',
        'how' => '{how}',
        'tool' => 'Key for its screws, mostly 4 mm, torque wrench',
        'look' => 'The pack comes out and goes in, its key turns, and it stays when shaken; no pedal reaches the lock',
    ];

    public const BATTERY_STRAPS = [
        'title' => 'Battery strapped on',
        'how' => '{how}',
        'look' => 'The pack comes out and goes in, its key turns, and it stays when shaken; no strap lies on a lead',
    ];

    public const DISPLAY = [
        'title' => 'Display {where}',
        'how' => '{how}',
        'tool' => 'Key for its screw, mostly 3 mm, torque wrench',
        'look' => 'Readable from the saddle; bars lock to lock pull no lead',
    ];
}
