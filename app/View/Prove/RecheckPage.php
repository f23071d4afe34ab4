<?php

declare(strict_types=1);

namespace App\View\Prove;

use App\Bench\Departure;
use App\Models\Recheck;
use App\Models\Sheet;
use App\Models\Stage;
use App\View\Job\JobPage;
use Illuminate\Support\Collection;
use NeatSpindle\Core\Whole\Prove\Found;
use NeatSpindle\Core\Whole\Prove\RecheckPlan;

/** What a bike was found like each time it came back. */
class RecheckPage extends JobPage
{
    public function stage(): Stage
    {
        return Stage::Prove;
    }

    public function isOut(): bool
    {
        return $this->job->handed_over_at !== null;
    }

    public function plan(): RecheckPlan
    {
        return $this->opened->the(Departure::class)->plan;
    }

    /** What a thing was torqued to when it was built; null where that went by hand, or is none. */
    public function given(string $code): ?string
    {
        $nm = $this->opened->records->at(Sheet::Build, $code)?->torque_nm;

        return $nm === null ? null : $this->torqueUnit->show($nm);
    }

    public function hasTorque(string $code): bool
    {
        return ! isset(RecheckPlan::BESIDE[$code]);
    }

    /** @return Collection<int, Recheck> the latest first */
    public function rechecks(): Collection
    {
        return $this->job->loadMissing(['rechecks.items', 'rechecks.user'])->rechecks->reverse()->values();
    }

    /** @return array<string, array{Found, int}> */
    public function findings(): array
    {
        return RecheckPlan::findings(array_values($this->job->loadMissing('rechecks.items')->rechecks->map(fn (Recheck $one) => $one->found())->all()));
    }

    /** What was found or said the last time it came back, as work; null where it has not come back since it left, or nothing was bad. */
    public function work(): ?FoundWork
    {
        $last = $this->opened->the(Departure::class)->recheck;

        return $last === null ? null : FoundWork::of($this->opened, $last);
    }
}
