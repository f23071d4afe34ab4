<?php

declare(strict_types=1);

namespace App\Planning;

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use NeatSpindle\Core\Whole\Calendar\Minutes;
use NeatSpindle\Core\Whole\Calendar\WorkKind;

/**
 * What pieces of work took in this workshop: from one tick of a sheet to the next by the same hand on the same bike. A step left open over
 * lunch or overnight tells nothing, nor do several ticked in one go.
 */
final class Learned
{
    /** Longer than that nobody was at it all the time. */
    private const MOST_MINUTES = 90.0;

    private const LEAST_MINUTES = 0.2;

    /** So far back; a hand grows quicker. */
    private const DAYS = 400;

    private const ROWS = 20_000;

    public static function of(int $workshop): Minutes
    {
        $kept = Cache::remember("minutes {$workshop} ".now()->format('Y-m-d'), now()->addDay(), fn () => self::took($workshop));

        /** @var array<string, list<float>> $kept */
        return Minutes::learned($kept);
    }

    /** Whether so many minutes from one tick to the next tell what a piece took. */
    public static function tells(float $minutes): bool
    {
        return $minutes >= self::LEAST_MINUTES && $minutes <= self::MOST_MINUTES;
    }

    /** @return array<string, list<float>> by kind of work */
    private static function took(int $workshop): array
    {
        $rows = DB::table('step_records')->join('jobs', 'jobs.id', '=', 'job_id')->where('workshop_id', $workshop)->where('state', 'done')
            ->where('recorded_at', '>', now()->subDays(self::DAYS))->orderBy('job_id')->orderBy('step_records.id')->limit(self::ROWS)
            ->get(['job_id', 'user_id', 'asked->work as work', 'recorded_at']);
        $took = [];
        $before = null;
        foreach ($rows as $row) {
            $kind = WorkKind::tryFrom((string) $row->work);
            $at = Carbon::parse((string) $row->recorded_at);
            $minutes = $before === null || $before[0] !== $row->job_id || $before[1] !== $row->user_id
                ? INF : $before[2]->diffInSeconds($at) / 60;
            if ($kind !== null && self::tells($minutes)) {
                $took[$kind->value][] = $minutes;
            }
            $before = [$row->job_id, $row->user_id, $at];
        }

        return $took;
    }
}
