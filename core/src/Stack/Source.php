<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Stack;

use function in_array;

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
        return ! in_array($this, [self::Catalogue, self::Spacers, self::Rule], true);
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
