<?php

declare(strict_types=1);

namespace App\Bench;

use App\Assembly\RidingChoice;
use App\Models\HandOver as HandOverRow;
use App\Models\Recheck;
use App\Models\Run;
use App\Models\Setting;
use App\Models\StepState;
use Illuminate\Support\Collection;
use NeatSpindle\Core\Build\BuildStep;
use NeatSpindle\Core\Cockpit\BarSide;
use NeatSpindle\Core\Prove\Cause;
use NeatSpindle\Core\Prove\Check;
use NeatSpindle\Core\Prove\DisplayLine;
use NeatSpindle\Core\Prove\HandOver;
use NeatSpindle\Core\Prove\LineLook;
use NeatSpindle\Core\Prove\Look;
use NeatSpindle\Core\Prove\ProveFacts;
use NeatSpindle\Core\Prove\ProvePlan;
use NeatSpindle\Core\Prove\SettingName;
use NeatSpindle\Core\Ride\Ride;
use NeatSpindle\Core\Worksheet\Answer;

use function in_array;

/** What is proved of a bike before it leaves, and what still stands against that. */
class Proving
{
    public const SHEET = 'prove';

    /** Without these no bike leaves. */
    private const WRITTEN_DOWN = [SettingName::Units, SettingName::Wheel, SettingName::CutOff, SettingName::Levels];

    private ?ProvePlan $plan = null;

    private ?ProveFacts $facts = null;

    /** @var list<string>|null */
    private ?array $right = null;

    /** @var list<BuildStep>|null */
    private ?array $unbuilt = null;

    public function __construct(private readonly OpenJob $open) {}

    public function plan(): ProvePlan
    {
        return $this->plan ??= ProvePlan::of($this->facts());
    }

    /** What the motor's line says about a check just now; null where it says nothing about it. */
    public function lookAt(Check $check, DisplayLine $line): ?Look
    {
        return (new LineLook($this->facts()))->at($check, $line);
    }

    private function facts(): ProveFacts
    {
        return $this->facts ??= $this->factsNow();
    }

    /** How far the battery takes this load on the last road that was kept, in km; null where there is none, or it cannot be ridden. */
    private function rangeKm(): ?float
    {
        $road = $this->open->job->loadMissing('lastTrack')->lastTrack?->profile();
        $worksheet = $this->open->worksheet();
        $range = $road === null || $road->objection() !== null || $worksheet === null ? null : Ride::of(
            $road, $worksheet->job->kit->motor, $worksheet->gears, RidingChoice::of($this->open->job->kit, $this->open->job->bike->kind)->rider(),
        )->range();

        return $range === null ? null : $range / 1000;
    }

    private function factsNow(): ProveFacts
    {
        $wheel = $this->figure(SettingName::Wheel);
        $atZero = $this->settings()->get(SettingName::ThrottleAtZero->value)?->value;

        return new ProveFacts(
            $this->open->checks()->fittingOut()->brakeCut(),
            $this->open->checks()->fittingOut()->hasThrottle(),
            $this->open->checks()->fittingOut()->sensors()->hasGearSensor,
            $this->open->job->loadMissing('runs')->runs->contains(fn (Run $run) => str_contains($run->name, 'lamp')),
            $this->figure(SettingName::CutOff),
            $this->open->checks()->fittingOut()->pack()->volts ?? $this->open->motor()?->volts(),
            $atZero === null ? null : $atZero === 'works',
            $wheel === null ? null : (int) round($wheel),
            $this->rangeKm(),
        );
    }

    /** @return Collection<array-key, Setting> what stands set, by name */
    public function settings(): Collection
    {
        return $this->open->job->loadMissing('settingsLog')->settingsLog->whereNull('superseded_at')->reverse()->keyBy(fn (Setting $setting) => $setting->name->value);
    }

    public function handedOver(): ?HandOverRow
    {
        return $this->open->job->handed_over_at === null ? null : $this->open->job->loadMissing('handOvers')->handOvers->last();
    }

    /** The last time the bike came back since it was handed over; null while it has not. */
    public function nextRecheck(): ?Recheck
    {
        $since = $this->open->job->handed_over_at;

        return $since === null ? null : $this->open->job->loadMissing('rechecks')->rechecks->where('done_at', '>=', $since)->last();
    }

    /** Why a check may not be made now, in words; null when it may. */
    public function objection(Check $check): ?string
    {
        $stop = $this->open->stop();
        $unbuilt = $this->unbuilt();

        return match (true) {
            $stop !== null => 'The job is stopped: '.rtrim($stop, '.').'. Nothing is proved until the stop is lifted.',
            $unbuilt === null => 'There is nothing to prove yet: motor and ring are not chosen, or something is not measured.',
            $unbuilt !== [] => "The build comes first: “{$unbuilt[0]->title}” is not done.",
            default => $this->plan()->objection($check, $this->right()),
        };
    }

    /** The step of the build that cures a cause; null where this bike's sheet has none. */
    public function cure(Cause $cause): ?BuildStep
    {
        $runs = $this->open->job->loadMissing('runs')->runs->mapWithKeys(fn (Run $run) => [$run->name => $run->position])->all();

        return $this->open->buildSheet()?->step((string) $cause->stepWith($runs));
    }

    /** @return list<Check> those that are still to be made, or made again */
    public function openChecks(): array
    {
        return $this->plan()->open($this->right());
    }

    public function handOver(): HandOver
    {
        $unclear = array_map(
            fn (Answer $answer) => ucfirst($answer->concern->label()).": {$answer->why}", $this->open->checks()->outlook()?->standing() ?? [],
        );

        return HandOver::of($this->open->stop(), $unclear, $this->unbuilt(), $this->openChecks(), $this->undecided());
    }

    /** @return list<string> codes of the checks that were right */
    private function right(): array
    {
        return $this->right ??= array_values(
            $this->open->job->stepRecords->where('sheet', self::SHEET)->where('state', StepState::Done)->pluck('step')->all(),
        );
    }

    /** @return list<BuildStep>|null steps that are not done; null while there is no sheet */
    private function unbuilt(): ?array
    {
        return $this->unbuilt ??= $this->stepsNotDone();
    }

    /** @return list<BuildStep>|null */
    private function stepsNotDone(): ?array
    {
        $sheet = $this->open->buildSheet();
        $done = $this->open->job->stepRecords->where('sheet', 'build')->where('state', StepState::Done)->pluck('step')->all();

        return $sheet === null ? null : array_values(
            array_filter($sheet->steps, fn (BuildStep $step) => ! in_array($step->code, $done, true)),
        );
    }

    /** @return list<string> what somebody still has to say by name */
    private function undecided(): array
    {
        $missing = array_filter(self::WRITTEN_DOWN, fn (SettingName $name) => ! $this->settings()->has($name->value));
        $names = implode(', ', array_map(fn (SettingName $name) => lcfirst($name->label()), $missing));
        $open = $this->open->checks()->fittingOut()->brakeCut()->open();

        return [
            ...array_map(fn (BarSide $side) => "Brake sensor, {$side->value}: fitted or left off, nobody has decided.", $open),
            ...($missing === [] ? [] : ["Settings not written down: {$names}."]),
        ];
    }

    private function figure(SettingName $name): ?float
    {
        $value = $this->settings()->get($name->value)?->value;

        return is_numeric($value) ? (float) $value : null;
    }
}
