<?php

declare(strict_types=1);

namespace App\Actions\Drawer;

use App\Actions\Submission;
use App\Models\User;
use App\Models\Workshop;
use Closure;
use Illuminate\Contracts\Auth\Access\Gate;
use Illuminate\Support\Facades\DB;

/** A change of what a workshop's drawer holds: authorised, and alone at it while it lasts. */
abstract class DrawerAction
{
    public function __construct(private readonly Gate $gate, private readonly Submission $submission) {}

    /**
     * @template T
     *
     * @param  Closure(Workshop): T  $change
     * @return T
     */
    protected function change(User $by, Closure $change): mixed
    {
        return DB::transaction(function () use ($by, $change): mixed {
            $this->submission->claim($by);
            $workshop = Workshop::query()->whereKey($by->workshop_id)->lockForUpdate()->firstOrFail();
            $this->gate->forUser($by)->authorize('countDrawer', $workshop);

            return $change($workshop);
        });
    }
}
