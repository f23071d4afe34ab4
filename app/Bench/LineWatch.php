<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Run;
use App\Models\Setting;
use Illuminate\Support\Collection;
use NeatSpindle\Core\Whole\Prove\Check;
use NeatSpindle\Core\Whole\Prove\DisplayLine;
use NeatSpindle\Core\Whole\Prove\LineLook;
use NeatSpindle\Core\Whole\Prove\Look;
use NeatSpindle\Core\Whole\Prove\ProveFacts;
use NeatSpindle\Core\Whole\Prove\ProvePlan;
use NeatSpindle\Core\Whole\Prove\SettingName;

use function is_numeric;
use function round;

/** What the motor's line is held against while a bike is proved: what is fitted and what was set, without a sheet or a sum. */
final readonly class LineWatch implements FromJob
{
    /**
     * @param  Collection<array-key, Setting>  $settings  what stands set, by name
     * @param  ProveFacts  $facts  without the road's range, which no line speaks of
     */
    private function __construct(public Collection $settings, public ProveFacts $facts) {}

    public static function of(OpenJob $open): static
    {
        $settings = $open->job->settings->keyBy(fn (Setting $setting) => $setting->name->value);
        $fitting = $open->the(FittingOut::class);
        $value = fn (SettingName $name): ?string => $settings->get($name->value)?->value;
        $figure = fn (SettingName $name): ?float => is_numeric($value($name)) ? (float) $value($name) : null;
        $wheel = $figure(SettingName::Wheel);
        $atZero = $value(SettingName::ThrottleAtZero);

        return new self($settings, new ProveFacts(
            $fitting->brakeCut(),
            $fitting->hasThrottle,
            $fitting->sensors->hasGearSensor,
            $open->job->runs->contains(fn (Run $run) => $run->toLay()->feedsALamp()),
            $figure(SettingName::CutOff),
            $fitting->pack->volts ?? $open->motor()?->volts(),
            $atZero === null ? null : $atZero === 'works',
            $wheel === null ? null : (int) round($wheel),
            settings: $settings->mapWithKeys(fn (Setting $setting) => [$setting->name->value => $setting->name->says($setting->value)])->all(),
            pack: $fitting->pack?->code,
            isSeatedLow: $open->job->bike->kind->standsByItself(),
        ));
    }

    /** The check with this code; null where this bike gets none. */
    public function check(string $code): ?Check
    {
        return ProvePlan::of($this->facts)->check($code);
    }

    /** What the motor's line says about a check just now; null where it says nothing about it. */
    public function lookAt(Check $check, DisplayLine $line): ?Look
    {
        return (new LineLook($this->facts))->at($check, $line);
    }
}
