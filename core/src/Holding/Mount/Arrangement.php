<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Mount;

/** Where the parts of a solved stack end up, in the terms of its mount. */
interface Arrangement
{
    /** How far the ring's teeth stand outboard of the bare shell's drive face, in mm; null where no ring follows from the stack. */
    public function ringOutboard(): ?float;

    /** Whether every part that is no spacer exists in a size that suits. */
    public function isComplete(): bool;

    /** @return array<string, float|array<string, int|float|null>|null> what the worksheet says of this mount alone, unrounded */
    public function figures(): array;
}
