<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Ground\Turn;

/** Which way something turns, seen facing it from its own side. */
enum Rotation: string
{
    case Clockwise = 'clockwise';
    case Anticlockwise = 'anticlockwise';
}
