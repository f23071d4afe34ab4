<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Kit\SetSupply;
use App\Http\Requests\SupplyRequest;
use App\Models\Job;
use App\Models\Run;
use App\View\RoutePage;
use Illuminate\Http\RedirectResponse;
use Illuminate\View\View;

class RouteController extends Controller
{
    public function show(Job $job): View
    {
        return view('job.route', ['page' => new RoutePage($this->open($job))]);
    }

    public function supply(SupplyRequest $request, Job $job, Run $run, SetSupply $set): RedirectResponse
    {
        $set($job, $this->user(), $request->seen(), $run, $request->mm());

        return redirect()->route('job.route', $job);
    }
}
