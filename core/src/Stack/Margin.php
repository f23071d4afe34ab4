<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Stack;

use NeatSpindle\Core\Measure\Measurement;

/** How far a figure of the stack is from its limit, with the doubt of the readings behind it. In mm. */
final readonly class Margin
{
    private const MIN_GUIDE_CLEARANCE = 1.0;

    public Verdict $verdict;

    public function __construct(
        public MarginName $name,
        public float $value,
        public float $plusMinus,
        public float $limit,
    ) {
        $this->verdict = Verdict::ofSlack($this->slack(), $plusMinus);
    }

    /** Between the motor's body and what hangs under the shell. */
    public static function guideClearance(float $gap, Measurement $guide): self
    {
        return new self(MarginName::GuideClearance, $gap - $guide->value, $guide->plusMinus, self::MIN_GUIDE_CLEARANCE);
    }

    /** What is left before the limit; negative when the limit is broken. */
    public function slack(): float
    {
        return $this->name->isCeiling() ? $this->limit - $this->value : $this->value - $this->limit;
    }
}
