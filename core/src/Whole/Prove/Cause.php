<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Prove;

/**
 * What may be behind a miss, and the step of the build that cures it; null where none of the sheet does. A run's own step
 * is named by what is done and the run's name, as `dress:main harness`: which number a run has differs from job to job.
 */
final readonly class Cause
{
    public function __construct(public string $words, public ?string $step = null) {}

    /**
     * The step's code on one job; null where the run it belongs to is not laid there.
     *
     * @param  array<string, int>  $runs numbers of the runs, by name
     */
    public function stepWith(array $runs): ?string
    {
        [$does, $run] = [...explode(':', (string) $this->step, 2), null];

        return match (true) {
            $run === null => $this->step,
            isset($runs[$run]) => "{$does}-{$runs[$run]}",
            default => null,
        };
    }
}
