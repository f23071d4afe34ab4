<?php

declare(strict_types=1);

namespace App\Assembly;

use App\Models\Insert;
use App\Models\Job;
use App\Models\Motor;
use App\Models\Ring;
use App\Models\Spacer;
use App\Models\Spider;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;
use NeatSpindle\Core\Catalogue\Catalogue;
use NeatSpindle\Core\Drawer\Drawer;
use NeatSpindle\Core\Part\Ring as CatalogueRing;

use function in_array;

/** What a workshop knows and owns: the rows of it, and the core's catalogue made from them. */
class WorkshopCatalogue
{
    /** @var array<array-key, MountedRing>|null */
    private ?array $mounted = null;

    private ?Catalogue $core = null;

    /**
     * @param  Collection<int, Motor>  $motors
     * @param  Collection<int, Ring>  $rings
     * @param  Collection<int, Spacer>  $spacers
     * @param  Collection<int, Insert>  $inserts
     * @param  Collection<int, Spider>  $spiders
     */
    public function __construct(
        public readonly Collection $motors,
        public readonly Collection $rings,
        public readonly Collection $spacers,
        public readonly Collection $inserts,
        public readonly Collection $spiders,
    ) {}

    /** With the whole drawer. */
    public static function of(int $workshopId): self
    {
        return self::counted($workshopId, null);
    }

    /** With the drawer as a job can count on it: without what is reserved for others. */
    public static function forJob(Job $job): self
    {
        return self::counted($job->workshop_id, $job);
    }

    private static function counted(int $workshopId, ?Job $job): self
    {
        return new self(
            Motor::query()->where('workshop_id', $workshopId)->orderBy('code')->get(),
            Ring::query()->where('workshop_id', $workshopId)->orderBy('teeth')->orderBy('code')->get(),
            Spacer::query()->when($job !== null, fn (Builder $query) => $query->countedFor($job))
                ->where('workshop_id', $workshopId)->orderBy('thickness_mm')->orderBy('id')->get(),
            Insert::query()->where('workshop_id', $workshopId)->orderBy('code')->get(),
            Spider::query()->where('workshop_id', $workshopId)->orderBy('code')->get(),
        );
    }

    /** Whether anything can be judged with it: there is a motor, and a ring to judge it with. */
    public function suffices(): bool
    {
        return $this->rings->isNotEmpty() && $this->motors->isNotEmpty();
    }

    /** Every ring in every way it can be put on is a ring of its own. */
    public function core(): Catalogue
    {
        return $this->core ??= new Catalogue(
            $this->motors->mapWithKeys(fn (Motor $motor) => [$motor->code => $motor->inCatalogue()])->all(),
            array_map(fn (MountedRing $one) => $one->inCatalogue(), $this->mounted()),
            new Drawer(array_values($this->spacers->map(fn (Spacer $spacer) => $spacer->row())->all())),
            $this->inserts->mapWithKeys(fn (Insert $insert) => [$insert->code => $insert->inCatalogue()])->all(),
        );
    }

    public function motor(?int $id): ?Motor
    {
        return $id === null ? null : $this->motors->firstWhere('id', $id);
    }

    public function insert(?int $id): ?Insert
    {
        return $id === null ? null : $this->inserts->firstWhere('id', $id);
    }

    /** A ring as it is put on; as it comes where it does not go on that way any more. Null when there is no such ring. */
    public function ring(?int $id, string $mounting): ?CatalogueRing
    {
        $ring = $id === null ? null : $this->rings->firstWhere('id', $id);
        $rings = $this->core()->rings;

        return $ring === null ? null : $rings[$ring->mountedCode($mounting)] ?? $rings[$ring->code] ?? null;
    }

    /** What motors are judged with while no ring is chosen; null when there is none. */
    public function firstRing(): ?CatalogueRing
    {
        return $this->core()->rings[$this->rings->first()->code ?? ''] ?? null;
    }

    /** @return array<array-key, MountedRing> every ring in every way it can be put on, by the code a job's document has for it */
    public function mounted(): array
    {
        return $this->mounted ??= $this->everyWay();
    }

    /**
     * The rings to choose among for a motor: in every way they bolt to it, and as they come those that bolt to it
     * in no way.
     *
     * @param  string  $fitted  the one that is on, which is always among them
     * @return array<array-key, bool> by code, whether it bolts on
     */
    public function boltsOn(Motor $motor, string $fitted): array
    {
        $bolts = array_filter($this->mounted(), fn (MountedRing $one) => $one->boltsTo($motor));
        $rings = array_map(fn (MountedRing $one) => $one->ring->id, $bolts);
        $others = array_filter($this->mounted(), fn (MountedRing $one) => $one->code() === $fitted
            || ($one->mounting->words() === '' && ! in_array($one->ring->id, $rings, true)));

        return array_map(fn () => true, $bolts) + array_map(fn () => false, $others);
    }

    /** @return array<array-key, MountedRing> */
    private function everyWay(): array
    {
        $mounted = [];
        foreach ($this->rings as $ring) {
            foreach ($ring->mountings($this->spiders) as $words => $mounting) {
                $mounted[$ring->mountedCode($words)] = new MountedRing($ring, $mounting);
            }
        }

        return $mounted;
    }
}
