<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Parts\Drawer;

use function count;
use function in_array;

/** What lies in the places of one stack, as far as they are filled; null where nothing suits. */
final readonly class Filling
{
    /** @param  array<string, ?Spacers>  $spacers by place, in the order they were filled */
    private function __construct(public array $spacers) {}

    public static function none(): self
    {
        return new self([]);
    }

    public function with(Place $place, ?Spacers $spacers): self
    {
        return new self([...$this->spacers, $place->value => $spacers]);
    }

    public function at(Place $place): ?Spacers
    {
        return $this->spacers[$place->value] ?? null;
    }

    /** The sum of what is in a place, in mm; nothing where nothing is. */
    public function sumAt(Place $place): float
    {
        return $this->spacers[$place->value]->sum ?? 0.0;
    }

    /** Whether no place is left for which nothing suits. */
    public function isWhole(): bool
    {
        return ! in_array(null, $this->spacers, true);
    }

    /** How many spacers and washers it takes. */
    public function pieceCount(): int
    {
        return array_sum(array_map(fn (?Spacers $spacers) => count($spacers->pieces ?? []), $this->spacers));
    }
}
