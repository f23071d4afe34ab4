<?php

declare(strict_types=1);

namespace App\Planning;

use App\Bench\BuildState;
use App\Bench\OpenJob;
use App\Bench\Proving;
use App\Models\Reading;
use App\Models\Sheet;
use App\Models\StepRecord;
use Illuminate\Support\Carbon;
use NeatSpindle\Core\Holding\Build\BuildStep;
use NeatSpindle\Core\Measuring\Survey\Sitting;
use NeatSpindle\Core\Measuring\Survey\Spot;
use NeatSpindle\Core\Whole\Calendar\WorkKind;
use NeatSpindle\Core\Whole\Prove\Check;

use function array_map;
use function count;
use function is_string;
use function usort;

/**
 * The minutes of one job, kind by kind: planned from its own sheets and what such pieces mostly take here; and as it really was, from one tick or
 * reading to the next by the same hand, by the rule with which the workshop learns.
 */
final readonly class Estimate
{
    /** @param  list<EstimateRow>  $rows  those there is anything of, in the order of the hand */
    private function __construct(public array $rows) {}

    public static function of(OpenJob $open): self
    {
        $minutes = Learned::of($open->job->workshop_id);
        $pieces = self::pieces($open);
        $took = self::tookBy($open);
        $rows = array_map(fn (WorkKind $kind) => new EstimateRow(
            $kind, $pieces[$kind->value] ?? 0, ($pieces[$kind->value] ?? 0) === 0 ? 0 : $minutes->of($kind, $pieces[$kind->value]),
            array_sum($took[$kind->value] ?? []), count($took[$kind->value] ?? []),
        ), WorkKind::cases());

        return new self(array_values(array_filter($rows, fn (EstimateRow $row) => $row->pieces > 0 || $row->known > 0)));
    }

    public function planned(): int
    {
        return array_sum(array_map(fn (EstimateRow $row) => $row->planned, $this->rows));
    }

    public function took(): float
    {
        return array_sum(array_map(fn (EstimateRow $row) => $row->took, $this->rows));
    }

    /** @return array<string, int> how many there are of each kind, whatever is done of them */
    private static function pieces(OpenJob $open): array
    {
        $asked = array_filter($open->walk()->spots, fn (Spot $spot) => $open->walk()->need($spot)?->comesFirst() === true);
        $bare = count(array_filter($asked, self::isBare(...)));
        $pieces = [
            WorkKind::Survey->value => count($asked) - $bare, WorkKind::Strip->value => count($open->stripPlan()->steps),
            WorkKind::Bare->value => $bare,
            WorkKind::Choose->value => 1, WorkKind::HandOver->value => 1,
        ];
        $sheet = $open->the(BuildState::class)->sheet;
        $kinds = $sheet === null ? [] : [
            ...array_map(fn (BuildStep $step) => WorkKind::ofStep($step), $sheet->steps),
            ...array_map(fn (Check $check) => WorkKind::ofCheck($check), $open->the(Proving::class)->plan->checks),
        ];
        foreach ($kinds as $kind) {
            $pieces[$kind->value] = ($pieces[$kind->value] ?? 0) + 1;
        }
        foreach ($sheet === null ? WorkKind::cases() : [] as $kind) {
            $pieces[$kind->value] ??= $kind->usualPieces();
        }

        return $pieces;
    }

    private static function isBare(Spot $spot): bool
    {
        return $spot->sitting() !== Sitting::BeforeTheStrip;
    }

    /** @return array<string, list<float>> minutes, by kind */
    private static function tookBy(OpenJob $open): array
    {
        $ticks = [];
        foreach (StepRecord::query()->where('job_id', $open->job->id)->where('state', 'done')->orderBy('id')->get() as $record) {
            $kind = is_string($record->asked['work'] ?? null) ? WorkKind::tryFrom($record->asked['work']) : null;
            $kind ??= $record->sheet === Sheet::Strip->value ? WorkKind::Strip : null;
            $kind === null || $ticks[] = [$record->recorded_at, $record->user_id, $kind];
        }
        foreach (Reading::query()->where('job_id', $open->job->id)->orderBy('id')->get() as $reading) {
            $ticks[] = [$reading->taken_at, $reading->user_id, self::isBare($reading->spot) ? WorkKind::Bare : WorkKind::Survey];
        }
        usort($ticks, fn (array $a, array $b) => $a[0] <=> $b[0]);

        return self::between($ticks);
    }

    /**
     * @param  list<array{Carbon, int, WorkKind}>  $ticks  the oldest first
     * @return array<string, list<float>>
     */
    private static function between(array $ticks): array
    {
        $took = [];
        $before = null;
        foreach ($ticks as $tick) {
            [$at, $by, $kind] = $tick;
            $minutes = $before === null || $before[1] !== $by ? null : $before[0]->diffInSeconds($at) / 60;
            $minutes !== null && Learned::tells($minutes) && $took[$kind->value][] = $minutes;
            $before = $tick;
        }

        return $took;
    }
}
