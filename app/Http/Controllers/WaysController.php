<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Kit\UseAlternative;
use App\Actions\Kit\UseLikeJob;
use App\Http\Requests\UseAlternativeRequest;
use App\Http\Requests\UseLikeJobRequest;
use App\Models\Job;
use App\View\Stack\WaysPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\View\View;

/** Other ways to build a stack. */
class WaysController extends Controller
{
    public function show(Job $job): View
    {
        return view('job.ways', ['page' => new WaysPage($this->open($job))]);
    }

    /** As on a job of the logbook. */
    public function like(UseLikeJobRequest $request, Job $job, UseLikeJob $use): RedirectResponse
    {
        $use($job, $this->user(), $request->seen(), $request->number());

        return redirect()->route('job.stack', $job);
    }

    public function choose(UseAlternativeRequest $request, Job $job, UseAlternative $use): RedirectResponse
    {
        $use($job, $this->user(), $request->seen(), $request->way());

        return redirect()->route('job.stack', $job);
    }
}
