<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Road\DropRoad;
use App\Actions\Road\KeepRoad;
use App\Actions\Road\SetRiding;
use App\Http\Downloads\SvgDownload;
use App\Http\Requests\RidingRequest;
use App\Http\Requests\TrackRequest;
use App\Http\Requests\WeighRequest;
use App\Models\Job;
use App\Models\Track;
use App\View\Line\HillsPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\View\View;

class HillsController extends Controller
{
    public function show(Request $request, Job $job): View
    {
        return view('job.hills', ['page' => new HillsPage($this->open($job), $request->integer('road'))]);
    }

    public function svg(Request $request, Job $job): Response
    {
        return SvgDownload::of('road', (new HillsPage($this->open($job), $request->integer('road')))->road(), "road-{$job->number}");
    }

    public function riding(RidingRequest $request, Job $job, SetRiding $set): RedirectResponse
    {
        $set($job, $this->user(), $request->seen(), $request->riding());

        return redirect()->route('job.hills', [$job, 'road' => $request->integer('road') ?: null]);
    }

    /** The same, with the mass that the scale on the bench shows. */
    public function weigh(WeighRequest $request, Job $job, SetRiding $set): RedirectResponse
    {
        return $this->riding($request, $job, $set);
    }

    public function keepRoad(TrackRequest $request, Job $job, KeepRoad $keep): RedirectResponse
    {
        $keep($job, $this->user(), $request->name(), $request->profile(), $request->remarks());

        return redirect()->route('job.hills', $job);
    }

    public function dropRoad(Job $job, Track $track, DropRoad $drop): RedirectResponse
    {
        $drop($job, $this->user(), $track);

        return redirect()->route('job.hills', $job);
    }

    public function bringRoadBack(Job $job, Track $track, DropRoad $drop): RedirectResponse
    {
        $drop($job, $this->user(), $track, isBack: true);

        return redirect()->route('job.hills', [$job, 'road' => $track->id]);
    }
}
