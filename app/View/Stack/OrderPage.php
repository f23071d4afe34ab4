<?php

declare(strict_types=1);

namespace App\View\Stack;

use App\Bench\Gathering;
use App\Bench\SafeOrder;
use App\Models\Reservation;
use App\Models\ReservationState;
use App\Models\Stage;
use App\View\Job\JobPage;
use App\View\Job\LooksIntoLogbook;
use Illuminate\Support\Collection;
use NeatSpindle\Core\Choosing\Order\OrderList;
use NeatSpindle\Core\Choosing\Order\Shortage;
use NeatSpindle\Core\Holding\Mount\Stack;
use NeatSpindle\Core\Sums\Margin\Verdict;
use NeatSpindle\Core\Whole\Needs\Need;

/** What a stack takes from the drawer, what is missing for it, and what to order so that the doubt does not matter. */
class OrderPage extends JobPage
{
    use LooksIntoLogbook;

    /** @var Collection<int, Reservation>|null */
    private ?Collection $reservations = null;

    public function stage(): Stage
    {
        return Stage::Stack;
    }

    public function stack(): ?Stack
    {
        return $this->opened->worksheet()?->stack;
    }

    /** Whether the stack fails, whatever is taken from the drawer for it. */
    public function fails(): bool
    {
        return $this->stack()?->verdict === Verdict::Fails;
    }

    /** Whether there is anything to reserve, take or give back. */
    public function mayKeep(): bool
    {
        return ! $this->fails() || $this->reservations()->isNotEmpty();
    }

    public function shortage(): ?Shortage
    {
        return $this->gathering()->shortage;
    }

    public function order(): ?OrderList
    {
        return $this->opened->the(SafeOrder::class)->list;
    }

    /** @return list<Need> everything the job needs that is not on the bike; none while there is no sheet */
    public function needs(): array
    {
        return $this->gathering()->needs;
    }

    public function gathering(): Gathering
    {
        return $this->opened->the(Gathering::class);
    }

    /** Whether anything has to come from elsewhere, and somebody has to say that it is here. */
    public function isAnythingFetched(): bool
    {
        return array_filter($this->needs(), fn (Need $need) => $need->isFetched()) !== [];
    }

    /** @return Collection<int, Reservation> */
    public function reservations(): Collection
    {
        return $this->reservations ??= Reservation::query()->with('spacer')
            ->where('job_id', $this->job->id)->where('state', '!=', ReservationState::Returned)->orderBy('state')->orderBy('id')->get();
    }

    public function hasReserved(ReservationState $state): bool
    {
        return $this->reservations()->contains('state', $state);
    }

    public function mm(int $hundredths): string
    {
        return $this->unit->show($hundredths / 100);
    }
}
