<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Stage;
use App\Models\Values\InOtherHands;
use App\Models\WaitsFor;
use NeatSpindle\Core\Holding\Build\BuildStep;
use NeatSpindle\Core\Holding\Build\Lack;
use NeatSpindle\Core\Holding\Build\LackKind;
use NeatSpindle\Core\Holding\Mount\Note;
use NeatSpindle\Core\Holding\Mount\Unsolved;
use NeatSpindle\Core\Measuring\Survey\Sitting;
use NeatSpindle\Core\Measuring\Survey\Spot;
use NeatSpindle\Core\Sums\Margin\MarginName;
use NeatSpindle\Core\Sums\Margin\Verdict;
use NeatSpindle\Core\Whole\Calendar\WorkKind;
use NeatSpindle\Core\Whole\Prove\Check;

use function count;

/** Where a job stands: what it waits for and the next thing to do. */
class Progress
{
    /** What is next where nothing stands against it. */
    public const HAND_OVER = 'Hand over';

    private function __construct(
        public readonly Stage $stage,
        public readonly WaitsFor $waitsFor,
        public readonly string $next,
        private readonly ?WorkKind $work = null,
    ) {}

    public static function of(OpenJob $open): self
    {
        $progress = self::handedOver($open) ?? self::stopped($open)
            ?? self::measuring($open) ?? self::choosing($open) ?? self::stacking($open) ?? self::building($open);

        return $progress->elsewhere($open->job->inOtherHands()) ?? $progress;
    }

    /** What the next work waits for in other hands; null where it waits for nothing there. */
    private function elsewhere(InOtherHands $hands): ?self
    {
        foreach ($hands->open() as $one) {
            if ($this->work !== null && $one->holds($this->work)) {
                return new self($this->stage, WaitsFor::OtherHands, $one->label());
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
            },
        );
    }

    private static function stopped(OpenJob $open): ?self
    {
        $reason = $open->stop();

        return $reason === null ? null : new self(Stage::Survey, WaitsFor::Decision, "Stopped. {$reason}");
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
        if (($open->missing() === [] || $isPlates) && ! $open->findings->isWidthEarly()) {
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
                Stage::Stack, WaitsFor::Parts, "Get spacers: {$reason->place()->label()}",
            ),
            $reason instanceof Unsolved => new self(Stage::Stack, WaitsFor::Decision, $reason->label()),
            $reason instanceof MarginName => new self(Stage::Stack, WaitsFor::Decision, "Stack fails: {$reason->label()}"),
            $reason instanceof Note => new self(Stage::Stack, WaitsFor::Decision, $reason->label()),
            default => new self(Stage::Stack, WaitsFor::Parts, 'Get washers or bolts for the bosses'),
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
                );
            }
        }

        return self::proving($open);
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
            ),
            $against !== null => new self(Stage::Prove, WaitsFor::Decision, "Before hand-over: {$against}", WorkKind::HandOver),
            default => new self(Stage::Prove, WaitsFor::Hands, self::HAND_OVER, WorkKind::HandOver),
        };
    }
}
