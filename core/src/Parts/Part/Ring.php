<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Parts\Part;

/** A chainring. In mm; the dish is how far the teeth sit inboard of the mounting face. */
final readonly class Ring
{
    use Called;

    public const CHAIN_PITCH = 12.7;

    /** From the pitch circle to the outside of the chain. */
    private const CHAIN_HEIGHT_ABOVE_PITCH = 4.5;

    public function __construct(
        public string $code,
        public int $teeth,
        public float $dish,
        public float $thickness = 3.0,
        private string $name = '',
    ) {}

    /** From the axis to the outside of the chain lying on it. */
    public function radius(): float
    {
        return self::CHAIN_PITCH / (2 * sin(M_PI / $this->teeth)) + self::CHAIN_HEIGHT_ABOVE_PITCH;
    }
}
