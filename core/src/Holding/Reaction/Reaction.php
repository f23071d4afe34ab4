<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Reaction;

use NeatSpindle\Core\Ground\Measure\Tolerance;
use NeatSpindle\Core\Parts\Part\Nut;

/**
 * What the nut's clamp holds against the motor, and what a rest must carry (handbook 03, *The reaction*):
 * preload F = T / (K d); hold = 2 μ F r; load on the rest = (M - hold) / its radius.
 */
final readonly class Reaction
{
    /**
     * @param  float  $preload in N
     * @param  float  $hold in N·m
     * @param  float  $motorTorque in N·m
     * @param  ?float  $restLoad in N; null without a rest
     * @param  string  $torqueBand below, within or above the maker's band
     */
    private function __construct(
        public float $preload,
        public float $hold,
        public float $motorTorque,
        public ?float $restLoad,
        public string $torqueBand,
        public ?GapBlock $gap,
    ) {}

    /** @param  float  $motorTorque in N·m */
    public static function of(Nut $nut, float $motorTorque, Torquing $torquing): self
    {
        $preload = $torquing->nutTorque / ($torquing->threadState->torqueFactor() * $nut->threadMajor / 1000);
        $hold = 2 * $torquing->face->friction() * $preload * $torquing->size->meanRadius();

        return new self(
            $preload,
            $hold,
            $motorTorque,
            $torquing->restRadius === null ? null : max(0.0, $motorTorque - $hold) / ($torquing->restRadius / 1000),
            $nut->torque->place($torquing->nutTorque),
            $torquing->gap,
        );
    }

    public function isHeldByFriction(): bool
    {
        return Tolerance::atLeast($this->hold, $this->motorTorque);
    }

    /** What the rest must carry, in N·m. */
    public function leftForTheRest(): float
    {
        return max(0.0, $this->motorTorque - $this->hold);
    }
}
