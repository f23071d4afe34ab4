<?php

declare(strict_types=1);

namespace App\View\Workshop;

use App\Models\Customer;
use App\Models\User;
use App\View\Drawings\FrameView;
use Illuminate\Support\Collection;
use NeatSpindle\Core\Donor\Bike\BikeKind;
use NeatSpindle\Core\Measuring\Frame\Kind\Shapes;

/** What is at hand when a bike is taken in. */
class StartJobPage
{
    /** @param  string  $name  as it was typed */
    public function __construct(private readonly User $user, private readonly string $name) {}

    /** @return Collection<int, Customer> */
    public function customers(): Collection
    {
        return Customer::query()->whereNull('erased_at')->orderBy('name')->get();
    }

    /** @return Collection<int, Customer> those who are called as was typed, with their bikes */
    public function namesakes(): Collection
    {
        return Customer::named($this->name, $this->user->workshop_id)->load('bikes');
    }

    /** By what one is told from another of the same name. */
    public function toldBy(Customer $customer): string
    {
        $bikes = $customer->bikes->pluck('label')->implode(', ');

        return $bikes === '' ? 'no bike yet' : "{$bikes}, here since {$customer->created_at?->format('F Y')}";
    }

    /** @return Collection<int, User> who may be given the job */
    public function people(): Collection
    {
        return User::query()->where('workshop_id', $this->user->workshop_id)->whereNull('shut_out_at')->orderBy('name')->get();
    }

    /** @return array<string, FrameView> each kind of bike as it is drawn, by its code */
    public function kinds(): array
    {
        $views = array_map(fn (BikeKind $kind) => new FrameView(Shapes::of($kind, [])), BikeKind::cases());

        return array_combine(array_column(BikeKind::cases(), 'value'), $views);
    }
}
