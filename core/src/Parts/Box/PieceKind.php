<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Parts\Box;

/** What sort of thing lies in a motor's box. */
enum PieceKind: string
{
    case Spacer = 'spacer';
    case Bolt = 'bolt';
    case Ring = 'ring';
    case Crank = 'crank';
    case Lead = 'lead';
    case Sensor = 'sensor';
    case Display = 'display';
    case Tool = 'tool';
    case Part = 'part';

    public function label(): string
    {
        return match ($this) {
            self::Spacer => 'Spacers and washers',
            self::Bolt => 'Bolts',
            self::Ring => 'Rings',
            self::Crank => 'Cranks',
            self::Lead => 'Leads',
            self::Sensor => 'Sensors',
            self::Display => 'Displays it talks to',
            self::Tool => 'Tools',
            self::Part => 'Other parts',
        };
    }
}
