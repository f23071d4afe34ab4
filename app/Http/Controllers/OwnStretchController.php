<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Kit\AddStretch;
use App\Actions\Kit\RemoveStretch;
use App\Http\Requests\OwnStretchRequest;
use App\Models\Job;
use App\Models\OwnStretch;
use Illuminate\Http\RedirectResponse;

/** Ways along a frame of an unusual kind, found and measured by whoever stands before it. */
class OwnStretchController extends Controller
{
    public function add(OwnStretchRequest $request, Job $job, AddStretch $add): RedirectResponse
    {
        $add($job, $this->user(), $request->stretch());

        return redirect()->route('job.route', $job);
    }

    public function remove(Job $job, OwnStretch $ownStretch, RemoveStretch $remove): RedirectResponse
    {
        $remove($job, $this->user(), $ownStretch);

        return redirect()->route('job.route', $job);
    }
}
