<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Mount;

use NeatSpindle\Core\Donor\Bike\Bike;
use NeatSpindle\Core\Donor\Bike\ProfilePoint;
use NeatSpindle\Core\Donor\Bike\Scenario;
use NeatSpindle\Core\Parts\Part\Ring;

use function max;

/** Where motors are to go: a bike, and the ring that goes on it. What follows from these is the same for every motor. */
final readonly class Site
{
    /** Half of what is as wide as the chain or the ring, whichever is wider, in mm. */
    public float $half;

    /** @var list<ProfilePoint> what of the chainstay the ring has to pass */
    public array $ringPoints;

    public ?ProfilePoint $ringClosest;

    public bool $isRingMeasured;

    private Sites $sites;

    public function __construct(public Bike $bike, public Ring $ring)
    {
        $this->sites = new Sites;
        $radius = $ring->radius();
        $this->half = max($bike->rear->chainWidth(), $ring->thickness) / 2;
        $this->ringPoints = $bike->chainstay->within($radius);
        $this->ringClosest = ProfilePoint::foremost($this->ringPoints);
        $this->isRingMeasured = $bike->chainstay->isMeasuredAt($radius);
    }

    /** The same with the bike as it might really be. */
    public function settled(Scenario $scenario): self
    {
        return $this->sites->of($this, $scenario);
    }
}
