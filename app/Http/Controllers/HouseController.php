<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\House\ChooseSchool;
use App\Documents\HouseTable;
use App\Http\Downloads\CsvDownload;
use App\Http\Requests\SchoolRequest;
use App\View\Workshop\HousePage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\View\View;

/** How a workshop goes about what good installers do differently. */
class HouseController extends Controller
{
    public function show(Request $request): View
    {
        return view('house', ['page' => new HousePage($this->user(), $request->query('job'))]);
    }

    public function choose(SchoolRequest $request, ChooseSchool $choose): RedirectResponse
    {
        $choose($this->user(), $request->school(), $request->why(), $request->seen());

        return redirect()->to(route('house', $request->only('job')).'#'.$request->school()->question()->value);
    }

    public function csv(): Response
    {
        return CsvDownload::of(HouseTable::of($this->user()->workshop_id, $this->user()->workshop->house()), 'rules');
    }
}
