<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Battery;

/** Why a pack does not go into a triangle. */
enum Misfit: string
{
    case NotATriangle = 'not_a_triangle';
    case TooTall = 'too_tall';
    case TooLong = 'too_long';
}
