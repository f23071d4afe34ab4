<?php

declare(strict_types=1);

namespace App\View\Prove;

/** A value that may be what the display says, with what it goes by; it counts once somebody has kept it. */
final readonly class OfferedSetting
{
    public function __construct(public string $value, public string $because) {}
}
