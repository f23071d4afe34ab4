<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Stack;

/** The margins a stack can have. */
enum MarginName: string
{
    case BoreClearance = 'bore_clearance';
    case CaseToChainstay = 'case_to_chainstay';
    case RingToChainstay = 'ring_to_chainstay';
    case BossGap = 'boss_gap';
    case ThreadStart = 'thread_start';
    case NutEngagement = 'nut_engagement';
    case LockringEngagement = 'lockring_engagement';
    case GuideClearance = 'guide_clearance';
    case CrankAsymmetry = 'crank_asymmetry';

    public function label(): string
    {
        return match ($this) {
            self::BoreClearance => 'Sleeve in the bore',
            self::CaseToChainstay => 'Case to chainstay',
            self::RingToChainstay => 'Ring to chainstay',
            self::BossGap => 'Plate to bosses, less washers',
            self::ThreadStart => 'Thread under the nut',
            self::NutEngagement => 'Thread for the nut',
            self::LockringEngagement => 'Thread for the lock ring',
            self::GuideClearance => 'Cable guide to body',
            self::CrankAsymmetry => 'Cranks off centre',
        };
    }

    /** A larger value is worse, not better. */
    public function isCeiling(): bool
    {
        return $this === self::CrankAsymmetry;
    }
}
