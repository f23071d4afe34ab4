<?php

declare(strict_types=1);

namespace App\Planning;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use NeatSpindle\Core\Donor\Bike\BikeKind;
use NeatSpindle\Core\Whole\Calendar\RestOfJob;
use NeatSpindle\Core\Whole\Calendar\WorkKind;

use function array_column;
use function array_fill_keys;
use function count;
use function intdiv;
use function sort;

/** How much work a bike is that nobody has touched yet: as many pieces as bikes of its kind, with such a motor, had in this workshop. */
final readonly class UsualPieces
{
    /** From so many on they say something; ours. */
    public const ENOUGH = 3;

    private const MOST_ROWS = 4_000;

    /** @param  int  $bikes  from how many it is known; 0 where the usual counts */
    private function __construct(public RestOfJob $rest, public int $bikes) {}

    /** @param  ?string  $motor  its code; null for any */
    public static function of(int $workshop, ?BikeKind $kind, ?string $motor, bool $awaitsParts): self
    {
        $untouched = RestOfJob::untouched($awaitsParts);
        $byJob = $kind === null ? [] : self::counted($workshop, $kind, $motor);
        if (count($byJob) < self::ENOUGH) {
            return new self($untouched, 0);
        }
        $pieces = $untouched->pieces;
        foreach (WorkKind::cases() as $work) {
            $counts = array_column($byJob, $work->value);
            $counts === [] ?: $pieces[$work->value] = self::median($counts);
        }

        return new self(new RestOfJob($pieces, awaitsParts: $awaitsParts, cures: true), count($byJob));
    }

    /** @return array<int, array<string, int>> steps and checks of bikes that have left, by job and kind of work */
    private static function counted(int $workshop, BikeKind $kind, ?string $motor): array
    {
        $rows = DB::table('step_records')->join('jobs', 'jobs.id', '=', 'step_records.job_id')->join('bikes', 'bikes.id', '=', 'jobs.bike_id')
            ->where('jobs.workshop_id', $workshop)->whereNotNull('jobs.handed_over_at')->where('bikes.kind', $kind->value)
            ->whereNull('superseded_at')->where('state', 'done')
            ->when($motor !== null, fn (Builder $of) => $of->join('kits', 'kits.job_id', '=', 'jobs.id')
                ->join('motors', 'motors.id', '=', 'kits.motor_id')->where('motors.code', $motor))
            ->groupBy('step_records.job_id', 'work')->selectRaw("step_records.job_id, json_value(asked, '$.work') as work, count(*) as pieces")
            ->orderByDesc('job_id')->limit(self::MOST_ROWS)->get();
        $byJob = [];
        $none = array_fill_keys([WorkKind::Strip->value, WorkKind::Back->value], 0);
        foreach ($rows as $row) {
            $byJob[(int) $row->job_id] = [(string) $row->work => (int) $row->pieces] + ($byJob[(int) $row->job_id] ?? $none);
        }

        return $byJob;
    }

    /** @param  non-empty-list<int>  $counts */
    private static function median(array $counts): int
    {
        sort($counts);

        return $counts[intdiv(count($counts) - 1, 2)];
    }
}
