<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Kit\BraceBody;
use App\Http\Requests\BraceRequest;
use App\Models\Job;
use App\View\Stack\RestPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\View\View;

/** What holds the body. */
class RestController extends Controller
{
    public function show(Job $job): View
    {
        return view('job.rest', ['page' => new RestPage($this->open($job))]);
    }

    public function brace(BraceRequest $request, Job $job, BraceBody $brace): RedirectResponse
    {
        return $this->leadOn($job, 'job.rest', fn () => $brace($job, $this->user(), $request->seen(), $request->bracing()));
    }
}
