<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Bench\OpenJob;
use App\Documents\Api\JobEntry;
use App\Documents\Api\ScheduleEntries;
use App\Documents\Api\SheetEntries;
use App\Documents\JobDocument;
use App\Http\Controllers\Controller;
use App\Http\Requests\Api\JobsRequest;
use App\Models\Job;
use Illuminate\Http\JsonResponse;
use NeatSpindle\Core\Whole\Worksheet\Worksheet;
use NeatSpindle\Core\Whole\Worksheet\WorksheetPrinter;

/** What a program may read. */
class JobsController extends Controller
{
    public function index(JobsRequest $request): JsonResponse
    {
        $jobs = $request->jobs()->with('bike')->paginate(50, page: $request->page());

        return new JsonResponse([
            'jobs' => array_map(JobEntry::of(...), $jobs->items()), 'page' => $jobs->currentPage(), 'pages' => $jobs->lastPage(),
            'total' => $jobs->total(),
        ]);
    }

    public function show(int $number): JsonResponse
    {
        return new JsonResponse(JobEntry::of($this->opened($number)->job));
    }

    public function document(int $number): JsonResponse
    {
        return new JsonResponse(JobDocument::of($this->opened($number)));
    }

    public function worksheet(int $number): JsonResponse
    {
        $computed = $this->opened($number)->toCompute(withRouting: true) ?? abort(404,
            'Nothing can be computed yet: readings or choices are missing.');

        return new JsonResponse(WorksheetPrinter::toArray(Worksheet::of($computed)));
    }

    public function strip(int $number): JsonResponse
    {
        return new JsonResponse(['steps' => SheetEntries::strip($this->opened($number))]);
    }

    public function build(int $number): JsonResponse
    {
        return new JsonResponse(['steps' => SheetEntries::build($this->opened($number))]);
    }

    public function prove(int $number): JsonResponse
    {
        return new JsonResponse(['steps' => SheetEntries::prove($this->opened($number))]);
    }

    public function schedule(): JsonResponse
    {
        return new JsonResponse(ScheduleEntries::of($this->user()->workshop));
    }

    private function opened(int $number): OpenJob
    {
        $open = $this->open(Job::opened((int) Job::query()->where('number', $number)->valueOrFail('id')));
        $open->job->stepRecords->loadMissing('user');

        return $open;
    }
}
