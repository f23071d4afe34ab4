<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\House\DepartFromHouse;
use App\Actions\House\KeepInsistence;
use App\Http\Requests\InsistenceRequest;
use App\Http\Requests\SchoolRequest;
use App\Models\Job;
use App\View\Build\JobHousePage;
use Illuminate\Http\RedirectResponse;
use Illuminate\View\View;

/** The rules of the house as one job follows them. */
class JobHouseController extends Controller
{
    public function show(Job $job): View
    {
        return view('job.house', ['page' => new JobHousePage($this->open($job))]);
    }

    public function depart(SchoolRequest $request, Job $job, DepartFromHouse $depart): RedirectResponse
    {
        $depart($job, $this->user(), $request->seen(), $request->school(), $request->why());

        return redirect()->to(route('job.house', $job).'#'.$request->school()->question()->value);
    }

    public function insist(InsistenceRequest $request, Job $job, KeepInsistence $keep): RedirectResponse
    {
        $keep($job, $this->user(), $request->seen(), $request->what(), $request->reason(), $request->signedBy());

        return redirect()->route('job.house', $job);
    }
}
