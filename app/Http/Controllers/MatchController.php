<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Kit\ChooseMotor;
use App\Http\Requests\ChooseMotorRequest;
use App\Models\Job;
use App\View\Matching\MatchPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;

class MatchController extends Controller
{
    public function show(Request $request, Job $job): View
    {
        return view('job.match', ['page' => new MatchPage($this->open($job), $request->query())]);
    }

    public function choose(ChooseMotorRequest $request, Job $job, ChooseMotor $choose): RedirectResponse
    {
        $choose($job, $this->user(), $request->seen(), $request->motorId(), $request->insertId(), $request->ringId(), $request->mounting());

        return redirect()->route('job.match', $job);
    }
}
