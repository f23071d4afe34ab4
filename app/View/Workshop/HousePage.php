<?php

declare(strict_types=1);

namespace App\View\Workshop;

use App\Bench\HouseEffects;
use App\Bench\OpenJob;
use App\Models\HouseRule;
use App\Models\Job;
use App\Models\User;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;
use NeatSpindle\Core\Ground\House\HouseRules;
use NeatSpindle\Core\Ground\House\Question;
use NeatSpindle\Core\Ground\House\School;

use function is_numeric;

/** The rules of a workshop, and what another answer would change on the sheet of a bike that is looked at beside them. */
class HousePage
{
    /** So many jobs may be looked at beside the rules, the latest ones. */
    private const JOBS = 12;

    public readonly HouseRules $house;

    /** @var Collection<int, HouseRule> everything that was ever answered, the latest first */
    private readonly Collection $answers;

    private ?OpenJob $beside = null;

    /** @var Collection<int, Job>|null */
    private ?Collection $jobs = null;

    /** @param  mixed  $job  the number of the job to look at beside them */
    public function __construct(public readonly User $user, mixed $job = null)
    {
        $this->house = $user->workshop->house();
        $this->answers = HouseRule::query()->where('workshop_id', $user->workshop_id)->with('user')->latest('id')->get();
        $chosen = is_numeric($job) ? $this->jobs()->firstWhere('number', (int) $job) : $this->jobs()->first();
        $this->beside = $chosen === null ? null : OpenJob::of(Job::opened($chosen->id));
    }

    /** @return Collection<int, Job> jobs with a motor, the latest first */
    public function jobs(): Collection
    {
        return $this->jobs ??= Job::query()->where('workshop_id', $this->user->workshop_id)->with('bike')->whereNull('ended_at')
            ->whereHas('kit', fn (Builder $kit) => $kit->whereNotNull('motor_id')->whereNotNull('ring_id'))->latest('id')->limit(self::JOBS)->get();
    }

    public function beside(): ?Job
    {
        return $this->beside?->job;
    }

    public function mayChoose(): bool
    {
        return $this->user->can('setHouse', $this->user->workshop);
    }

    /** The answer that stands; null where nobody chose and the default holds. */
    public function answer(Question $question): ?HouseRule
    {
        return $this->answers->first(fn (HouseRule $rule) => $rule->question === $question && $rule->superseded_at === null);
    }

    /** @return Collection<int, HouseRule> what stood before */
    public function earlier(Question $question): Collection
    {
        return $this->answers->filter(fn (HouseRule $rule) => $rule->question === $question && $rule->superseded_at !== null)->values();
    }

    /** @return list<string>|null what would read differently on the sheet looked at; null while that has none */
    public function effect(School $school): ?array
    {
        return $this->beside?->the(HouseEffects::class)->changes($school);
    }
}
