<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Frame;

use NeatSpindle\Core\Fitting\Route\Edge;
use NeatSpindle\Core\Measuring\Survey\Spot;

/** A way along a frame between two places, with the measure its length stands on. In mm. */
final readonly class Stretch
{
    /**
     * @param  float  $length as it is on this bike, or as such a bike usually has it while that is not measured
     * @param  list<string>  $tags
     * @param  ?Spot  $needs the measure that is wanting; null once it is there
     */
    public function __construct(public string $from, public string $to, public float $length, public array $tags, public ?Spot $needs) {}

    public function edge(): Edge
    {
        return new Edge($this->from, $this->to, $this->length, $this->tags);
    }
}
