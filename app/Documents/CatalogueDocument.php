<?php

declare(strict_types=1);

namespace App\Documents;

use App\Assembly\MountedRing;
use App\Assembly\WorkshopCatalogue;
use App\Models\Insert;
use App\Models\MeasuredPart as MeasuredRow;
use App\Models\Motor;
use App\Models\Pack;
use App\Models\Ring;
use App\Models\Spacer;
use App\Models\Spider as SpiderRow;
use App\Models\Workshop;
use Illuminate\Support\Collection;
use Illuminate\Support\Str;
use NeatSpindle\Core\Donor\Shell\ShellStandard;
use NeatSpindle\Core\Ground\Document\Fault;
use NeatSpindle\Core\Ground\Document\InvalidDocument;
use NeatSpindle\Core\Ground\Document\JsonText;
use NeatSpindle\Core\Parts\Drawer\SpacerUse;
use NeatSpindle\Core\Parts\Part\Spider;
use NeatSpindle\Core\Whole\Exchange\ExtrasReader;
use NeatSpindle\Core\Whole\Exchange\JobReader;
use NeatSpindle\Core\Whole\Measured\MeasuredPart;
use NeatSpindle\Core\Whole\Measured\MeasuredReader;

use function count;

/**
 * A catalogue and drawer as an open document, in the shape of the job document's `catalogue`: read in, and written.
 *
 * @phpstan-type Catalogue array{
 *     motors: array<array<string, mixed>>,
 *     rings: array<array<string, mixed>>,
 *     spacers: list<array{thickness_mm: float|int, quantity: int, use: list<string>}>,
 *     inserts: array<array<string, mixed>>,
 *     packs: array<array<string, mixed>>,
 * }
 */
class CatalogueDocument
{
    /** What is read of a document beside its spiders; what else is in it is somebody else's. */
    private const MEMBERS = ['motors', 'rings', 'spacers', 'inserts', 'packs'];

    /** Kept in columns of their own; all else of a motor is kept as the document has it. */
    private const MOTOR_COLUMNS = ['name', 'mount', 'continuous_w', 'max_torque_nm'];

    private const RING_COLUMNS = ['teeth', 'dish_mm', 'thickness_mm'];

    /**
     * @param  Catalogue  $read
     * @param  list<Spider>  $spiders
     * @param  array<array-key, MeasuredPart>  $drafts  parts that are not measured to the end, by code
     */
    private function __construct(private readonly array $read, private readonly array $spiders, private readonly array $drafts) {}

    /** @throws InvalidDocument with every fault at its pointer */
    public static function read(string $json): self
    {
        $document = JsonText::object($json);
        JobReader::catalogue($document);
        $spiders = ExtrasReader::read($document)['spiders'];
        /** @var array{inserts?: ?array<array<string, mixed>>, packs?: ?array<array<string, mixed>>} $decoded */
        $decoded = json_decode($json, true, flags: JSON_THROW_ON_ERROR);
        /** @var Catalogue $read */
        $read = array_intersect_key(
            ['inserts' => $decoded['inserts'] ?? [], 'packs' => $decoded['packs'] ?? []] + $decoded, array_flip(self::MEMBERS),
        );
        self::expectRowsToKeep($read['spacers']);

        return new self($read, $spiders, MeasuredReader::read($document));
    }

    /** @return array<array<string, mixed>> columns by code */
    public function motors(): array
    {
        return array_map(fn (array $motor) => [
            ...array_intersect_key($motor, array_flip(self::MOTOR_COLUMNS)),
            'figures' => array_diff_key($motor, array_flip(self::MOTOR_COLUMNS)),
        ], $this->read['motors']);
    }

    /** @return array<array<string, mixed>> columns by code */
    public function rings(): array
    {
        return array_map(fn (array $ring) => [
            'teeth' => $ring['teeth'], 'dish_mm' => $ring['dish_mm'], 'thickness_mm' => $ring['thickness_mm'] ?? 3,
            'details' => array_diff_key($ring, array_flip(self::RING_COLUMNS)) ?: null,
        ], $this->read['rings']);
    }

    /** @return array<array<string, mixed>> columns by code */
    public function inserts(): array
    {
        return array_map(fn (array $insert) => [
            'shells' => array_map(ShellStandard::from(...), $insert['shells']),
            ...array_intersect_key($insert, array_flip(['motors', 'flange_mm', 'bore_mm'])),
            'details' => array_diff_key($insert, array_flip(['shells', 'motors', 'flange_mm', 'bore_mm'])) ?: null,
        ], $this->read['inserts']);
    }

    /** @return array<array<string, mixed>> columns by code */
    public function packs(): array
    {
        return array_map(fn (array $pack) => ['figures' => $pack], $this->read['packs']);
    }

    /** @return array<array-key, array<string, mixed>> columns by code */
    public function spiderRows(): array
    {
        $rows = [];
        foreach ($this->spiders as $spider) {
            $rows[$spider->code] = self::spider($spider);
        }

        return $rows;
    }

    /** @return array<array-key, array<string, mixed>> columns by code */
    public function drafts(): array
    {
        return array_map(fn (MeasuredPart $part) => ['kind' => $part->kind, 'figures' => $part->values], $this->drafts);
    }

    /** @return list<array{thickness_mm: float|int, quantity: int, use: list<string>}> */
    public function spacers(): array
    {
        return $this->read['spacers'];
    }

    /**
     * Codes that look like another one, here or among those that are known: they differ only in case, accents or blanks.
     *
     * @param  array<string, list<string>>  $known  codes of the workshop, by kind: `motors`, `rings`, `inserts`, `spiders`, `packs`
     * @return list<array{string, string}> each with the one it looks like
     */
    public function nearTwins(array $known): array
    {
        $twins = [];
        foreach (array_diff_key($this->read, ['spacers' => 1]) + ['spiders' => $this->spiderRows()] as $kind => $rows) {
            $seen = [];
            foreach ([...($known[$kind] ?? []), ...array_map(strval(...), array_keys($rows))] as $code) {
                $look = Str::lower(Str::ascii(trim((string) preg_replace('/\s+/u', ' ', $code))));
                if (($seen[$look] ??= $code) !== $code) {
                    $twins[] = [$code, $seen[$look]];
                }
            }
        }

        return $twins;
    }

    /** @return array<string, int> how many of each it has */
    public function counts(): array
    {
        return array_map(count(...), $this->read) + ['spiders' => count($this->spiders)];
    }

    /** @return array<string, mixed> a workshop's own, with its spiders and batteries */
    public static function write(Workshop $workshop): array
    {
        $spiders = $workshop->spiders->mapWithKeys(fn (SpiderRow $spider) => [$spider->code => self::spider($spider->adapter())])->all();

        return self::common(
            $workshop, $workshop->spacers, $workshop->rings->mapWithKeys(fn (Ring $ring) => [$ring->code => self::ring($ring)])->all(),
        )
            + ($spiders === [] ? [] : ['spiders' => (object) $spiders])
            + self::unfinished($workshop)
            + ($workshop->packs->isEmpty() ? [] : ['packs' => (object) $workshop->packs->mapWithKeys(fn (Pack $pack) => [$pack->code => $pack->figures])->all()]);
    }

    /** @return array<string, mixed> parts that are not measured to the end */
    private static function unfinished(Workshop $workshop): array
    {
        $drafts = $workshop->measuredParts->whereNull('in_catalogue_at')->mapWithKeys(fn (MeasuredRow $row) => [
            $row->code => ['kind' => $row->kind->value, 'figures' => (object) $row->figures],
        ])->all();

        return $drafts === [] ? [] : ['measured' => (object) $drafts];
    }

    /** @return array<string, mixed> as a job's document has it: every ring in every way it can be put on */
    public static function writeForJob(Workshop $workshop, WorkshopCatalogue $catalogue): array
    {
        $rings = $workshop->rings->keyBy('id');

        return self::common($workshop, $catalogue->spacers, array_map(
            fn (MountedRing $one) => ['dish_mm' => $one->part->dish] + self::ring($rings->findOrFail($one->ring->id)),
            $catalogue->parts->mounted,
        ));
    }

    /** @return array<string, mixed> */
    public static function spider(Spider $spider): array
    {
        return ['bolt_circle_mm' => $spider->boltCircle, 'thickness_mm' => $spider->thickness, 'motors' => $spider->motors]
            + ($spider->name === '' ? [] : ['name' => $spider->name]);
    }

    /**
     * @param  Collection<int, Spacer>  $spacers
     * @param  array<array-key, array<string, mixed>>  $rings
     * @return array<string, mixed>
     */
    private static function common(Workshop $workshop, Collection $spacers, array $rings): array
    {
        return [
            'motors' => (object) $workshop->motors->mapWithKeys(fn (Motor $motor) => [$motor->code => $motor->document()])->all(),
            'rings' => (object) $rings,
            'spacers' => array_values($spacers->map(fn (Spacer $spacer) => [
                'thickness_mm' => $spacer->thickness_mm, 'quantity' => $spacer->available(), 'use' => array_column($spacer->uses, 'value'),
            ])->all()),
            'inserts' => (object) $workshop->inserts->mapWithKeys(fn (Insert $insert) => [$insert->code => [
                'shells' => array_column($insert->shells, 'value'), 'motors' => $insert->motors, 'flange_mm' => $insert->flange_mm, 'bore_mm' => $insert->bore_mm,
            ] + ($insert->details ?? [])])->all(),
        ];
    }

    /** @return array<string, mixed> */
    private static function ring(Ring $ring): array
    {
        return ['teeth' => $ring->teeth, 'dish_mm' => $ring->dish_mm, 'thickness_mm' => $ring->thickness_mm] + ($ring->details ?? []);
    }

    /**
     * The open document may list a row twice, or one that goes nowhere; a drawer that is kept may not, for nobody could count
     * the one, nor read the other back from a table.
     *
     * @param  list<array{thickness_mm: float|int, quantity: int, use: list<string>}>  $rows
     *
     * @throws InvalidDocument
     */
    private static function expectRowsToKeep(array $rows): void
    {
        $seen = [];
        $faults = [];
        foreach ($rows as $i => $row) {
            $key = Spacer::keyOf((float) $row['thickness_mm'], array_map(SpacerUse::from(...), $row['use']));
            if ($row['use'] === []) {
                $faults[] = new Fault(
                    "/spacers/{$i}/use", 'Say what it is good for: '.implode(', ', array_column(SpacerUse::cases(), 'value')).'.',
                );
            }
            if (isset($seen[$key])) {
                $faults[] = new Fault("/spacers/{$i}", "The same thickness and uses as /spacers/{$seen[$key]}: add them up in one row.");
            }
            $seen[$key] ??= $i;
        }
        $faults === [] || throw InvalidDocument::becauseOf($faults);
    }
}
