<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Route;

/** One cable, hose or lead from one place to another. Lengths in mm. */
final readonly class Run
{
    /**
     * @param  list<string>  $avoid tags of stretches this run keeps off
     * @param  ?string  $via a place it was moved to pass; null where it takes the shortest way
     * @param  list<string>  $off places it was moved off
     */
    public function __construct(
        public string $name,
        public RunKind $kind,
        public string $from,
        public string $to,
        public float $supply,
        public string $connector,
        public array $avoid = [],
        public ?float $currentA = null,
        public ?float $areaMm2 = null,
        public ?string $via = null,
        public array $off = [],
    ) {}

    /** Volts lost there and back over a length in mm: `2 L I 0.0175 / A`; null unless it is a power run with both figures. */
    public function voltageDrop(float $mm): ?float
    {
        return $this->kind !== RunKind::Power || $this->currentA === null || $this->areaMm2 === null
            ? null
            : 2 * ($mm / 1000) * $this->currentA * 0.0175 / $this->areaMm2;
    }
}
