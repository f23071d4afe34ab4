<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\JobSheet;
use App\Bench\SurveyKeeper;
use App\Http\Requests\AnswerRequest;
use App\Http\Requests\CaliperRequest;
use App\Http\Requests\ReadingRequest;
use App\Models\Job;
use App\Models\Reading;
use App\View\SurveyPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;

class SurveyController extends Controller
{
    public function __construct(private readonly SurveyKeeper $keeper) {}

    public function show(Request $request, Job $job): View
    {
        $this->authorize('view', $job);

        return view('job.survey', ['page' => new SurveyPage(JobSheet::open($job), $request->query('spot'))]);
    }

    public function reading(ReadingRequest $request, Job $job): RedirectResponse
    {
        $this->keeper->record($job, $this->user(), $request->spot()->code, $request->measurement(), $request->instrument(), $request->typed(), $request->isAfresh());

        return redirect()->route('job.survey', [$job, 'spot' => $request->spot()->code])->with('kept', $request->spot()->label);
    }

    public function caliper(CaliperRequest $request, Job $job): RedirectResponse
    {
        return $this->reading($request, $job);
    }

    public function takeBack(Job $job, Reading $reading): RedirectResponse
    {
        $this->authorize('work', $job);
        abort_unless($reading->job_id === $job->id, 404);
        $this->keeper->takeBack($reading, $job, $this->user());

        return redirect()->route('job.survey', [$job, 'spot' => $reading->spot]);
    }

    public function answer(AnswerRequest $request, Job $job): RedirectResponse
    {
        $this->keeper->answer($job, $this->user(), $request->spot()->code, $request->answer());

        return $request->string('back')->value() === 'stack'
            ? redirect()->route('job.stack', $job)
            : redirect()->route('job.survey', [$job, 'spot' => $request->spot()->code])->with('kept', $request->spot()->label);
    }
}
