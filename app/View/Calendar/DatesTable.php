<?php

declare(strict_types=1);

namespace App\View\Calendar;

use App\Models\Job;
use App\Models\Promise;
use App\Planning\WorkshopPlan;
use App\View\Shared\JobAddress;
use DateTimeImmutable;
use Illuminate\Support\Collection;
use NeatSpindle\Core\Whole\Calendar\WorkKind;
use NeatSpindle\Core\Whole\Schedule\WallClock;

use function count;
use function max;

/** Every open job with its promised and its honest date, and why. */
class DatesTable
{
    /** So many jobs stand in the table before the rest is asked for. */
    private const SHOWN = 40;

    /** Who is named for so many kinds of work does all they can. */
    private const ALMOST_ALL = 10;

    /** @var Collection<int, Job>|null */
    private ?Collection $jobs = null;

    /**
     * @param  ?WorkshopPlan  $tried  as it would be; null where nothing is tried
     * @param  ?int  $changing  the number of the job that is changed just now
     */
    public function __construct(
        private readonly WorkshopPlan $stands, private readonly ?WorkshopPlan $tried, private readonly ?int $changing, private readonly bool $isAll,
    ) {}

    public function isTried(): bool
    {
        return $this->tried !== null;
    }

    private function plan(): WorkshopPlan
    {
        return $this->tried ?? $this->stands;
    }

    public static function day(int $day, string $format = 'D j M'): string
    {
        return (new DateTimeImmutable(WallClock::dayText($day)))->format($format);
    }

    /** What of the job that is changed can be said and done. */
    public function change(Job $job): PlanRow
    {
        return new PlanRow($this->plan(), $job, $this->jobs());
    }

    /** @return Collection<int, Job> the first promised first, then by number */
    private function jobs(): Collection
    {
        return $this->jobs ??= $this->plan()->jobs->sortBy(fn (Job $job) => [$job->promisedDay() ?? PHP_INT_MAX, $job->number])->values();
    }

    /** @return Collection<int, Job> those in the table: all where that was asked for, or something is tried */
    private function shown(): Collection
    {
        return $this->isAll || $this->tried !== null ? $this->jobs() : $this->jobs()->filter(fn (Job $job, int $i) => $i < self::SHOWN || $this->isChanging($job))->values();
    }

    public function hidden(): int
    {
        return $this->jobs()->count() - $this->shown()->count();
    }

    public function isChanging(Job $job): bool
    {
        return $this->changing === $job->number;
    }

    /** The day a job will honestly be done; null where that cannot be said. */
    private function honest(Job $job): ?int
    {
        return $this->plan()->honest($job);
    }

    private function before(Job $job): ?int
    {
        return $this->stands->honest($job);
    }

    private function careful(Job $job): ?int
    {
        return self::doneOn($this->plan()->careful($job));
    }

    /** Days after its promise; 0 where it holds, null without a promise or a date. */
    private function late(Job $job): ?int
    {
        $promised = $job->promisedDay();
        $honest = $this->honest($job);

        return $promised === null || $honest === null ? null : max(0, $honest - $promised);
    }

    /** @return iterable<DateRow> one after the other, as they stand */
    public function rows(): iterable
    {
        foreach ($this->shown() as $job) {
            yield $this->row($job);
        }
    }

    private function row(Job $job): DateRow
    {
        [$honest, $careful, $before] = [$this->honest($job), $this->careful($job), $this->before($job)];
        $reasons = Why::reasons($this->plan(), $job);
        $cheapest = $reasons?->cheapest();

        return new DateRow(
            job: $job, address: JobAddress::of($job), promised: $job->promised_on === null ? null : self::day((int) $job->promisedDay()), before: $this->goesBefore($job),
            hands: $this->hands($job), honest: $honest === null ? null : self::day($honest), why: $honest === null ? Why::noDate($this->plan(), $job) : null,
            lateDays: $this->late($job) ?? 0, careful: $careful === null || $careful === $honest ? null : self::day($careful),
            was: $this->tried === null || $before === $honest ? null : ($before === null ? 'without a date' : self::day($before)),
            total: $reasons === null || $reasons->links === [] ? null : Spans::words($reasons->total()),
            cheapest: $cheapest === null ? null : lcfirst($this->label($job, $cheapest->task->code)),
        );
    }

    /** The number of the job it is done before; null where it has its turn by its promise. */
    private function goesBefore(Job $job): ?int
    {
        return $job->before_id === null ? null : $this->plan()->jobs->firstWhere('id', $job->before_id)?->number;
    }

    /** @return array<string, string> which work is given to whom, in words, by their first names */
    private function hands(Job $job): array
    {
        $work = [];
        foreach ($job->hands ?? [] as $kind => $person) {
            $name = $this->plan()->firstName((string) $person);
            $name === null ?: $work[$name][] = lcfirst(WorkKind::tryFrom($kind)?->label() ?? '');
        }

        return array_map(fn (array $kinds) => count($kinds) < self::ALMOST_ALL ? implode(', ', $kinds) : 'all they can', $work);
    }

    /** What a task of a job is called. */
    private function label(Job $job, string $code): string
    {
        return $this->plan()->label($job, $code);
    }

    private static function doneOn(?int $done): ?int
    {
        return $done === null ? null : WorkshopPlan::dayOf($done);
    }
}
