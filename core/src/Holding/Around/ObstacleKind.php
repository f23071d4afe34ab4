<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Around;

/** What can stand out around a shell, where a motor's body wants to go. */
enum ObstacleKind: string
{
    case Weld = 'weld';
    case Tab = 'tab';
    case Bulge = 'bulge';
    case Screw = 'screw';
    case Hose = 'hose';

    public function label(): string
    {
        return match ($this) {
            self::Weld => 'Weld',
            self::Tab => 'Tab for a chain guide',
            self::Bulge => 'Bulge of the frame',
            self::Screw => 'Screw',
            self::Hose => 'Hose, cable or wire',
        };
    }

    /** @return list<ObstacleCure> what may be done about it: a weld or the frame itself is nobody's to cut here */
    public function cures(): array
    {
        return match ($this) {
            self::Weld, self::Bulge => [ObstacleCure::Stays, ObstacleCure::Builder],
            self::Tab => [ObstacleCure::Stays, ObstacleCure::Filed, ObstacleCure::Builder],
            self::Screw => [ObstacleCure::Stays, ObstacleCure::Shortened, ObstacleCure::Gone],
            self::Hose => [ObstacleCure::Stays, ObstacleCure::Moved],
        };
    }
}
