<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Downloads\CsvDownload;
use App\Http\Requests\ShouldHoldRequest;
use App\Ordering\DrawerShould;
use App\View\Workshop\ShouldHoldPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\View\View;

/** What a drawer should hold, by the jobs of the logbook. */
class ShouldHoldController extends Controller
{
    public function show(Request $request): View
    {
        return view('should-hold', ['page' => new ShouldHoldPage($this->user(), $request->query('percent'))]);
    }

    /** Works it out, which takes some seconds; nothing is changed by it. */
    public function work(ShouldHoldRequest $request): RedirectResponse
    {
        (new DrawerShould($this->user()->workshop, $request->percent()))->workOut();

        return redirect()->route('drawer.should', ['percent' => $request->percent()]);
    }

    public function csv(Request $request): Response
    {
        return CsvDownload::of((new ShouldHoldPage($this->user(), $request->query('percent')))->table(), 'should-hold');
    }
}
