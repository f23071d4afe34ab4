<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Donor\Bike;

use InvalidArgumentException;

/**
 * How a doubtful bike might really be: for each reading where in its doubt the truth lies, from -1 at the low
 * end to 1 at the high end.
 */
final readonly class Scenario
{
    private function __construct(
        public float $width = 0.0,
        public float $chainstay = 0.0,
        public float $bore = 0.0,
        public float $guide = 0.0,
        public float $firstChain = 0.0,
        public float $crankGap = 0.0,
    ) {}

    /** Every reading just as it was taken. */
    public static function asRead(): self
    {
        return new self;
    }

    /**
     * @param  array<value-of<Doubtful>, float>  $shifts
     *
     * @throws InvalidArgumentException when a shift lies outside the doubt
     */
    public static function at(array $shifts): self
    {
        foreach ($shifts as $shift) {
            if (abs($shift) > 1.0 + 1e-9) {
                throw new InvalidArgumentException('A truth lies within the doubt: shift a reading by -1 to 1.');
            }
        }

        return new self(
            $shifts[Doubtful::Width->value] ?? 0.0,
            $shifts[Doubtful::Chainstay->value] ?? 0.0,
            $shifts[Doubtful::Bore->value] ?? 0.0,
            $shifts[Doubtful::Guide->value] ?? 0.0,
            $shifts[Doubtful::FirstChain->value] ?? 0.0,
            $shifts[Doubtful::CrankGap->value] ?? 0.0,
        );
    }

    /** The same for the same scenario, and for no other. */
    public function key(): string
    {
        return pack('d6', $this->width, $this->chainstay, $this->bore, $this->guide, $this->firstChain, $this->crankGap);
    }

    /** Everything at the end of its doubt that makes fitting easiest. */
    public static function kind(float $width): self
    {
        return new self($width, -1.0, 1.0, -1.0);
    }

    /** Everything at the end of its doubt that makes fitting hardest. */
    public static function harsh(float $width): self
    {
        return new self($width, 1.0, -1.0, 1.0);
    }
}
