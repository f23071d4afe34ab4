<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Survey\CureObstacle;
use App\Actions\Survey\NoteObstacle;
use App\Http\Requests\CureRequest;
use App\Http\Requests\ObstacleRequest;
use App\Models\Job;
use App\Models\Obstacle;
use Illuminate\Http\RedirectResponse;

/** What stands out around the shell, where the motor's body goes. */
class ObstacleController extends Controller
{
    public function store(ObstacleRequest $request, Job $job, NoteObstacle $note): RedirectResponse
    {
        $note($job, $this->user(), $request->kind(), $request->height(), $request->angle());

        return $this->around($job);
    }

    public function cure(CureRequest $request, Job $job, Obstacle $obstacle, CureObstacle $cure): RedirectResponse
    {
        $cure($job, $this->user(), $obstacle, $request->cure());

        return $this->around($job);
    }

    private function around(Job $job): RedirectResponse
    {
        return redirect()->to(route('job.strip', [$job, 'around' => 1]));
    }
}
