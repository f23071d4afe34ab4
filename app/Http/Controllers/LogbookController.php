<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\View\Workshop\LogbookPage;
use Illuminate\Http\Request;
use Illuminate\View\View;

/** Every bike that was given out. */
class LogbookController extends Controller
{
    public function __invoke(Request $request): View
    {
        return view(
            'logbook',
            ['page' => new LogbookPage($this->user(), $request->query('find'), $request->query('like'), $request->query('from'))],
        );
    }
}
