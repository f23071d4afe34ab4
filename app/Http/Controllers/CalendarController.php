<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Calendar\NoteAbsence;
use App\Actions\Calendar\PlanJob;
use App\Actions\Calendar\TakeAbsenceBack;
use App\Documents\DatesTable;
use App\Http\Downloads\CsvDownload;
use App\Http\Requests\AbsenceRequest;
use App\Http\Requests\PlanJobRequest;
use App\Models\Job;
use App\View\Calendar\CalendarPage;
use App\View\Calendar\Newcomer;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\View\View;

class CalendarController extends Controller
{
    public function show(Request $request): View
    {
        $asked = Newcomer::asked($request->query('kind'), $request->query('motor'), $request->query('parts'));

        return view('calendar', ['page' => new CalendarPage(
            $this->user(), $request->query('week'), day: $request->query('day'), asked: $asked,
            changing: $request->integer('change'), isAll: $request->boolean('all'),
        )]);
    }

    public function csv(): Response
    {
        return CsvDownload::of(DatesTable::of($this->user()->workshop), 'dates');
    }

    /** What would move, before it is kept. */
    public function tryJob(PlanJobRequest $request, Job $job): View
    {
        return view('calendar-tried', [
            'page' => new CalendarPage($this->user(), $request->input('week'), $request->whatIf(), $job),
            'fields' => $request->validated(), 'keep' => route('calendar.job', $job),
        ]);
    }

    public function keepJob(PlanJobRequest $request, Job $job, PlanJob $plan): RedirectResponse
    {
        $plan($job, $this->user(), $request->seen(), $request->plan());

        return redirect()->route('calendar', ['week' => $request->input('week')])->with('kept', "Kept for {$job->number}.");
    }

    public function tryAbsence(AbsenceRequest $request): View
    {
        return view('calendar-tried', [
            'page' => new CalendarPage($this->user(), $request->input('week'), $request->whatIf()),
            'fields' => $request->validated(), 'keep' => route('calendar.away'),
        ]);
    }

    public function keepAbsence(AbsenceRequest $request, NoteAbsence $note): RedirectResponse
    {
        $note($this->user(), $request->who(), $request->from(), $request->to());

        return redirect()->route('calendar', ['week' => $request->input('week')])->with('kept', 'Noted.');
    }

    public function takeAbsenceBack(int $absence, TakeAbsenceBack $take): RedirectResponse
    {
        $take($this->user(), $absence);

        return redirect()->route('calendar')->with('kept', 'Here after all.');
    }
}
