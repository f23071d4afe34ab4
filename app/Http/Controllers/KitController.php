<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\KitKeeper;
use App\Http\Requests\ChooseMotorRequest;
use App\Http\Requests\ChooseRingRequest;
use App\Http\Requests\EditStackRequest;
use App\Http\Requests\JobChangeRequest;
use App\Http\Requests\SupplyRequest;
use App\Http\Requests\UseAlternativeRequest;
use App\Models\Job;
use App\Models\Run;
use Illuminate\Http\RedirectResponse;

class KitController extends Controller
{
    public function __construct(private readonly KitKeeper $keeper) {}

    public function motor(ChooseMotorRequest $request, Job $job): RedirectResponse
    {
        $this->keeper->chooseMotor($job, $this->user(), $request->seen(), $request->motorId(), $request->insertId());

        return redirect()->route('job.match', $job);
    }

    public function ring(ChooseRingRequest $request, Job $job): RedirectResponse
    {
        $this->keeper->chooseRing($job, $this->user(), $request->seen(), $request->ringId(), $request->mounting());

        return back();
    }

    public function edit(EditStackRequest $request, Job $job): RedirectResponse
    {
        $this->keeper->edit($job, $this->user(), $request->seen(), $request->edit());

        return redirect()->route('job.stack', $job)->with('place', $request->hand()->value);
    }

    public function solve(JobChangeRequest $request, Job $job): RedirectResponse
    {
        $this->keeper->solve($job, $this->user(), $request->seen());

        return redirect()->route('job.stack', $job);
    }

    public function undo(JobChangeRequest $request, Job $job): RedirectResponse
    {
        $this->keeper->undo($job, $this->user(), $request->seen());

        return redirect()->route('job.stack', $job);
    }

    public function redo(JobChangeRequest $request, Job $job): RedirectResponse
    {
        $this->keeper->redo($job, $this->user(), $request->seen());

        return redirect()->route('job.stack', $job);
    }

    public function alternative(UseAlternativeRequest $request, Job $job): RedirectResponse
    {
        $this->keeper->fillAll($job, $this->user(), $request->seen(), $request->pieces());

        return redirect()->route('job.stack', $job);
    }

    public function supply(SupplyRequest $request, Job $job, Run $run): RedirectResponse
    {
        abort_unless($run->job_id === $job->id, 404);
        $this->keeper->supply($job, $this->user(), $request->seen(), $run, $request->mm());

        return redirect()->route('job.route', $job);
    }
}
