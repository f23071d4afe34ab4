<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Parts\Drawer;

/** What a spacer in the drawer can be used for. */
enum SpacerUse: string
{
    case Drive = 'drive';
    case Plate = 'plate';
    case Nut = 'nut';
    case Boss = 'boss';
    case Slot = 'slot';
    case Crank = 'crank';
}
