<?php

declare(strict_types=1);

namespace App\View\Prove;

use App\Bench\Experience;
use App\Bench\OpenJob;
use App\Models\Recheck;
use App\Models\RecheckItem;
use App\Models\Run;
use NeatSpindle\Core\Holding\Build\BuildStep;
use NeatSpindle\Core\Whole\Prove\Cause;
use NeatSpindle\Core\Whole\Prove\Complaint;
use NeatSpindle\Core\Whole\Prove\RecheckCure;

/** What a bike was found like, and what its rider said, as steps that can be done again. */
final readonly class FoundWork
{
    /**
     * @param  list<array{string, list<BuildStep>, list<string>}>  $found  what was bad, the steps that cure it, and what was found so on other bikes
     * @param  list<array{Complaint, list<array{Cause, ?BuildStep}>}>  $said  what the rider's words mostly mean, and what is behind it
     */
    private function __construct(public array $found, public array $said) {}

    /** Null where nothing was bad and nothing was said that means something. */
    public static function of(OpenJob $open, Recheck $recheck): ?self
    {
        $steps = $open->buildSheet()->steps ?? [];
        $experience = $open->the(Experience::class);
        $bad = $recheck->items->filter(fn (RecheckItem $item) => $item->found->isBad());
        $found = $bad->map(fn (RecheckItem $item): array => [
            "{$item->title}: {$item->found->label()}", RecheckCure::of($item->code, $steps), $experience->at($item->code),
        ])->values()->all();
        $runs = $open->job->runs->mapWithKeys(fn (Run $run) => [$run->name => $run->position])->all();
        $said = array_map(fn (Complaint $one): array => [$one, array_map(
            fn (Cause $cause): array => [$cause, $open->buildSheet()?->step((string) $cause->stepWith($runs))], $one->causes(),
        )], Complaint::in($recheck->note ?? ''));

        return $found === [] && $said === [] ? null : new self(array_values($found), $said);
    }
}
