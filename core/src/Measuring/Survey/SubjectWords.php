<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Survey;

/** What a person reads at every subject of the condition walk, by its code: its name, and what to look at. */
final class SubjectWords
{
    public const ALL = [
        'frame' => [
            'Frame: cracks, dents, corrosion',
            'Lamp along every weld, round the shell, the dropouts and the head tube. Paint that is '
                .'cracked in a line is a crack until shown otherwise.',
        ],
        'carbon' => [
            'Carbon in frame, fork or bar',
            'Knock, listen, look for white lines. A carbon frame’s maker decides whether it may carry '
                .'a motor, not we. Never drill it, never clamp or bite it with teeth.',
        ],
        'joint' => [
            'Folding joint or coupling',
            'Only where the frame folds or parts: closed, no play when the frame is rocked, its lever locks, no crack round it. '
                .'A motor’s torque goes through it; whether it may is for its maker to say.',
        ],
        'wheels' => [
            'Wheels: true, play',
            'Spin; watch against a fixed point. More than 1 mm off is out of true. Rock at the rim: no play.',
        ],
        'rims' => [
            'Rims and spokes',
            'Wear line on rim brakes, dents, every spoke tight, no cracked nipple hole.',
        ],
        'brake-kind' => [
            'Brakes: kind and condition',
            'Rim, drum, cable disc or hydraulic? Levers firm, hoses dry, cables free. Opening a '
                .'hose is for those who may.',
        ],
        'coaster' => [
            'Back-pedal brake',
            'Turn the cranks back: does the rear wheel brake? Most motors run free backwards, and then the chain no longer pulls that '
                .'brake. Only with a motor whose maker allows it, else another hub or another brake.',
        ],
        'belt' => [
            'Belt instead of a chain',
            'A motor’s ring is made for a chain, and a belt takes no link more or less. Chain and cogs in its place, or a belt ring '
                .'of the motor’s own maker, in line within half a millimetre.',
        ],
        'pads' => [
            'Brake pads or shoes',
            'At least 1 mm over the backing, no oil on them.',
        ],
        'rotors' => [
            'Rotors: size and thickness',
            'Diameter and thickness, against the least stamped on it.',
        ],
        'brakes-enough' => [
            'Brakes against the new mass and speed',
            'A motor adds mass and speed these brakes were not chosen for. Would you ride it '
                .'down your steepest hill, loaded?',
        ],
        'chain' => [
            'Chain and cogs',
            'Stretch over twelve links, hooked teeth on the cogs used most.',
        ],
        'bearings' => [
            'Head and hub bearings',
            'Turn and rock head and hubs: no play, no grit.',
        ],
        'pedals' => [
            'Pedals and their threads',
            'Spin and rock them; their threads whole, in the arms too. They carry as before, for longer.',
        ],
        'tyres' => [
            'Tyres',
            'No cracks, no cords to be seen, the pressure that stands on them; made for the speed and the load that come.',
        ],
        'carriers' => [
            'Carrier, child seat, trailer',
            'Bolts and stays tight, no crack; made for what is carried. A child’s feet stay clear of wheel, chain and motor. '
                .'A trailer’s coupling leaves the axle its whole grip. What is carried counts with the mass.',
        ],
        'steering-rod' => [
            'Steering’s rod and joints',
            'Rod straight, joints without play, their nuts locked; nothing touches at full lock.',
        ],
        'lights' => [
            'Lights',
            'Front and rear, at the speed it will go. Wires clear of what turns.',
        ],
    ];
}
