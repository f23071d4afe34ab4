<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Battery;

/** What is looked at with the pack held where it shall sit. */
enum SiteCheck: string
{
    case PedalAndKnee = 'pedal-and-knee';
    case LockToLock = 'lock-to-lock';
    case LockReached = 'lock-reached';
    case LockClear = 'lock-clear';
    case SolidFloor = 'solid-floor';
    case HeelClear = 'heel-clear';
    case SteersWell = 'steers-well';
    case StandOver = 'stand-over';
    case BagHolds = 'bag-holds';
    case Splash = 'splash';
    case OffTheGround = 'off-the-ground';

    public function asks(): string
    {
        return match ($this) {
            self::PedalAndKnee => 'Pedals and knees pass it, a turn of the crank on both sides',
            self::LockToLock => 'The fork turns lock to lock without touching it or its lead',
            self::LockReached => 'Its lock can be reached and the key turned',
            self::LockClear => 'No pedal or heel can hit the key',
            self::SolidFloor => 'It stands on a solid floor, not on wires',
            self::HeelClear => 'Heels pass it, with bags on',
            self::SteersWell => 'Held by the saddle the bike does not sway with it',
            self::StandOver => 'The rider stands over it with both feet down',
            self::BagHolds => 'The bag keeps it from sliding and from rubbing through, its lead has a relief',
            self::Splash => 'No water stands or is thrown where it lies',
            self::OffTheGround => 'It is clear of the ground, the crank and the front wheel',
        };
    }
}
