<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Job;
use App\Models\WaitsFor;
use Illuminate\Support\Collection;
use NeatSpindle\Core\Whole\Calendar\WorkKind;
use NeatSpindle\Core\Whole\Schedule\WallClock;

use function intdiv;
use function is_array;
use function is_int;

/** What somebody should look at in a workshop today. */
final readonly class Notices
{
    /** A decision is not called for on the day on which it came up. */
    private const DECISION_HOURS = 24;

    /** So long it is worth saying that something has cured. */
    private const CURED_MINUTES = 3 * WallClock::DAY;

    /** @param  array<string, Collection<int, Job>>  $jobs  by notice, none empty */
    private function __construct(private array $jobs) {}

    /** @param  Collection<int, Job>  $jobs  that have not ended, those that have left with a day to come back among them */
    public static function of(WorkshopPlan $plan, Collection $jobs): self
    {
        $about = [];
        foreach (Notice::cases() as $notice) {
            $about[$notice->value] = $jobs->filter(fn (Job $job) => self::isDue($notice, $job, $plan))->values();
        }

        return new self(array_filter($about, fn (Collection $one) => $one->isNotEmpty()));
    }

    public function isNothing(): bool
    {
        return $this->jobs === [];
    }

    /** @return list<array{Notice, Collection<int, Job>}> those there are */
    public function all(): array
    {
        $all = [];
        foreach ($this->jobs as $notice => $jobs) {
            $all[] = [Notice::from($notice), $jobs];
        }

        return $all;
    }

    private static function isDue(Notice $notice, Job $job, WorkshopPlan $plan): bool
    {
        $isHere = $job->handed_over_at === null;

        return match ($notice) {
            Notice::Promise => $isHere && $plan->isLate($job),
            Notice::Delivery => $isHere && ($job->rest['parts'] ?? false) === true && $job->parts_on?->isBefore(today()) === true,
            Notice::OtherHands => $isHere && self::isDueBack($job, $plan),
            Notice::Decision => $isHere && $job->waits_for === WaitsFor::Decision && $job->waits_since?->isBefore(now()->subHours(self::DECISION_HOURS)) === true,
            Notice::Cured => $isHere && self::hasCured($job),
            Notice::Recheck => ! $isHere && $job->comes_back_on?->isAfter(today()) === false,
        };
    }

    private static function isDueBack(Job $job, WorkshopPlan $plan): bool
    {
        foreach ($job->inOtherHands()->open() as $one) {
            if ($one->dueOn() !== null && $one->dueOn() <= intdiv($plan->from, WallClock::DAY)) {
                return true;
            }
        }

        return false;
    }

    /** Since when its compound is at full strength is told in minutes of universal time; what rides are left waited for it. */
    private static function hasCured(Job $job): bool
    {
        $at = $job->rest['cured_at'] ?? null;
        $since = is_int($at) ? intdiv(now()->getTimestamp(), 60) - $at : -1;
        $pieces = $job->rest['pieces'] ?? [];

        return $since >= 0 && $since < self::CURED_MINUTES && is_array($pieces) && ($pieces[WorkKind::Ride->value] ?? 0) > 0;
    }
}
