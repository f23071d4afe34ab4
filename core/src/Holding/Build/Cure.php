<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Build;

/** Something in the motor's way and what is done about it, before the dry fit. */
final readonly class Cure
{
    /** @param  string  $code of its step */
    public function __construct(public string $code, public string $title, public string $how, public ?string $parts = null) {}
}
