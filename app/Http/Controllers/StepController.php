<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\StepKeeper;
use App\Http\Requests\BuildStepRequest;
use App\Http\Requests\StripStepRequest;
use App\Models\Job;
use Illuminate\Http\RedirectResponse;

class StepController extends Controller
{
    public function __construct(private readonly StepKeeper $keeper) {}

    public function strip(StripStepRequest $request, Job $job): RedirectResponse
    {
        $this->keeper->record($job, $this->user(), 'strip', $request->step()->code, ['title' => $request->step()->title], $request->done());

        return redirect()->route('job.strip', [$job, 'posture' => $request->string('posture')->value() ?: null]);
    }

    public function build(BuildStepRequest $request, Job $job): RedirectResponse
    {
        $this->keeper->record($job, $this->user(), 'build', $request->step()->code, $request->asked(), $request->done());

        return redirect()->route('job.build', $job);
    }
}
