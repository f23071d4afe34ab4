<?php

declare(strict_types=1);

namespace App\View\Calendar;

use App\Models\Customer;
use App\Models\Job;
use App\Models\Promise;
use App\Planning\WhoDoes;
use App\Planning\WorkshopPlan;
use App\View\Shared\JobAddress;
use DateTimeImmutable;
use Illuminate\Support\Collection;
use NeatSpindle\Core\Whole\Calendar\ElsewhereKind;
use NeatSpindle\Core\Whole\Calendar\Reasons;
use NeatSpindle\Core\Whole\Calendar\RestOfJob;
use NeatSpindle\Core\Whole\Calendar\WorkKind;
use NeatSpindle\Core\Whole\Schedule\PlannedJob;
use NeatSpindle\Core\Whole\Schedule\PlannedTask;
use NeatSpindle\Core\Whole\Schedule\WallClock;

use function count;
use function max;

/** Every open job with its promised and its honest date, and why. */
class DatesTable
{
    /** So many jobs stand in the table before the rest is asked for. */
    private const SHOWN = 80;

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

    /** @return array<int, string> the jobs it could be done before, by their numbers in the database */
    public function others(Job $job): array
    {
        return $this->jobs()->where('id', '!=', $job->id)->mapWithKeys(fn (Job $one) => [$one->id => "{$one->number} {$one->bike->label}"])->all();
    }

    private function planned(Job $job): ?PlannedJob
    {
        return $this->plan()->job($job);
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

    private function reasons(Job $job): ?Reasons
    {
        $planned = $this->planned($job);

        return $planned === null ? null : Reasons::of($planned, $this->plan()->from);
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
        $reasons = $this->reasons($job);
        $cheapest = $reasons?->cheapest();

        return new DateRow(
            job: $job, address: JobAddress::of($job), promised: $job->promised_on === null ? null : self::day((int) $job->promisedDay()), before: $this->goesBefore($job),
            hands: $this->hands($job), honest: $honest === null ? null : self::day($honest), why: $honest === null ? $this->whyNoDate($job) : null,
            lateDays: $this->late($job) ?? 0, careful: $careful === null || $careful === $honest ? null : self::day($careful),
            was: $this->tried === null || $before === $honest ? null : ($before === null ? 'without a date' : self::day($before)),
            total: $reasons === null || $reasons->links === [] ? null : Spans::words($reasons->total()),
            cheapest: $cheapest === null ? null : lcfirst($this->label($job, $cheapest->task->code)),
        );
    }

    /** @return list<array{string, string}> the chain of tasks that makes its date: what comes before each, and the task */
    public function chain(Job $job): array
    {
        return array_map(fn (array $link) => $this->reason($job, $link), $this->reasons($job)->links ?? []);
    }

    /**
     * @param  array{task: PlannedTask, waits: int, takes: int}  $link
     * @return array{string, string}
     */
    private function reason(Job $job, array $link): array
    {
        $who = $this->plan()->firstName($link['task']->who);

        return [
            $link['waits'] > 0 ? Spans::words($link['waits']).' until somebody'.($this->plan()->isShortOfStands() ? ' and a stand are' : ' is').' free, or it is open; ' : '',
            $this->label($job, $link['task']->task->code).': '.Spans::words($link['takes']).($who === null ? '' : ", {$who}"),
        ];
    }

    /** Why nobody can put a day to a job. */
    private function whyNoDate(Job $job): string
    {
        $endless = $this->reasons($job)?->endless?->task;

        return match (true) {
            $endless === null => 'Nobody can do what is left.',
            $endless->skill === RestOfJob::NOBODY => $this->label($job, $endless->code),
            default => 'Nobody here can do what comes next, or there are no hours for it: '.lcfirst($this->label($job, $endless->code)).'.',
        };
    }

    /** The number of the job it is done before; null where it has its turn by its promise. */
    private function goesBefore(Job $job): ?int
    {
        return $job->before_id === null ? null : $this->plan()->jobs->firstWhere('id', $job->before_id)?->number;
    }

    /** @return Collection<int, Promise> what it was promised for, and by whom, the first first; asked for only of the one that is changed */
    public function promises(Job $job): Collection
    {
        return $job->promises()->with('user')->get();
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

    /** @return array<string, string> which work somebody can be named for, by the form's values */
    public function work(): array
    {
        return [WhoDoes::ALL => 'all of it they can', ...array_column(
            array_map(fn (WorkKind $kind) => [$kind->value, $kind->label()], WorkKind::cases()), 1, 0,
        )];
    }

    /** Whose bike it is; asked for only of the one that is changed. */
    public function customer(Job $job): Customer
    {
        return $job->bike->loadMissing('customer')->customer;
    }

    /** A letter of those words, for the program that writes letters here. */
    public function letter(Job $job): string
    {
        return "mailto:{$this->customer($job)->email}?subject=".rawurlencode("{$job->bike->label}, {$job->number}").'&body='.rawurlencode($this->words($job));
    }

    /** What one could tell the customer: to be copied, nothing is sent by itself. The careful day is told, not the likely one. */
    public function words(Job $job): string
    {
        $day = $this->careful($job) ?? $this->honest($job);
        $parts = $job->parts_on?->format('j F');
        $waits = ($job->rest['parts'] ?? false) !== true ? '' : ' We wait for parts'.($parts === null ? '.' : ", which are to come on {$parts}.");
        foreach ($job->inOtherHands()->open() as $one) {
            $waits .= match ($one->kind) {
                ElsewhereKind::Shop => " We wait for another shop: {$one->what}.",
                ElsewhereKind::Customer => " We wait for your answer: {$one->what}.",
            };
        }

        return "Your {$job->bike->label} (number {$job->number}): ".($day === null
            ? 'we cannot name a day yet. '.($waits === '' ? rtrim($this->whyNoDate($job), '.').'.' : ltrim($waits))
            : 'we expect it to be ready on '.self::day($day, 'l j F').".{$waits}");
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
