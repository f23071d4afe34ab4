<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Stock\AddStockItem;
use App\Actions\Stock\CountStock;
use App\Actions\Stock\KeepShelf;
use App\Actions\Stock\MoveStock;
use App\Documents\MovementsTable;
use App\Documents\StockTable;
use App\Http\Downloads\CsvDownload;
use App\Http\Requests\AddStockRequest;
use App\Http\Requests\CountStockRequest;
use App\Http\Requests\KeepShelfRequest;
use App\Http\Requests\MoveStockRequest;
use App\Models\StockRows;
use App\View\Workshop\StockPage;
use App\View\Workshop\StockRowPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\View\View;

class StockController extends Controller
{
    public function show(Request $request): View
    {
        return view('stock', ['page' => new StockPage($this->user(), $request->query('find'))]);
    }

    public function labels(Request $request): View
    {
        return view('labels', ['page' => new StockPage($this->user(), $request->query('find')), 'isEach' => $request->boolean('each')]);
    }

    public function csv(): Response
    {
        return CsvDownload::of(StockTable::rows((new StockPage($this->user()))->rows()), 'stock');
    }

    public function add(AddStockRequest $request, AddStockItem $add): RedirectResponse
    {
        $item = $add(
            $this->user(), $request->kind(), $request->string('name')->trim()->value(), $request->integer('count'), $request->more(),
        );

        return redirect()->route('stock')->with('kept', "{$item->name} is in the book.");
    }

    public function round(): View
    {
        return view('count', ['page' => new StockPage($this->user())]);
    }

    public function count(CountStockRequest $request, CountStock $count): RedirectResponse
    {
        $written = $count($this->user(), $request->counts(), $request->saw());

        return redirect()->route('stock.round')->with(
            'kept', $written === 0 ? 'All as it stood.' : "{$written} counted otherwise than they stood, and kept.",
        );
    }

    public function book(string $key): View
    {
        return view('stock-row', ['page' => new StockRowPage($this->user(), StockRows::find($key) ?? abort(404))]);
    }

    public function bookCsv(string $key): Response
    {
        return CsvDownload::of(MovementsTable::of(StockRows::find($key) ?? abort(404)), "book-{$key}");
    }

    public function move(MoveStockRequest $request, string $key, MoveStock $move): RedirectResponse
    {
        $move($this->user(), StockRows::find($key) ?? abort(404), $request->how(), $request->integer('count'), $request->job(),
            $request->string('note')->trim()->value() ?: null);

        return redirect()->route('stock.book', $key)->with('kept', 'It is in the book.');
    }

    public function shelf(KeepShelfRequest $request, string $key, KeepShelf $keep): RedirectResponse
    {
        $keep($this->user(), StockRows::find($key) ?? abort(404), $request->liesIn(), $request->minimum(), $request->seen(),
            $request->price());

        return redirect()->route('stock.book', $key)->with('kept', 'Kept.');
    }
}
