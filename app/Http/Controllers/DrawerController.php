<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\CsvTable;
use App\Documents\DrawerTable;
use App\Http\Requests\AddSpacerRequest;
use App\Http\Requests\CountSpacerRequest;
use App\Http\Requests\ImportDrawerRequest;
use App\Models\Spacer;
use App\View\DrawerPage;
use App\View\MissingPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\View\View;

class DrawerController extends Controller
{
    public function index(): View
    {
        return view('drawer', ['page' => new DrawerPage($this->user())]);
    }

    /** What all open jobs together lack. */
    public function missing(): View
    {
        return view('missing', ['page' => new MissingPage($this->user())]);
    }

    public function missingCsv(): Response
    {
        return CsvTable::download((new MissingPage($this->user()))->table(), 'missing.csv');
    }

    public function export(): Response
    {
        return response(DrawerTable::write((new DrawerPage($this->user()))->spacers()), 200, [
            'Content-Type' => 'text/csv; charset=UTF-8', 'Content-Disposition' => 'attachment; filename="drawer.csv"',
        ]);
    }

    public function import(ImportDrawerRequest $request): RedirectResponse
    {
        return redirect()->route('drawer')->with('kept', "{$request->keep()} rows were read in.");
    }

    public function store(AddSpacerRequest $request): RedirectResponse
    {
        $request->keep();

        return redirect()->route('drawer')->with('kept', 'The new kind is in the drawer.');
    }

    public function count(CountSpacerRequest $request, Spacer $spacer): RedirectResponse
    {
        abort_unless($spacer->workshop_id === $this->user()->workshop_id, 404);
        $spacer->update($request->safe(['quantity', 'lies_in']));

        return redirect()->route('drawer');
    }
}
