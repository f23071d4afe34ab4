<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\JobSheet;
use App\Models\Job;
use App\Models\Motor;
use App\View\AdapterPage;
use App\View\SleevePage;
use Illuminate\Http\Response;
use Illuminate\View\View;

class AdapterController extends Controller
{
    public function show(Job $job, Motor $motor): View
    {
        return view('job.adapter', ['page' => $this->page($job, $motor)]);
    }

    public function svg(Job $job, Motor $motor): Response
    {
        $page = $this->page($job, $motor);
        abort_if($page->adapter() === null, 404);

        return response()->view('job.adapter-svg', ['page' => $page], 200, [
            'Content-Type' => 'image/svg+xml',
            'Content-Disposition' => "attachment; filename=\"insert-{$job->number}.svg\"",
        ]);
    }

    public function sleeve(Job $job, Motor $motor): View
    {
        return view('job.sleeve', ['page' => $this->sleevePage($job, $motor)]);
    }

    public function sleeveSvg(Job $job, Motor $motor): Response
    {
        $page = $this->sleevePage($job, $motor);
        abort_if($page->drawing() === null, 404);

        return response()->view('job.sleeve-svg', ['page' => $page], 200, [
            'Content-Type' => 'image/svg+xml',
            'Content-Disposition' => "attachment; filename=\"sleeve-{$job->number}.svg\"",
        ]);
    }

    private function sleevePage(Job $job, Motor $motor): SleevePage
    {
        $this->authorize('view', $job);
        abort_unless($motor->workshop_id === $job->workshop_id, 404);

        return new SleevePage(JobSheet::open($job), $motor);
    }

    private function page(Job $job, Motor $motor): AdapterPage
    {
        $this->authorize('view', $job);
        abort_unless($motor->workshop_id === $job->workshop_id, 404);

        return new AdapterPage(JobSheet::open($job), $motor);
    }
}
