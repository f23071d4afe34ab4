<?php

declare(strict_types=1);

namespace App\Models\Scopes;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Scope;
use Illuminate\Support\Facades\Auth;

/** Whoever is signed in sees what is their own workshop's, and nothing else exists for them. */
class OwnWorkshop implements Scope
{
    /** @param  Builder<Model>  $builder */
    public function apply(Builder $builder, Model $model): void
    {
        if (Auth::hasUser()) {
            $builder->where($model->qualifyColumn('workshop_id'), Auth::user()?->workshop_id);
        }
    }
}
