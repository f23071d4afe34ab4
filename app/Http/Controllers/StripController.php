<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangeJob;
use App\Actions\Steps\RecordStripStep;
use App\Bench\NextPlace;
use App\Bench\StripProgress;
use App\Http\Requests\StripStepRequest;
use App\Models\Job;
use App\View\Strip\StripPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;

class StripController extends Controller
{
    public function __construct(private readonly ChangeJob $change) {}

    public function show(Request $request, Job $job): View
    {
        return view('job.strip', ['page' => new StripPage($this->open($job), $request->query('posture'), $request->query('step'))]);
    }

    public function record(StripStepRequest $request, Job $job, RecordStripStep $record): RedirectResponse
    {
        $record($job, $this->user(), $request->step(), $request->done(), $request->seen(), $request->turned(), $request->with());

        $open = $this->change->standing($job);
        $place = $request->isDone() && StripProgress::isDone($open) ? NextPlace::of($open) : null;

        return $place === null
            ? redirect()->route('job.strip', [$job, 'posture' => $request->posture()])
            : redirect()->route($place->route, $job)->with('arrived', $place->arrived);
    }
}
