<?php

declare(strict_types=1);

namespace App\Bench;

use NeatSpindle\Core\Holding\Mount\Begun;
use NeatSpindle\Core\Parts\Drawer\DrawerPicker;

/** The first part of a stack, while what comes after it cannot be measured yet. */
final readonly class StackBegun implements FromJob
{
    private function __construct(public ?Begun $begun) {}

    public static function of(OpenJob $open): static
    {
        return new self($open->motor()?->part->held->begun(
            $open->findings->measurement(...), new DrawerPicker($open->catalogue->core()->drawer),
        ));
    }
}
