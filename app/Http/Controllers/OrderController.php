<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Kit\NoteArrivals;
use App\Documents\NeedsTable;
use App\Documents\OrderTable;
use App\Http\Downloads\CsvDownload;
use App\Http\Requests\ArrivalsRequest;
use App\Http\Requests\PiecesRequest;
use App\Models\Job;
use App\View\Stack\OrderPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\View\View;

/** What to get for a stack, and what is kept for it. */
class OrderController extends Controller
{
    public function show(Job $job): View
    {
        return view('job.order', ['page' => new OrderPage($this->open($job))]);
    }

    public function csv(Job $job): Response
    {
        return CsvDownload::of(OrderTable::rows((new OrderPage($this->open($job)))->order()), "order-{$job->number}");
    }

    public function needs(Job $job): Response
    {
        return CsvDownload::of(NeedsTable::rows((new OrderPage($this->open($job)))->needs()), "needs-{$job->number}");
    }

    /** What of all that has to come from elsewhere is here. */
    public function arrivals(ArrivalsRequest $request, Job $job, NoteArrivals $note): RedirectResponse
    {
        return $this->leadOn($job, 'job.order', fn () => $note($job, $this->user(), $request->seen(), $request->here()));
    }

    /** Keeps pieces for the job, takes them out of the drawer, or gives them back. */
    public function pieces(PiecesRequest $request, Job $job): RedirectResponse
    {
        $request->action()($job, $this->user(), $request->seen());

        return redirect()->route('job.order', $job);
    }
}
