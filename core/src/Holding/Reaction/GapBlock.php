<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Reaction;

use NeatSpindle\Core\Ground\Measure\Measurement;
use NeatSpindle\Core\Sums\Margin\Verdict;

/** A hard block beside something soft in the gap: it keeps the soft thing whole when it is thicker by a millimetre and more than both doubts. In mm. */
final readonly class GapBlock
{
    private const LEAST = 1.0;

    public float $clearance;

    public float $plusMinus;

    public function __construct(public Measurement $block, public Measurement $soft)
    {
        $this->clearance = $block->value - $soft->value;
        $this->plusMinus = $block->plusMinus + $soft->plusMinus;
    }

    public function verdict(): Verdict
    {
        return Verdict::ofSlack($this->clearance - self::LEAST, $this->plusMinus);
    }
}
