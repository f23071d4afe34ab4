<?php

declare(strict_types=1);

namespace App\Models\Values;

/** A value that is kept in one column, as JSON. */
interface Kept
{
    /** @param  array<array-key, mixed>  $kept  what is not said, or not understood, is not there */
    public static function fromArray(array $kept): static;

    /** @return array<string, mixed> only what is said */
    public function toArray(): array;
}
