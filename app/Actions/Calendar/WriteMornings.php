<?php

declare(strict_types=1);

namespace App\Actions\Calendar;

use App\Models\Job;
use App\Models\User;
use App\Models\Workshop;
use App\Notifications\Morning;
use App\Planning\Notice;
use App\Planning\Notices;
use App\Planning\Wall;
use App\Planning\WorkshopPlan;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;
use NeatSpindle\Core\Whole\Schedule\WallClock;

/** Writes the morning's letter to whoever wants it, once a day, from six o'clock by the workshop's wall on; none where there is nothing to look at. */
class WriteMornings
{
    private const FROM_MINUTE = 6 * 60;

    public function __invoke(): void
    {
        $readers = User::query()->where('wants_letter', true)->whereNull('shut_out_at')->with('workshop')->get()->groupBy('workshop_id');
        foreach ($readers as $people) {
            $this->write($people->firstOrFail()->workshop, $people);
        }
    }

    /** @param  Collection<int, User>  $people */
    private function write(Workshop $workshop, Collection $people): void
    {
        $now = (new Wall($workshop->time_zone))->now();
        $today = WallClock::dayText(intdiv($now, WallClock::DAY));
        $waiting = $people->filter(fn (User $one) => $one->lettered_on?->format('Y-m-d') !== $today);
        if ($now % WallClock::DAY < self::FROM_MINUTE || $waiting->isEmpty()) {
            return;
        }
        $jobs = Job::query()->where('workshop_id', $workshop->id)->onTheBench()->withCustomer()->with(['bike', 'assignee'])->get();
        $notices = Notices::of(WorkshopPlan::of($workshop, $jobs), $jobs);
        foreach ($waiting as $person) {
            $isOurs = User::query()->whereKey($person->id)->where(fn (Builder $one) => $one->whereNull('lettered_on')->orWhere('lettered_on', '!=', $today))
                ->update(['lettered_on' => $today]) === 1;
            ! $isOurs || $notices->isNothing() || $person->notify(new Morning($workshop->name, array_map(
                fn (array $one): string => $this->sentence(...$one), $notices->all(),
            )));
        }
    }

    /** @param  Collection<int, Job>  $jobs */
    private function sentence(Notice $notice, Collection $jobs): string
    {
        return "{$notice->label()}: ".$jobs->map(fn (Job $job) => "{$job->number} {$job->bike->label}")->implode(', ').'.';
    }
}
