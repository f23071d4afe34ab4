<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Parts\Stock;

use LogicException;

use function max;

/** How many of something lie there, and how many of those are kept for jobs. */
final readonly class Shelf
{
    /**
     * @param  int  $lies how many lie there, reserved or not
     * @param  int  $kept how many of them are reserved; more than lie there only where a count found fewer
     */
    public function __construct(public int $lies, public int $kept = 0)
    {
        $lies >= 0 && $kept >= 0 || throw new LogicException("Nothing lies on a shelf less than not at all: {$lies}, {$kept}.");
    }

    /** How many nobody has reserved. */
    public function free(): int
    {
        return max(0, $this->lies - $this->kept);
    }

    /**
     * After so many of it have moved.
     *
     * @param  int  $count how many; for a count, how many there are now
     * @param  bool  $isReserved whether those that are taken were reserved before
     *
     * @throws NotOnTheShelf when there are not so many
     */
    public function after(Moved $moved, int $count, bool $isReserved = false): self
    {
        $count >= 0 || throw NotOnTheShelf::lessThanNone();

        return match ($moved) {
            Moved::Counted => new self($count, $this->kept),
            Moved::Reserved => $count <= $this->free() ? new self($this->lies, $this->kept + $count) : throw NotOnTheShelf::toReserve($count, $this->free()),
            Moved::Freed => new self($this->lies, max(0, $this->kept - $count)),
            Moved::Taken => $this->without($count, $isReserved),
            Moved::Spoilt, Moved::SentBack => $this->without($count, false),
            Moved::Received, Moved::GivenBack => new self($this->lies + $count, $this->kept),
        };
    }

    /** What is kept for a job is taken for that job alone; what breaks or goes back may be anybody's. */
    private function without(int $count, bool $isReserved): self
    {
        $count <= $this->lies || throw NotOnTheShelf::toTake($count, $this->lies);

        return new self($this->lies - $count, $isReserved ? max(0, $this->kept - $count) : $this->kept);
    }
}
