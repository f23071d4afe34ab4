<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Kit\KeepRunDetails;
use App\Http\Requests\RunDetailsRequest;
use App\Models\Job;
use App\Models\Run;
use Illuminate\Http\RedirectResponse;

/** A run's plug, what it goes through, where its surplus hides. */
class RunDetailsController extends Controller
{
    public function keep(RunDetailsRequest $request, Job $job, Run $run, KeepRunDetails $keep): RedirectResponse
    {
        $keep($job, $this->user(), $request->seen(), $run, $request->details());

        return redirect()->route('job.route', $job);
    }
}
