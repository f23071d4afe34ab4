<?php

declare(strict_types=1);

namespace App\View\Survey;

use App\Bench\Braked;
use App\Bench\Lacking;
use App\Bench\OpenJob;
use App\Bench\StripProgress;
use App\Models\Condition;
use App\Models\Stage;
use App\View\Job\JobPage;
use Illuminate\Support\Collection;
use NeatSpindle\Core\Measuring\Survey\Subject;

use function count;
use function is_string;

class ConditionPage extends JobPage
{
    public readonly Subject $subject;

    /** @var Collection<array-key, Collection<int, Condition>> by subject */
    private readonly Collection $conditions;

    public function __construct(OpenJob $opened, mixed $asked)
    {
        parent::__construct($opened);
        $this->conditions = Condition::query()->where('job_id', $this->job->id)->standing()->with(['user', 'liftedBy'])->get()
            ->toBase()->groupBy(fn (Condition $condition) => $condition->subject->value);
        $this->subject = (is_string($asked) ? Subject::tryFrom($asked) : null) ?? $this->firstOpen();
    }

    public function stage(): Stage
    {
        return Stage::Survey;
    }

    /** @return list<Subject> */
    public function subjects(): array
    {
        return Subject::on($this->job->bike->kind, $this->job->bike->frame_material);
    }

    /** The worst that stands of a subject: a stop, else what was found last; null where nobody has looked. */
    public function at(Subject $subject): ?Condition
    {
        return $this->all($subject)->first(fn (Condition $condition) => $condition->isStop()) ?? $this->all($subject)->last();
    }

    /** @return Collection<int, Condition> all that stands of a subject: mostly one, several where more than one thing stops the job */
    public function all(Subject $subject): Collection
    {
        return $this->conditions->get($subject->value) ?? new Collection;
    }

    public function lookedAt(): int
    {
        return count($this->subjects()) - count($this->unseen());
    }

    /** @return list<Subject> what nobody has looked at */
    public function unseen(): array
    {
        return Lacking::unseen($this->job);
    }

    /** @return array{string, string} the address where it goes on from here, and what is done there */
    public function next(): array
    {
        $isMeasuring = ! StripProgress::isDone($this->opened) && $this->opened->walk()->next() !== null;

        return $isMeasuring && ! $this->opened->isKitChosen() ? [route('job.survey', $this->job), 'Go on measuring'] : $this->goesOn();
    }

    /** What the brakes are estimated to do with the motor, where they are looked at; null elsewhere. */
    public function brakes(): ?BrakesShown
    {
        return $this->subject === Subject::BrakesEnough ? new BrakesShown($this->opened->the(Braked::class)) : null;
    }

    private function firstOpen(): Subject
    {
        foreach ($this->subjects() as $subject) {
            if ($this->at($subject) === null) {
                return $subject;
            }
        }

        return Subject::Frame;
    }
}
