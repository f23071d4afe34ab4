<?php

declare(strict_types=1);

namespace App\View\Workshop;

use App\Models\Role;
use App\Models\User;
use App\View\Shared\Finder;
use Illuminate\Support\Collection;

/** Who works here, and who may. */
class PeoplePage
{
    public readonly Finder $find;

    /** @var Collection<int, User>|null */
    private ?Collection $people = null;

    /** @param  mixed  $find  words from the address */
    public function __construct(public readonly User $user, mixed $find = null)
    {
        $this->find = new Finder($find);
    }

    /** @return Collection<int, User> those who may come in first */
    public function people(): Collection
    {
        return $this->people ??= User::query()->where('workshop_id', $this->user->workshop_id)->orderByRaw('shut_out_at is not null')->orderBy('name')->get()
            ->filter(fn (User $one) => $this->find->finds($one->name, $one->email, $one->role->label()))->values();
    }

    public function mayManage(): bool
    {
        return $this->user->can('invite', $this->user->workshop);
    }

    /** @return list<Role> */
    public function roles(): array
    {
        return Role::cases();
    }

    /** What a role may do, in words. */
    public function says(Role $role): string
    {
        return match ($role) {
            Role::Owner => 'everything, and who works here',
            Role::Installer => 'all of a job: measure, choose, lift stops, count the drawer',
            Role::Apprentice => 'measure, answer and tick; choices are for those who can judge them',
        };
    }
}
