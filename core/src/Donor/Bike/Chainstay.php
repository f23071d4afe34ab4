<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Donor\Bike;

use NeatSpindle\Core\Ground\Measure\Measurement;
use NeatSpindle\Core\Ground\Measure\Tolerance;

use function count;

/** The chainstay's outer side beside ring and case, as a profile over the radius. */
final readonly class Chainstay
{
    /**
     * @param  list<ProfilePoint>  $profile with strictly rising radii
     * @param  bool  $isNone no stay comes near the bracket, as on a boom
     */
    public function __construct(public array $profile, public bool $isNone = false) {}

    /** Where nothing has to be passed. */
    public static function none(): self
    {
        return new self([], true);
    }

    /** The whole stay so far along its doubt. */
    public function settled(float $shift): self
    {
        return new self(array_map(
            fn (ProfilePoint $point) => new ProfilePoint($point->radius, $point->outboard->settled($shift)),
            $this->profile,
        ), $this->isNone);
    }

    /** Whether it is known there; where there is none, it is. */
    public function isMeasuredAt(float $radius): bool
    {
        return $this->isNone || $this->profile !== []
            && Tolerance::atMost($this->profile[0]->radius, $radius)
            && Tolerance::atLeast($this->profile[count($this->profile) - 1]->radius, $radius);
    }

    /**
     * The points something of this radius has to pass: those within it and, where the radius lies strictly
     * between two neighbours, the point on the straight line between them, with the larger of their doubts.
     *
     * @return list<ProfilePoint>
     */
    public function within(float $radius): array
    {
        $points = [];
        foreach ($this->profile as $i => $point) {
            if (Tolerance::atMost($point->radius, $radius)) {
                $points[] = $point;

                continue;
            }
            if ($i > 0 && Tolerance::below($this->profile[$i - 1]->radius, $radius)) {
                $points[] = self::between($this->profile[$i - 1], $point, $radius);
            }

            break;
        }

        return $points;
    }

    private static function between(ProfilePoint $near, ProfilePoint $far, float $radius): ProfilePoint
    {
        $share = ($radius - $near->radius) / ($far->radius - $near->radius);

        return new ProfilePoint($radius, Measurement::within(
            $near->outboard->value + $share * ($far->outboard->value - $near->outboard->value),
            max($near->outboard->plusMinus, $far->outboard->plusMinus),
        ));
    }
}
