<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Catalogue\ReadCatalogueIn;
use App\Assembly\KnownParts;
use App\Documents\CatalogueDocument;
use App\Http\Downloads\JsonDownload;
use App\Http\Requests\ImportCatalogueRequest;
use App\Models\Workshop;
use App\View\Workshop\CataloguePage;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;

class CatalogueController extends Controller
{
    public function show(Request $request): View
    {
        return view('catalogue', ['page' => new CataloguePage(
            $this->workshop(), KnownParts::of($this->user()->workshop_id), $request->query('find'),
        )]);
    }

    public function json(): JsonResponse
    {
        return JsonDownload::of(CatalogueDocument::write($this->workshop()->load('spacers', 'measuredParts')), 'catalogue');
    }

    public function readIn(ImportCatalogueRequest $request, ReadCatalogueIn $read): RedirectResponse
    {
        $read = $read($this->user(), $request->document(), $request->seen());

        return redirect()->route('catalogue')->with(
            'kept', "{$read['motors']} motors, {$read['rings']} rings, {$read['spacers']} spacer rows, {$read['inserts']} inserts, "
                ."{$read['spiders']} spiders, {$read['packs']} batteries",
        );
    }

    private function workshop(): Workshop
    {
        return Workshop::query()->with(Workshop::CATALOGUE)->findOrFail($this->user()->workshop_id);
    }
}
