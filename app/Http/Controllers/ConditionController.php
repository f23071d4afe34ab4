<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Survey\FindRestFine;
use App\Actions\Survey\LiftStop;
use App\Actions\Survey\RecordCondition;
use App\Http\Requests\ConditionRequest;
use App\Http\Requests\LiftStopRequest;
use App\Http\Requests\RestFineRequest;
use App\Models\Condition;
use App\Models\Job;
use App\View\Survey\ConditionPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;

class ConditionController extends Controller
{
    public function show(Request $request, Job $job): View
    {
        return view('job.condition', ['page' => new ConditionPage($this->open($job), $request->query('subject'))]);
    }

    public function store(ConditionRequest $request, Job $job, RecordCondition $record): RedirectResponse
    {
        $record($job, $this->user(), $request->subject(), $request->found(), $request->seen());

        return redirect()->route('job.condition', $job);
    }

    /** What was looked at beside, and is fine. */
    public function rest(RestFineRequest $request, Job $job, FindRestFine $find): RedirectResponse
    {
        $find($job, $this->user(), $request->subjects());

        return redirect()->route($request->backTo(), $job);
    }

    public function lift(LiftStopRequest $request, Job $job, Condition $condition, LiftStop $lift): RedirectResponse
    {
        $lift($job, $this->user(), $condition, $request->reason());

        return redirect()->route('job.condition', [$job, 'subject' => $condition->subject->value]);
    }
}
