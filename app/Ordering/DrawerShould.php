<?php

declare(strict_types=1);

namespace App\Ordering;

use App\Assembly\WorkshopCatalogue;
use App\Bench\OpenJob;
use App\Models\Job;
use App\Models\LogbookEntry;
use App\Models\Spacer;
use App\Models\StandingRows;
use App\Models\Workshop;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Cache;
use NeatSpindle\Core\Choosing\Hold\DrawerToHold;
use NeatSpindle\Core\Parts\Drawer\SpacerRow;

use function array_filter;
use function array_map;
use function array_values;
use function hash;
use function now;
use function serialize;

/**
 * What a drawer should hold, by the last jobs of the logbook: each is fitted out as it was, on its bike as it was measured, and may use the whole
 * drawer. It takes some seconds, so it is worked out when somebody asks, and kept as long as nothing it follows from changes.
 */
final class DrawerShould
{
    /** So many jobs are looked at, the latest. */
    public const JOBS = 100;

    private const KEPT_DAYS = 90;

    /** @var Collection<int, Job>|null */
    private ?Collection $jobs = null;

    /** @param  int  $percent  so many of a hundred jobs should be clear */
    public function __construct(private readonly Workshop $workshop, public readonly int $percent) {}

    /** Null where nobody has asked since something changed. */
    public function known(): ?DrawerToHold
    {
        $kept = Cache::get($this->mark());

        return $kept instanceof DrawerToHold ? $kept : null;
    }

    public function workOut(): DrawerToHold
    {
        $jobs = $this->jobs()->all();
        StandingRows::fillAll(array_values($jobs));
        $catalogue = WorkshopCatalogue::of($this->workshop->id);
        $sheets = array_filter(array_map(fn (Job $job) => (new OpenJob($job, $catalogue))->worksheet(), $jobs));
        $kinds = array_values($this->spacers()->map(fn (Spacer $spacer) => new SpacerRow(SpacerRow::hundredths($spacer->thickness_mm),
            1, $spacer->uses))->all());
        $found = DrawerToHold::of(array_values(array_map(fn ($sheet) => $sheet->recipe, $sheets)), $kinds, $this->percent / 100);
        Cache::put($this->mark(), $found, now()->addDays(self::KEPT_DAYS));

        return $found;
    }

    /** @return array<string, int> how many lie there, by kind */
    public function there(): array
    {
        return $this->spacers()->mapWithKeys(fn (Spacer $spacer) => [$spacer->key() => $spacer->quantity])->all();
    }

    public function hasJobs(): bool
    {
        return $this->jobs()->isNotEmpty();
    }

    /** @return Collection<int, Job> that left or got their motor elsewhere, and had one chosen */
    private function jobs(): Collection
    {
        return $this->jobs ??= Job::query()->where('workshop_id', $this->workshop->id)->whereNotNull('handed_over_at')
            ->whereIn('id', LogbookEntry::query()->where('workshop_id', $this->workshop->id)->select('job_id'))
            ->whereHas('kit', fn ($kit) => $kit->whereNotNull('motor_id')->whereNotNull('ring_id'))
            ->orderByDesc('handed_over_at')->orderByDesc('id')->limit(self::JOBS)->get()->toBase();
    }

    /** @return Collection<int, Spacer> */
    private function spacers(): Collection
    {
        return Spacer::query()->where('workshop_id', $this->workshop->id)->inOrder()->get()->toBase();
    }

    private function mark(): string
    {
        return 'should hold '.hash('xxh128', serialize([
            $this->workshop->id, $this->percent, $this->jobs()->map(fn (Job $job) => [$job->id, $job->version])->all(),
            (string) $this->workshop->getAttribute('catalogue_version'),
            $this->spacers()->map(fn (Spacer $spacer) => $spacer->key())->all(),
        ]));
    }
}
