<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\Feed;
use App\Models\Job;
use App\Models\Workshop;
use App\Planning\WorkshopPlan;
use DateTimeZone;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use NeatSpindle\Core\Whole\Schedule\PlannedTask;
use NeatSpindle\Core\Whole\Schedule\WallClock;
use Sabre\VObject\Component\VCalendar;

use function intdiv;
use function strlen;

/**
 * What is planned, as an iCalendar that other programs read: work at its times by the workshop's clock, what waits as whole days. An entry
 * keeps its name; its number rises whenever it is another; one that is not done any more before it began is called off.
 *
 * @phpstan-type Entry array{number: int, from: string, to: string, title: string, cancelled: bool}
 */
class CalendarFeed
{
    private const DAYS_KEPT = 60;

    public static function write(Feed $feed): string
    {
        return DB::transaction(function () use ($feed): string {
            $feed = Feed::query()->withoutGlobalScopes()->lockForUpdate()->findOrFail($feed->id);
            $plan = WorkshopPlan::of(Workshop::query()->findOrFail($feed->workshop_id));
            $told = self::tell($feed->told ?? [], self::planned($plan, $feed), $plan->from);
            $told === $feed->told ?: $feed->forceFill(['told' => $told])->save();

            return self::calendar($told, $plan, $feed);
        });
    }

    /** @return array<string, array{from: string, to: string, title: string}> by the entry's name; whole days where only days are named */
    private static function planned(WorkshopPlan $plan, Feed $feed): array
    {
        $entries = [];
        $jobs = $plan->jobs->keyBy('id');
        foreach ($plan->plan()->jobs as $planned) {
            $job = $jobs->get((int) $planned->job->code);
            if ($job === null) {
                continue;
            }
            foreach ($planned->tasks as $task) {
                $isTheirs = $feed->user_id === null || $task->who === (string) $feed->user_id;
                if ($isTheirs && $task->start !== null && $task->end !== null && $task->end > $task->start) {
                    $entries["job{$job->id}-{$task->task->code}"] = self::times($task) + ['title' => self::title($job, $plan->label($job, $task->task->code))];
                }
            }
        }

        return $entries;
    }

    /** @return array{from: string, to: string} */
    private static function times(PlannedTask $task): array
    {
        return $task->task->isWait
            ? [
                'from' => WallClock::dayText(intdiv((int) $task->start, WallClock::DAY)),
                'to' => WallClock::dayText(intdiv((int) $task->end - 1, WallClock::DAY) + 1),
            ]
            : ['from' => WallClock::timeText((int) $task->start), 'to' => WallClock::timeText((int) $task->end)];
    }

    private static function title(Job $job, string $label): string
    {
        return "{$job->number} {$job->bike->label}: {$label}";
    }

    /**
     * What is told now: each entry with its number, which rises where it is another than it was.
     *
     * @param  array<string, Entry>  $told  before
     * @param  array<string, array{from: string, to: string, title: string}>  $planned
     * @param  int  $from  the time at which planning begins
     * @return array<string, Entry>
     */
    private static function tell(array $told, array $planned, int $from): array
    {
        $now = WallClock::timeText($from);
        $oldest = WallClock::dayText(intdiv($from, WallClock::DAY) - self::DAYS_KEPT);
        $tells = [];
        foreach ($told as $name => $was) {
            $isOver = $was['from'] < $now;
            if (! isset($planned[$name]) && $was['to'] >= $oldest) {
                $tells[$name] = $isOver || $was['cancelled'] ? $was : ['number' => $was['number'] + 1, 'cancelled' => true] + $was;
            }
        }
        foreach ($planned as $name => $entry) {
            $was = $told[$name] ?? null;
            $isSame = $was !== null && ! $was['cancelled'] && $was['from'] === $entry['from'] && $was['to'] === $entry['to'] && $was['title'] === $entry['title'];
            $tells[$name] = $isSame ? $was : ['number' => $was === null ? 0 : $was['number'] + 1, ...$entry, 'cancelled' => false];
        }
        ksort($tells);

        return $tells;
    }

    /** @param  array<string, Entry>  $told */
    private static function calendar(array $told, WorkshopPlan $plan, Feed $feed): string
    {
        $calendar = new VCalendar([
            'PRODID' => '-//Neat Spindle//Bench//EN', 'X-WR-CALNAME' => 'Neat Spindle, '.($feed->user?->firstName() ?? 'the workshop'),
        ]);
        $zone = $plan->wall->zoneName;
        self::addZone($calendar, $zone);
        foreach ($told as $name => $entry) {
            $isDay = strlen($entry['from']) === 10;
            $event = $calendar->createComponent('VEVENT', [
                'UID' => "{$name}.w{$feed->workshop_id}@neat-spindle", 'SUMMARY' => $entry['title'], 'SEQUENCE' => $entry['number'],
                'STATUS' => $entry['cancelled'] ? 'CANCELLED' : 'CONFIRMED', 'TRANSP' => $isDay ? 'TRANSPARENT' : 'OPAQUE',
            ]);
            $event->remove('DTSTAMP');
            $event->add('DTSTAMP', now()->utc()->format('Ymd\THis\Z'));
            foreach (['DTSTART' => $entry['from'], 'DTEND' => $entry['to']] as $at => $time) {
                $event->add($at, str_replace(['-', ':'], '', $time).($isDay ? '' : '00'), $isDay ? ['VALUE' => 'DATE'] : ['TZID' => $zone]);
            }
            $calendar->add($event);
        }

        return $calendar->serialize();
    }

    /** The zone's own rules, change by change, so that nobody has to know it by its name. */
    private static function addZone(VCalendar $calendar, string $name): void
    {
        $zone = new DateTimeZone($name);
        $changes = $zone->getTransitions(Carbon::now()->subYear()->getTimestamp(), Carbon::now()->addYears(4)->getTimestamp()) ?: [];
        $component = $calendar->createComponent('VTIMEZONE', ['TZID' => $name]);
        $before = null;
        foreach ($changes as $change) {
            $part = $calendar->createComponent($change['isdst'] ? 'DAYLIGHT' : 'STANDARD', [
                'TZOFFSETFROM' => self::offset($before ?? $change['offset']), 'TZOFFSETTO' => self::offset($change['offset']), 'TZNAME' => $change['abbr'],
            ]);
            $part->add('DTSTART', gmdate('Ymd\THis', $change['ts'] + ($before ?? $change['offset'])));
            $component->add($part);
            $before = $change['offset'];
        }
        $calendar->add($component);
    }

    private static function offset(int $seconds): string
    {
        return sprintf('%s%02d%02d', $seconds < 0 ? '-' : '+', intdiv(abs($seconds), 3600), intdiv(abs($seconds) % 3600, 60));
    }
}
