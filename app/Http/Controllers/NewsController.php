<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\View\View;

/** What others have changed since a person loaded a page; nothing to say is no answer at all. */
class NewsController extends Controller
{
    public function __invoke(Request $request, Job $job): View|Response
    {
        $this->authorize('view', $job);

        return $job->version <= $request->integer('seen') ? response()->noContent() : view('job.news', [
            'by' => explode(' ', $job->changed_by_name ?? 'Somebody')[0],
            'at' => $job->updated_at?->format('H:i'),
        ]);
    }
}
