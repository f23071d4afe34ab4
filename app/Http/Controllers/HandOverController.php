<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Kit\AnswerForLack;
use App\Actions\Prove\HandBikeOver;
use App\Actions\Prove\TakeHandOverBack;
use App\Documents\HandOverDocument;
use App\Http\Downloads\CsvDownload;
use App\Http\Downloads\PdfDownload;
use App\Http\Requests\AnswerForRequest;
use App\Http\Requests\HandOverRequest;
use App\Http\Requests\LiftStopRequest;
use App\Models\Job;
use App\View\Prove\HandOverPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\View\View;

/** Handing a bike over, and the sheet that goes with it. */
class HandOverController extends Controller
{
    public function show(Job $job): View
    {
        return view('job.hand-over', ['page' => new HandOverPage($this->open($job))]);
    }

    public function pdf(Job $job): Response
    {
        return PdfDownload::of('hand-over-pdf', HandOverDocument::of($this->open($job), $this->user()), "hand-over-{$job->number}");
    }

    /** All that was decided, on a list of its own. */
    public function decided(Job $job): Response
    {
        return CsvDownload::of(
            HandOverDocument::decidedRows(HandOverDocument::of($this->open($job), $this->user())), "decided-{$job->number}",
        );
    }

    public function store(HandOverRequest $request, Job $job, HandBikeOver $handOver): RedirectResponse
    {
        $handOver($job, $this->user(), $request->seen(), $request->recheckOn(), $request->note());

        return redirect()->route('job.hand-over', $job);
    }

    /** An owner answers by name for what the job goes without. */
    public function answerFor(AnswerForRequest $request, Job $job, AnswerForLack $answer): RedirectResponse
    {
        $answer($job, $this->user(), $request->lack(), $request->mark(), $request->reason());

        return redirect()->route('job.hand-over', $job);
    }

    public function takeBack(LiftStopRequest $request, Job $job, TakeHandOverBack $takeBack): RedirectResponse
    {
        $takeBack($job, $this->user(), $request->reason());

        return redirect()->route('job.hand-over', $job);
    }
}
