<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Route;

/** Whether a run gets from end to end. */
enum RouteVerdict: string
{
    case Reaches = 'reaches';
    case NeedsExtension = 'needs_extension';
    case TooShort = 'too_short';
    case NoRoute = 'no_route';
}
