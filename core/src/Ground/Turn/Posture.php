<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Ground\Turn;

/** How the bike stands or hangs. */
enum Posture: string
{
    case Upright = 'upright';
    case Inverted = 'inverted';
}
