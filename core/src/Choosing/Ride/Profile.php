<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Choosing\Ride;

use function count;

/**
 * The heights of a road at even steps of about 25 m along it, smoothed.
 *
 * Heights that no road has (below -500 m or above 6,000 m) are taken for missing, and missing ones lie on the
 * straight line between their neighbours. Then every step gets the mean of the heights within a window around
 * it: what a receiver writes down wavers by metres from point to point, and climbs that are not there would
 * cost energy that is not used. A stretch between two parts of a track is not ridden.
 */
final readonly class Profile
{
    public const STEP = 25.0;

    /** How far to either side heights are averaged, in m. */
    public const WINDOW = 75.0;

    /** A road is at least so long, in m. */
    public const SHORTEST = 50.0;

    /** And at most: what a day's ride may be, and the work of riding it. */
    public const LONGEST = 400_000.0;

    private const LOWEST = -500.0;

    private const HIGHEST = 6_000.0;

    /**
     * @param  list<float>  $heights in m, every STEP from the start; empty when no height is known
     * @param  float  $length in m
     * @param  float  $rawAscent what the heights climb as written, in m
     */
    private function __construct(
        public array $heights,
        public float $length,
        public float $rawAscent,
        public int $points,
    ) {}

    /** Whether a road lies so high, in m. */
    public static function isHeight(float $height): bool
    {
        return $height >= self::LOWEST && $height <= self::HIGHEST;
    }

    public static function of(Track $track): self
    {
        [$along, $heights] = self::laidOut($track->parts);
        $length = $along === [] ? 0.0 : $along[count($along) - 1];
        $known = self::known($along, $heights);
        $points = $track->points();
        if (self::objectionTo($length) !== null) {
            return new self([], $length, 0.0, $points);
        }

        return $known === []
            ? new self([], $length, 0.0, $points)
            : new self(self::smoothed(self::resampled($known, $length)), $length, self::ascentOf(array_column($known, 1)), $points);
    }

    /**
     * A profile that was kept.
     *
     * @param  list<float>  $heights
     */
    public static function kept(array $heights, float $length, float $rawAscent, int $points): self
    {
        return new self($heights, $length, $rawAscent, $points);
    }

    /** Why it cannot be ridden; null when it can. */
    public function objection(): ?string
    {
        return self::objectionTo($this->length);
    }

    public function hasHeights(): bool
    {
        return $this->heights !== [];
    }

    public function ascent(): float
    {
        return self::ascentOf($this->heights);
    }

    /** @return iterable<array{float, float}> each stretch: its length in m and its slope, rise over run */
    public function stretches(): iterable
    {
        $steps = self::stepsOf($this->length);
        $length = $this->length / $steps;
        for ($i = 0; $i < $steps && $length > 0.0; $i++) {
            $rise = ($this->heights[$i + 1] ?? 0.0) - ($this->heights[$i] ?? 0.0);

            yield [$length, $this->hasHeights() ? $rise / $length : 0.0];
        }
    }

    /**
     * @param  list<list<TrackPoint>>  $parts
     * @return array{list<float>, list<?float>} distance along the road, and the height there
     */
    private static function laidOut(array $parts): array
    {
        $along = [];
        $heights = [];
        $distance = 0.0;
        foreach ($parts as $part) {
            $before = null;
            foreach ($part as $point) {
                $distance += $before?->distanceTo($point) ?? 0.0;
                $along[] = $distance;
                $heights[] = $point->height !== null && self::isHeight($point->height) ? $point->height : null;
                $before = $point;
            }
        }

        return [$along, $heights];
    }

    /**
     * @param  list<float>  $along
     * @param  list<?float>  $heights
     * @return list<array{float, float}> distance and height where a height is known
     */
    private static function known(array $along, array $heights): array
    {
        $known = [];
        foreach ($along as $i => $distance) {
            if ($heights[$i] !== null) {
                $known[] = [$distance, $heights[$i]];
            }
        }

        return $known;
    }

    /**
     * @param  non-empty-list<array{float, float}>  $known
     * @return non-empty-list<float>
     */
    private static function resampled(array $known, float $length): array
    {
        $heights = [$known[0][1]];
        $i = 0;
        $last = count($known) - 1;
        $steps = self::stepsOf($length);
        for ($step = 1; $step <= $steps; $step++) {
            $at = $length * $step / $steps;
            while ($i < $last && $known[$i + 1][0] <= $at) {
                $i++;
            }
            [$from, $height] = $known[$i];
            [$to, $next] = $known[min($last, $i + 1)];
            $share = $to > $from ? max(0.0, min(1.0, ($at - $from) / ($to - $from))) : 0.0;
            $heights[] = $height + $share * ($next - $height);
        }

        return $heights;
    }

    private static function objectionTo(float $length): ?string
    {
        return match (true) {
            ! ($length >= self::SHORTEST) => 'All its points lie within '.self::SHORTEST.' m along: that is a place, not a road.',
            $length > self::LONGEST => 'It is '.number_format($length / 1000, 0).' km long; at most '.number_format(self::LONGEST / 1000, 0)
                .' km are ridden in one go. Cut it into days.',
            default => null,
        };
    }

    private static function stepsOf(float $length): int
    {
        return max(1, (int) round($length / self::STEP));
    }

    /**
     * The mean of a window that shrinks towards the ends, so that start and finish keep their heights.
     *
     * @param  non-empty-list<float>  $heights
     * @return non-empty-list<float>
     */
    private static function smoothed(array $heights): array
    {
        $reach = (int) (self::WINDOW / self::STEP);
        $sums = [0.0];
        foreach ($heights as $i => $height) {
            $sums[] = $sums[$i] + $height;
        }
        $last = count($heights) - 1;
        $smoothed = [];
        foreach (array_keys($heights) as $i) {
            $half = min($reach, $i, $last - $i);
            $smoothed[] = ($sums[$i + $half + 1] - $sums[$i - $half]) / (2 * $half + 1);
        }

        return $smoothed;
    }

    /** @param  array<float>  $heights */
    private static function ascentOf(array $heights): float
    {
        $ascent = 0.0;
        $before = null;
        foreach ($heights as $height) {
            $ascent += $before === null ? 0.0 : max(0.0, $height - $before);
            $before = $height;
        }

        return $ascent;
    }
}
