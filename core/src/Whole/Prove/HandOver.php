<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Prove;

use NeatSpindle\Core\Holding\Build\BuildStep;
use NeatSpindle\Core\Holding\Build\Lack;

use function count;

/** Whether a bike may be handed over: everything that still stands against it. */
final readonly class HandOver
{
    /** @param  list<string>  $objections in words, the gravest first; empty: it may go */
    private function __construct(public array $objections) {}

    /**
     * @param  ?string  $stop why the job is stopped; null when it is not
     * @param  list<string>  $unclear why the job's verdict is not clear: what fails, and what nobody has decided or tried
     * @param  list<BuildStep>  $steps those of the sheet that are not done; null while there is no sheet
     * @param  list<Check>  $checks those that are not right
     * @param  list<Lack>  $lacks what the job goes without, and nobody answers for
     * @param  list<string>  $undecided what somebody still has to decide by name
     */
    public static function of(?string $stop, array $unclear, ?array $steps, array $checks, array $lacks, array $undecided): self
    {
        return new self(array_values(array_filter([
            $stop === null ? null : "Stopped: {$stop}",
            ...$unclear,
            match (true) {
                $steps === null => 'There is no build sheet yet: motor and ring are not chosen, or something is not measured.',
                $steps === [] => null,
                default => count($steps).' of the build sheet not done, first “'.$steps[0]->title.'”.',
            },
            $checks === [] ? null : count($checks).' to prove, first “'.$checks[0]->title.'”.',
            ...array_map(fn (Lack $lack) => $lack->says, $lacks),
            ...$undecided,
        ])));
    }

    public function mayGo(): bool
    {
        return $this->objections === [];
    }
}
