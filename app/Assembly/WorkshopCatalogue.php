<?php

declare(strict_types=1);

namespace App\Assembly;

use App\Models\Job;
use App\Models\Spacer;
use Illuminate\Support\Collection;
use NeatSpindle\Core\Holding\Catalogue\Catalogue;
use NeatSpindle\Core\Parts\Drawer\Drawer;
use NeatSpindle\Core\Parts\Drawer\SpacerRow;
use NeatSpindle\Core\Parts\Part\Ring as CatalogueRing;

use function in_array;

/** What a workshop knows and owns: its parts, its drawer as it can be counted on, and the core's catalogue made from them. */
class WorkshopCatalogue
{
    private ?Catalogue $core = null;

    /**
     * @param  Collection<int, Spacer>  $spacers
     * @param  list<SpacerRow>  $box  what came in the box of a job's motor and is there
     */
    private function __construct(public readonly KnownParts $parts, public readonly Collection $spacers, private readonly array $box) {}

    /** With the whole drawer. */
    public static function of(int $workshopId): self
    {
        $parts = KnownParts::of($workshopId);

        return new self($parts, Spacer::query()->where('workshop_id', $workshopId)->inOrder()->get(), []);
    }

    /** With the drawer as a job can count on it: without what is reserved for others. */
    public static function forJob(Job $job): self
    {
        $parts = KnownParts::at($job->workshop_id, $job->catalogueVersion());

        return new self($parts, $job->spacers, ReceivedBox::of($job, $parts->motors[$job->kit->motor_id ?? 0] ?? null)->packed()->rows());
    }

    /**
     * With more in the drawer than lies there.
     *
     * @param  list<SpacerRow>  $more
     */
    public function with(array $more): self
    {
        return new self($this->parts, $this->spacers, [...$this->box, ...$more]);
    }

    /** Whether anything can be judged with it: there is a motor, and a ring to judge it with. */
    public function suffices(): bool
    {
        return $this->parts->rings !== [] && $this->parts->motors !== [];
    }

    /** Every ring in every way it can be put on is a ring of its own. */
    public function core(): Catalogue
    {
        return $this->core ??= new Catalogue(
            $this->parts->coreMotors,
            $this->parts->coreRings,
            new Drawer([...$this->box, ...array_values($this->spacers->map(fn (Spacer $spacer) => $spacer->row())->all())]),
            $this->parts->coreInserts,
        );
    }

    public function motor(?int $id): ?KnownMotor
    {
        return $this->parts->motors[$id] ?? null;
    }

    public function insert(?int $id): ?KnownInsert
    {
        return $this->parts->inserts[$id] ?? null;
    }

    /** A ring as it is put on; as it comes where it does not go on that way any more. Null when there is no such ring. */
    public function ring(?int $id, string $mounting): ?CatalogueRing
    {
        $ring = $this->parts->rings[$id] ?? null;
        $mounted = $ring === null ? null : $this->parts->mounted[$ring->mountedCode($mounting)] ?? $this->parts->mounted[$ring->code] ?? null;

        return $mounted?->part;
    }

    /** What motors are judged with while no ring is chosen; null when there is none. */
    public function firstRing(): ?CatalogueRing
    {
        return $this->ring(array_key_first($this->parts->rings), '');
    }

    /**
     * The rings to choose among for a motor: in every way they bolt to it, and as they come those that bolt to it
     * in no way.
     *
     * @param  string  $fitted  the one that is on, which is always among them
     * @return array<array-key, bool> by code, whether it bolts on
     */
    public function boltsOn(KnownMotor $motor, string $fitted): array
    {
        $bolts = array_filter($this->parts->mounted, fn (MountedRing $one) => $one->boltsTo($motor));
        $rings = array_map(fn (MountedRing $one) => $one->ring->id, $bolts);
        $others = array_filter($this->parts->mounted, fn (MountedRing $one) => $one->part->code === $fitted
            || ($one->mounting->words() === '' && ! in_array($one->ring->id, $rings, true)));

        return array_map(fn () => true, $bolts) + array_map(fn () => false, $others);
    }
}
