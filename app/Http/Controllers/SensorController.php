<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Kit\AllowDecision;
use App\Actions\Kit\DecideSensors;
use App\Actions\Survey\KeepReading;
use App\Http\Requests\AllowDecisionRequest;
use App\Http\Requests\DecideSensorsRequest;
use App\Http\Requests\SensorGapRequest;
use App\Models\Job;
use App\View\Route\SensorsPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\View\View;

/** What tells the motor of brakes, gears and speed. */
class SensorController extends Controller
{
    public function show(Job $job): View
    {
        return view('job.sensors', ['page' => new SensorsPage($this->open($job))]);
    }

    public function decide(DecideSensorsRequest $request, Job $job, DecideSensors $decide): RedirectResponse
    {
        return $this->leadOn($job, 'job.sensors', fn () => $decide($job, $this->user(), $request->seen(), $request->choices(), $request->reasons()));
    }

    public function allow(AllowDecisionRequest $request, Job $job, AllowDecision $allow): RedirectResponse
    {
        return $this->leadOn($job, 'job.sensors', fn () => $allow($job, $this->user(), $request->decision(), $request->reason()));
    }

    public function gap(SensorGapRequest $request, Job $job, KeepReading $keep): RedirectResponse
    {
        $keep($job, $this->user(), $request->spot(), $request->measurement(), $request->instrument(), $request->typed(), isSure: true, afresh: true);

        return redirect()->route('job.sensors', $job);
    }
}
