<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Actions\Prove\RecordProveCheck;
use App\Actions\Survey\KeepReading;
use App\Documents\Api\JobEntry;
use App\Http\Controllers\Controller;
use App\Http\Requests\Api\PostCheckRequest;
use App\Http\Requests\Api\PostReadingRequest;
use App\Models\Job;
use Illuminate\Http\JsonResponse;

/** What a program may keep: through the same doors as at the bench. */
class RecordController extends Controller
{
    public function reading(PostReadingRequest $request, int $number, KeepReading $keep): JsonResponse
    {
        $job = $this->job($number);
        $keep(
            $job, $this->user(), $request->spot(), $request->measurement(), $request->instrument(), $request->typed(),
            $request->boolean('afresh'), $request->boolean('sure'),
        );

        return new JsonResponse(JobEntry::of($job), 201);
    }

    public function check(PostCheckRequest $request, int $number, RecordProveCheck $record): JsonResponse
    {
        $job = $this->job($number);
        $record($job, $this->user(), $request->check(), $request->done(), $request->seen());

        return new JsonResponse(JobEntry::of($job), 201);
    }

    private function job(int $number): Job
    {
        return Job::query()->with('bike')->where('number', $number)->firstOrFail();
    }
}
