<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Sums\Adapter;

/**
 * What a motor's sleeve would have to be for a wide or odd shell: long enough for nut and lock ring, with
 * thread under the nut, whatever the shell's width turns out to be within its doubt. In mm.
 */
final readonly class SleeveToMeasure
{
    /** How much thread stands past the lock ring. */
    private const PAST_THE_LOCKRING = 1.0;

    private const WALL = 2.5;

    private function __construct(
        public float $length,
        public float $threadLength,
        public float $outer,
        public float $inner,
        public float $threadMajor,
        public float $threadPitch,
        public float $ownLength,
        public float $doubt,
    ) {}

    /**
     * @param  float  $from where the nut has to find thread at the latest, from the shoulder
     * @param  float  $to the outer face of nut or lock ring, from the shoulder
     * @param  float  $doubt of the shell's width
     */
    public static function reaching(float $from, float $to, float $outer, float $threadMajor, float $threadPitch, float $ownLength, float $doubt): self
    {
        $length = ceil(($to + $doubt + self::PAST_THE_LOCKRING) * 2) / 2;
        $threadFrom = floor(($from - $threadPitch - $doubt) * 2) / 2;

        return new self(
            $length,
            $length - $threadFrom,
            $outer,
            $outer - 2 * self::WALL - ($outer - $threadMajor),
            $threadMajor,
            $threadPitch,
            $ownLength,
            $doubt,
        );
    }

    /** How much longer than the motor's own; negative when it is shorter. */
    public function difference(): float
    {
        return $this->length - $this->ownLength;
    }
}
