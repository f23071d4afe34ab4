<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Prove\EndJob;
use App\Actions\Prove\EraseCustomer;
use App\Actions\Prove\TakeUpAgain;
use App\Http\Requests\EndJobRequest;
use App\Models\Job;
use Illuminate\Http\RedirectResponse;

/** Jobs that end without a hand-over, and customers who want to be forgotten. */
class JobEndController extends Controller
{
    public function end(EndJobRequest $request, Job $job, EndJob $end): RedirectResponse
    {
        $end($job, $this->user(), $request->as(), $request->reason());

        return redirect()->route('job.hand-over', $job);
    }

    public function takeUp(Job $job, TakeUpAgain $takeUp): RedirectResponse
    {
        $takeUp($job, $this->user());

        return redirect()->route('job.hand-over', $job);
    }

    public function erase(Job $job, EraseCustomer $erase): RedirectResponse
    {
        $erase($job, $this->user());

        return redirect()->route('job.hand-over', $job);
    }
}
