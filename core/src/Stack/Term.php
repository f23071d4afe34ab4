<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Stack;

use NeatSpindle\Core\Measure\Measurement;

/** One figure of the sum behind a margin, with its sign. In mm. */
final readonly class Term
{
    private function __construct(
        public string $label,
        public float $value,
        public float $plusMinus,
        public Source $source,
        public ?float $radius = null,
    ) {}

    /** @param  float  $factor how often and with which sign the reading counts */
    public static function reading(string $label, Measurement $reading, Source $source, float $factor = 1.0, ?float $radius = null): self
    {
        return new self($label, $factor * $reading->value, abs($factor) * $reading->plusMinus, $source, $radius);
    }

    public static function catalogue(string $label, float $value): self
    {
        return new self($label, $value, 0.0, Source::Catalogue);
    }

    public static function spacers(Place $place, float $value): self
    {
        return new self("{$place->label()}, spacers", $value, 0.0, Source::Spacers);
    }

    public static function rule(string $label, float $value): self
    {
        return new self($label, $value, 0.0, Source::Rule);
    }

    public function times(float $factor): self
    {
        return new self($this->label, $factor * $this->value, abs($factor) * $this->plusMinus, $this->source, $this->radius);
    }
}
