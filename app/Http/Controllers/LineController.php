<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\Findings;
use App\Bench\JobSheet;
use App\Bench\KitKeeper;
use App\Bench\SurveyKeeper;
use App\Bench\TrackKeeper;
use App\Http\Requests\RidingRequest;
use App\Http\Requests\TrackRequest;
use App\Http\Requests\WeightsRequest;
use App\Models\Job;
use App\Models\Track;
use App\View\GearsPage;
use App\View\HillsPage;
use App\View\LineDrawing;
use App\View\LinePage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\View\View;

/** Line, rings, gears and hills. */
class LineController extends Controller
{
    public function show(Request $request, Job $job): View
    {
        $this->authorize('view', $job);

        return view('job.line', ['page' => new LinePage(JobSheet::open($job), $request->query('compare'))]);
    }

    public function weights(WeightsRequest $request, Job $job, SurveyKeeper $keeper): RedirectResponse
    {
        $keeper->answer($job, $this->user(), Findings::USE, $request->answer());

        return redirect()->route('job.line', $job);
    }

    public function gears(Request $request, Job $job): View
    {
        $this->authorize('view', $job);

        return view('job.gears', ['page' => new GearsPage(JobSheet::open($job), $request->query('with'))]);
    }

    public function hills(Request $request, Job $job): View
    {
        $this->authorize('view', $job);

        return view('job.hills', ['page' => new HillsPage(JobSheet::open($job), $request->integer('road'))]);
    }

    /** One of the drawings of this place, by itself. */
    public function drawing(Request $request, Job $job, string $drawing): Response
    {
        $this->authorize('view', $job);

        return (new LineDrawing(JobSheet::open($job)))->response($drawing, $request->query('with'), $request->integer('road'));
    }

    public function riding(RidingRequest $request, Job $job, KitKeeper $keeper): RedirectResponse
    {
        $keeper->ride($job, $this->user(), $request->seen(), $request->riding());

        return redirect()->route('job.hills', [$job, 'road' => $request->integer('road') ?: null]);
    }

    public function track(TrackRequest $request, Job $job, TrackKeeper $keeper): RedirectResponse
    {
        $keeper->keep($job, $this->user(), $request->name(), $request->gpx());

        return redirect()->route('job.hills', $job);
    }

    public function dropTrack(Job $job, Track $track, TrackKeeper $keeper): RedirectResponse
    {
        $this->authorize('work', $job);
        abort_unless($track->job_id === $job->id, 404);
        $keeper->drop($job, $this->user(), $track);

        return redirect()->route('job.hills', $job);
    }
}
