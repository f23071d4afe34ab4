<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\User;
use App\Models\Workshop;
use Closure;
use Illuminate\Contracts\Auth\Access\Gate;
use Illuminate\Support\Facades\DB;

/** A change of what the whole workshop has or goes by: authorised, and alone at the workshop while it lasts. */
abstract class WorkshopAction
{
    public function __construct(private readonly Gate $gate, private readonly Submission $submission) {}

    /**
     * @template T
     *
     * @param  Closure(Workshop): T  $change
     * @return T
     */
    protected function change(User $by, string $ability, Closure $change): mixed
    {
        return DB::transaction(function () use ($by, $ability, $change): mixed {
            $this->submission->claim($by);
            $workshop = Workshop::query()->whereKey($by->workshop_id)->lockForUpdate()->firstOrFail();
            $this->gate->forUser($by)->authorize($ability, $workshop);

            return $change($workshop);
        });
    }
}
