<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Survey;

/** What of a donor's condition is looked at before anything is promised. */
enum Subject: string
{
    case Frame = 'frame';
    case Carbon = 'carbon';
    case Wheels = 'wheels';
    case Rims = 'rims';
    case BrakeKind = 'brake-kind';
    case Pads = 'pads';
    case Rotors = 'rotors';
    case BrakesEnough = 'brakes-enough';
    case Chain = 'chain';
    case Bearings = 'bearings';
    case Lights = 'lights';

    public function label(): string
    {
        return match ($this) {
            self::Frame => 'Frame: cracks, dents, corrosion',
            self::Carbon => 'Carbon in frame, fork or bar',
            self::Wheels => 'Wheels: true, play',
            self::Rims => 'Rims and spokes',
            self::BrakeKind => 'Brakes: kind and condition',
            self::Pads => 'Brake pads or shoes',
            self::Rotors => 'Rotors: size and thickness',
            self::BrakesEnough => 'Brakes against the new mass and speed',
            self::Chain => 'Chain and cogs',
            self::Bearings => 'Head and hub bearings',
            self::Lights => 'Lights',
        };
    }

    /** What to look at. */
    public function look(): string
    {
        return match ($this) {
            self::Frame => 'Lamp along every weld, round the shell, the dropouts and the head tube. Paint that is '
                .'cracked in a line is a crack until shown otherwise.',
            self::Carbon => 'Knock, listen, look for white lines. A carbon frame’s maker decides whether it may carry '
                .'a motor, not we. Never drill it, never clamp or bite it with teeth.',
            self::Wheels => 'Spin; watch against a fixed point. More than 1 mm off is out of true. Rock at the rim: no play.',
            self::Rims => 'Wear line on rim brakes, dents, every spoke tight, no cracked nipple hole.',
            self::BrakeKind => 'Rim, drum, cable disc or hydraulic? Levers firm, hoses dry, cables free. Opening a '
                .'hose is for those who may.',
            self::Pads => 'At least 1 mm over the backing, no oil on them.',
            self::Rotors => 'Diameter and thickness, against the least stamped on it.',
            self::BrakesEnough => 'A motor adds mass and speed these brakes were not chosen for. Would you ride it '
                .'down your steepest hill, loaded?',
            self::Chain => 'Stretch over twelve links, hooked teeth on the cogs used most.',
            self::Bearings => 'Turn and rock head and hubs: no play, no grit.',
            self::Lights => 'Front and rear, at the speed it will go. Wires clear of what turns.',
        };
    }
}
