<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\OpenJob;
use App\Models\Job;
use App\Models\User;
use App\View\Job\Onward;
use Closure;
use Illuminate\Foundation\Auth\Access\AuthorizesRequests;
use Illuminate\Http\RedirectResponse;
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

    /**
     * Keeps something, then goes to the next thing where this place was it and is done; else to this place again.
     *
     * @param  Closure(): mixed  $keep
     */
    protected function leadOn(Job $job, string $here, Closure $keep): RedirectResponse
    {
        $address = route($here, $job);
        $wasNext = Onward::of($job)?->address === $address;
        $keep();
        $onward = $wasNext ? Onward::of($job) : null;

        return $onward === null || $onward->address === $address
            ? redirect()->to($address) : redirect()->to($onward->address)->with('arrived', "Kept. Next: {$onward->words}.");
    }
}
