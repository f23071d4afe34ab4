<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Kit\ChooseRing;
use App\Actions\Survey\WeighCogs;
use App\Http\Downloads\SvgDownload;
use App\Http\Requests\ChooseRingRequest;
use App\Http\Requests\WeightsRequest;
use App\Models\Job;
use App\View\Line\LinePage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\View\View;

class LineController extends Controller
{
    public function show(Request $request, Job $job): View
    {
        return view('job.line', ['page' => new LinePage($this->open($job), $request->query('compare'))]);
    }

    public function svg(Job $job): Response
    {
        return SvgDownload::of('line', (new LinePage($this->open($job)))->drawing(), "line-{$job->number}");
    }

    public function ring(ChooseRingRequest $request, Job $job, ChooseRing $choose): RedirectResponse
    {
        $choose($job, $this->user(), $request->seen(), $request->ringId(), $request->mounting());

        return back();
    }

    public function weights(WeightsRequest $request, Job $job, WeighCogs $weigh): RedirectResponse
    {
        $weigh($job, $this->user(), $request->weights(), $request->seen());

        return redirect()->route('job.line', $job);
    }
}
