<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Worksheet;

use NeatSpindle\Core\Catalogue\Sleeve;
use NeatSpindle\Core\Line\Chain;
use NeatSpindle\Core\Line\Chainline;
use NeatSpindle\Core\Shell\Identification;
use NeatSpindle\Core\Stack\Footing;
use NeatSpindle\Core\Stack\SleeveStack;
use NeatSpindle\Core\Stack\SpacerPicker;
use NeatSpindle\Core\Stack\Stack;

/** Everything that follows from a job, computed once and unrounded. */
final readonly class Worksheet
{
    /** @param  ?Stack  $stack null for a mount whose stack is not computed yet */
    private function __construct(
        public Job $job,
        public Identification $identification,
        public ?Footing $footing,
        public ?Stack $stack,
        public ?Chainline $chainline,
        public Chain $chain,
    ) {}

    public static function of(Job $job): self
    {
        $identification = Identification::of($job->bike->shell);
        $footing = self::footing($job, $identification);
        $stack = self::stack($job, $footing);
        $ringOutboard = $stack?->ringOutboard();

        return new self(
            $job,
            $identification,
            $footing,
            $stack,
            $ringOutboard === null ? null : Chainline::of($job->bike, $ringOutboard),
            Chain::of($job->bike->rear, $job->kit->ring),
        );
    }

    private static function footing(Job $job, Identification $identification): ?Footing
    {
        $motor = $job->kit->motor;

        return $motor->held instanceof Sleeve
            ? new Footing($job->bike, $identification, $motor, $motor->held->body, $job->kit->ring, $job->kit->insert)
            : null;
    }

    private static function stack(Job $job, ?Footing $footing): ?Stack
    {
        $held = $footing?->motor->held;

        return $footing !== null && $held instanceof Sleeve
            ? (new SleeveStack($footing, $held, new SpacerPicker($job->catalogue->drawer, $job->kit->byHand)))->solve()
            : null;
    }
}
