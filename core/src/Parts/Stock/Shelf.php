<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Parts\Stock;

use LogicException;

use function max;
use function min;

/** How many of something lie there, and how many of those are kept for jobs. */
final readonly class Shelf
{
    /** More of one thing nobody keeps, nor counts. */
    public const MOST = 60_000;

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
     * @param  int  $ofReserved how many of those that are taken were reserved by who takes them
     *
     * @throws NotOnTheShelf when there are not so many
     */
    public function after(Moved $moved, int $count, int $ofReserved = 0): self
    {
        $count >= 0 || throw NotOnTheShelf::lessThanNone();

        return match ($moved) {
            Moved::Counted => new self(self::few($count), $this->kept),
            Moved::Reserved => $count <= $this->free() ? new self($this->lies, $this->kept + $count) : throw NotOnTheShelf::toReserve($count, $this->free()),
            Moved::Freed => new self($this->lies, max(0, $this->kept - $count)),
            Moved::Taken => $this->taken($count, min($ofReserved, $count)),
            Moved::Spoilt, Moved::SentBack => new self($this->less($count), $this->kept),
            Moved::Received, Moved::GivenBack => new self(self::few($this->lies + $count), $this->kept),
        };
    }

    /** What is kept for a job is taken for that job alone. */
    private function taken(int $count, int $ofReserved): self
    {
        $lies = $this->less($count);
        $count - $ofReserved <= $this->free() || throw NotOnTheShelf::toReserve($count - $ofReserved, $this->free());

        return new self($lies, max(0, $this->kept - $ofReserved));
    }

    private static function few(int $lies): int
    {
        return $lies <= self::MOST ? $lies : throw NotOnTheShelf::tooMany(self::MOST);
    }

    private function less(int $count): int
    {
        return $count <= $this->lies ? $this->lies - $count : throw NotOnTheShelf::toTake($count, $this->lies);
    }
}
