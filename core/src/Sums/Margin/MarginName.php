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

    /** What it is, for somebody who sees it for the first time. */
    public function means(): string
    {
        return match ($this) {
            self::BoreClearance => 'How much wider the shell’s bore is than what goes through it.',
            self::CaseToChainstay => 'The way between the motor’s reduction case and the chainstay, where they come nearest.',
            self::RingToChainstay => 'The way between ring, with its chain, and the chainstay, where they come nearest.',
            self::BossGap => 'What is left between the fixing plate and the motor’s bosses once the washers lie there. Below nothing they lift the plate off the shell.',
            self::ThreadStart => 'How far the thread reaches in under the nut’s inner face. Without any, the nut jams on the plain part of the sleeve.',
            self::NutEngagement => 'How much thread the nut holds on.',
            self::LockringEngagement => 'How much thread is left for the lock ring outside the nut.',
            self::GuideClearance => 'The way between the motor’s body and what leads the cables under the shell.',
            self::CrankAsymmetry => 'How much further one crank stands from the frame’s middle than the other.',
            self::CupEngagement => 'How much thread the left cup holds on in the body.',
            self::FillGap => 'What the spacers leave open between body and shell.',
            self::PrimaryAlignment => 'How far the motor’s pinion stands from the plane of its ring.',
            self::CrankInsertion => 'How much of the crank’s arm sits on the spindle.',
            self::LeftGap => 'What the spacers leave open between the motor and the shell’s left face.',
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
