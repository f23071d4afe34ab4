<?php

declare(strict_types=1);

namespace App\View\Workshop;

use App\Models\Lead;
use App\Models\ReservationState;
use App\Models\Spacer;
use App\Models\User;
use App\View\Shared\Finder;
use Illuminate\Support\Collection;
use NeatSpindle\Core\Ground\Measure\LengthUnit;
use NeatSpindle\Core\Parts\Drawer\SpacerUse;
use NeatSpindle\Core\Parts\Part\NutSocket;

/** What lies in the drawer, and for which jobs some of it is kept. */
class DrawerPage
{
    public readonly LengthUnit $unit;

    /** @var Collection<int, Spacer>|null */
    private ?Collection $spacers = null;

    public readonly Finder $find;

    /** @param  mixed  $find  from the address */
    public function __construct(public readonly User $user, mixed $find = null)
    {
        $this->find = new Finder($find);
        $this->unit = $user->length_unit;
    }

    /** @return Collection<int, Spacer> thinnest first, each with what is reserved of it */
    public function spacers(): Collection
    {
        return $this->spacers ??= Spacer::query()
            ->with(['reservations' => fn ($reservations) => $reservations->where('state', ReservationState::Reserved), 'reservations.job'])
            ->whereNull('retired_at')->orderBy('thickness_mm')->orderBy('id')->get()->filter($this->isFound(...))->values();
    }

    private function isFound(Spacer $spacer): bool
    {
        return $this->find->finds($this->unit->show($spacer->thickness_mm), $this->usedFor($spacer), $spacer->lies_in);
    }

    /** What it is good for, in words. */
    public function usedFor(Spacer $spacer): string
    {
        return implode(', ', array_map(fn (SpacerUse $use) => $use->label(), $spacer->uses));
    }

    /** @return Collection<int, Spacer> kinds that are out of use */
    public function retired(): Collection
    {
        return Spacer::query()->whereNotNull('retired_at')->orderBy('thickness_mm')->orderBy('id')->get();
    }

    /** Whether there are more kinds in use than the sums are made for. */
    public function holdsTooMuch(): bool
    {
        return Spacer::query()->whereNull('retired_at')->count() > Spacer::MOST_KINDS;
    }

    /** @return Collection<int, Lead> */
    public function leads(): Collection
    {
        return Lead::query()->orderBy('connector')->orderBy('length_mm')->get();
    }

    public function socket(): ?NutSocket
    {
        return $this->user->workshop->nutSocket();
    }

    public function socketMark(): string
    {
        return $this->user->workshop->socketMark();
    }

    /** By which the drawer is known again, as this page shows it. */
    public function mark(): string
    {
        return $this->user->workshop->drawerMark();
    }

    public function mayChange(): bool
    {
        return $this->user->can('countDrawer', $this->user->workshop);
    }
}
