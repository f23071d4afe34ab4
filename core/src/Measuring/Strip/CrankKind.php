<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Strip;

/** How the crank arms sit on their spindle. */
enum CrankKind: string
{
    case SquareTaper = 'square-taper';
    case Splined = 'splined';
    case SelfExtracting = 'self-extracting';
    case TwoPiece = 'two-piece';
    case OnePiece = 'one-piece';
    case Cottered = 'cottered';

    public function label(): string
    {
        return match ($this) {
            self::SquareTaper => 'Square taper',
            self::Splined => 'Splined, with bolts',
            self::SelfExtracting => 'Self-extracting bolt',
            self::TwoPiece => 'Two-piece, pinch bolts',
            self::OnePiece => 'One piece',
            self::Cottered => 'Cotter pins',
        };
    }
}
