<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Sums\Line;

use NeatSpindle\Core\Donor\Bike\Bike;
use NeatSpindle\Core\Donor\Bike\RearEnd;
use NeatSpindle\Core\Ground\Measure\Tolerance;

use function count;

/** Where the ring stands against the cogs. In mm from the frame's centre plane, positive to the drive side. */
final readonly class Chainline
{
    /** @param  non-empty-list<CogLine>  $cogs smallest first */
    private function __construct(
        public float $front,
        public float $rearCentre,
        public array $cogs,
        public CogLine $straightest,
        public float $weightedOffset,
    ) {}

    /** @param  float  $ringOutboard how far the ring's teeth stand outboard of the shell's drive face */
    public static function of(Bike $bike, float $ringOutboard): self
    {
        $rear = $bike->rear;
        $front = self::front($bike, $ringOutboard);
        $cogs = [];
        foreach ($rear->cogs as $i => $teeth) {
            $cogs[] = self::cogLine($rear, $i, $teeth, $front, self::doubt($bike));
        }

        return new self(
            $front,
            array_sum(array_map(fn (CogLine $cog) => $cog->position, $cogs)) / count($cogs),
            $cogs,
            self::straightest($cogs),
            self::weightedOffset($bike, $ringOutboard),
        );
    }

    /** How far the ring stands from the cogs, each counted as much as it is ridden; this alone says which of many is straighter. */
    public static function weightedOffset(Bike $bike, float $ringOutboard): float
    {
        $front = self::front($bike, $ringOutboard);
        $sum = 0.0;
        foreach ($bike->rear->use as $i => $weight) {
            $sum += $weight * abs($front - $bike->rear->cogPosition($i));
        }

        return $sum / array_sum($bike->rear->use);
    }

    /** Of the offset at any cog; the chainstay's doubt is neglected. */
    public static function doubt(Bike $bike): float
    {
        return array_sum(self::doubts($bike));
    }

    /**
     * What that doubt consists of.
     *
     * @return array{shell: float, locknuts: float, inset: float}
     */
    public static function doubts(Bike $bike): array
    {
        return ['shell' => $bike->shell->width->plusMinus / 2, 'locknuts' => $bike->rear->overLocknuts->plusMinus / 2, 'inset' => $bike->rear->smallestCogInset->plusMinus];
    }

    private static function front(Bike $bike, float $ringOutboard): float
    {
        return $bike->shell->width->value / 2 + $bike->shell->offset + $ringOutboard;
    }

    private static function cogLine(RearEnd $rear, int $i, int $teeth, float $front, float $doubt): CogLine
    {
        $position = $rear->cogPosition($i);
        $offset = $front - $position;
        $isSettled = LineVerdict::ofOffset($rear, max(0.0, abs($offset) - $doubt)) === LineVerdict::ofOffset($rear, abs($offset) + $doubt);

        return new CogLine($teeth, $position, $offset, $doubt, self::angle($rear, $offset), LineVerdict::ofOffset($rear, $offset), $isSettled);
    }

    private static function angle(RearEnd $rear, float $offset): float
    {
        return rad2deg(atan2(abs($offset), $rear->chainstayLength->value));
    }

    /** @param  non-empty-list<CogLine>  $cogs */
    private static function straightest(array $cogs): CogLine
    {
        $straightest = $cogs[0];
        foreach ($cogs as $cog) {
            if (Tolerance::below(abs($cog->offset), abs($straightest->offset))) {
                $straightest = $cog;
            }
        }

        return $straightest;
    }
}
