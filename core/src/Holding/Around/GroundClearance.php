<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Around;

use NeatSpindle\Core\Ground\Measure\Measurement;
use NeatSpindle\Core\Holding\Reaction\BodyPosition;
use NeatSpindle\Core\Sums\Margin\Verdict;

use function max;
use function min;
use function sin;

/**
 * How far from the ground a bike is in its middle, before the motor and with it: free, ridden, and at the end of its travel. In mm.
 */
final readonly class GroundClearance
{
    /** Less than that below a body is little; ours, of kerbs and roots. */
    public const LEAST = 40.0;

    /** From the axis down to a shell's underside; ours, of shells with their weld. */
    private const SHELL = 22.0;

    /** A ring's teeth stand over its pitch circle by about that. */
    private const TEETH = 5.0;

    /** How far to either side of its own direction a body may hang, in degrees; ours. */
    private const HANGS = 20.0;

    /**
     * @param  array<string, Measurement>  $axis its height over the floor, by `free`, `ridden`, `bottomed`; what is not measured is not in it
     * @param  float  $below from the axis down to the body's lowest point
     */
    private function __construct(private array $axis, private float $ringRadius, private float $below) {}

    /**
     * @param  array<string, ?Measurement>  $axis by `free`, `ridden`, `bottomed`
     * @param  int  $teeth of the ring
     * @param  ?float  $bodyReach from the axis to the body's farthest point; null where nobody has said
     */
    public static function of(array $axis, int $teeth, BodyPosition $position, ?float $bodyReach): ?self
    {
        $axis = array_filter($axis);

        return $bodyReach === null || $axis === [] ? null : new self(
            $axis, $teeth * 12.7 / (2 * M_PI) + self::TEETH, $bodyReach * self::downOf($position->bearing()),
        );
    }

    /** @return array<string, Measurement> below shell and ring, as it was, by state */
    public function before(): array
    {
        return array_map(
            fn (Measurement $axis) => Measurement::within($axis->value - max(self::SHELL, $this->ringRadius), $axis->plusMinus),
            $this->axis,
        );
    }

    /** @return array<string, Measurement> below the lower of body and ring, by state */
    public function after(): array
    {
        return array_map(
            fn (Measurement $axis) => Measurement::within(
                $axis->value - max($this->below, $this->ringRadius), $axis->plusMinus,
            ), $this->axis,
        );
    }

    /** Of the deepest state that is known. */
    public function verdict(): Verdict
    {
        $worst = Verdict::Clear;
        foreach ($this->after() as $room) {
            $worst = Verdict::worst($worst, match (true) {
                $room->value <= $room->plusMinus => Verdict::Fails,
                $room->value - self::LEAST < $room->plusMinus => Verdict::Tight,
                default => Verdict::Clear,
            });
        }

        return $worst;
    }

    /** How far down a body reaches at the most, as a share of its reach: it may hang a little to either side of its direction. */
    private static function downOf(float $bearing): float
    {
        $deepest = 0.0;
        foreach ([-self::HANGS, 0.0, self::HANGS] as $off) {
            $deepest = max($deepest, -sin(deg2rad($bearing + $off)));
        }
        $straightDown = min(abs(fmod($bearing + 90.0 + 540.0, 360.0) - 180.0), 360.0) <= self::HANGS;

        return $straightDown ? 1.0 : $deepest;
    }
}
