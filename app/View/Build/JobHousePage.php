<?php

declare(strict_types=1);

namespace App\View\Build;

use App\Bench\HouseEffects;
use App\Bench\JobHouse;
use App\Bench\OpenJob;
use App\Models\Decision;
use App\Models\HouseRule;
use App\Models\Stage;
use App\Models\Values\About;
use App\Models\Values\AboutKind;
use App\View\Job\JobPage;
use Illuminate\Support\Collection;
use NeatSpindle\Core\Ground\House\HouseRules;
use NeatSpindle\Core\Ground\House\Question;
use NeatSpindle\Core\Ground\House\School;

/** The rules one job follows, where it departs from them, and what has changed in the house since it began. */
class JobHousePage extends JobPage
{
    public readonly HouseRules $house;

    /** @var Collection<int, HouseRule> */
    public readonly Collection $changed;

    public function __construct(OpenJob $opened)
    {
        parent::__construct($opened);
        $opened->job->decisions->loadMissing('user');
        $this->house = $opened->the(JobHouse::class)->rules;
        $this->changed = JobHouse::changedSince($opened->job);
    }

    public function stage(): Stage
    {
        return Stage::Build;
    }

    public function decision(Question $question): ?Decision
    {
        return $this->opened->decisions->about(About::departure($question));
    }

    /** How the workshop answers it now; null where that is what the job began with. */
    public function nowInTheHouse(Question $question): ?HouseRule
    {
        return $this->changed->first(fn (HouseRule $rule) => $rule->question === $question);
    }

    /** @return list<string>|null */
    public function effect(School $school): ?array
    {
        return $this->opened->the(HouseEffects::class)->changes($school);
    }

    /** @return list<Decision> what the customer insists on */
    public function insisted(): array
    {
        return array_values($this->opened->decisions->ofKind(AboutKind::Insistence));
    }
}
