<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Kit\ChooseBattery;
use App\Actions\Kit\SetBattery;
use App\Http\Requests\ChooseBatteryRequest;
use App\Http\Requests\SetBatteryRequest;
use App\Models\Job;
use App\View\Route\BatteryPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\View\View;

/** Which battery goes where. */
class BatteryController extends Controller
{
    public function show(Job $job): View
    {
        return view('job.battery', ['page' => new BatteryPage($this->open($job))]);
    }

    public function choose(ChooseBatteryRequest $request, Job $job, ChooseBattery $choose): RedirectResponse
    {
        return $this->leadOn($job, 'job.battery', fn () => $choose($job, $this->user(), $request->seen(), $request->pack(), $request->site()));
    }

    public function set(SetBatteryRequest $request, Job $job, SetBattery $set): RedirectResponse
    {
        return $this->leadOn($job, 'job.battery', fn () => $set($job, $this->user(), $request->seen(), $request->setting()));
    }
}
