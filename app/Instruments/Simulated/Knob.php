<?php

declare(strict_types=1);

namespace App\Instruments\Simulated;

/** Something about a simulated instrument that can be set while it is played: always a figure, a switch being 0 or 1. */
final readonly class Knob
{
    public function __construct(
        public string $name, public string $label, public float $starts, public float $least, public float $most, public string $unit = '',
    ) {}

    public static function switch(string $name, string $label): self
    {
        return new self($name, $label, 0.0, 0.0, 1.0);
    }

    public function isSwitch(): bool
    {
        return $this->least === 0.0 && $this->most === 1.0 && $this->unit === '';
    }

    public function takes(float $value): bool
    {
        return $value >= $this->least && $value <= $this->most;
    }
}
