<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Reaction;

/** The state of the shell's faces where motor and plate press. */
enum ShellFace: string
{
    case Painted = 'painted';
    case Bare = 'bare';
}
