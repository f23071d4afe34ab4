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
    /** @var array<string, string>|null */
    private ?array $last = null;

    public function stage(): Stage
    {
        return Stage::Prove;
    }

    public function stands(SettingName $name): ?Setting
    {
        return $this->opened->the(LineWatch::class)->settings->get($name->value);
    }

    /** What stands in a field that nobody filled yet, to be looked at and kept; null where there is nothing to go by. */
    public function offered(SettingName $name): ?OfferedSetting
    {
        $wheel = $this->opened->findings->mm(Spot::Wheel);
        $last = $this->lastOnSuchAMotor()[$name->value] ?? null;

        return match (true) {
            $name === SettingName::Wheel => $wheel === null ? null : new OfferedSetting((string) round($wheel), 'as it was measured'),
            $last !== null => new OfferedSetting($last, 'as on the last bike with this motor'),
            default => null,
        };
    }

    /** @return array<string, string> what was set on the last bike of this workshop with the same motor, by the setting's code */
    private function lastOnSuchAMotor(): array
    {
        return $this->last ??= Setting::lastWith($this->job);
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
