<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Sheet;
use App\Models\Stage;
use App\Models\StepRecord;
use App\Models\WaitsFor;
use NeatSpindle\Core\Holding\Build\BuildStep;
use NeatSpindle\Core\Holding\Build\Compound;
use NeatSpindle\Core\Holding\Build\Lack;
use NeatSpindle\Core\Holding\Build\LackKind;
use NeatSpindle\Core\Measuring\Survey\Sitting;
use NeatSpindle\Core\Measuring\Survey\Spot;
use NeatSpindle\Core\Whole\Calendar\RestOfJob;
use NeatSpindle\Core\Whole\Calendar\WorkKind;

use function array_filter;
use function count;
use function in_array;
use function intdiv;

/** What of a job is still to be done, counted from its sheets; what cannot be counted yet is as many pieces as there mostly are. */
class RestOfWork
{
    public static function of(OpenJob $open, Progress $progress): RestOfJob
    {
        if ($open->job->handed_over_at !== null || $open->job->ended_at !== null) {
            return new RestOfJob([]);
        }
        $build = $open->the(BuildState::class);

        return new RestOfJob(
            [...self::beforeTheBuild($open, $progress), ...self::building($build), ...self::proving($open, $build)],
            self::endless($progress),
            array_filter(
                $open->the(Lacking::class)->open, fn (Lack $lack) => in_array($lack->kind, [LackKind::Part, LackKind::Lead], true),
            ) !== [],
            array_filter($build->open, fn (BuildStep $step) => $step->compound === Compound::Locking) !== [] || $build->sheet === null,
            self::curedAt($open),
        );
    }

    /** @return array<string, int> */
    private static function beforeTheBuild(OpenJob $open, Progress $progress): array
    {
        $isStripped = StripProgress::isDone($open);
        $strip = array_filter($open->stripPlan()->steps, fn ($step) => ! $open->records->isDone(Sheet::Strip, $step->code));
        $asked = array_filter(
            $open->walk()->spots, fn (Spot $spot) => $open->walk()->need($spot)?->comesFirst() === true && ! $open->walk()->isKnown($spot),
        );
        $bare = array_filter($asked, fn (Spot $spot) => $spot->sitting() !== Sitting::BeforeTheStrip);

        return [
            WorkKind::Survey->value => count($asked) - count($bare),
            WorkKind::Strip->value => $isStripped ? 0 : count($strip),
            WorkKind::Bare->value => count($bare),
            WorkKind::Choose->value => $open->isKitChosen() && ! in_array(
                $progress->stage, [Stage::Survey, Stage::Strip, Stage::Match], true,
            ) ? 0 : 1,
        ];
    }

    /** @return array<string, int> */
    private static function building(BuildState $build): array
    {
        $pieces = [];
        if ($build->sheet === null) {
            foreach (WorkKind::cases() as $kind) {
                $isChapter = ! in_array(
                    $kind,
                    [
                        WorkKind::Survey,
                        WorkKind::Strip,
                        WorkKind::Bare,
                        WorkKind::Choose,
                        WorkKind::Stand,
                        WorkKind::Ride,
                        WorkKind::HandOver,
                    ],
                    true,
                );
                $isChapter && $pieces[$kind->value] = $kind->usualPieces();
            }
        }
        foreach ($build->open as $step) {
            $kind = WorkKind::ofStep($step)->value;
            $pieces[$kind] = ($pieces[$kind] ?? 0) + 1;
        }

        return $pieces;
    }

    /** @return array<string, int> checks are counted once the bike is built */
    private static function proving(OpenJob $open, BuildState $build): array
    {
        $pieces = [WorkKind::HandOver->value => 1];
        if ($build->sheet === null || $build->open !== []) {
            return $pieces + [
                WorkKind::Stand->value => WorkKind::Stand->usualPieces(), WorkKind::Ride->value => WorkKind::Ride->usualPieces(),
            ];
        }
        foreach ($open->the(Proving::class)->openChecks() as $check) {
            $kind = WorkKind::ofCheck($check)->value;
            $pieces[$kind] = ($pieces[$kind] ?? 0) + 1;
        }

        return $pieces;
    }

    /** A decision that is no choice of parts has no end that anybody knows. */
    private static function endless(Progress $progress): ?string
    {
        return $progress->waitsFor === WaitsFor::Decision && ! in_array($progress->stage, [Stage::Match, Stage::Line], true)
            ? $progress->next : null;
    }

    /** When the locking compound that went on last is at full strength, in minutes of universal time; null where none did, or it is by now. */
    private static function curedAt(OpenJob $open): ?int
    {
        $isOn = fn (StepRecord $record): bool => $record->sheet === Sheet::Build->value && $record->compound === Compound::Locking->value;
        $on = $open->job->stepRecords->filter($isOn)->max('recorded_at');

        return $on === null ? null : intdiv($on->getTimestamp(), 60) + RestOfJob::CURES;
    }
}
