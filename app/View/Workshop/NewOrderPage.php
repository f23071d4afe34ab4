<?php

declare(strict_types=1);

namespace App\View\Workshop;

use App\Models\Supplier;
use App\Models\User;
use App\Ordering\Proposed;
use App\Ordering\ToOrder;

use function array_filter;

/** What could go on the next order, one part of it after the other. */
class NewOrderPage
{
    private readonly ToOrder $toOrder;

    /** @param  mixed  $tick  which part is ticked to begin with, by its place on the page, from the address */
    public function __construct(private readonly User $user, private readonly mixed $tick = null)
    {
        $this->toOrder = ToOrder::of($user->workshop);
    }

    /** @return array<string, list<Proposed>> by what it is for, none empty */
    public function parts(): array
    {
        $parts = ['Spacers, so that every open job can be built whatever its doubtful readings turn out to be' => [],
            'What else jobs have to get' => [], 'What fell below its minimum' => []];
        foreach ($this->toOrder->lines as $line) {
            $parts[match (true) {
                $line->job === null => 'What fell below its minimum',
                $line->mark === null => 'Spacers, so that every open job can be built whatever its doubtful readings turn out to be',
                default => 'What else jobs have to get',
            }][] = $line;
        }

        return array_filter($parts);
    }

    public function isTicked(int $part): bool
    {
        return $this->tick === (string) $part;
    }

    /** @return list<int> numbers of jobs that no spacers help */
    public function beyondHelp(): array
    {
        return $this->toOrder->beyondHelp;
    }

    /** @return list<string> who was ordered from before */
    public function suppliers(): array
    {
        return array_values(Supplier::query()->where('workshop_id', $this->user->workshop_id)->orderBy('name')->limit(200)->get()
            ->map(fn (Supplier $one) => $one->name)->all());
    }

    public function mayOrder(): bool
    {
        return $this->user->can('plan', $this->user->workshop);
    }
}
