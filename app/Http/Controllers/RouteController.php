<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Kit\AddRun;
use App\Actions\Kit\MoveRun;
use App\Actions\Kit\SetSupply;
use App\Http\Downloads\SvgDownload;
use App\Http\Requests\AddRunRequest;
use App\Http\Requests\MoveRunRequest;
use App\Http\Requests\SupplyRequest;
use App\Models\Job;
use App\Models\Run;
use App\View\Route\RoutePage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\View\View;

class RouteController extends Controller
{
    public function show(Request $request, Job $job): View
    {
        return view('job.route', ['page' => new RoutePage(
            $this->open($job), $request->query('run'), $request->query('place'), $request->query('near'), $request->query('plug'),
        )]);
    }

    public function svg(Job $job): Response
    {
        return SvgDownload::of('routes', (new RoutePage($this->open($job)))->drawing(), "route-{$job->number}");
    }

    public function supply(SupplyRequest $request, Job $job, Run $run, SetSupply $set): RedirectResponse
    {
        return $this->leadOn($job, 'job.route', fn () => $set($job, $this->user(), $request->seen(), $run, $request->lead()));
    }

    public function add(AddRunRequest $request, Job $job, AddRun $add): RedirectResponse
    {
        $add($job, $this->user(), $request->run());

        return redirect()->route('job.route', $job);
    }

    public function move(MoveRunRequest $request, Job $job, Run $run, MoveRun $move): RedirectResponse
    {
        $move($job, $this->user(), $request->seen(), $run, $request->how(), $request->place());

        return redirect()->route('job.route', [$job, 'run' => $request->how() === 'remove' ? null : $run->id]);
    }
}
