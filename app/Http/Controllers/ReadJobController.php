<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Survey\TakeOverDocument;
use App\Documents\UploadStash;
use App\Http\Requests\ReadJobRequest;
use App\Models\Job;
use App\View\Job\ReadInPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;

/** One job out and in, with its difference from what is there. */
class ReadJobController extends Controller
{
    public function show(Request $request, Job $job): View
    {
        return view('job.read-in', ['page' => new ReadInPage($this->open($job), $request->query('look'))]);
    }

    /** Puts it aside, so that its difference can be looked at before any of it is kept. */
    public function look(ReadJobRequest $request, Job $job): RedirectResponse
    {
        $this->authorize('choose', $job);

        return redirect()->route('job.read-in', [$job, 'look' => (new UploadStash($this->user(), 'jobs'))->putFile($request->document())]);
    }

    public function keep(ReadJobRequest $request, Job $job, TakeOverDocument $take): RedirectResponse
    {
        $taken = $take($job, $this->user(), $request->seen(), $request->text() ?? abort(404));

        return redirect()->route('job.read-in', $job)->with('arrived', $taken === 1
            ? 'One place is another now.' : "{$taken} places are others now.");
    }
}
