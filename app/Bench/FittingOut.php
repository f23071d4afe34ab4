<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Decision;
use App\Models\Job;
use App\Models\Run;
use App\Models\Values\About;
use App\Models\Values\AboutKind;
use App\Models\Values\BatteryWish;
use App\Models\Values\CockpitWish;
use NeatSpindle\Core\Fitting\Battery\PackPapers;
use NeatSpindle\Core\Fitting\Battery\PackQuestion;
use NeatSpindle\Core\Fitting\Battery\PackSite;
use NeatSpindle\Core\Fitting\Battery\PackTrial;
use NeatSpindle\Core\Fitting\Battery\Room;
use NeatSpindle\Core\Fitting\Cockpit\BarSide;
use NeatSpindle\Core\Fitting\Cockpit\Cockpit;
use NeatSpindle\Core\Fitting\Cockpit\FixtureKind;
use NeatSpindle\Core\Fitting\Route\RunRole;
use NeatSpindle\Core\Fitting\Sensor\BrakeCut;
use NeatSpindle\Core\Fitting\Sensor\BrakeSensing;
use NeatSpindle\Core\Fitting\Sensor\GearSensing;
use NeatSpindle\Core\Fitting\Sensor\SensorPlan;
use NeatSpindle\Core\Fitting\Sensor\SpeedSite;
use NeatSpindle\Core\Measuring\Survey\Spot;
use NeatSpindle\Core\Sums\Margin\Verdict;
use NeatSpindle\Core\Whole\Worksheet\Answer;
use NeatSpindle\Core\Whole\Worksheet\Concern;

use function array_filter;
use function array_flip;
use function array_intersect_key;
use function array_map;
use function array_values;
use function implode;
use function in_array;
use function lcfirst;

/** What is fitted beside the motor: its battery, what goes on the bar, its sensors; and what of that stands against the job. */
final readonly class FittingOut implements FromJob
{
    /**
     * @param  ?PackPapers  $pack  the battery that was chosen; null while none is, or where the catalogue has it no more
     * @param  ?Room  $room  the triangle inside the tubes; null while it is not measured
     * @param  ?PackTrial  $trial  the chosen battery where it was chosen to sit; null while nothing is
     */
    private function __construct(
        public BatteryWish $batteryWish,
        public ?PackPapers $pack,
        public ?Room $room,
        public ?PackTrial $trial,
        public CockpitWish $cockpitWish,
        public Cockpit $cockpit,
        public bool $hasThrottle,
        public SensorPlan $sensors,
    ) {}

    public static function of(OpenJob $open): static
    {
        $wish = $open->job->kit->battery ?? new BatteryWish;
        $pack = $open->catalogue->parts->packs[$wish->pack ?? ''] ?? null;
        $trials = $open->the(PackTrials::class);
        $bar = $open->job->kit->cockpit ?? CockpitWish::usual();
        $cockpit = self::bar($open, $bar);
        $hasThrottle = $cockpit->has(FixtureKind::Throttle) || $open->job->runs->contains('role', RunRole::Throttle);

        return new self(
            $wish, $pack, $trials->room,
            $pack === null || $wish->site === null ? null : $trials->trial($pack, $wish->site),
            $bar, $cockpit, $hasThrottle,
            new SensorPlan(
                self::brakes($open->decisions->ofKind(AboutKind::BrakeSensor), $hasThrottle),
                $open->decisions->about(About::gearSensor())?->choice === GearSensing::Fitted->value,
                $open->motor()?->papers->speedSensor, $open->findings->measurement(Spot::SensorGap),
                SpeedSite::tryFrom($open->decisions->about(About::speedSensor())->choice ?? ''),
            ),
        );
    }

    private static function bar(OpenJob $open, CockpitWish $wish): Cockpit
    {
        $read = $open->findings->measurement(...);

        return Cockpit::of($wish->fixtures, $read(Spot::BarLeft), $read(Spot::BarRight), $read(Spot::BarDiameter), $wish->displayBore, $wish->displayAt);
    }

    /** @param  array<string, Decision>  $decisions  by side */
    private static function brakes(array $decisions, bool $hasThrottle): BrakeCut
    {
        $decided = array_filter(array_map(fn (Decision $decision) => BrakeSensing::tryFrom($decision->choice), $decisions));
        $allowed = array_filter($decisions, fn (Decision $decision) => $decision->allowed_at !== null);

        return new BrakeCut($decided, array_keys($allowed), in_array(BrakeSensing::LeftOff, $decided, true) && $hasThrottle);
    }

    /** @return array<string, float> how far it is along the bar to the joints in its middle from each thing there that a run goes from, in mm */
    public function onTheBar(Job $job): array
    {
        return array_intersect_key($this->cockpit->reaches(), array_flip($job->runs->map(fn (Run $run) => $run->from_place)->all()));
    }

    public function brakeCut(): BrakeCut
    {
        return $this->sensors->brakes;
    }

    /** Whether the chosen battery goes into the triangle, as a document asks it; null where it shall sit elsewhere, or that is not measured. */
    public function packQuestion(): ?PackQuestion
    {
        return $this->pack === null || $this->room === null || $this->batteryWish->site !== PackSite::Triangle
            ? null : new PackQuestion($this->room->triangle(), $this->pack->box());
    }

    /** What stops the job, in words; null when nothing of this does. */
    public function stop(): ?string
    {
        return $this->trial?->stop() ?? $this->brakeCut()->stop();
    }

    /** @return list<Answer> what of it fails or stops, for the job's one verdict */
    public function answers(): array
    {
        $bar = $this->cockpit->objections();
        $brakes = $this->brakeCut()->stop();
        $differing = $this->leversThatDiffer();

        return array_values(array_filter([
            $this->batteryAnswer(),
            $bar === [] ? null : Answer::that(Concern::Bar, Verdict::Fails, implode(' ', $bar)),
            $brakes === null ? null : Answer::that(Concern::Sensors, Verdict::Fails, $brakes),
            $differing === [] ? null : Answer::that(Concern::Sensors, Verdict::Fails, implode(' ', $differing)),
        ]));
    }

    private function batteryAnswer(): ?Answer
    {
        $failing = $this->trial?->failing() ?? [];

        return match (true) {
            $failing !== [] => Answer::that(Concern::Battery, Verdict::Fails, 'Battery: '.$failing[0]->says),
            $this->trial !== null && $this->trial->verdict() === null => Answer::open(
                Concern::Battery, 'Battery: '.lcfirst($this->trial->open()[0]->label).' is open.',
            ),
            default => null,
        };
    }

    /** @return list<string> sensors that were decided on and do not go with the lever that is named now, in words */
    private function leversThatDiffer(): array
    {
        $objections = array_map(
            fn (BarSide $side) => $this->brakeCut()->of($side)?->objection($this->cockpit->lever($side)), BarSide::cases(),
        );

        return array_values(array_filter($objections));
    }
}
