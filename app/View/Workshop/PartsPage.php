<?php

declare(strict_types=1);

namespace App\View\Workshop;

use App\Models\MeasuredPart;
use App\Models\User;
use Illuminate\Database\Eloquent\Collection;
use NeatSpindle\Core\Whole\Measured\PartKind;

/** What was measured here, and what can be. */
readonly class PartsPage
{
    public function __construct(private User $user) {}

    /** @return list<PartKind> */
    public function kinds(): array
    {
        return PartKind::cases();
    }

    /** @return Collection<int, MeasuredPart> */
    public function parts(): Collection
    {
        return MeasuredPart::query()->where('workshop_id', $this->user->workshop_id)->with('user')->latest('updated_at')
            ->latest('id')->get();
    }

    public function mayMeasure(): bool
    {
        return $this->user->can('measureParts', $this->user->workshop);
    }
}
