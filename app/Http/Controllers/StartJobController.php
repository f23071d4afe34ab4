<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Jobs\StartJob;
use App\Http\Requests\StartJobRequest;
use App\View\Workshop\StartJobPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\View\View;

use function is_string;

/** Taking a bike in. */
class StartJobController extends Controller
{
    public function create(): View
    {
        return view('start-job', ['page' => new StartJobPage($this->user(), is_string(old('customer')) ? old('customer') : '')]);
    }

    public function store(StartJobRequest $request, StartJob $start): RedirectResponse
    {
        return redirect()->route('job.survey', $start($this->user(), $request->typed(), $request->whose()));
    }
}
