<?php

declare(strict_types=1);

namespace App\Assembly;

use App\Models\Insert;
use App\Models\Motor;
use App\Models\Pack;
use App\Models\Ring;
use App\Models\Spider;
use App\Models\Workshop;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use NeatSpindle\Core\Fitting\Battery\PackPapers;
use NeatSpindle\Core\Ground\Document\InvalidDocument;
use NeatSpindle\Core\Holding\Catalogue\Motor as CatalogueMotor;
use NeatSpindle\Core\Parts\Part\Insert as CatalogueInsert;
use NeatSpindle\Core\Parts\Part\NutSocket;
use NeatSpindle\Core\Parts\Part\Ring as CatalogueRing;

/**
 * What a workshop's catalogue holds beside spacers, made from its rows once and kept until it changes.
 *
 * It is kept under the catalogue's version, which is drawn anew by each change and never comes twice: nobody can be
 * shown what another workshop has, or what was taken back.
 */
readonly class KnownParts
{
    /** The shape of what is kept; a test draws it anew when a class in it changes, so that what an older program kept is not read. */
    public const SHAPE = '56093648';

    private const DAYS = 30;

    /** @var array<array-key, MountedRing> every ring in every way it can be put on, by the code a job's document has for it */
    public array $mounted;

    /** @var array<array-key, int> of the motors */
    private array $idsByCode;

    /** @var array<array-key, CatalogueMotor> by code */
    public array $coreMotors;

    /** @var array<array-key, CatalogueRing> by code */
    public array $coreRings;

    /** @var array<array-key, CatalogueInsert> by code */
    public array $coreInserts;

    /**
     * @param  array<int, KnownMotor>  $motors  by id, as a list shows them
     * @param  array<int, KnownRing>  $rings  by id, as a list shows them
     * @param  array<int, KnownInsert>  $inserts  by id, as a list shows them
     * @param  ?NutSocket  $nutSocket  the socket there is for the nut of a sleeve
     * @param  array<int, string>  $unreadable  motors whose figures cannot be read any more, by id: what they are called, and why
     * @param  array<array-key, PackPapers>  $packs  batteries, by code
     */
    public function __construct(
        public array $motors, public array $rings, public array $inserts, public array $unreadable, public ?NutSocket $nutSocket, public array $packs,
    ) {
        $mounted = [];
        foreach ($rings as $ring) {
            foreach ($ring->ways as $words => $mounting) {
                $mounted[$ring->mountedCode($words)] = new MountedRing($ring, $mounting);
            }
        }
        $this->mounted = $mounted;
        $this->coreRings = array_map(fn (MountedRing $one) => $one->part, $mounted);
        $this->idsByCode = array_column($motors, 'id', 'code');
        $this->coreMotors = array_column(array_map(fn (KnownMotor $motor) => [$motor->code, $motor->part], $motors), 1, 0);
        $this->coreInserts = array_column(array_map(fn (KnownInsert $insert) => [$insert->part->code, $insert->part], $inserts), 1, 0);
    }

    public static function of(int $workshopId): self
    {
        return self::at($workshopId, self::version($workshopId));
    }

    /** As the catalogue stands at a version that was just read. */
    public static function at(int $workshopId, string $version): self
    {
        $kept = Cache::get(self::key($workshopId, $version));

        return $kept instanceof self ? $kept : self::keep($workshopId);
    }

    /** @return array<array-key, string> what people call each, by its code */
    public function names(): array
    {
        $all = [
            array_column($this->motors, 'name', 'code'), array_map(fn (MountedRing $ring) => $ring->part->label(), $this->mounted),
            array_map(fn (PackPapers $pack) => $pack->name, $this->packs),
        ];
        foreach ($this->inserts as $insert) {
            $all[] = [$insert->part->code => $insert->part->label()];
        }

        return array_replace(...$all);
    }

    public function motorCalled(string $code): ?KnownMotor
    {
        return $this->motors[$this->idsByCode[$code] ?? 0] ?? null;
    }

    private static function keep(int $workshopId): self
    {
        return DB::transaction(function () use ($workshopId): self {
            $version = self::version($workshopId);
            $parts = self::read($workshopId);
            Cache::put(self::key($workshopId, $version), $parts, now()->addDays(self::DAYS));

            return $parts;
        });
    }

    private static function read(int $workshopId): self
    {
        $spiders = array_values(
            Spider::query()->where('workshop_id', $workshopId)->orderBy('code')->get()->map(fn (Spider $row) => $row->adapter())->all(),
        );
        $rings = Ring::query()->where('workshop_id', $workshopId)->orderBy('teeth')->orderBy('code')->get()->keyBy('id');
        $motors = Motor::query()->where('workshop_id', $workshopId)->orderBy('code')->get()->keyBy('id');
        $inserts = Insert::query()->where('workshop_id', $workshopId)->orderBy('code')->get()->keyBy('id');

        [$known, $unreadable] = [[], []];
        foreach ($motors as $id => $row) {
            try {
                $known[$id] = KnownMotor::of($row);
            } catch (InvalidDocument $invalid) {
                $unreadable[$id] = "{$row->name} ({$row->code}): {$invalid->faults[0]->path} {$invalid->faults[0]->message}";
            }
        }

        return new self(
            $known,
            $rings->map(fn (Ring $row) => KnownRing::of($row, $spiders))->all(),
            $inserts->map(KnownInsert::of(...))->all(),
            $unreadable,
            Workshop::query()->findOrFail($workshopId)->nutSocket(),
            Pack::query()->where('workshop_id', $workshopId)->orderBy('code')->get()->keyBy('code')->map(fn (Pack $row) => $row->papers())->all(),
        );
    }

    private static function version(int $workshopId): string
    {
        return (string) Workshop::query()->toBase()->where('id', $workshopId)->value('catalogue_version');
    }

    private static function key(int $workshopId, string $version): string
    {
        return 'parts '.self::SHAPE." {$workshopId} {$version}";
    }
}
