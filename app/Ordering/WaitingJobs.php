<?php

declare(strict_types=1);

namespace App\Ordering;

use App\Assembly\WorkshopCatalogue;
use App\Bench\OpenJob;
use App\Models\Job;
use App\Models\Lead;
use App\Models\ReservationState;
use App\Models\StandingRows;

use function array_map;
use function array_values;

/**
 * The jobs that still want something of drawer and shop: those with a motor and a ring whose pieces nobody has taken out yet. A bike that has left
 * lacks nothing, nor does a job that was given up.
 */
final class WaitingJobs
{
    /** @return list<OpenJob> the first promised first */
    public static function of(int $workshopId): array
    {
        $jobs = Job::query()->where('workshop_id', $workshopId)->with('reservations')->whereNull('ended_at')->whereNull('handed_over_at')
            ->whereHas('kit', fn ($kit) => $kit->whereNotNull('motor_id')->whereNotNull('ring_id'))
            ->orderByRaw('promised_on is null')->orderBy('promised_on')->orderBy('number')->get();
        StandingRows::fillAll(array_values($jobs->all()));
        $catalogue = WorkshopCatalogue::of($workshopId);
        $leads = Lead::query()->where('workshop_id', $workshopId)->inOrder()->get();
        $jobs->each(fn (Job $job) => $job->setRelation('leads', $leads)->setRelation('spacers', $catalogue->spacers));
        $open = array_map(
            fn (Job $job) => new OpenJob($job, $catalogue),
            array_values($jobs->reject(fn (Job $job) => $job->reservations->contains('state', ReservationState::Taken))->all()),
        );

        return array_values(array_filter($open, fn (OpenJob $one) => $one->worksheet() !== null));
    }
}
