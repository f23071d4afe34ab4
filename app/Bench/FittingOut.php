<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Decision;
use App\Models\Values\BatteryWish;
use App\Models\Values\CockpitWish;
use NeatSpindle\Core\Battery\PackPapers;
use NeatSpindle\Core\Battery\PackQuestion;
use NeatSpindle\Core\Battery\PackSite;
use NeatSpindle\Core\Battery\PackTrial;
use NeatSpindle\Core\Battery\Room;
use NeatSpindle\Core\Cockpit\BarSide;
use NeatSpindle\Core\Cockpit\Cockpit;
use NeatSpindle\Core\Cockpit\FixtureKind;
use NeatSpindle\Core\Margin\Verdict;
use NeatSpindle\Core\Sensor\BrakeCut;
use NeatSpindle\Core\Sensor\BrakeSensing;
use NeatSpindle\Core\Sensor\SensorPlan;
use NeatSpindle\Core\Survey\Spot;
use NeatSpindle\Core\Worksheet\Answer;
use NeatSpindle\Core\Worksheet\Concern;

use function in_array;
use function strlen;

/** What is fitted beside the motor: its battery, what goes on the bar, its sensors; and what of that stands against the job. */
class FittingOut
{
    /** A decision about a side's brake sensor is called so, with the side's code after it. */
    public const BRAKE_SENSOR = 'brake-sensor-';

    public const GEAR_SENSOR = 'gear-sensor';

    public function __construct(private readonly OpenJob $open) {}

    public function batteryWish(): BatteryWish
    {
        return $this->open->job->kit->battery ?? new BatteryWish;
    }

    /** The battery that was chosen; null while none is, or where the catalogue has it no more. */
    public function pack(): ?PackPapers
    {
        return $this->open->catalogue->parts->packs[$this->batteryWish()->pack ?? ''] ?? null;
    }

    /** The triangle inside the tubes; null while not all three sides are measured. */
    public function room(): ?Room
    {
        $findings = $this->open->findings;
        [$base, $front, $rear] = [$findings->measurement(Spot::RoomBase), $findings->measurement(Spot::RoomFront), $findings->measurement(Spot::RoomRear)];

        return $base === null || $front === null || $rear === null ? null : new Room($base, $front, $rear);
    }

    /** The chosen battery where it was chosen to sit; null while nothing is. */
    public function trial(): ?PackTrial
    {
        [$pack, $site] = [$this->pack(), $this->batteryWish()->site];

        return $pack === null || $site === null ? null : $this->trialOf($pack, $site);
    }

    /** Whether the chosen battery goes into the triangle, as a document asks it; null where it shall sit elsewhere, or that is not measured. */
    public function packQuestion(): ?PackQuestion
    {
        [$pack, $room] = [$this->pack(), $this->room()];

        return $pack === null || $room === null || $this->batteryWish()->site !== PackSite::Triangle ? null : new PackQuestion($room->triangle(), $pack->box());
    }

    public function trialOf(PackPapers $pack, PackSite $site): PackTrial
    {
        $motor = $this->open->motor();

        return PackTrial::of(
            $pack, $this->batteryWish()->settingAt($site), $this->open->job->bike->frame_material,
            $this->room(), $motor?->papers->voltage, $motor?->papers->mostAmps,
        );
    }

    public function cockpitWish(): CockpitWish
    {
        return $this->open->job->kit->cockpit ?? CockpitWish::usual();
    }

    public function cockpit(): Cockpit
    {
        $findings = $this->open->findings;
        $wish = $this->cockpitWish();

        return Cockpit::of(
            $wish->fixtures, $findings->measurement(Spot::BarLeft), $findings->measurement(Spot::BarRight),
            $findings->measurement(Spot::BarDiameter), $wish->displayBore,
        );
    }

    public function hasThrottle(): bool
    {
        return $this->cockpit()->has(FixtureKind::Throttle) || $this->open->job->loadMissing('runs')->runs->contains('name', 'throttle');
    }

    public function brakeCut(): BrakeCut
    {
        [$decided, $allowed] = [[], []];
        foreach ($this->open->job->decisions as $decision) {
            $side = str_starts_with($decision->about, self::BRAKE_SENSOR) ? substr($decision->about, strlen(self::BRAKE_SENSOR)) : '';
            $sensing = BrakeSensing::tryFrom($decision->choice);
            if ($side !== '' && $sensing !== null) {
                $decided[$side] = $sensing;
                $decision->allowed_at === null ?: $allowed[] = $side;
            }
        }

        return new BrakeCut($decided, $allowed, in_array(BrakeSensing::LeftOff, $decided, true) && $this->hasThrottle());
    }

    public function decision(string $about): ?Decision
    {
        return $this->open->job->decisions->firstWhere('about', $about);
    }

    public function sensors(): SensorPlan
    {
        return new SensorPlan(
            $this->brakeCut(), $this->decision(self::GEAR_SENSOR)?->choice === 'fitted',
            $this->open->motor()?->papers->speedSensor, $this->open->findings->measurement(Spot::SensorGap),
        );
    }

    /** What stops the job, in words; null when nothing of this does. */
    public function stop(): ?string
    {
        return $this->trial()?->stop() ?? $this->brakeCut()->stop();
    }

    /** @return list<Answer> what of it fails or stops, for the job's one verdict */
    public function answers(): array
    {
        $trial = $this->trial();
        $failing = $trial?->failing() ?? [];
        $bar = $this->cockpit()->objections();
        $brakes = $this->brakeCut()->stop();

        return array_values(array_filter([
            match (true) {
                $failing !== [] => Answer::that(Concern::Battery, Verdict::Fails, 'Battery: '.$failing[0]->says),
                $trial !== null && $trial->verdict() === null => Answer::open(
                    Concern::Battery, 'Battery: '.lcfirst($trial->open()[0]->label).' is open.',
                ),
                default => null,
            },
            $bar === [] ? null : Answer::that(Concern::Bar, Verdict::Fails, implode(' ', $bar)),
            $brakes === null ? null : Answer::that(Concern::Sensors, Verdict::Fails, $brakes),
            $this->leversThatDiffer() === [] ? null : Answer::that(Concern::Sensors, Verdict::Fails, implode(' ', $this->leversThatDiffer())),
        ]));
    }

    /** @return list<string> sensors that were decided on and do not go with the lever that is named now, in words */
    private function leversThatDiffer(): array
    {
        $objections = array_map(
            fn (BarSide $side) => $this->brakeCut()->of($side)?->objection($this->cockpit()->lever($side)), BarSide::cases(),
        );

        return array_values(array_filter($objections));
    }
}
