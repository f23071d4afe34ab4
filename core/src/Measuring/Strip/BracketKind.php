<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Strip;

/** How the bottom bracket sits in its shell. */
enum BracketKind: string
{
    case Cartridge = 'threaded';
    case LooseBall = 'loose-ball';
    case External = 'external';
    case PlainLeft = 'plain-left';
    case PlainDrive = 'plain-drive';
    case PressFit = 'press-fit';

    public function label(): string
    {
        return match ($this) {
            self::Cartridge => 'Cartridge, both sides threaded',
            self::LooseBall => 'Loose balls, cups and lock ring',
            self::External => 'Cups outside the shell',
            self::PlainLeft => 'Cartridge, left cup plain',
            self::PlainDrive => 'Cartridge, drive cup plain',
            self::PressFit => 'Pressed in',
        };
    }
}
