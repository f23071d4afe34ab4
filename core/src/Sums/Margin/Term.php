<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Sums\Margin;

/** One figure of a sum, with its sign. In mm. */
final readonly class Term
{
    /** @param  ?float  $radius from the axis, where it is a reading of a profile */
    public function __construct(
        public string $label,
        public float $value,
        public float $plusMinus,
        public Source $source,
        public ?float $radius = null,
    ) {}
}
