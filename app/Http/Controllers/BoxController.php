<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Kit\NoteBoxPiece;
use App\Http\Requests\BoxRequest;
use App\Models\Job;
use App\View\Build\BoxPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\View\View;

/** What is in the motor's box. */
class BoxController extends Controller
{
    public function show(Job $job): View
    {
        return view('job.box', ['page' => new BoxPage($this->open($job))]);
    }

    public function note(BoxRequest $request, Job $job, NoteBoxPiece $note): RedirectResponse
    {
        $note($job, $this->user(), $request->position(), $request->state(), $request->note(), $request->seen());

        return redirect()->route('job.box', $job);
    }
}
