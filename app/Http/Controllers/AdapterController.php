<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Downloads\SvgDownload;
use App\Models\Job;
use App\Models\Motor;
use App\View\Stack\AdapterPage;
use App\View\Stack\SleevePage;
use Illuminate\Http\Response;
use Illuminate\View\View;

/** Parts made to measure for one motor in one shell. */
class AdapterController extends Controller
{
    public function insert(Job $job, Motor $motor): View
    {
        return view('job.adapter', ['page' => new AdapterPage($this->open($job), $motor)]);
    }

    public function insertSvg(Job $job, Motor $motor): Response
    {
        return SvgDownload::of('adapter', (new AdapterPage($this->open($job), $motor))->drawing(), "insert-{$job->number}");
    }

    public function sleeve(Job $job, Motor $motor): View
    {
        return view('job.sleeve', ['page' => new SleevePage($this->open($job), $motor)]);
    }

    public function sleeveSvg(Job $job, Motor $motor): Response
    {
        return SvgDownload::of('sleeve', (new SleevePage($this->open($job), $motor))->drawing(), "sleeve-{$job->number}");
    }
}
