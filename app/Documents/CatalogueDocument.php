<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\Insert;
use App\Models\Job;
use App\Models\Motor;
use App\Models\Ring;
use App\Models\Spacer;
use App\Models\Spider;
use App\Models\Workshop;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use NeatSpindle\Core\Catalogue\Mount;
use NeatSpindle\Core\Catalogue\Spider as AdapterSpider;
use NeatSpindle\Core\Document\ExtrasReader;
use NeatSpindle\Core\Document\Fault;
use NeatSpindle\Core\Document\InvalidDocument;
use NeatSpindle\Core\Document\JobReader;
use NeatSpindle\Core\Document\JsonText;

use function count;
use function in_array;

/** A workshop's catalogue and drawer in the shape of the job document's `catalogue`. */
class CatalogueDocument
{
    /** Kept in columns of their own; all else of a motor is kept as the document has it. */
    private const MOTOR_COLUMNS = ['name', 'mount', 'continuous_w', 'max_torque_nm'];

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
        private readonly bool $isForJob = false,
    ) {}

    public static function of(int $workshopId): self
    {
        return self::counted($workshopId, null, false);
    }

    /** As the jobs' documents have it, with the whole drawer. */
    public static function forEveryJob(int $workshopId): self
    {
        return self::counted($workshopId, null, true);
    }

    /** With the drawer as a job can count on it: without what is reserved for others. */
    public static function forJob(Job $job): self
    {
        return self::counted($job->workshop_id, $job, true);
    }

    private static function counted(int $workshopId, ?Job $job, bool $isForJob): self
    {
        return new self(
            Motor::query()->where('workshop_id', $workshopId)->orderBy('code')->get(),
            Ring::query()->where('workshop_id', $workshopId)->orderBy('teeth')->orderBy('code')->get(),
            Spacer::query()->when($job !== null, fn (Builder $query) => $query->countedFor($job))->where('workshop_id', $workshopId)->orderBy('thickness_mm')->orderBy('id')->get(),
            Insert::query()->where('workshop_id', $workshopId)->orderBy('code')->get(),
            Spider::query()->where('workshop_id', $workshopId)->orderBy('code')->get(),
            $isForJob,
        );
    }

    /** Whether anything can be computed with it: there is a ring, and a sleeve motor that can stand in while none is chosen. */
    public function suffices(): bool
    {
        return $this->rings->isNotEmpty() && $this->motors->contains('mount', Mount::Sleeve);
    }

    /** @return array<string, mixed> motors, rings, spacers and inserts, as a job's document has them; by itself with its spiders */
    public function toArray(): array
    {
        return [
            'motors' => (object) $this->motors->mapWithKeys(fn (Motor $motor) => [$motor->code => self::motor($motor)])->all(),
            'rings' => (object) ($this->isForJob ? $this->mountedRings() : $this->rings->mapWithKeys(fn (Ring $ring) => [$ring->code => self::ring($ring)])->all()),
            'spacers' => array_values($this->spacers->map(fn (Spacer $spacer) => self::spacer($spacer))->all()),
            'inserts' => (object) $this->inserts->mapWithKeys(fn (Insert $insert) => [$insert->code => self::insert($insert)])->all(),
        ] + ($this->isForJob || $this->spiders->isEmpty() ? [] : ['spiders' => (object) $this->spiders->mapWithKeys(fn (Spider $spider) => [$spider->code => self::spider($spider)])->all()]);
    }

    /** @return array<array-key, MountedRing> every ring in every way it can be put on, by the code a job's document has for it */
    public function mounted(): array
    {
        $mounted = [];
        foreach ($this->rings as $ring) {
            foreach ($ring->mountings($this->spiders) as $words => $mounting) {
                $mounted[$ring->mountedCode($words)] = new MountedRing($ring, $mounting);
            }
        }

        return $mounted;
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
        $mounted = $this->mounted();
        $bolts = array_filter($mounted, fn (MountedRing $one) => $one->boltsTo($motor));
        $rings = array_map(fn (MountedRing $one) => $one->ring->id, $bolts);
        $others = array_filter($mounted, fn (MountedRing $one) => $one->code() === $fitted
            || ($one->mounting->words() === '' && ! in_array($one->ring->id, $rings, true)));

        return array_map(fn () => true, $bolts) + array_map(fn () => false, $others);
    }

    /** @return array<array-key, array<string, mixed>> */
    private function mountedRings(): array
    {
        return array_map(fn (MountedRing $one) => ['dish_mm' => $one->dish()] + self::ring($one->ring), $this->mounted());
    }

    /**
     * Adds what is new and updates what has the same code; a spacer row is the same when thickness and uses are.
     *
     * @return array<string, int> how many of each were read
     *
     * @throws InvalidDocument with every fault; then nothing is kept
     */
    public static function import(Workshop $workshop, string $json): array
    {
        $document = JsonText::object($json);
        JobReader::catalogue($document);
        $spiders = ExtrasReader::read($document);
        /** @var array{motors: array<string, array<string, mixed>>, rings: array<string, array<string, mixed>>, spacers: list<array<string, mixed>>, inserts?: ?array<string, array<string, mixed>>} $read */
        $read = json_decode($json, true, flags: JSON_THROW_ON_ERROR);
        $inserts = $read['inserts'] ?? [];
        self::expectNoRowTwice($read['spacers']);

        DB::transaction(function () use ($workshop, $read, $inserts, $spiders): void {
            foreach ($read['motors'] as $code => $motor) {
                $workshop->motors()->updateOrCreate(['code' => (string) $code], [
                    ...array_intersect_key($motor, array_flip(self::MOTOR_COLUMNS)),
                    'figures' => array_diff_key($motor, array_flip(self::MOTOR_COLUMNS)),
                ]);
            }
            foreach ($read['rings'] as $code => $ring) {
                $workshop->rings()->updateOrCreate(['code' => (string) $code], [
                    'teeth' => $ring['teeth'], 'dish_mm' => $ring['dish_mm'], 'thickness_mm' => $ring['thickness_mm'] ?? 3,
                    'details' => array_diff_key($ring, array_flip(['teeth', 'dish_mm', 'thickness_mm'])) ?: null,
                ]);
            }
            foreach ($inserts as $code => $insert) {
                $workshop->inserts()->updateOrCreate(['code' => (string) $code], [
                    'shells' => $insert['shells'], 'motors' => $insert['motors'], 'flange_mm' => $insert['flange_mm'], 'bore_mm' => $insert['bore_mm'],
                ]);
            }
            foreach ($spiders as $spider) {
                $workshop->spiders()->updateOrCreate(['code' => $spider->code], self::figures($spider));
            }
            self::importSpacers($workshop, $read['spacers']);
        });

        return ['motors' => count($read['motors']), 'rings' => count($read['rings']), 'spacers' => count($read['spacers']), 'inserts' => count($inserts), 'spiders' => count($spiders)];
    }

    /**
     * The open document may list a row twice; a drawer that is kept may not, for nobody could count it.
     *
     * @param  list<array<string, mixed>>  $rows
     *
     * @throws InvalidDocument
     */
    private static function expectNoRowTwice(array $rows): void
    {
        $seen = [];
        $faults = [];
        foreach ($rows as $i => $row) {
            /** @var array{thickness_mm: float|int, use: list<string>} $row */
            $key = DrawerTable::key((float) $row['thickness_mm'], $row['use']);
            if (isset($seen[$key])) {
                $faults[] = new Fault("/spacers/{$i}", "The same thickness and uses as /spacers/{$seen[$key]}: add them up in one row.");
            }
            $seen[$key] ??= $i;
        }
        $faults === [] || throw InvalidDocument::becauseOf($faults);
    }

    /** @param  list<array<string, mixed>>  $rows */
    private static function importSpacers(Workshop $workshop, array $rows): void
    {
        $known = $workshop->spacers()->get()->keyBy(fn (Spacer $spacer) => DrawerTable::key($spacer->thickness_mm, $spacer->uses));
        foreach ($rows as $row) {
            /** @var array{thickness_mm: float|int, quantity: int, use: list<string>} $row */
            $spacer = $known->get(DrawerTable::key((float) $row['thickness_mm'], $row['use']))
                ?? $workshop->spacers()->make(['thickness_mm' => $row['thickness_mm'], 'uses' => $row['use']]);
            $spacer->fill(['quantity' => $row['quantity']])->save();
        }
    }

    /** @return array<string, mixed> */
    private static function motor(Motor $motor): array
    {
        return [
            'name' => $motor->name,
            'mount' => $motor->mount->value,
            'continuous_w' => $motor->continuous_w,
            'max_torque_nm' => $motor->max_torque_nm,
        ] + $motor->figures;
    }

    /** @return array<string, mixed> */
    private static function ring(Ring $ring): array
    {
        return ['teeth' => $ring->teeth, 'dish_mm' => $ring->dish_mm, 'thickness_mm' => $ring->thickness_mm] + ($ring->details ?? []);
    }

    /** @return array<string, mixed> */
    private static function spacer(Spacer $spacer): array
    {
        return ['thickness_mm' => $spacer->thickness_mm, 'quantity' => $spacer->available(), 'use' => $spacer->uses];
    }

    /** @return array<string, mixed> */
    private static function insert(Insert $insert): array
    {
        return ['shells' => $insert->shells, 'motors' => $insert->motors, 'flange_mm' => $insert->flange_mm, 'bore_mm' => $insert->bore_mm];
    }

    /** @return array<string, mixed> */
    private static function spider(Spider $spider): array
    {
        return self::figures($spider->adapter());
    }

    /** @return array<string, mixed> */
    private static function figures(AdapterSpider $spider): array
    {
        return ['bolt_circle_mm' => $spider->boltCircle, 'thickness_mm' => $spider->thickness, 'motors' => $spider->motors];
    }
}
