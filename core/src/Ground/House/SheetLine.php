<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Ground\House;

/** A step as somebody reads it, to be held against the same step of another sheet. */
final readonly class SheetLine
{
    /** @param  array<string, string>  $says what it says, by what it says it about; nothing where it says nothing */
    public function __construct(public string $code, public string $title, public array $says) {}
}
