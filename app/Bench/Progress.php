<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Sheet;
use App\Models\Stage;
use App\Models\Values\InOtherHands;
use App\Models\WaitsFor;
use NeatSpindle\Core\Holding\Build\BuildStep;
use NeatSpindle\Core\Holding\Build\Lack;
use NeatSpindle\Core\Holding\Build\LackKind;
use NeatSpindle\Core\Holding\Build\PutRight;
use NeatSpindle\Core\Holding\Mount\Note;
use NeatSpindle\Core\Holding\Mount\Unsolved;
use NeatSpindle\Core\Holding\Reaction\Bracing;
use NeatSpindle\Core\Measuring\Survey\Sitting;
use NeatSpindle\Core\Measuring\Survey\Spot;
use NeatSpindle\Core\Sums\Margin\MarginName;
use NeatSpindle\Core\Sums\Margin\Verdict;
use NeatSpindle\Core\Whole\Calendar\WorkKind;
use NeatSpindle\Core\Whole\Prove\Check;

use function count;
use function in_array;

/** Where a job stands: what it waits for and the next thing to do. */
class Progress
{
    /** What is next where nothing stands against it. */
    private const HAND_OVER = 'Hand over';

    /** @param  ?PutRight  $at where it is done; null: at the place of its stage */
    private function __construct(
        public readonly Stage $stage,
        public readonly WaitsFor $waitsFor,
        public readonly string $next,
        private readonly ?WorkKind $work = null,
        public readonly ?PutRight $at = null,
    ) {}

    public static function of(OpenJob $open): self
    {
        $progress = self::handedOver($open) ?? self::stopped($open)
            ?? self::measuring($open) ?? self::choosing($open) ?? self::stacking($open) ?? self::deciding($open) ?? self::building($open);

        return $progress->elsewhere($open->job->inOtherHands()) ?? $progress;
    }

    /** What the next work waits for in other hands; null where it waits for nothing there. */
    private function elsewhere(InOtherHands $hands): ?self
    {
        foreach ($hands->open() as $one) {
            if ($this->work !== null && $one->holds($this->work)) {
                return new self($this->stage, WaitsFor::OtherHands, $one->label(), at: PutRight::OtherHands);
            }
        }

        return null;
    }

    private static function handedOver(OpenJob $open): ?self
    {
        $departure = $open->the(Departure::class);
        [$handed, $next] = [$departure->handOver, $departure->recheck];

        return $handed === null ? null : new self(
            Stage::Prove, WaitsFor::ComingBack, match (true) {
                $next === null => "First re-check {$handed->recheck_on->format('j M')}, or after 50 km",
                $next->next_on === null => 'Came back, no day for the next time',
                default => "Comes back {$next->next_on->format('j M')}",
            }, at: PutRight::ComeBack,
        );
    }

    private static function stopped(OpenJob $open): ?self
    {
        $stop = Stop::of($open);

        return $stop === null ? null : new self(Stage::Survey, WaitsFor::Decision, "Stopped. {$stop->says}", at: $stop->at);
    }

    private static function measuring(OpenJob $open): ?self
    {
        $missing = $open->missing();
        $before = array_filter($missing, fn (Spot $spot) => $spot->sitting() === Sitting::BeforeTheStrip);
        if ($before !== []) {
            return new self(
                Stage::Survey, WaitsFor::Measurement, 'Survey: '.($open->walk()->next() ?? reset($before))->label(), WorkKind::Survey,
            );
        }
        $isPlates = ($missing[0] ?? null)?->sitting() === Sitting::WithThePlates;
        if (($open->missing() === [] || $isPlates) && StripProgress::isBare($open)) {
            return null;
        }
        $step = StripProgress::next($open);
        if ($step !== null) {
            return new self(Stage::Strip, WaitsFor::Hands, "Strip: {$step->title}", WorkKind::Strip);
        }

        return new self(
            Stage::Survey,
            WaitsFor::Measurement,
            'Measure bare: '.($missing === [] ? 'Shell width' : $missing[0]->label()),
            WorkKind::Bare,
        );
    }

    private static function choosing(OpenJob $open): ?self
    {
        $next = $open->identification()?->next;

        return match (true) {
            $open->isKitChosen() => null,
            $next !== null => new self(Stage::Survey, WaitsFor::Measurement, 'Tell the shell apart: '.$next->label(), WorkKind::Bare),
            $open->job->kit?->motor_id === null => new self(Stage::Match, WaitsFor::Decision, 'Choose a motor', WorkKind::Choose),
            default => new self(Stage::Line, WaitsFor::Decision, 'Choose a ring', WorkKind::Choose),
        };
    }

    private static function stacking(OpenJob $open): ?self
    {
        $missing = $open->missingForTheMount();
        if ($missing !== []) {
            return new self(Stage::Survey, WaitsFor::Measurement, 'Measure with the plates: '.$missing[0]->label(), WorkKind::Choose);
        }
        $stack = $open->worksheet()?->stack;
        if ($stack === null || $stack->verdict !== Verdict::Fails) {
            return null;
        }
        $reason = $stack->limitedBy();

        return match (true) {
            $reason instanceof Unsolved && $reason->place() !== null => new self(
                Stage::Stack, WaitsFor::Parts, "Get spacers: {$reason->place()->label()}", at: PutRight::Get,
            ),
            $reason instanceof Unsolved => new self(Stage::Stack, WaitsFor::Decision, $reason->label()),
            $reason instanceof MarginName => new self(Stage::Stack, WaitsFor::Decision, "Stack fails: {$reason->label()}"),
            $reason instanceof Note => new self(Stage::Stack, WaitsFor::Decision, $reason->label()),
            default => new self(Stage::Stack, WaitsFor::Parts, 'Get washers or bolts for the bosses', at: PutRight::Get),
        };
    }

    /** What leads wait for is measured, and what the build rests on decided, before the first of it is built: what to get is known then. */
    private static function deciding(OpenJob $open): ?self
    {
        if ($open->records->done(Sheet::Build) !== []) {
            return null;
        }
        $fitting = $open->the(FittingOut::class);
        $next = $open->walk()->next();
        $lacks = fn (LackKind $kind): array => array_values(
            array_filter($open->the(Lacking::class)->open, fn (Lack $lack) => $lack->kind === $kind),
        );
        [$lead, $parts] = [$lacks(LackKind::Lead)[0] ?? null, $lacks(LackKind::Part)];
        $isUnbraced = Bracing::undecided($open->bracing(), $open->worksheet()?->reaction) !== null;

        return match (true) {
            $next !== null => new self(Stage::Survey, WaitsFor::Measurement, "Survey, for the leads: {$next->label()}", WorkKind::Survey),
            $isUnbraced => new self(Stage::Stack, WaitsFor::Hands, 'Say what the body rests on', WorkKind::Choose, PutRight::Rest),
            $lacks(LackKind::Pack) !== [] => new self(
                Stage::Route, WaitsFor::Hands, 'Choose a battery and its place', WorkKind::Choose, PutRight::Battery,
            ),
            ($fitting->trial?->asked() ?? []) !== [] => new self(
                Stage::Route, WaitsFor::Hands, 'Battery: '.lcfirst($fitting->trial?->asked()[0]->label ?? ''), WorkKind::Choose,
                PutRight::Battery,
            ),
            $fitting->sensors->brakes->open() !== [] => new self(
                Stage::Route, WaitsFor::Hands, 'Decide what cuts the motor at each brake', WorkKind::Choose, PutRight::Sensors,
            ),
            $lead !== null => new self(Stage::Route, WaitsFor::Hands, $lead->says, WorkKind::Choose, PutRight::Route),
            $parts !== [] => new self(
                Stage::Build, WaitsFor::Parts, 'Get what is missing: '.count($parts).(count($parts) === 1 ? ' thing' : ' things'),
                at: PutRight::Get,
            ),
            default => null,
        };
    }

    private static function building(OpenJob $open): self
    {
        $build = $open->the(BuildState::class);
        $steps = $build->sheet->steps ?? [];
        foreach ($steps as $i => $step) {
            if (! $build->ticks->isDone($step->code)) {
                return new self(
                    Stage::Build,
                    self::waitsAt($open, $step),
                    sprintf('Build %d of %d: %s', $i + 1, count($steps), $step->title),
                    WorkKind::ofStep($step),
                    self::heldAt($build, $step),
                );
            }
        }

        return self::proving($open);
    }

    /** Where that which holds the next step is put right, while nothing else can be done; null where something can. */
    private static function heldAt(BuildState $build, BuildStep $step): ?PutRight
    {
        $free = array_filter($build->open, fn (BuildStep $one) => $build->gate?->objection($one) === null);
        $at = $free === [] ? $build->gate?->hold($step)?->at : null;

        return $at === PutRight::Step ? null : $at;
    }

    /** What a step waits for that is the next one to be done. */
    private static function waitsAt(OpenJob $open, BuildStep $step): WaitsFor
    {
        $holding = array_values(array_filter($open->the(Lacking::class)->open, fn (Lack $lack) => $lack->holds($step)))[0] ?? null;

        return match ($holding?->kind) {
            null => WaitsFor::Hands,
            LackKind::Lead, LackKind::Part => WaitsFor::Parts,
            LackKind::Margin, LackKind::Pack, LackKind::Condition, LackKind::Brakes => WaitsFor::Decision,
        };
    }

    private static function proving(OpenJob $open): self
    {
        $check = $open->the(Proving::class)->openChecks()[0] ?? null;
        $against = $open->the(Proving::class)->handOver->objections[0] ?? null;

        return match (true) {
            $check !== null => new self(
                Stage::Prove, $check->chapter === Check::STAND ? WaitsFor::Hands : WaitsFor::Ride, "Prove: {$check->title}", WorkKind::ofCheck($check),
                self::provedAt($open, $check),
            ),
            $against !== null => new self(
                Stage::Prove, WaitsFor::Decision, "Before hand-over: {$against->says}", WorkKind::HandOver, PutRight::HandOver,
            ),
            default => new self(Stage::Prove, WaitsFor::Hands, self::HAND_OVER, WorkKind::HandOver, PutRight::HandOver),
        };
    }

    /** Where that which holds the next check is put right; null where nothing does, or another check comes first. */
    private static function provedAt(OpenJob $open, Check $check): ?PutRight
    {
        $at = $open->the(Proving::class)->holdOn($check)?->at;

        return in_array($at, [PutRight::Check, PutRight::Step], true) ? null : $at;
    }
}
