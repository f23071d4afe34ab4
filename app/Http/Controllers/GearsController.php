<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Downloads\SvgDownload;
use App\Models\Job;
use App\View\Line\GearsPage;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\View\View;

class GearsController extends Controller
{
    public function show(Request $request, Job $job): View
    {
        return view('job.gears', ['page' => new GearsPage($this->open($job), $request->query('with'))]);
    }

    public function svg(Request $request, Job $job): Response
    {
        return SvgDownload::of('gears', (new GearsPage($this->open($job), $request->query('with')))->drawing(), "gears-{$job->number}");
    }
}
