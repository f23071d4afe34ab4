<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Measured;

/** Which figures are taken together. */
enum FigureGroup: string
{
    case Named = 'named';
    case Through = 'through';
    case Drive = 'drive';
    case Spindle = 'spindle';
    case Held = 'held';
    case Label = 'label';
    case Later = 'later';

    public function label(): string
    {
        return match ($this) {
            self::Named => 'What it is',
            self::Through => 'What goes into the frame',
            self::Drive => 'Drive side',
            self::Spindle => 'Spindle',
            self::Held => 'What holds it',
            self::Label => 'From its label or its seller',
            self::Later => 'Can wait until a place asks for it',
        };
    }
}
