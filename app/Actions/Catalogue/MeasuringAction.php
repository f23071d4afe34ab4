<?php

declare(strict_types=1);

namespace App\Actions\Catalogue;

use App\Actions\Submission;
use App\Models\User;
use App\Models\Workshop;
use Closure;
use Illuminate\Contracts\Auth\Access\Gate;
use Illuminate\Support\Facades\DB;

/** A change of what was measured here: authorised, and alone at the workshop's parts while it lasts. */
abstract class MeasuringAction
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
            $this->gate->forUser($by)->authorize('measureParts', $workshop);

            return $change($workshop);
        });
    }
}
