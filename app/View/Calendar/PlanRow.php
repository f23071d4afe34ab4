<?php

declare(strict_types=1);

namespace App\View\Calendar;

use App\Models\Customer;
use App\Models\Job;
use App\Models\Promise;
use App\Planning\WhoDoes;
use App\Planning\WorkshopPlan;
use Illuminate\Support\Collection;
use NeatSpindle\Core\Whole\Calendar\ElsewhereKind;
use NeatSpindle\Core\Whole\Calendar\WorkKind;

/** What of one job in the calendar is said and can be changed. */
readonly class PlanRow
{
    /** @param  Collection<int, Job>  $jobs  all that are open */
    public function __construct(private WorkshopPlan $plan, public Job $job, private Collection $jobs) {}

    /** @return array<int, string> the jobs it could be done before, by their numbers in the database */
    public function others(): array
    {
        return $this->jobs->where('id', '!=', $this->job->id)
            ->mapWithKeys(fn (Job $one) => [$one->id => "{$one->number} {$one->bike->label}"])->all();
    }

    /** @return array<string, string> which work somebody can be named for, by the form's values */
    public function work(): array
    {
        return [WhoDoes::ALL => 'all of it they can', ...array_column(
            array_map(fn (WorkKind $kind) => [$kind->value, $kind->label()], WorkKind::cases()), 1, 0,
        )];
    }

    /** @return list<array{string, string}> what comes before each task that makes its date, and the task */
    public function chain(): array
    {
        return Why::chain($this->plan, $this->job);
    }

    /** @return Collection<int, Promise> what it was promised for, and by whom, the first first */
    public function promises(): Collection
    {
        return $this->job->promises()->with('user')->get();
    }

    /** Whose bike it is. */
    public function customer(): Customer
    {
        return $this->job->bike->loadMissing('customer')->customer;
    }

    /** A letter of those words, for the program that writes letters here. */
    public function letter(): string
    {
        return "mailto:{$this->customer()->email}?subject=".rawurlencode("{$this->job->bike->label}, {$this->job->number}").'&body='.rawurlencode($this->words());
    }

    /** What one could tell the customer: to be copied, nothing is sent by itself. The careful day is told, not the likely one. */
    public function words(): string
    {
        $done = $this->plan->careful($this->job);
        $day = $done === null ? $this->plan->honest($this->job) : WorkshopPlan::dayOf($done);
        $parts = $this->job->parts_on?->format('j F');
        $waits = ($this->job->rest['parts'] ?? false) !== true
            ? '' : ' We wait for parts'.($parts === null ? '.' : ", which are to come on {$parts}.");
        foreach ($this->job->inOtherHands()->open() as $one) {
            $waits .= match ($one->kind) {
                ElsewhereKind::Shop => " We wait for another shop: {$one->what}.",
                ElsewhereKind::Customer => " We wait for your answer: {$one->what}.",
            };
        }

        return "Your {$this->job->bike->label} (number {$this->job->number}): ".($day === null
            ? 'we cannot name a day yet. '.($waits === '' ? rtrim(Why::noDate($this->plan, $this->job), '.').'.' : ltrim($waits))
            : 'we expect it to be ready on '.DatesTable::day($day, 'l j F').".{$waits}");
    }
}
