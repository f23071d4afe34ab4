<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Calendar\KeepContact;
use App\Actions\Calendar\NoteElsewhere;
use App\Actions\Calendar\TakeBackIn;
use App\Http\Requests\ContactRequest;
use App\Http\Requests\ElsewhereRequest;
use App\Models\Job;
use Illuminate\Http\RedirectResponse;

/** What of a job lies in other hands, and how the customer's are reached. */
class ElsewhereController extends Controller
{
    public function note(ElsewhereRequest $request, Job $job, NoteElsewhere $note): RedirectResponse
    {
        $note($job, $this->user(), $request->seen(), $request->kind(), $request->what(), $request->needed(), $request->backOn());

        return $this->toRow($job, "Noted for {$job->number}.");
    }

    public function back(Job $job, int $number, TakeBackIn $take): RedirectResponse
    {
        $take($job, $this->user(), $number);

        return $this->toRow($job, "Noted for {$job->number}.");
    }

    public function contact(ContactRequest $request, Job $job, KeepContact $keep): RedirectResponse
    {
        $keep($job, $this->user(), $request->seen(), $request->phone(), $request->email());

        return $this->toRow($job, "Kept for {$job->number}.");
    }

    private function toRow(Job $job, string $kept): RedirectResponse
    {
        return redirect()->to(route('calendar', ['change' => $job->number])."#dates-{$job->number}")->with('kept', $kept);
    }
}
