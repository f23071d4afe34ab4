<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Downloads\CsvDownload;
use App\View\Workshop\MissingPage;
use Illuminate\Http\Response;
use Illuminate\View\View;

/** What all open jobs together lack. */
class MissingController extends Controller
{
    public function show(): View
    {
        return view('missing', ['page' => new MissingPage($this->user())]);
    }

    public function csv(): Response
    {
        return CsvDownload::of((new MissingPage($this->user()))->table(), 'missing');
    }
}
