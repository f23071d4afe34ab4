<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\OpenJob;
use App\Models\Job;
use App\Models\User;
use App\View\Job\Onward;
use App\View\Job\WhereToPutRight;
use Closure;
use Illuminate\Foundation\Auth\Access\AuthorizesRequests;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Auth;
use NeatSpindle\Core\Holding\Build\PutRight;

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

    /**
     * Keeps something, then goes to the next thing where this place was it and is done; else to this place again.
     *
     * @param  Closure(): mixed  $keep
     */
    protected function leadOn(Job $job, PutRight $here, Closure $keep): RedirectResponse
    {
        $was = $job->next_at;
        $keep();
        $onward = $was === $here && $job->next_at !== $here ? Onward::of($job) : null;

        return $onward === null ? redirect()->to(WhereToPutRight::of($job, $here)->address)
            : redirect()->to($onward->address)->with('arrived', "Kept. Next: {$onward->words}.");
    }
}
