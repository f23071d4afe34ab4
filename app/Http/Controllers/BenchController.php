<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\View\Workshop\BenchPage;
use Illuminate\Http\Request;
use Illuminate\View\View;

class BenchController extends Controller
{
    public function __invoke(Request $request): View
    {
        return view(
            'bench', ['page' => new BenchPage($this->user(), $request->query('find'), $request->query('who'), $request->boolean('all'), $request->query('week') === 'this')],
        );
    }
}
