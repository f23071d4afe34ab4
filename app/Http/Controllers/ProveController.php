<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Prove\KeepSetting;
use App\Actions\Prove\KeepSettings;
use App\Actions\Prove\RecordProveCheck;
use App\Http\Requests\ProveLineRequest;
use App\Http\Requests\ProveRequest;
use App\Http\Requests\SettingRequest;
use App\Http\Requests\SettingsRequest;
use App\Instruments\Display;
use App\Models\Job;
use App\View\Prove\LivePage;
use App\View\Prove\ProvePage;
use App\View\Prove\SettingsPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;

/** What is proved before a bike leaves, and what was set in its display. */
class ProveController extends Controller
{
    public function show(Request $request, Job $job): View
    {
        return view('job.prove', ['page' => new ProvePage($this->open($job), $request->query('step'))]);
    }

    public function record(ProveRequest $request, Job $job, RecordProveCheck $record): RedirectResponse
    {
        $record($job, $this->user(), $request->step(), $request->done(), $request->seen(), with: $request->with());

        return redirect()->route('job.prove', $job);
    }

    /** What the motor's line says just now. */
    public function live(Request $request, Job $job, Display $display): View
    {
        return view('job.live', ['live' => new LivePage($this->open($job), $request->query('step'), $display)]);
    }

    public function fromLine(ProveLineRequest $request, Job $job, RecordProveCheck $record): RedirectResponse
    {
        $record($job, $this->user(), $request->step(), null, $request->seen(), $request->line());

        return redirect()->route('job.prove', $job);
    }

    public function settings(Job $job): View
    {
        return view('job.settings', ['page' => new SettingsPage($this->open($job))]);
    }

    public function setAll(SettingsRequest $request, Job $job, KeepSettings $keep): RedirectResponse
    {
        return $this->leadOn($job, 'job.settings', fn () => $keep($job, $this->user(), $request->typed(), $request->saw()));
    }

    public function set(SettingRequest $request, Job $job, KeepSetting $keep): RedirectResponse
    {
        $keep($job, $this->user(), $request->name(), $request->value(), $request->said('reason'), $request->said('law'), $request->seen());

        return redirect()->route('job.settings', $job);
    }
}
