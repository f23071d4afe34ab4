<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\People\ChangePerson;
use App\Actions\People\InvitePerson;
use App\Actions\People\ShutOut;
use App\Documents\PeopleTable;
use App\Http\Downloads\CsvDownload;
use App\Http\Requests\InviteRequest;
use App\Http\Requests\PersonRequest;
use App\Models\User;
use App\View\Workshop\PeoplePage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\View\View;

class PeopleController extends Controller
{
    public function show(Request $request): View
    {
        return view('people', ['page' => new PeoplePage($this->user(), $request->query('find'))]);
    }

    public function invite(InviteRequest $request, InvitePerson $invite): RedirectResponse
    {
        $person = $invite($this->user(), $request->name(), $request->email(), $request->role());

        return redirect()->route('people')->with('kept', "{$person->name} is in, and a letter is on its way to {$person->email}.");
    }

    public function change(PersonRequest $request, User $user, ChangePerson $change): RedirectResponse
    {
        $change($this->user(), $user, $request->name(), $request->role(), $request->seen());

        return redirect()->route('people')->with('kept', "{$request->name()} is kept.");
    }

    public function access(Request $request, User $user, ShutOut $shutOut): RedirectResponse
    {
        $shutOut($this->user(), $user, $request->boolean('out'));

        return redirect()->route('people')->with(
            'kept', $user->isShutOut() ? "{$user->name} is shut out, everywhere." : "{$user->name} may come in again.",
        );
    }

    public function csv(): Response
    {
        return CsvDownload::of(PeopleTable::of($this->user()->workshop_id), 'people');
    }
}
