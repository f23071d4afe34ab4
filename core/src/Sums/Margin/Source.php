<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Sums\Margin;

use NeatSpindle\Core\Donor\Bike\Doubtful;

/** Where a figure of a sum comes from: a reading that can be taken again, or something that stands. */
enum Source: string
{
    case ShellWidth = 'shell_width';
    case ShellBore = 'shell_bore';
    case Chainstay = 'chainstay';
    case GuideDepth = 'guide_depth';
    case RingToPlate = 'ring_to_plate';
    case PinionToFace = 'pinion_to_face';
    case CrankGap = 'crank_gap';
    case Catalogue = 'catalogue';
    case Spacers = 'spacers';
    case Rule = 'rule';

    public function isReading(): bool
    {
        return $this->doubtful() !== null;
    }

    /** The doubt this reading belongs to; null for what stands. */
    public function doubtful(): ?Doubtful
    {
        return match ($this) {
            self::ShellWidth => Doubtful::Width,
            self::ShellBore => Doubtful::Bore,
            self::Chainstay => Doubtful::Chainstay,
            self::GuideDepth => Doubtful::Guide,
            self::RingToPlate, self::PinionToFace => Doubtful::FirstChain,
            self::CrankGap => Doubtful::CrankGap,
            self::Catalogue, self::Spacers, self::Rule => null,
        };
    }

    /** Which way the reading goes while its doubt is gone along from the low to the high end. */
    public function direction(): float
    {
        return $this === self::RingToPlate ? Doubtful::RING_AGAINST_PINION : 1.0;
    }

    /** Who or what says so, in words. */
    public function label(): string
    {
        return match ($this) {
            self::Catalogue => 'catalogue',
            self::Spacers => 'what is fitted',
            self::Rule => 'follows from the above',
            default => 'reading',
        };
    }
}
