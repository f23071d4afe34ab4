<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Sums\Margin;

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
    case CupEngagement = 'cup_engagement';
    case FillGap = 'fill_gap';
    case PrimaryAlignment = 'primary_alignment';
    case CrankInsertion = 'crank_insertion';
    case LeftGap = 'left_gap';

    public function label(): string
    {
        return match ($this) {
            self::BoreClearance => 'Room in the bore',
            self::CaseToChainstay => 'Case to chainstay',
            self::RingToChainstay => 'Ring to chainstay',
            self::BossGap => 'Plate to bosses, less washers',
            self::ThreadStart => 'Thread under the nut',
            self::NutEngagement => 'Thread for the nut',
            self::LockringEngagement => 'Thread for the lock ring',
            self::GuideClearance => 'Cable guide to body',
            self::CrankAsymmetry => 'Cranks off centre',
            self::CupEngagement => 'Thread for the cup',
            self::FillGap => 'Left open beside the shell',
            self::PrimaryAlignment => 'First chain off line',
            self::CrankInsertion => 'Crank on its spindle',
            self::LeftGap => 'Left open beside the motor',
        };
    }

    /** A larger value is worse, not better. */
    public function isCeiling(): bool
    {
        return match ($this) {
            self::CrankAsymmetry, self::FillGap, self::PrimaryAlignment, self::LeftGap => true,
            default => false,
        };
    }

    /** It counts how far off something is, to whichever side. */
    public function countsWithoutSign(): bool
    {
        return $this === self::CrankAsymmetry || $this === self::PrimaryAlignment;
    }
}
