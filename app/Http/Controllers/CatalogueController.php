<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\CatalogueDocument;
use App\Http\Requests\ImportCatalogueRequest;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\View\View;

class CatalogueController extends Controller
{
    public function index(): View
    {
        return view('catalogue', ['catalogue' => CatalogueDocument::of($this->user()->workshop_id)]);
    }

    public function export(): JsonResponse
    {
        return response()->json(CatalogueDocument::of($this->user()->workshop_id)->toArray(), 200, [
            'Content-Disposition' => 'attachment; filename="catalogue.json"',
        ], JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION);
    }

    public function import(ImportCatalogueRequest $request): RedirectResponse
    {
        return redirect()->route('catalogue')->with('kept', $request->import());
    }
}
