<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Sums\Margin;

use NeatSpindle\Core\Ground\Measure\Tolerance;

use function abs;

/** What is told of a margin when somebody asks why, and what would make an answer of it. In mm. */
final readonly class Why
{
    /** @var list<Term> */
    public array $terms;

    public function __construct(public Margin $margin)
    {
        $this->terms = $margin->terms();
    }

    /** Whether the sum counts without its sign. */
    public function isAbsolute(): bool
    {
        return $this->total() < -Tolerance::EPSILON && $this->margin->value > 0.0;
    }

    public function total(): float
    {
        return $this->margin->signed();
    }

    /**
     * The reading to take again: the one whose doubt the margin does not beat. Null when there is none, or
     * when the margin stands whatever the reading turns out to be.
     */
    public function readingToTakeAgain(): ?Term
    {
        if ($this->isSettled()) {
            return null;
        }
        $doubtful = null;
        foreach ($this->terms as $term) {
            if ($term->source->isReading() && $term->plusMinus > ($doubtful->plusMinus ?? 0.0)) {
                $doubtful = $term;
            }
        }

        return $doubtful;
    }

    /** Whether nothing inside the doubt would change the answer. */
    public function isSettled(): bool
    {
        return Tolerance::atLeast(abs($this->margin->slack()), $this->margin->plusMinus);
    }

    /** How small the doubt must get to settle the margin, if the reading stays as it is. */
    public function doubtThatSettles(): float
    {
        return abs($this->margin->slack());
    }
}
