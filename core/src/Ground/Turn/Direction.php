<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Ground\Turn;

/** Where the top of a wrench goes, along the bike. */
enum Direction: string
{
    case Front = 'front';
    case Back = 'back';
}
