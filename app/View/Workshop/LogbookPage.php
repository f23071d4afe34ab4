<?php

declare(strict_types=1);

namespace App\View\Workshop;

use App\Assembly\BikeAssembler;
use App\Assembly\Findings;
use App\Assembly\KnownParts;
use App\Models\Job;
use App\Models\LogbookEntry;
use App\Models\Recheck;
use App\Models\User;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;
use NeatSpindle\Core\Donor\Shell\Identification;
use NeatSpindle\Core\Whole\Logbook\FramePrint;
use NeatSpindle\Core\Whole\Logbook\Likeness;
use NeatSpindle\Core\Whole\Prove\Found;
use NeatSpindle\Core\Whole\Prove\RecheckPlan;

use function array_slice;
use function is_string;

/** Every bike that was given out, found by what it is, who rides it, what was fitted or what was wrong; or by how like it is to one on the bench. */
class LogbookPage
{
    /** So many are looked through where words are looked for. */
    private const MOST = 200;

    private const SHOWN = 25;

    private const LONGEST_SEARCH = 80;

    private const SHOWS = [
        'bike', 'kit.motor', 'readings', 'answers', 'decisions', 'rechecks.items', 'handOvers', 'logbookEntry', 'misses',
    ];

    public readonly string $find;

    public readonly ?Job $like;

    /** How many stand before those that are shown. */
    public readonly int $from;

    /** @var array<int, float> how like each is to the one on the bench, by job, the likest first; none where that was not asked */
    private readonly array $likeness;

    /** @var Collection<int, Job> those that are shown */
    private readonly Collection $jobs;

    private int $count = 0;

    private ?KnownParts $parts = null;

    /**
     * @param  mixed  $find  words from the address
     * @param  mixed  $like  the number of a row of a job, from the address
     * @param  mixed  $from  how many to leave out, from the address
     */
    public function __construct(public readonly User $user, mixed $find, mixed $like, mixed $from = null)
    {
        $this->find = is_string($find) ? mb_substr(trim($find), 0, self::LONGEST_SEARCH) : '';
        $this->like = is_string($like) && ctype_digit($like) ? Job::query()->with(['bike', 'readings', 'answers'])->find($like) : null;
        $this->from = is_string($from) && preg_match('/^\d{1,6}$/D', $from) === 1 ? (int) $from : 0;
        $this->likeness = $this->like === null ? [] : self::likeness($this->like);
        $this->jobs = $this->find === '' ? $this->read($this->page()) : $this->found();
    }

    /** @return Collection<int, array{job: Job, like: ?float}> the likest first, where likeness is asked for */
    public function rows(): Collection
    {
        return $this->jobs->map(fn (Job $job) => [
            'job' => $job, 'like' => $this->likeness[$job->id] ?? ($this->like === null ? null : 0.0),
        ]);
    }

    /** How many are left after those that are shown. */
    public function more(): int
    {
        return max(0, $this->count - $this->from - $this->jobs->count());
    }

    public function next(): int
    {
        return $this->from + self::SHOWN;
    }

    /** @return Builder<Job> */
    private static function all(): Builder
    {
        return Job::query()->where(fn (Builder $of) => $of->whereNotNull('handed_over_at')->orWhereNotNull('ended_at'))
            ->orderByRaw('coalesce(handed_over_at, ended_at) desc')->orderByDesc('id');
    }

    /** @return list<int> the jobs to be shown, in their order */
    private function page(): array
    {
        $this->count = self::all()->count();

        return $this->like === null
            ? array_values(self::all()->offset($this->from)->limit(self::SHOWN)->pluck('id')->map(fn (mixed $id): int => (int) $id)->all())
            : array_slice(array_keys($this->likeness), $this->from, self::SHOWN);
    }

    /**
     * @param  list<int>  $ids
     * @return Collection<int, Job> in this order
     */
    private function read(array $ids): Collection
    {
        $order = array_flip($ids);

        return Job::query()->withCustomer()->whereKey($ids)->with(self::SHOWS)->get()->sortBy(fn (Job $job) => $order[$job->id])->values();
    }

    /** @return Collection<int, Job> in whose words those that are looked for stand */
    private function found(): Collection
    {
        $found = self::all()->withCustomer()->with(self::SHOWS)->limit(self::MOST)->get()->filter($this->isFound(...));
        $this->count = $found->count();
        $sorted = $this->like === null ? $found : $found->sortByDesc(fn (Job $job) => $this->likeness[$job->id] ?? 0.0);

        return $sorted->slice($this->from, self::SHOWN)->values();
    }

    /** @return array<int, float> by job, the likest first */
    private static function likeness(Job $like): array
    {
        $frame = new FramePrint($like->bike->kind, Findings::of($like)->lengths());
        $likeness = [];
        foreach (LogbookEntry::query()->for($like)->get() as $entry) {
            $likeness[$entry->job_id] = Likeness::between($frame, $entry->frame());
        }
        arsort($likeness);

        return $likeness;
    }

    /** What was found twice or more when it came back. */
    public function findings(Job $job): string
    {
        $found = RecheckPlan::findings(array_values($job->rechecks->map(fn (Recheck $recheck) => $recheck->found())->all()));

        return implode(
            '; ', array_map(fn (string $code, array $one) => self::titleOf($job, $code).' '.self::times($one), array_keys($found), $found),
        );
    }

    /** The battery that was chosen, as the catalogue calls it; its code where it is not there any more. */
    public function pack(Job $job): string
    {
        $code = $job->kit?->battery?->pack;

        return $code === null ? '' : (($this->parts ??= KnownParts::of($this->user->workshop_id))->packs[$code]->name ?? $code);
    }

    /** @return list<string> what was got for it and not needed */
    public function leftOver(Job $job): array
    {
        return $job->logbookEntry->left_over ?? [];
    }

    /** What its shell is, as far as that was found out. */
    public function shell(Job $job): string
    {
        $shell = (new BikeAssembler($job->bike, Findings::of($job)))->shell();

        return $shell === null ? '' : Identification::of($shell)->identified?->label() ?? sprintf('shell %.1f mm', $shell->width->value);
    }

    private function isFound(Job $job): bool
    {
        $words = [
            (string) $job->number, $job->bike->label, $job->customer_name, $job->bike->kind->label(), $job->bike->frame_material->value,
            $job->kit->motor->name ?? '', $job->kit->motor->mount ?? '',
            $this->findings($job), $job->ended_because ?? '', $job->ended_as?->label() ?? '',
            $this->shell($job), implode(' ', $this->leftOver($job)), ...$job->rechecks->flatMap->items->pluck('note')->all(),
            ...$job->decisions->pluck('reason')->all(), ...$job->rechecks->pluck('note')->all(), ...$job->misses->pluck('note')->all(),
        ];

        return $this->find === '' || str_contains(mb_strtolower(implode(' ', array_map(strval(...), $words))), mb_strtolower($this->find));
    }

    /** @param  array{Found, int}  $one */
    private static function times(array $one): string
    {
        return "{$one[0]->label()} {$one[1]} times";
    }

    private static function titleOf(Job $job, string $code): string
    {
        foreach ($job->rechecks as $recheck) {
            foreach ($recheck->items as $item) {
                if ($item->code === $code) {
                    return $item->title;
                }
            }
        }

        return $code;
    }
}
