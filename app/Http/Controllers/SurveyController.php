<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangeJob;
use App\Actions\Survey\BringReadingBack;
use App\Actions\Survey\GiveAnswer;
use App\Actions\Survey\KeepReading;
use App\Actions\Survey\KeepRow;
use App\Actions\Survey\TakeBackReading;
use App\Bench\Doubtful;
use App\Bench\NextPlace;
use App\Http\Requests\AnswerRequest;
use App\Http\Requests\CaliperRequest;
use App\Http\Requests\ReadingRequest;
use App\Http\Requests\RowRequest;
use App\Models\Job;
use App\Models\Reading;
use App\View\Survey\SurveyPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;
use NeatSpindle\Core\Measuring\Survey\Spot;

class SurveyController extends Controller
{
    public function __construct(private readonly ChangeJob $change) {}

    public function show(Request $request, Job $job): View
    {
        return view('job.survey', ['page' => new SurveyPage($this->open($job), $request->query('spot'), $request->query('region'))]);
    }

    public function reading(ReadingRequest $request, Job $job, KeepReading $keep): RedirectResponse
    {
        $keep(
            $job, $this->user(), $request->spot(), $request->measurement(), $request->instrument(), $request->typed(),
            $request->isAfresh(), $request->isSure(),
        );

        return $this->after($job, $request->spot());
    }

    public function row(RowRequest $request, Job $job, KeepRow $keep): RedirectResponse
    {
        $keep($job, $this->user(), $request->row(), $request->lengthsMm(), $request->instrument(), $request->typed(), $request->isSure());

        return $this->after($job, $request->row()->spots[0]);
    }

    /** A caliper is pressed several times at one spot, so that one stays up. */
    public function caliper(CaliperRequest $request, Job $job, KeepReading $keep): RedirectResponse
    {
        $this->reading($request, $job, $keep);

        return $this->at($job, $request->spot())->with('kept', $request->spot()->value);
    }

    public function takeBack(Job $job, Reading $reading, TakeBackReading $takeBack): RedirectResponse
    {
        $takeBack($job, $this->user(), $reading);

        return $this->at($job, $reading->spot);
    }

    public function bringBack(Job $job, Reading $reading, BringReadingBack $bringBack): RedirectResponse
    {
        $bringBack($job, $this->user(), $reading);

        return $this->at($job, $reading->spot);
    }

    public function answer(AnswerRequest $request, Job $job, GiveAnswer $give): RedirectResponse
    {
        $give($job, $this->user(), $request->spot(), $request->answer(), $request->seen());

        return $request->string('back')->value() === 'stack'
            ? redirect()->route('job.stack', $job)
            : $this->after($job, $request->spot());
    }

    /** The next spot that is needed, with what was kept at the last; after a correction the next that is in doubt. */
    private function after(Job $job, Spot $spot): RedirectResponse
    {
        $next = $this->change->standing($job)->walk()->after($spot);

        return $next === null ? $this->afterTheLast($job, $spot) : $this->at($job, $next)->with('kept', $spot->value);
    }

    private function afterTheLast(Job $job, Spot $spot): RedirectResponse
    {
        $open = $this->change->standing($job);
        if ($open->walk()->need($spot) === null || Reading::isCorrected($job, $spot)) {
            return $this->at($job, $open->the(Doubtful::class)->after($spot) ?? $spot)->with('kept', $spot->value);
        }
        $place = NextPlace::of($open);

        return redirect()->route($place->route, $job)->with('arrived', $place->arrived);
    }

    private function at(Job $job, Spot $spot): RedirectResponse
    {
        return redirect()->route('job.survey', [$job, 'spot' => $spot->value]);
    }
}
