<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Choosing\Ride;

use function count;

/**
 * The points of a road as they were written down, part by part; between two parts nothing is ridden.
 *
 * Neighbours that lie further apart than a road bends are a jump: a receiver that lost its way, or a stretch by train.
 */
final readonly class Track
{
    /** Neighbours further apart than this, in m, are asked about. */
    public const JUMP = 2_000.0;

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
