<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Calendar\KeepHours;
use App\Actions\Calendar\KeepSkill;
use App\Http\Requests\HoursRequest;
use App\Http\Requests\SkillRequest;
use App\View\Calendar\HoursPage;
use Illuminate\Http\RedirectResponse;
use Illuminate\View\View;

class HoursController extends Controller
{
    public function show(): View
    {
        return view('hours', ['page' => new HoursPage($this->user())]);
    }

    public function keep(HoursRequest $request, KeepHours $keep): RedirectResponse
    {
        $keep($this->user(), $request->hours(), $request->zone(), $request->stands(), $request->seen());

        return redirect()->route('calendar.hours')->with('kept', 'Kept.');
    }

    public function skill(SkillRequest $request, KeepSkill $keep): RedirectResponse
    {
        $keep($this->user(), $request->seen(), $request->was(), $request->skill());

        return redirect()->to(route('calendar.hours').'#skills')->with('kept', $request->skill() === null ? 'Dropped.' : 'Kept.');
    }
}
