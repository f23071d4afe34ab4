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
        'lights' => [
            'Lights',
            'Front and rear, at the speed it will go. Wires clear of what turns.',
        ],
    ];
}
