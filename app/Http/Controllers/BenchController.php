<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\StartJobRequest;
use App\Models\Customer;
use App\Models\Job;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;

class BenchController extends Controller
{
    public function index(Request $request): View
    {
        $jobs = Job::query()->where('workshop_id', $this->user()->workshop_id)
            ->with(['bike.customer', 'assignee'])->orderByRaw('promised_on is null, promised_on')->orderBy('number')->get();

        return view('bench', ['jobs' => $jobs, 'find' => $request->string('find')->trim()->limit(80, '')->value()]);
    }

    public function create(): View
    {
        $customers = Customer::query()->where('workshop_id', $this->user()->workshop_id)->orderBy('name')->get();

        return view('start-job', ['customers' => $customers, 'people' => $this->user()->workshop?->users()->orderBy('name')->get()]);
    }

    public function store(StartJobRequest $request): RedirectResponse
    {
        return redirect()->route('job.survey', $request->start());
    }
}
