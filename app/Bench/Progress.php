<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Stage;
use App\Models\StepRecord;
use App\Models\WaitsFor;
use NeatSpindle\Core\Stack\MarginName;
use NeatSpindle\Core\Stack\Note;
use NeatSpindle\Core\Stack\Unsolved;
use NeatSpindle\Core\Stack\Verdict;
use NeatSpindle\Core\Survey\Sitting;
use NeatSpindle\Core\Survey\Spot;

use function count;

/** Where a job stands: what it waits for and the next thing to do. */
class Progress
{
    private function __construct(
        public readonly Stage $stage,
        public readonly WaitsFor $waitsFor,
        public readonly string $next,
    ) {}

    public static function of(JobSheet $sheet): self
    {
        return self::stopped($sheet) ?? self::measuring($sheet) ?? self::choosing($sheet) ?? self::stacking($sheet) ?? self::building($sheet);
    }

    private static function stopped(JobSheet $sheet): ?self
    {
        $reason = $sheet->stop();

        return $reason === null ? null : new self(Stage::Survey, WaitsFor::Decision, "Stopped. {$reason}");
    }

    private static function measuring(JobSheet $sheet): ?self
    {
        $before = array_filter($sheet->missing, fn (Spot $spot) => $spot->sitting === Sitting::BeforeTheStrip);
        if ($before !== []) {
            return new self(Stage::Survey, WaitsFor::Measurement, 'Measure: '.reset($before)->label);
        }
        $isPlates = ($sheet->missing[0]->sitting ?? null) === Sitting::WithThePlates;
        if (($sheet->missing === [] || $isPlates) && ! $sheet->findings->isWidthEarly()) {
            return null;
        }
        $records = $sheet->records('strip');
        foreach ($sheet->stripPlan()->steps as $step) {
            if (($records[$step->code]->state ?? null) !== StepRecord::DONE) {
                return new self(Stage::Strip, WaitsFor::Hands, "Strip: {$step->title}");
            }
        }

        return new self(Stage::Survey, WaitsFor::Measurement, 'Measure bare: '.($sheet->missing[0]->label ?? 'Shell width'));
    }

    private static function choosing(JobSheet $sheet): ?self
    {
        $next = $sheet->identification()?->next;

        return match (true) {
            $sheet->isKitChosen() => null,
            $next !== null => new self(Stage::Survey, WaitsFor::Measurement, 'Tell the shell apart: '.$next->label()),
            $sheet->job->kit?->motor_id === null => new self(Stage::Match, WaitsFor::Decision, 'Choose a motor'),
            default => new self(Stage::Line, WaitsFor::Decision, 'Choose a ring'),
        };
    }

    private static function stacking(JobSheet $sheet): ?self
    {
        if ($sheet->document->missingPlates() !== []) {
            return new self(Stage::Survey, WaitsFor::Measurement, 'Measure with the plates: '.$sheet->missing[0]->label);
        }
        $stack = $sheet->worksheet?->stack;
        if ($stack === null || $stack->verdict !== Verdict::Fails) {
            return null;
        }
        $reason = $stack->limitedBy();

        return match (true) {
            $reason instanceof Unsolved && $reason->place() !== null => new self(Stage::Stack, WaitsFor::Parts, "Get spacers: {$reason->place()->label()}"),
            $reason instanceof Unsolved => new self(Stage::Stack, WaitsFor::Decision, $reason->label()),
            $reason instanceof MarginName => new self(Stage::Stack, WaitsFor::Decision, "Stack fails: {$reason->label()}"),
            $reason instanceof Note => new self(Stage::Stack, WaitsFor::Decision, $reason->label()),
            default => new self(Stage::Stack, WaitsFor::Parts, 'Get washers or bolts for the bosses'),
        };
    }

    private static function building(JobSheet $sheet): self
    {
        $records = $sheet->records('build');
        $steps = $sheet->withRoutes()->buildSheet()->steps ?? [];
        foreach ($steps as $i => $step) {
            if (($records[$step->code]->state ?? null) !== StepRecord::DONE) {
                return new self(Stage::Build, WaitsFor::Hands, sprintf('Build %d of %d: %s', $i + 1, count($steps), $step->title));
            }
        }

        return new self(Stage::Build, WaitsFor::Ride, 'Stand checks, then a ride');
    }
}
