<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Prove\GiveSheetAddress;
use App\Actions\Prove\RevokeSheetAddress;
use App\Documents\HandOverDocument;
use App\Http\Requests\SheetAddressRequest;
use App\Models\Job;
use App\Models\SheetAddress;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Auth;
use Illuminate\View\View;

/** Private addresses of a hand-over sheet, and the sheet as it is seen there. */
class SheetAddressController extends Controller
{
    public function give(SheetAddressRequest $request, Job $job, GiveSheetAddress $give): RedirectResponse
    {
        $give($job, $this->user(), $request->days());

        return redirect()->route('job.hand-over', $job);
    }

    public function revoke(Job $job, SheetAddress $sheetAddress, RevokeSheetAddress $revoke): RedirectResponse
    {
        $revoke($job, $this->user(), $sheetAddress);

        return redirect()->route('job.hand-over', $job);
    }

    /** Whoever opens it is nobody here, signed in or not: there is this sheet and nothing behind it. */
    public function show(int $address): View
    {
        Auth::forgetUser();
        $given = SheetAddress::query()->opening()->findOrFail($address);

        return view('sheet', ['sheet' => HandOverDocument::given($given) ?? abort(404)]);
    }
}
