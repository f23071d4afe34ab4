<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Catalogue\BeginPart;
use App\Actions\Catalogue\DropPart;
use App\Actions\Catalogue\KeepPart;
use App\Documents\PartsTable;
use App\Http\Downloads\CsvDownload;
use App\Http\Requests\BeginPartRequest;
use App\Http\Requests\DrawPartRequest;
use App\Http\Requests\PartRequest;
use App\Models\MeasuredPart;
use App\View\Workshop\PartPage;
use App\View\Workshop\PartsPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\View\View;

use function count;

class MeasuredPartController extends Controller
{
    public function index(): View
    {
        return view('parts', ['page' => new PartsPage($this->user())]);
    }

    public function begin(BeginPartRequest $request, BeginPart $begin): RedirectResponse
    {
        return redirect()->route('part', $begin($this->user(), $request->kind()));
    }

    public function show(MeasuredPart $part): View
    {
        return view('part', ['page' => new PartPage($this->user(), $part)]);
    }

    public function keep(PartRequest $request, MeasuredPart $part, KeepPart $keep): RedirectResponse
    {
        $kept = $keep($this->user(), $part, $request->values(), $request->seen());
        $missing = count($kept->part()->missing());

        return redirect()->route('part', $part)->with(
            'kept', $missing === 0 ? 'It stands in the catalogue now, marked as measured here.' : "Kept. {$missing} more figures, and it can be tried in a bike.",
        );
    }

    public function drop(MeasuredPart $part, DropPart $drop): RedirectResponse
    {
        $drop($this->user(), $part);

        return redirect()->route('parts')->with('kept', 'Dropped.');
    }

    /** As it looks with what is typed so far; nothing is kept. */
    public function drawing(DrawPartRequest $request, MeasuredPart $part): View
    {
        return view('components.part-drawing', ['page' => new PartPage($this->user(), $part, $request->values())]);
    }

    public function csv(): Response
    {
        return CsvDownload::of(PartsTable::of($this->user()->workshop_id), 'parts');
    }
}
