<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\DrawerKeeper;
use App\Bench\JobSheet;
use App\Bench\KitKeeper;
use App\Http\Requests\BraceRequest;
use App\Http\Requests\ReserveRequest;
use App\Models\Job;
use App\Models\User;
use App\View\OrderCsv;
use App\View\OrderPage;
use App\View\RestPage;
use App\View\WaysPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\View\View;

/** What belongs to a stack and has a page of its own: other ways to build it, what to get for it, what holds the body. */
class StackController extends Controller
{
    public function ways(Job $job): View
    {
        $this->authorize('view', $job);

        return view('job.ways', ['page' => new WaysPage(JobSheet::open($job))]);
    }

    public function order(Job $job): View
    {
        $this->authorize('view', $job);

        return view('job.order', ['page' => new OrderPage(JobSheet::open($job))]);
    }

    public function orderCsv(Job $job): Response
    {
        $this->authorize('view', $job);

        return OrderCsv::of(new OrderPage(JobSheet::open($job)));
    }

    public function reserve(ReserveRequest $request, Job $job, DrawerKeeper $keeper): RedirectResponse
    {
        $keeper->handle($job, $this->user(), $request->does(), JobSheet::open($job));

        return redirect()->route('job.order', $job);
    }

    public function rest(Job $job): View
    {
        $this->authorize('view', $job);

        return view('job.rest', ['page' => new RestPage(JobSheet::open($job))]);
    }

    public function brace(BraceRequest $request, Job $job, KitKeeper $keeper): RedirectResponse
    {
        $keeper->brace($job, $this->user(), $request->seen(), $request->bracing());

        return redirect()->route('job.rest', $job);
    }

    /** What others have changed since a person loaded the page; nothing to say is no answer at all. */
    public function news(Request $request, Job $job): View|Response
    {
        $this->authorize('view', $job);

        return $job->version <= $request->integer('seen') ? response()->noContent() : view('job.news', [
            'by' => User::query()->find($job->changed_by_id)?->firstName() ?? 'Somebody',
            'at' => $job->updated_at?->format('H:i'),
        ]);
    }
}
