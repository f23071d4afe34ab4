<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\JobsTable;
use App\Http\Downloads\CsvDownload;
use App\View\Workshop\LogbookPage;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\View\View;

/** Every bike that was given out. */
class LogbookController extends Controller
{
    public function show(Request $request): View
    {
        return view(
            'logbook',
            ['page' => new LogbookPage($this->user(), $request->query('find'), $request->query('like'), $request->query('from'))],
        );
    }

    /** Every job there is, given out or not. */
    public function csv(): Response
    {
        return CsvDownload::of(JobsTable::of($this->user()->workshop_id), 'jobs');
    }
}
