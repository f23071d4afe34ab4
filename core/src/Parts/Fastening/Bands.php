<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Parts\Fastening;

/** The bands that are known, by fastener. Nothing is invented: what nobody has said is not there. */
final readonly class Bands
{
    /** @param  array<string, Band>  $bands by the fastener's code */
    private function __construct(private array $bands) {}

    public static function none(): self
    {
        return new self([]);
    }

    /** With one more; what was known before stays. */
    public function with(Fastener $fastener, ?Band $band): self
    {
        return $band === null || isset($this->bands[$fastener->value]) ? $this : new self($this->bands + [$fastener->value => $band]);
    }

    /** With those of others; what was known before stays. */
    public function and(self $others): self
    {
        return new self($this->bands + $others->bands);
    }

    public function of(Fastener $fastener): ?Band
    {
        return $this->bands[$fastener->value] ?? null;
    }
}
