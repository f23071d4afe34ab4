<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Prove\KeepRecheck;
use App\Actions\Prove\TakeUpFound;
use App\Http\Requests\RecheckRequest;
use App\Http\Requests\RecheckWrenchRequest;
use App\Http\Requests\TakeUpFoundRequest;
use App\Models\Job;
use App\View\Prove\RecheckPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\View\View;

/** A bike that comes back. */
class RecheckController extends Controller
{
    public function show(Job $job): View
    {
        return view('job.come-back', ['page' => new RecheckPage($this->open($job))]);
    }

    /** Puts what the wrench shows into its field; nothing is kept yet. */
    public function wrench(RecheckWrenchRequest $request, Job $job): RedirectResponse
    {
        $this->authorize('comeBack', $job);

        return redirect()->route('job.come-back', $job)->withInput($request->filledIn());
    }

    public function store(RecheckRequest $request, Job $job, KeepRecheck $keep): RedirectResponse
    {
        $keep($job, $this->user(), $request->integer('kilometres'), $request->nextOn(), $request->note(), $request->items());

        return redirect()->route('job.come-back', $job);
    }

    /** What was found becomes work: its steps are open again. */
    public function takeUp(TakeUpFoundRequest $request, Job $job, TakeUpFound $take): RedirectResponse
    {
        $take($job, $this->user(), $request->steps());

        return redirect()->route('job.build', $job)->with(
            'arrived', 'It is in the workshop again. What is open is done again; all else stays as it was.',
        );
    }
}
