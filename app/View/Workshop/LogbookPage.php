<?php

declare(strict_types=1);

namespace App\View\Workshop;

use App\Assembly\BikeAssembler;
use App\Assembly\Findings;
use App\Models\Job;
use App\Models\Recheck;
use App\Models\User;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;
use NeatSpindle\Core\Donor\Shell\Identification;
use NeatSpindle\Core\Whole\Logbook\FramePrint;
use NeatSpindle\Core\Whole\Logbook\Likeness;
use NeatSpindle\Core\Whole\Prove\Found;
use NeatSpindle\Core\Whole\Prove\RecheckPlan;

use function is_string;

/** Every bike that was given out, found by what it is, who rides it, what was fitted or what was wrong; or by how like it is to one on the bench. */
class LogbookPage
{
    private const MOST = 200;

    private const LONGEST_SEARCH = 80;

    public readonly string $find;

    public readonly ?Job $like;

    /** @var Collection<int, Job> */
    private readonly Collection $jobs;

    /**
     * @param  mixed  $find  words from the address
     * @param  mixed  $like  the number of a row of a job, from the address
     */
    public function __construct(public readonly User $user, mixed $find, mixed $like)
    {
        $this->find = is_string($find) ? mb_substr(trim($find), 0, self::LONGEST_SEARCH) : '';
        $this->like = is_string($like) && ctype_digit($like) ? Job::query()->with(['bike', 'readings', 'answers'])->find($like) : null;
        $this->jobs = Job::query()->withCustomer()
            ->where(fn (Builder $of) => $of->whereNotNull('handed_over_at')->orWhereNotNull('ended_at'))
            ->with(['bike', 'kit.motor', 'readings', 'answers', 'decisions', 'rechecks.items', 'handOvers', 'logbookEntry', 'misses'])
            ->orderByRaw('coalesce(handed_over_at, ended_at) desc')->limit(self::MOST)->get();
    }

    /** @return Collection<int, array{job: Job, like: ?float}> the likest first, where likeness is asked for */
    public function rows(): Collection
    {
        $rows = $this->jobs->filter($this->isFound(...))->map(fn (Job $job) => ['job' => $job, 'like' => $this->likeness($job)]);

        return ($this->like === null ? $rows : $rows->sortByDesc('like'))->values();
    }

    /** What was found twice or more when it came back. */
    public function findings(Job $job): string
    {
        $found = RecheckPlan::findings(array_values($job->rechecks->map(fn (Recheck $recheck) => $recheck->found())->all()));

        return implode('; ', array_map(fn (string $code, array $one) => self::titleOf($job, $code).' '.self::times($one), array_keys($found), $found));
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

    private function likeness(Job $job): ?float
    {
        return $this->like === null ? null : Likeness::between(self::frame($this->like), self::frame($job));
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

    private static function frame(Job $job): FramePrint
    {
        return new FramePrint($job->bike->kind, Findings::of($job)->lengths());
    }
}
