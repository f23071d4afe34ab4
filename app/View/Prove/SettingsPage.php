<?php

declare(strict_types=1);

namespace App\View\Prove;

use App\Bench\LineWatch;
use App\Models\Setting;
use App\Models\Stage;
use App\View\Job\JobPage;
use Illuminate\Support\Collection;
use NeatSpindle\Core\Measuring\Survey\Spot;
use NeatSpindle\Core\Whole\Prove\SettingName;

/** What is set in the display, and who changed what from what. */
class SettingsPage extends JobPage
{
    public function stage(): Stage
    {
        return Stage::Prove;
    }

    public function stands(SettingName $name): ?Setting
    {
        return $this->opened->the(LineWatch::class)->settings->get($name->value);
    }

    /** What is written in a field that nobody filled yet: the wheel as it was measured. */
    public function offered(SettingName $name): string
    {
        $wheel = $this->opened->findings->mm(Spot::Wheel);

        return $name === SettingName::Wheel && $wheel !== null ? (string) round($wheel) : '';
    }

    /** @return Collection<int, Setting> everything that was ever set, the latest first */
    public function log(): Collection
    {
        return $this->job->settingsLog()->get();
    }

    public function mayDecide(): bool
    {
        return $this->user()->can('decide', $this->job);
    }
}
