<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\ConditionKeeper;
use App\Bench\JobSheet;
use App\Http\Requests\ConditionRequest;
use App\Http\Requests\LiftStopRequest;
use App\Models\Condition;
use App\Models\Job;
use App\View\ConditionPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;

class ConditionController extends Controller
{
    public function __construct(private readonly ConditionKeeper $keeper) {}

    public function show(Request $request, Job $job): View
    {
        $this->authorize('view', $job);

        return view('job.condition', ['page' => new ConditionPage(JobSheet::open($job), $request->query('subject'))]);
    }

    public function store(ConditionRequest $request, Job $job): RedirectResponse
    {
        $this->keeper->record($job, $this->user(), $request->subject(), $request->found());

        return redirect()->route('job.condition', $job);
    }

    public function lift(LiftStopRequest $request, Job $job, Condition $condition): RedirectResponse
    {
        abort_unless($condition->job_id === $job->id && $condition->isStop(), 404);
        $this->keeper->lift($job, $this->user(), $condition, $request->reason());

        return redirect()->route('job.condition', [$job, 'subject' => $condition->subject->value]);
    }
}
