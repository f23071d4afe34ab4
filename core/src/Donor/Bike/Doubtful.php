<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Donor\Bike;

/** What about a bike is measured with a doubt that a stack depends on. */
enum Doubtful: string
{
    case Width = 'width';
    case Chainstay = 'chainstay';
    case Bore = 'bore';
    case Guide = 'guide';
    case FirstChain = 'first_chain';
    case CrankGap = 'crank_gap';

    /** A ring that stands further in shifts the first chain like a pinion that stands further out. */
    public const RING_AGAINST_PINION = -1.0;

    public function label(): string
    {
        return match ($this) {
            self::Width => 'the shell’s width',
            self::Chainstay => 'the chainstay beside case and ring',
            self::Bore => 'the shell’s bore',
            self::Guide => 'the guide under the shell',
            self::FirstChain => 'ring and pinion against their plates',
            self::CrankGap => 'the crank gap',
        };
    }
}
