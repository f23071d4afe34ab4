<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Archive\ReadArchiveIn;
use App\Documents\Archive\ArchiveFile;
use App\Documents\Archive\ArchiveWriter;
use App\Documents\UploadStash;
use App\Http\Requests\ReadArchiveRequest;
use App\View\Workshop\ArchivePage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

use function sys_get_temp_dir;
use function tempnam;

/** A whole workshop, out and in. */
class ArchiveController extends Controller
{
    /** A large one takes its time. */
    private const SECONDS = 600;

    public function show(Request $request): View
    {
        $this->authorize('setHouse', $this->user()->workshop);

        return view('archive', ['page' => new ArchivePage($this->user(), $request->query('look'))]);
    }

    public function out(): BinaryFileResponse
    {
        $this->authorize('setHouse', $this->user()->workshop);
        set_time_limit(self::SECONDS);
        $path = (string) tempnam(sys_get_temp_dir(), 'archive');
        ArchiveWriter::write($this->user()->workshop_id, $path);

        return response()->download($path, 'workshop-'.now()->format('Y-m-d').'.zip', ['Content-Type' => 'application/zip'])
            ->deleteFileAfterSend();
    }

    /** Puts it aside, so that what is in it can be looked at before any of it is kept. */
    public function look(ReadArchiveRequest $request): RedirectResponse
    {
        $this->authorize('setHouse', $this->user()->workshop);

        return redirect()->route('archive', ['look' => (new UploadStash($this->user(), 'archives'))->putFile($request->archive())]);
    }

    public function in(ReadArchiveRequest $request, ReadArchiveIn $read): RedirectResponse
    {
        set_time_limit(self::SECONDS);
        $path = $request->stashedPath() ?? abort(404);
        $read(ArchiveFile::open($path), $this->user());

        return redirect()->route('bench')->with('kept', 'The whole workshop is here.');
    }
}
