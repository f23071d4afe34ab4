<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Kit\EditStack;
use App\Actions\Kit\MakeChangeAgain;
use App\Actions\Kit\SolveStack;
use App\Actions\Kit\TakeBackChange;
use App\Http\Downloads\SvgDownload;
use App\Http\Requests\EditStackRequest;
use App\Http\Requests\VersionedRequest;
use App\Models\Job;
use App\View\Stack\StackPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\View\View;

class StackController extends Controller
{
    public function show(Request $request, Job $job): View
    {
        return view('job.stack', ['page' => new StackPage($this->open($job), $request->query('detail'))]);
    }

    public function svg(Request $request, Job $job): Response
    {
        return SvgDownload::of('section', (new StackPage($this->open($job), $request->query('detail')))->section(), "section-{$job->number}");
    }

    public function edit(EditStackRequest $request, Job $job, EditStack $edit): RedirectResponse
    {
        $edit($job, $this->user(), $request->seen(), $request->edit());

        return redirect()->route('job.stack', $job)->with('place', $request->hand()->value);
    }

    public function solve(VersionedRequest $request, Job $job, SolveStack $solve): RedirectResponse
    {
        $solve($job, $this->user(), $request->seen());

        return redirect()->route('job.stack', $job);
    }

    public function undo(VersionedRequest $request, Job $job, TakeBackChange $takeBack): RedirectResponse
    {
        $takeBack($job, $this->user(), $request->seen());

        return redirect()->route('job.stack', $job);
    }

    public function redo(VersionedRequest $request, Job $job, MakeChangeAgain $again): RedirectResponse
    {
        $again($job, $this->user(), $request->seen());

        return redirect()->route('job.stack', $job);
    }
}
