<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Parts\Box;

use NeatSpindle\Core\Parts\Drawer\SpacerRow;
use NeatSpindle\Core\Parts\Drawer\SpacerUse;

/** One kind of thing in a motor's box, and how many of it. */
final readonly class Piece
{
    /**
     * @param  string  $what as the maker's list calls it
     * @param  ?int  $hundredths how thick a spacer is, in hundredths of a millimetre; null for what is none
     * @param  list<SpacerUse>  $uses where a spacer may go
     */
    public function __construct(
        public PieceKind $kind,
        public string $what,
        public int $quantity,
        public ?int $hundredths = null,
        public array $uses = [],
    ) {}

    public function less(int $pieces): self
    {
        return $pieces === 0 ? $this : new self(
            $this->kind, $this->what, max(0, $this->quantity - $pieces), $this->hundredths, $this->uses,
        );
    }

    /** As it counts for a stack; null for what is no spacer. */
    public function row(): ?SpacerRow
    {
        return $this->hundredths === null ? null : new SpacerRow($this->hundredths, $this->quantity, $this->uses);
    }
}
