<?php

declare(strict_types=1);

namespace App\View\Build;

/** A band that is only usual, as it would be typed, with what it is. */
final readonly class UsualShown
{
    public function __construct(public string $says, public string $source) {}
}
