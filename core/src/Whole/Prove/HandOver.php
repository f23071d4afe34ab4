<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Prove;

use NeatSpindle\Core\Holding\Build\BuildStep;
use NeatSpindle\Core\Holding\Build\Hold;
use NeatSpindle\Core\Holding\Build\Lack;
use NeatSpindle\Core\Holding\Build\PutRight;

use function count;

/** Whether a bike may be handed over: everything that still stands against it. */
final readonly class HandOver
{
    /** @param  list<Hold>  $objections the gravest first; empty: it may go */
    private function __construct(public array $objections) {}

    /**
     * @param  ?Hold  $stop why the job is stopped; null when it is not
     * @param  list<Hold>  $unclear why the job's verdict is not clear: what fails, and what nobody has decided or tried
     * @param  list<BuildStep>  $steps those of the sheet that are not done; null while there is no sheet
     * @param  list<Check>  $checks those that are not right
     * @param  list<Lack>  $lacks what the job goes without, and nobody answers for
     * @param  list<Hold>  $undecided what somebody still has to decide by name
     */
    public static function of(?Hold $stop, array $unclear, ?array $steps, array $checks, array $lacks, array $undecided): self
    {
        return new self(array_values(array_filter([
            $stop === null ? null : new Hold("Stopped: {$stop->says}", $stop->at),
            ...$unclear,
            match (true) {
                $steps === null => new Hold('There is no build sheet yet: motor and ring are not chosen, or something is not measured.', PutRight::Choose),
                $steps === [] => null,
                default => new Hold(count($steps).' of the build sheet not done, first “'.$steps[0]->title.'”.', PutRight::Step, $steps[0]->code),
            },
            $checks === [] ? null : new Hold(count($checks).' to prove, first “'.$checks[0]->title.'”.', PutRight::Check, $checks[0]->code),
            ...array_map(fn (Lack $lack) => new Hold($lack->says, $lack->kind->putRight()), $lacks),
            ...$undecided,
        ])));
    }

    public function mayGo(): bool
    {
        return $this->objections === [];
    }

    /** @return list<string> what stands against it, in words */
    public function says(): array
    {
        return array_map(fn (Hold $hold) => $hold->says, $this->objections);
    }
}
