<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Reaction;

/** The state of the shell's faces where motor and plate press. */
enum ShellFace: string
{
    case Painted = 'painted';
    case Bare = 'bare';

    /** μ of each of the two clamped faces, without unit (handbook 03, *The reaction*). */
    public function friction(): float
    {
        return match ($this) {
            self::Painted => 0.12,
            self::Bare => 0.20,
        };
    }
}
