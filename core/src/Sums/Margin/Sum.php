<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Sums\Margin;

use NeatSpindle\Core\Donor\Bike\Doubtful;
use NeatSpindle\Core\Ground\Measure\Measurement;

use function abs;
use function is_float;

/**
 * Lengths along one line added up, each with its sign, where it comes from, and its doubt. In mm.
 *
 * A sum can go on from another one, so that what several begin with is said once. Value and doubt are there at once; the
 * terms are told when somebody asks for them.
 *
 * @phpstan-type Figure array{0: Source, 1: string, 2: float|Measurement, 3?: float}
 */
final readonly class Sum
{
    public float $value;

    public float $plusMinus;

    /** @param  list<Figure>  $figures where each comes from, its name, the figure, and for one of a profile its radius */
    public function __construct(private array $figures, private ?self $after = null)
    {
        $value = 0.0;
        $plusMinus = 0.0;
        if ($after !== null) {
            $value = $after->value;
            $plusMinus = $after->plusMinus;
        }
        foreach ($figures as $figure) {
            $one = $figure[2];
            if (is_float($one)) {
                $value += $one;
            } else {
                $value += $one->value;
                $plusMinus += $one->plusMinus;
            }
        }
        $this->value = $value;
        $this->plusMinus = $plusMinus;
    }

    public function atLeast(float $least, string $because): self
    {
        return $this->value < $least ? new self([[Source::Rule, $because, $least - $this->value]], $this) : $this;
    }

    public function atMost(float $most, string $because): self
    {
        return $this->value > $most ? new self([[Source::Rule, $because, $most - $this->value]], $this) : $this;
    }

    /** @return list<Term> in the order they were added, all times a sign */
    public function terms(float $sign = 1.0): array
    {
        $terms = $this->after?->terms($sign) ?? [];
        foreach ($this->figures as $figure) {
            [$source, $label, $of] = $figure;
            $terms[] = is_float($of)
                ? new Term($label, $sign * $of, 0.0, $source)
                : new Term($label, $sign * $of->value, $of->plusMinus, $source, $figure[3] ?? null);
        }

        return $terms;
    }

    /** How far the sum goes while a reading goes from the middle to the high end of its doubt. */
    public function slope(Doubtful $doubtful): float
    {
        $slope = $this->after?->slope($doubtful) ?? 0.0;
        foreach ($this->figures as [$source, , $figure]) {
            if (! is_float($figure) && $source->doubtful() === $doubtful) {
                $slope += $source->direction() * abs($figure->plusMinus);
            }
        }

        return $slope;
    }
}
