<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Sums\Margin;

use NeatSpindle\Core\Donor\Bike\Doubtful;
use NeatSpindle\Core\Ground\Measure\Measurement;

use function abs;

/**
 * How far it is between two places along one line, against a limit. In mm.
 *
 * The two sums are the only statement of it: value, doubt, verdict, what a place has to be filled with, where along a
 * doubt that changes, the sum a person is told, and the two faces it is drawn between, all follow from them.
 */
final readonly class Margin
{
    private const MIN_GUIDE_CLEARANCE = 1.0;

    public float $value;

    public float $plusMinus;

    public Verdict $verdict;

    public function __construct(
        public MarginName $name,
        public Sum $from,
        public Sum $to,
        public float $limit,
    ) {
        $distance = $to->value - $from->value;
        $this->value = $name->countsWithoutSign() ? abs($distance) : $distance;
        $this->plusMinus = $from->plusMinus + $to->plusMinus;
        $this->verdict = Verdict::ofSlack($name->isCeiling() ? $limit - $this->value : $this->value - $limit, $this->plusMinus);
    }

    /** Of a sum that is a distance by itself. */
    public static function of(MarginName $name, Sum $distance, float $limit): self
    {
        return new self($name, new Sum([]), $distance, $limit);
    }

    /** Between the motor's body and what hangs under the shell. */
    public static function guideClearance(float $gap, Measurement $guide): self
    {
        return new self(
            MarginName::GuideClearance,
            new Sum([[Source::GuideDepth, 'Guide under the shell', $guide]]),
            new Sum([[Source::Catalogue, 'Gap between shell and body', $gap]]),
            self::MIN_GUIDE_CLEARANCE,
        );
    }

    /** What is left before the limit; negative when the limit is broken. */
    public function slack(): float
    {
        return $this->name->isCeiling() ? $this->limit - $this->value : $this->value - $this->limit;
    }

    /** What a place in it has to be filled with so that a floor is reached; below 0 when it is reached anyway. */
    public function shortOfLimit(): float
    {
        return $this->limit - $this->value;
    }

    /** The same, so that the doubt does not matter either. */
    public function shortOfClear(): float
    {
        return $this->limit + $this->plusMinus - $this->value;
    }

    /** The distance with its sign, positive from the one place to the other. */
    public function signed(): float
    {
        return $this->to->value - $this->from->value;
    }

    /** @return list<Term> whose values add up to the signed distance */
    public function terms(): array
    {
        return [...$this->to->terms(), ...$this->from->terms(-1.0)];
    }

    /** @return array{float, float} the signed distance, and how far it goes while a reading goes from the middle to the high end of its doubt */
    public function along(Doubtful $doubtful): array
    {
        return [$this->signed(), $this->to->slope($doubtful) - $this->from->slope($doubtful)];
    }

    /** @return array{float, float} what a place in it has to be filled with, along the doubt of a reading */
    public function shortAlong(Doubtful $doubtful): array
    {
        [$distance, $slope] = $this->along($doubtful);

        return [$this->limit - $distance, -$slope];
    }
}
