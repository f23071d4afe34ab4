<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\People\ForgetCustomer;
use App\Actions\Prove\EndJob;
use App\Actions\Prove\TakeUpAgain;
use App\Http\Requests\EndJobRequest;
use App\Http\Requests\ForgetRequest;
use App\Models\Job;
use App\View\Prove\ForgetPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\View\View;

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

    /** Where the name stands that would be forgotten. */
    public function forget(ForgetRequest $request, Job $job): View
    {
        $this->authorize('erase', $job);

        return view('job.forget', ['page' => new ForgetPage($this->open($job), $request->also(), $request->isEverywhere())]);
    }

    public function erase(ForgetRequest $request, Job $job, ForgetCustomer $forget): RedirectResponse
    {
        $forget($job, $this->user(), $request->also(), $request->isEverywhere());

        return redirect()->route('job.hand-over', $job);
    }
}
