<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Kit\KeepCockpit;
use App\Http\Requests\CockpitRequest;
use App\Models\Job;
use App\View\Route\CockpitPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\View\View;

/** What goes on the bar. */
class CockpitController extends Controller
{
    public function show(Job $job): View
    {
        return view('job.cockpit', ['page' => new CockpitPage($this->open($job))]);
    }

    public function keep(CockpitRequest $request, Job $job, KeepCockpit $keep): RedirectResponse
    {
        $keep($job, $this->user(), $request->seen(), $request->cockpit());

        return redirect()->route('job.cockpit', $job);
    }
}
