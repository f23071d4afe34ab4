<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\KitKeeper;
use App\Http\Requests\ChooseMotorRequest;
use App\Http\Requests\ChooseRingRequest;
use App\Http\Requests\FillPlaceRequest;
use App\Http\Requests\SolveRequest;
use App\Http\Requests\SupplyRequest;
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
        $this->keeper->chooseRing($job, $this->user(), $request->seen(), $request->ringId());

        return back();
    }

    public function fill(FillPlaceRequest $request, Job $job): RedirectResponse
    {
        $this->keeper->fill($job, $this->user(), $request->seen(), $request->place(), $request->pieces());

        return redirect()->route('job.stack', $job)->with('place', $request->place()->value);
    }

    public function solve(SolveRequest $request, Job $job): RedirectResponse
    {
        $this->keeper->solve($job, $this->user(), $request->seen());

        return redirect()->route('job.stack', $job);
    }

    public function supply(SupplyRequest $request, Job $job, Run $run): RedirectResponse
    {
        abort_unless($run->job_id === $job->id, 404);
        $this->keeper->supply($job, $this->user(), $request->seen(), $run, $request->mm());

        return redirect()->route('job.route', $job);
    }
}
