<?php

declare(strict_types=1);

namespace App\View\Workshop;

use App\Assembly\KnownParts;
use App\Models\Insert;
use App\Models\Motor;
use App\Models\Ring;
use App\Models\Spider;
use App\Models\Workshop;
use App\View\Shared\Finder;
use Illuminate\Support\Collection;
use NeatSpindle\Core\Donor\Shell\ShellStandard;
use NeatSpindle\Core\Holding\Catalogue\Mounts;

use function array_map;
use function implode;

/** What a workshop knows of parts, or those of them that are looked for. */
readonly class CataloguePage
{
    public Finder $find;

    /** @param  mixed  $find  from the address */
    public function __construct(private Workshop $catalogue, public KnownParts $parts, mixed $find)
    {
        $this->find = new Finder($find);
    }

    /** @return Collection<int, Motor> */
    public function motors(): Collection
    {
        return $this->catalogue->motors->filter(fn (Motor $one) => $this->find->finds(
            $one->code, $one->name, $this->mount($one), $this->shells($one),
        ))->values();
    }

    /** @return Collection<int, Ring> */
    public function rings(): Collection
    {
        return $this->catalogue->rings->filter(fn (Ring $one) => $this->find->finds($one->code, "{$one->teeth} teeth"))->values();
    }

    /** A motor as the catalogue calls it; its code where it is not there. */
    public function motorName(string $code): string
    {
        return $this->parts->motorCalled($code)->name ?? $code;
    }

    /** @return Collection<int, Spider> */
    public function spiders(): Collection
    {
        return $this->catalogue->spiders->filter(fn (Spider $one) => $this->find->finds($one->code, implode(' ', $one->motors)))->values();
    }

    /** @return Collection<int, Insert> */
    public function inserts(): Collection
    {
        return $this->catalogue->inserts->filter(fn (Insert $one) => $this->find->finds($one->code, self::named($one->shells)))->values();
    }

    public function version(): string
    {
        return $this->catalogue->catalogue_version;
    }

    /** How a motor is held, as people say it. */
    public function mount(Motor $motor): string
    {
        return Mounts::named($motor->mount)?->label() ?? $motor->mount;
    }

    /** Which shells it goes in as it is; null where the motor cannot be read any more. */
    public function shells(Motor $motor): ?string
    {
        $known = $this->parts->motors[$motor->id] ?? null;

        return $known === null ? null : self::named($known->part->nativeShells);
    }

    /** @param  list<ShellStandard>  $shells */
    public static function named(array $shells): string
    {
        return implode(', ', array_map(fn (ShellStandard $shell) => $shell->label(), $shells));
    }
}
