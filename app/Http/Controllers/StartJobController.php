<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Jobs\StartJob;
use App\Actions\Pictures\KeepPicture;
use App\Http\Requests\StartJobRequest;
use App\Models\PictureOf;
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

    public function store(StartJobRequest $request, StartJob $start, KeepPicture $keep): RedirectResponse
    {
        $job = $start($this->user(), $request->typed(), $request->whose());
        $photograph = $request->photograph();
        $photograph === null || $keep($job, $this->user(), PictureOf::Intake, '', $photograph, null, showsPerson: false);

        return redirect()->route('job.survey', $job);
    }
}
