<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Battery;

use NeatSpindle\Core\Donor\Bike\FrameMaterial;

/** What holds a battery, or its rail, to the bike. */
enum Fixing: string
{
    case Bosses = 'bosses';
    case Inserts = 'inserts';
    case Band = 'band';
    case HoseClamps = 'hose-clamps';
    case RackBolts = 'rack-bolts';
    case ThroughBolts = 'through-bolts';
    case Straps = 'straps';

    public function label(): string
    {
        return match ($this) {
            self::Bosses => 'The frame’s own bosses',
            self::Inserts => 'Threaded inserts',
            self::Band => 'Band clamps around the tube',
            self::HoseClamps => 'Cradle on hose clamps',
            self::RackBolts => 'Bolts through the rack’s floor',
            self::ThroughBolts => 'Bolts through a plate under the floor',
            self::Straps => 'Straps',
        };
    }

    /** Why it does not go with this frame; null when it does. */
    public function objection(FrameMaterial $material): ?string
    {
        return match (true) {
            $material !== FrameMaterial::Carbon => null,
            $this === self::Inserts => 'Never into carbon: a drilled hole starts a crack. The frame’s own bosses, a bag, or a rack.',
            $this === self::Band, $this === self::HoseClamps => 'Nothing is clamped on carbon; its maker decides.',
            default => null,
        };
    }

    /** How it is done, in words. */
    public function how(?InsertRow $inserts): string
    {
        return match ($this) {
            self::Bosses => 'Into the frame’s own bosses: bolts no longer than the boss is deep.',
            self::Inserts => ($inserts === null ? 'At least two, as far apart as the rail allows' : $inserts->words())
                .'. Steel inserts. The hole stepped up to size, its edge cleaned and greased; the tool square to the tube, squeezed no further than the thread bears.',
            self::Band => 'A pad under each band; no band over a cable or a weld.',
            self::HoseClamps => 'Three clamps, a pad under the cradle, their tails trimmed and covered.',
            self::RackBolts => 'Large washers under the floor. A drilled rack carries what its maker says of it drilled, or of it as it was.',
            self::ThroughBolts => 'A plate under the floor that spreads the load, locking nuts.',
            self::Straps => 'Straps that cannot creep; something stiff under them.',
        };
    }

    /** What has to be got for it; null where nothing. */
    public function parts(?InsertRow $inserts): ?string
    {
        return match ($this) {
            self::Bosses => null,
            self::Inserts => 'Threaded inserts, steel, with their bolts',
            self::Band => 'Band clamps with pads',
            self::HoseClamps => 'Cradle with a pad, hose clamps that go round tube and cradle',
            self::RackBolts => 'Bolts and large washers for the rack’s floor',
            self::ThroughBolts => 'Bolts, locking nuts and a plate for under the floor',
            self::Straps => 'Straps for the battery',
        };
    }

    /** How many of what has to be got. */
    public function count(?InsertRow $inserts): int
    {
        return match ($this) {
            self::Inserts => $inserts === null ? 2 : $inserts->count(),
            self::HoseClamps => 3,
            self::Band, self::Straps => 2,
            default => 1,
        };
    }
}
