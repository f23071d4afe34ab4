<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Route;

/** Where a part's lead joins the harness; its name is that of the place. */
enum Joint: string
{
    case Motor = 'motor';
    case Bar = 'bar';
}
