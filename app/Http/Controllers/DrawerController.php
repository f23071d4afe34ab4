<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Drawer\AddKind;
use App\Actions\Drawer\CountKind;
use App\Actions\Drawer\KeepNutSocket;
use App\Actions\Drawer\ReadDrawerIn;
use App\Actions\Drawer\RetireKind;
use App\Documents\DrawerTable;
use App\Http\Downloads\CsvDownload;
use App\Http\Requests\AddSpacerRequest;
use App\Http\Requests\CountSpacerRequest;
use App\Http\Requests\ImportDrawerRequest;
use App\Http\Requests\NutSocketRequest;
use App\Models\Spacer;
use App\View\Workshop\DrawerPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\View\View;

class DrawerController extends Controller
{
    public function show(Request $request): View
    {
        return view('drawer', ['page' => new DrawerPage($this->user(), $request->query('find'))]);
    }

    public function csv(): Response
    {
        return CsvDownload::text(DrawerTable::write((new DrawerPage($this->user()))->spacers()), 'drawer');
    }

    public function readIn(ImportDrawerRequest $request, ReadDrawerIn $read): RedirectResponse
    {
        return redirect()->route('drawer')->with('kept', "{$read($this->user(), $request->table(), $request->seen())} rows were read in.");
    }

    public function add(AddSpacerRequest $request, AddKind $add): RedirectResponse
    {
        $add($this->user(), $request->mm(), $request->integer('new_quantity'), $request->uses(), $request->liesIn());

        return redirect()->route('drawer')->with('kept', 'The new kind is in the drawer.');
    }

    public function count(CountSpacerRequest $request, Spacer $spacer, CountKind $count): RedirectResponse
    {
        $count($this->user(), $spacer, $request->seen(), $request->typed());

        return redirect()->route('drawer');
    }

    public function retire(Request $request, Spacer $spacer, RetireKind $retire): RedirectResponse
    {
        $retire($this->user(), $spacer, $request->boolean('out'));

        return redirect()->route('drawer');
    }

    public function socket(NutSocketRequest $request, KeepNutSocket $keep): RedirectResponse
    {
        $keep($this->user(), $request->socket(), $request->seen());

        return redirect()->route('drawer')->with('kept', 'The socket is kept.');
    }
}
