<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\JobSheet;
use App\Models\Job;
use App\View\BuildPage;
use App\View\JobExport;
use App\View\MatchPage;
use App\View\RoutePage;
use App\View\StackPage;
use App\View\StripPage;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\View\View;

/** The places of a job that show what follows from its readings and choices. */
class JobController extends Controller
{
    public function show(Job $job): RedirectResponse
    {
        return redirect()->route("job.{$job->stage->value}", $job);
    }

    public function strip(Request $request, Job $job): View
    {
        $this->authorize('view', $job);

        return view('job.strip', ['page' => new StripPage(JobSheet::open($job), $request->query('posture'), $request->query('step'))]);
    }

    public function match(Request $request, Job $job): View
    {
        $this->authorize('view', $job);

        return view('job.match', ['page' => new MatchPage(JobSheet::open($job), $request->query())]);
    }

    public function stack(Request $request, Job $job): View
    {
        $this->authorize('view', $job);

        return view('job.stack', ['page' => new StackPage(JobSheet::open($job), $request->query('detail'))]);
    }

    public function route(Job $job): View
    {
        $this->authorize('view', $job);

        return view('job.route', ['page' => new RoutePage(JobSheet::openWithRoutes($job))]);
    }

    public function build(Request $request, Job $job): View
    {
        $this->authorize('view', $job);

        return view('job.build', ['page' => new BuildPage(JobSheet::openWithRoutes($job), $request->query('step'))]);
    }

    public function printedSheet(Job $job): View
    {
        $this->authorize('view', $job);

        return view('job.build-print', ['page' => new BuildPage(JobSheet::openWithRoutes($job))]);
    }

    public function document(Job $job): JsonResponse
    {
        $this->authorize('view', $job);

        return (new JobExport(JobSheet::openWithRoutes($job)))->document();
    }

    public function worksheet(Job $job): JsonResponse
    {
        $this->authorize('view', $job);

        return (new JobExport(JobSheet::openWithRoutes($job)))->worksheet();
    }

    public function section(Request $request, Job $job): Response
    {
        $this->authorize('view', $job);

        return (new JobExport(JobSheet::open($job)))->section($request->query('detail'));
    }
}
