<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Adapter;

use NeatSpindle\Core\Stack\SleeveFit;
use NeatSpindle\Core\Stack\SleeveStack;
use NeatSpindle\Core\Stack\Stack;

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

    /** Null for another mount, or while the stack is unsolved. */
    public static function of(SleeveStack $recipe, Stack $stack): ?self
    {
        if (! $stack->fit instanceof SleeveFit) {
            return null;
        }
        $sleeve = $recipe->sleeve;
        $doubt = $recipe->footing->doubt;
        $length = ceil(($stack->fit->nutFace + $sleeve->nut->thickness + $sleeve->lockring->thickness + $doubt + self::PAST_THE_LOCKRING) * 2) / 2;
        $threadFrom = floor(($stack->fit->plateOuterFace - $sleeve->threadPitch - $doubt) * 2) / 2;

        return new self(
            $length,
            $length - $threadFrom,
            $sleeve->body->boreFill,
            $sleeve->body->boreFill - 2 * self::WALL - ($sleeve->body->boreFill - $sleeve->nut->threadMajor),
            $sleeve->nut->threadMajor,
            $sleeve->threadPitch,
            $sleeve->length,
            $doubt,
        );
    }

    /** How much longer than the motor's own; negative when it is shorter. */
    public function difference(): float
    {
        return $this->length - $this->ownLength;
    }
}
