<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Parts\Drawer;

use function in_array;

/** So many spacers of one thickness, lying together in the drawer. */
final readonly class SpacerRow
{
    /**
     * @param  int  $hundredths thickness in hundredths of a millimetre
     * @param  list<SpacerUse>  $uses
     */
    public function __construct(
        public int $hundredths,
        public int $quantity,
        public array $uses,
    ) {}

    public function serves(SpacerUse $use): bool
    {
        return in_array($use, $this->uses, true);
    }

    public function withLess(int $pieces): self
    {
        return $pieces === 0 ? $this : new self($this->hundredths, $this->quantity - $pieces, $this->uses);
    }
}
