<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Around;

use NeatSpindle\Core\Ground\Measure\Measurement;
use NeatSpindle\Core\Holding\Build\Cure;
use NeatSpindle\Core\Sums\Margin\Margin;
use NeatSpindle\Core\Sums\Margin\Verdict;

/** Something that stands out over the shell's tube, where it stands, and what is done about it. */
final readonly class Obstacle
{
    /**
     * @param  Measurement  $height over the shell's tube, in mm
     * @param  float  $angle around the axis in degrees, seen from the drive side: 0 to the front, 90 up
     */
    public function __construct(
        public ObstacleKind $kind,
        public Measurement $height,
        public float $angle,
        public ObstacleCure $cure = ObstacleCure::Stays,
    ) {}

    /** The room the body leaves over it; null where the body does not reach, or its room is not known. */
    public function margin(BodyRoom $room): ?Margin
    {
        return $room->gap === null || ! $room->reaches($this->angle) ? null : Margin::guideClearance($room->gap, $this->height);
    }

    /** Whether the body does not go past it as it stands, and nobody has said what is done. */
    public function isInTheWay(BodyRoom $room): bool
    {
        return $this->cure === ObstacleCure::Stays && $this->margin($room)?->verdict === Verdict::Fails;
    }

    /** Whether it is something soft that stays where the body presses, with no sure room over it. */
    public function isSoftIn(BodyRoom $room): bool
    {
        return $this->kind === ObstacleKind::Hose && $this->cure === ObstacleCure::Stays && $room->reaches($this->angle)
            && $this->margin($room)?->verdict !== Verdict::Clear;
    }

    public function name(): string
    {
        return sprintf('%s at %d°', $this->kind->label(), $this->angle);
    }

    /** What is done about it before the dry fit; null where it stays. */
    public function cure(string $code): ?Cure
    {
        return $this->cure === ObstacleCure::Stays ? null : new Cure(
            $code, "{$this->name()}: ".lcfirst($this->cure->label()), $this->cure->task(),
        );
    }
}
