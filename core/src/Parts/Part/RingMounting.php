<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Parts\Part;

use function in_array;

/** How a ring goes on: which way round, and on the motor's own face or on one face of an adapter spider. */
final readonly class RingMounting
{
    /** Bolt circles this near to each other, in mm, are the same: they are read off a part with a rule. */
    private const SAME_CIRCLE = 0.5;

    private function __construct(
        public bool $isTurned,
        public ?Spider $spider = null,
        public bool $isInside = false,
    ) {}

    /** As it comes, on the motor's own face. */
    public static function plain(): self
    {
        return new self(false);
    }

    /**
     * Every way to put a ring on: each way round, on the motor's own face and on both faces of every spider that
     * has its bolt circle.
     *
     * @param  ?float  $boltCircle the ring's, in mm; null where nobody has said
     * @param  iterable<Spider>  $spiders
     * @return non-empty-list<self> the plain one first
     */
    public static function all(bool $isReversible, ?float $boltCircle, iterable $spiders): array
    {
        $ways = [];
        foreach ($isReversible ? [false, true] : [false] as $isTurned) {
            $ways[] = new self($isTurned);
            foreach ($spiders as $spider) {
                if (self::isSame($boltCircle, $spider->boltCircle)) {
                    array_push($ways, new self($isTurned, $spider), new self($isTurned, $spider, true));
                }
            }
        }

        return $ways;
    }

    /**
     * Whether it bolts to a motor. What nobody has said is not held against it.
     *
     * @param  ?float  $faceCircle the bolt circle of the motor's own ring face, in mm
     */
    public function boltsTo(string $motor, ?float $faceCircle, ?float $ringCircle): bool
    {
        return $this->spider !== null
            ? in_array($motor, $this->spider->motors, true)
            : $faceCircle === null || $ringCircle === null || self::isSame($faceCircle, $ringCircle);
    }

    /**
     * How far the teeth then sit inboard of the motor's ring face, in mm: a turned ring's dish changes sides; on a
     * spider's outer face the ring stands its thickness further out, on the inner face the ring's own further in.
     */
    public function dish(float $dish, float $ringThickness): float
    {
        return ($this->isTurned ? -$dish : $dish) + match (true) {
            $this->spider === null => 0.0,
            $this->isInside => $ringThickness,
            default => -$this->spider->thickness,
        };
    }

    /** For people, to stand after the ring's name; empty for the plain one. */
    public function says(): string
    {
        return implode(', ', array_filter([
            $this->isTurned ? 'turned round' : '',
            $this->spider === null ? '' : 'on the '.($this->isInside ? 'inner' : 'outer')." face of spider {$this->spider->label()}",
        ]));
    }

    /** As a job's document has it after the ring's code; empty for the plain one. */
    public function words(): string
    {
        return implode(' ', array_filter([
            $this->isTurned ? 'turned' : '',
            $this->spider === null ? '' : ($this->isInside ? 'inside ' : 'on ').$this->spider->code,
        ]));
    }

    private static function isSame(?float $one, float $other): bool
    {
        return $one !== null && abs($one - $other) <= self::SAME_CIRCLE;
    }
}
