<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Calendar\KeepHourPrice;
use App\Http\Downloads\CsvDownload;
use App\Http\Requests\HourPriceRequest;
use App\Models\Job;
use App\View\Build\EstimatePage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\View\View;

/** Minutes and parts of a job, as planned and as it really was. */
class EstimateController extends Controller
{
    public function show(Job $job): View
    {
        return view('job.estimate', ['page' => new EstimatePage($this->open($job))]);
    }

    public function csv(Job $job): Response
    {
        return CsvDownload::of((new EstimatePage($this->open($job)))->table(), "estimate-{$job->number}");
    }

    public function hour(HourPriceRequest $request, Job $job, KeepHourPrice $keep): RedirectResponse
    {
        $keep($this->user(), $request->price(), $request->seen());

        return redirect()->route('job.estimate', $job);
    }
}
