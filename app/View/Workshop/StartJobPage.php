<?php

declare(strict_types=1);

namespace App\View\Workshop;

use App\Models\Customer;
use App\Models\User;
use Illuminate\Support\Collection;

/** What is at hand when a bike is taken in. */
class StartJobPage
{
    public function __construct(private readonly User $user) {}

    /** @return Collection<int, Customer> */
    public function customers(): Collection
    {
        return Customer::query()->orderBy('name')->get();
    }

    /** @return Collection<int, User> who may be given the job */
    public function people(): Collection
    {
        return User::query()->where('workshop_id', $this->user->workshop_id)->whereNull('shut_out_at')->orderBy('name')->get();
    }
}
