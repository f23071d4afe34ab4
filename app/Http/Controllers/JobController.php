<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\JobDocument;
use App\Http\Downloads\JsonDownload;
use App\Models\Job;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use NeatSpindle\Core\Whole\Worksheet\Worksheet;
use NeatSpindle\Core\Whole\Worksheet\WorksheetPrinter;

/** A job by itself: where it stands, and in open formats. */
class JobController extends Controller
{
    public function show(Job $job): RedirectResponse
    {
        $this->authorize('view', $job);

        return redirect()->route("job.{$job->stage->value}", $job);
    }

    public function document(Job $job): JsonResponse
    {
        return JsonDownload::of(JobDocument::of($this->open($job)), "job-{$job->number}");
    }

    public function worksheet(Job $job): JsonResponse
    {
        $computed = $this->open($job)->toCompute(withRouting: true) ?? abort(404, 'Nothing can be computed yet: readings or choices are missing.');

        return JsonDownload::of(WorksheetPrinter::toArray(Worksheet::of($computed)), "worksheet-{$job->number}");
    }
}
