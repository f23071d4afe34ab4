<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Cockpit;

/** Where the display sits: mostly clamped on the bar. */
enum DisplaySite: string
{
    case Bar = 'bar';
    case Stem = 'stem';
    case TopTube = 'top-tube';
    case Mast = 'mast';

    public function label(): string
    {
        return match ($this) {
            self::Bar => 'On the bar',
            self::Stem => 'On the stem',
            self::TopTube => 'On the top tube',
            self::Mast => 'On a holder beside the seat or on the boom',
        };
    }

    /** How it is put there; null where a clamp on the bar tells that by its bore. */
    public function how(): ?string
    {
        return match ($this) {
            self::Bar => null,
            self::Stem => 'In the holder for the stem’s bolts or round it; nothing of it where the bars turn.',
            self::TopTube => 'On its band or holder with a pad under it, clear of the knees; its lead with a loop past the steering.',
            self::Mast => 'On its own holder, where it is read without leaning; its lead tied along what carries it, with a loop where something moves.',
        };
    }
}
