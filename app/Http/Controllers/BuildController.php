<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Steps\KeepBand;
use App\Actions\Steps\PassHold;
use App\Actions\Steps\RecordBuildStep;
use App\Http\Requests\BandRequest;
use App\Http\Requests\BuildStepRequest;
use App\Http\Requests\PassRequest;
use App\Http\Requests\WrenchStepRequest;
use App\Models\Job;
use App\View\Build\BuildPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;

class BuildController extends Controller
{
    public function show(Request $request, Job $job): View
    {
        return view('job.build', ['page' => new BuildPage($this->open($job), $request->query('step'), $request->query('posture'))]);
    }

    public function paper(Job $job): View
    {
        return view('job.build-print', ['page' => new BuildPage($this->open($job))]);
    }

    public function record(BuildStepRequest $request, Job $job, RecordBuildStep $record): RedirectResponse
    {
        $record($job, $this->user(), $request->step(), $request->done(), $request->seen(), $request->isSure(), $request->with(), $request->paper());

        return redirect()->route('job.build', $job);
    }

    /** A torque as the wrench on the bench says it was given. */
    public function fromWrench(WrenchStepRequest $request, Job $job, RecordBuildStep $record): RedirectResponse
    {
        return $this->record($request, $job, $record);
    }

    /** Goes on with a step that is held, by name and reason. */
    public function pass(PassRequest $request, Job $job, PassHold $pass): RedirectResponse
    {
        $pass($job, $this->user(), $request->step(), $request->hold(), $request->because());

        return redirect()->route('job.build', [$job, 'step' => $request->step()]);
    }

    /** Keeps the band that stands on a part's paper, and stays at its step. */
    public function band(BandRequest $request, Job $job, KeepBand $keep): RedirectResponse
    {
        $keep($job, $this->user(), $request->fastener(), $request->band(), $request->paper(), $request->seen());

        return redirect()->route('job.build', [$job, 'step' => $request->step() ?: null]);
    }
}
