<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\OpenJob;
use App\Models\Job;
use App\Models\User;
use Illuminate\Foundation\Auth\Access\AuthorizesRequests;
use Illuminate\Support\Facades\Auth;

abstract class Controller
{
    use AuthorizesRequests;

    protected function user(): User
    {
        return Auth::user() ?? abort(401);
    }

    /** A job to look at. */
    protected function open(Job $job): OpenJob
    {
        $this->authorize('view', $job);

        return OpenJob::of($job);
    }
}
