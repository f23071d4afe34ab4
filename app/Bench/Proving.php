<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Run;
use App\Models\Sheet;
use App\Models\Values\InOtherHands;
use NeatSpindle\Core\Fitting\Cockpit\BarSide;
use NeatSpindle\Core\Holding\Build\Asked;
use NeatSpindle\Core\Holding\Build\BuildStep;
use NeatSpindle\Core\Holding\Build\Hold;
use NeatSpindle\Core\Holding\Build\Lack;
use NeatSpindle\Core\Holding\Build\LackKind;
use NeatSpindle\Core\Holding\Build\PutRight;
use NeatSpindle\Core\Whole\Calendar\Elsewhere;
use NeatSpindle\Core\Whole\Calendar\ElsewhereKind;
use NeatSpindle\Core\Whole\Prove\Cause;
use NeatSpindle\Core\Whole\Prove\Check;
use NeatSpindle\Core\Whole\Prove\HandOver;
use NeatSpindle\Core\Whole\Prove\ProveFacts;
use NeatSpindle\Core\Whole\Prove\ProvePlan;
use NeatSpindle\Core\Whole\Prove\SettingName;
use NeatSpindle\Core\Whole\Worksheet\Answer;

use function array_filter;
use function array_map;
use function implode;
use function in_array;
use function lcfirst;
use function rtrim;
use function ucfirst;

/** What is proved of a bike before it leaves, and what still stands against that. */
final readonly class Proving implements FromJob
{
    /**
     * @param  list<string>  $right  codes of the checks that were right, and still stand
     * @param  ?Hold  $hold  why nothing may be proved now; null when nothing stands against that
     * @param  array<string, int>  $runs  numbers of the runs, by their names
     * @param  ?Hold  $beforeTheRide  what else comes before a ride; null when nothing does
     */
    private function __construct(
        public ProvePlan $plan, public HandOver $handOver, private array $right, private ?Hold $hold, private BuildState $build, private array $runs,
        private ?Hold $beforeTheRide,
    ) {}

    public static function of(OpenJob $open): static
    {
        $watch = $open->the(LineWatch::class);
        $build = $open->the(BuildState::class);
        $plan = ProvePlan::of($watch->facts->withRange(self::rangeKm($open)));
        $runs = $open->job->runs->mapWithKeys(fn (Run $run) => [$run->name => $run->position])->all();
        $right = $plan->standing(
            $open->records->done(Sheet::Prove), $open->records->done(Sheet::Build), $runs, self::askedOtherwise($plan, $open), array_keys($build->ticks->reopened),
        );
        $lacks = $open->the(Lacking::class)->open;
        $unclear = array_map(
            fn (Answer $answer) => new Hold(ucfirst($answer->concern->label()).": {$answer->why}", $answer->concern->putRight()),
            $open->the(Checks::class)->outlook?->standing() ?? [],
        );

        return new self(
            $plan,
            HandOver::of(
                Stop::of($open), $unclear, $build->sheet === null ? null : $build->open, $plan->open($right), $lacks,
                [...self::undecided($watch->facts), ...self::away($open->job->inOtherHands())],
            ),
            $right, self::hold(Stop::of($open), $build), $build, $runs, self::beforeTheRide($lacks),
        );
    }

    /**
     * Why a check may not be made now; null when it may.
     *
     * @param  list<string>  $besides codes of those that were right just before it
     */
    public function holdOn(Check $check, array $besides = []): ?Hold
    {
        return $this->hold ?? $this->plan->hold($check, [...$this->right, ...$besides])
            ?? ($check->chapter === Check::RIDE ? $this->beforeTheRide : null);
    }

    /** @return list<Check> what is looked at in one go, the check itself first */
    public function movement(Check $first): array
    {
        return $this->holdOn($first) === null ? $this->plan->movement($first, $this->right) : [$first];
    }

    /** Whether a check was right, and nothing it rests on was undone or done again since. */
    public function isRight(Check $check): bool
    {
        return in_array($check->code, $this->right, true);
    }

    /** The step of the build that cures a cause; null where this bike's sheet has none. */
    public function cure(Cause $cause): ?BuildStep
    {
        return $this->build->sheet?->step((string) $cause->stepWith($this->runs));
    }

    /** @return list<Check> those that are still to be made, or made again */
    public function openChecks(): array
    {
        return $this->plan->open($this->right);
    }

    /** How far the battery takes this load on the last road that was kept, in km; null where there is none, or it cannot be ridden. */
    private static function rangeKm(OpenJob $open): ?float
    {
        $road = $open->job->loadMissing('lastTrack')->lastTrack;
        $worksheet = $open->worksheet();
        if ($road === null || $worksheet === null) {
            return null;
        }

        $range = RoadRide::of($open, $worksheet, $road)?->range();

        return $range === null ? null : $range / 1000;
    }

    private static function hold(?Hold $stop, BuildState $build): ?Hold
    {
        return match (true) {
            $stop !== null => new Hold('The job is stopped: '.rtrim($stop->says, '.').'. Nothing is proved until the stop is lifted.', $stop->at),
            $build->sheet === null => new Hold(
                'There is nothing to prove yet: motor and ring are not chosen, or something is not measured.', PutRight::Choose,
            ),
            $build->open !== [] => new Hold(
                "The build comes first: “{$build->open[0]->title}” is not done.", PutRight::Step, $build->open[0]->code,
            ),
            default => null,
        };
    }

    /** @param  list<Lack>  $lacks */
    private static function beforeTheRide(array $lacks): ?Hold
    {
        $condition = array_values(array_filter($lacks, fn (Lack $lack) => $lack->kind === LackKind::Condition))[0] ?? null;

        return $condition === null ? null : new Hold("{$condition->says} That comes before the first ride: see Condition.", PutRight::Condition);
    }

    /** @return list<string> codes of the checks that were right, and would be asked otherwise now */
    private static function askedOtherwise(ProvePlan $plan, OpenJob $open): array
    {
        $isOther = function (Check $check) use ($open): bool {
            $record = $open->records->at(Sheet::Prove, $check->code);

            return $record !== null && $check->isAskedOtherwise(Asked::read($record->asked), $record->figure);
        };

        return array_column(array_filter($plan->checks, $isOther), 'code');
    }

    /** @return list<Hold> what nobody has said to be back */
    private static function away(InOtherHands $hands): array
    {
        return array_values(array_map(
            fn (Elsewhere $one) => new Hold(
                "{$one->label()}. Say in the calendar when ".($one->kind === ElsewhereKind::Shop ? 'it is back.' : 'there is an answer.'), PutRight::OtherHands,
            ), $hands->open(),
        ));
    }

    /** @return list<Hold> what somebody still has to say by name */
    private static function undecided(ProveFacts $facts): array
    {
        $names = implode(', ', array_map(fn (SettingName $name) => lcfirst($name->label()), $facts->unwritten()));

        return [
            ...array_map(
                fn (BarSide $side) => new Hold("Brake sensor, {$side->value}: fitted or left off, nobody has decided.", PutRight::Sensors),
                $facts->brakes->open(),
            ),
            ...($names === '' ? [] : [new Hold("Settings not written down: {$names}.", PutRight::Settings)]),
        ];
    }
}
