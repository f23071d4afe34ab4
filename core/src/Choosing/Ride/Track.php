<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Choosing\Ride;

use function array_slice;
use function count;
use function intdiv;

/**
 * The points of a road as they were written down, part by part; between two parts nothing is ridden.
 *
 * Neighbours that lie further apart than a road bends are a jump: a receiver that lost its way, or a stretch by train.
 */
final readonly class Track
{
    /** Neighbours further apart than this, in m, are asked about. */
    public const JUMP = 2_000.0;

    /** A receiver's height wavers by so much from point to point, in m. */
    private const STEP_UP = 300.0;

    /** So many points before and after it say how high one can lie. */
    private const AROUND = 3;

    /** @param  list<list<TrackPoint>>  $parts */
    public function __construct(public array $parts) {}

    public function points(): int
    {
        return array_sum(array_map(count(...), $this->parts));
    }

    /** @return list<array{int, float}> the number of the point before each jump, from 1, and how far it goes, in m */
    public function jumps(): array
    {
        $jumps = [];
        $number = 0;
        foreach ($this->parts as $part) {
            foreach ($part as $i => $point) {
                $distance = $i > 0 ? $part[$i - 1]->distanceTo($point) : 0.0;
                if ($distance > self::JUMP) {
                    $jumps[] = [$number, $distance];
                }
                $number++;
            }
        }

        return $jumps;
    }

    /**
     * Heights nobody rode at: out of what roads lie at, or further above or below those around it than they are away.
     *
     * @return list<array{int, float}> the number of each such point, from 1, and the height that is written there, in m
     */
    public function oddHeights(): array
    {
        $odd = [];
        $number = 0;
        foreach ($this->parts as $part) {
            $isOdd = self::odd($part);
            foreach ($part as $i => $point) {
                $number++;
                if ($isOdd[$i] && $point->height !== null) {
                    $odd[] = [$number, $point->height];
                }
            }
        }

        return $odd;
    }

    /** As if those heights had not been written down. */
    public function withoutOddHeights(): self
    {
        return new self(array_map(fn (array $part) => array_map(
            fn (TrackPoint $point, bool $isOdd) => $isOdd ? new TrackPoint($point->latitude, $point->longitude, null) : $point, $part, self::odd($part),
        ), $this->parts));
    }

    /**
     * @param  list<TrackPoint>  $part
     * @return list<bool> whether the height of each is odd, held against the middle one of those around it
     */
    private static function odd(array $part): array
    {
        $odd = [];
        foreach ($part as $i => $point) {
            $around = array_values(array_filter(
                array_slice($part, max(0, $i - self::AROUND), 2 * self::AROUND + 1), fn (TrackPoint $one) => $one->height !== null && Profile::isHeight($one->height),
            ));
            usort($around, fn (TrackPoint $one, TrackPoint $other) => $one->height <=> $other->height);
            $middle = $around[intdiv(count($around), 2)] ?? null;
            $odd[] = $point->height !== null && (! Profile::isHeight($point->height)
                || ($middle !== null && abs($point->height - (float) $middle->height) > $middle->distanceTo($point) + self::STEP_UP));
        }

        return $odd;
    }

    /** Parted at each jump, so that none is ridden. */
    public function withoutJumps(): self
    {
        $parts = [];
        foreach ($this->parts as $part) {
            $piece = [];
            foreach ($part as $i => $point) {
                if ($i > 0 && $part[$i - 1]->distanceTo($point) > self::JUMP) {
                    $parts[] = $piece;
                    $piece = [];
                }
                $piece[] = $point;
            }
            $parts[] = $piece;
        }

        return new self($parts);
    }
}
