<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Survey;

/** What a person reads at the spots of a motor that hangs between two plates, by their codes: name, how to do it, and what for. */
final class PlateSpotWords
{
    public const ALL = [
        'bracket_stays' => [
            'Own spindle stays',
            'Do the frame’s own spindle and cups stay? Spin them: free, no play, and the ring’s crank fits the spindle’s end. A plate that is '
                .'held under the drive cup, or a first chain without a joining link, wants them out.',
            'What stays is not taken off, not measured bare and not built again; the left crank and its pedal stay too.',
        ],
        'drive_chain' => [
            'Which chain it drives',
            'From the pinion to a ring on the crank by a short chain of its own, or the bike’s chain over pinion and ring?',
            'A first chain has its sag; the bike’s own has an arm that must swing.',
        ],
        'ring_to_plate' => [
            'Ring to plate',
            'First the plate on the shell and the ring on its freewheeling crank, both snug. Depth rod from the middle '
                .'of the ring’s teeth to the plate’s outer face.',
            'Where the first chain has to run. Measure before the motor hangs: afterwards the rod does not reach.',
        ],
        'pinion_to_face' => [
            'Pinion to its plate’s face',
            'Then the motor, on the bench, its own plate bolted on. Depth rod from the middle of the pinion’s teeth to that plate’s face.',
            'With ring to plate it says how many drive spacers bring pinion and ring into one plane.',
        ],
        'crank_gap' => [
            'Crank gap',
            'Last the spindle, pushed home against its bearing. Depth rod from the bearing’s stop to the end of the taper or spline.',
            'Spacers under the crank never take so much that too little of the arm sits on the spindle.',
        ],
        'bearing_feel' => [
            'Spindle turned by hand',
            'Everything on, nothing torqued: push and pull the spindle, then spin it.',
            'Too few shims give play, too many give drag.',
        ],
        'crank_bolt_turns' => [
            'Crank bolt, full turns by hand',
            'Count full turns by hand until it stops.',
            'Fewer than the least, and the thread goes with the torque.',
        ],
        'tensioner_arm' => [
            'Tensioner’s arm',
            'First chain on, chain on the smallest cog.',
            'Free both ways and not at its end; the chain clear of the arm and of the ring’s teeth.',
        ],
        'first_chain_run' => [
            'First chain’s free run',
            'First chain on, pinion turned so that this run is the loose one. Rule from where the chain leaves the '
                .'pinion to where it meets the ring.',
            'What its sag is a share of.',
        ],
        'first_chain_play' => [
            'First chain’s play',
            'In the middle of that run: press the chain down with a finger, then lift it. The way between the two.',
            'Too tight wears pinion and bearings, too loose climbs the teeth.',
        ],
        'arm_in' => [
            'Tensioner, way in',
            'How far the pulley can still be pushed towards the chain before the arm is at its end.',
            'A worn chain is longer: the arm must be able to follow.',
        ],
        'arm_out' => [
            'Tensioner, way out',
            'How far the pulley can be pulled away from the chain before the arm is at its end.',
            'At its end the arm is a hammer.',
        ],
    ];
}
