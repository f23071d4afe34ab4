<?php

declare(strict_types=1);

namespace App\Actions\Catalogue;

use App\Actions\Stock\StockBook;
use App\Assembly\KnownParts;
use App\Documents\CatalogueDocument;
use App\Models\Insert;
use App\Models\MeasuredPart;
use App\Models\Motor;
use App\Models\Pack;
use App\Models\Ring;
use App\Models\Row;
use App\Models\Spacer;
use App\Models\Spider;
use App\Models\User;
use App\Models\Workshop;
use Illuminate\Validation\ValidationException;
use NeatSpindle\Core\Parts\Drawer\SpacerUse;

use function count;

/**
 * Writes a catalogue into a workshop's rows, inside the transaction of whoever changes it: what is new is added, what has the same code is
 * updated; a spacer row is the same when thickness and uses are.
 */
class CatalogueRows
{
    /** How many rows are written at once. */
    private const AT_ONCE = 500;

    private const MOST = [
        'motors' => Motor::MOST, 'rings' => Ring::MOST, 'inserts' => Insert::MOST, 'spiders' => Spider::MOST, 'packs' => Pack::MOST,
    ];

    /** Rings in every way they can be put on. */
    private const MOST_WAYS = 1_000;

    public function __construct(private readonly StockBook $book) {}

    /**
     * @param  string  $field  of the form, where it is said that there would be too many
     *
     * @throws ValidationException when the workshop would have too many of something
     */
    public function keep(Workshop $workshop, User $by, CatalogueDocument $read, string $field): void
    {
        $this->write($workshop, new Motor, $read->motors());
        $this->write($workshop, new Ring, $read->rings());
        $this->write($workshop, new Insert, $read->inserts());
        $this->write($workshop, new Spider, $read->spiderRows());
        $this->write($workshop, new Pack, $read->packs());
        $this->book->counting($workshop, $by, 'read in with a catalogue', fn () => $this->writeSpacers($workshop, $read));
        $workshop->renewCatalogue();
        $this->expectNotTooMany($workshop, $field);
    }

    /** @param  array<array-key, array<string, mixed>>  $rows  by code */
    private function write(Workshop $workshop, Row $kind, array $rows): void
    {
        $written = [];
        foreach ($rows as $code => $row) {
            $written[] = $kind->newInstance()->forceFill([
                'workshop_id' => $workshop->id, 'code' => (string) $code, ...$row,
            ])->getAttributes();
        }
        foreach (array_chunk($written, self::AT_ONCE) as $some) {
            $kind->newQueryWithoutScopes()->upsert($some, ['workshop_id', 'code']);
        }
    }

    private function writeSpacers(Workshop $workshop, CatalogueDocument $read): void
    {
        $written = array_map(fn (array $row) => Spacer::rowOf(
            $workshop, (float) $row['thickness_mm'], array_map(SpacerUse::from(...), $row['use']), $row['quantity'],
        ), $read->spacers());
        foreach (array_chunk($written, self::AT_ONCE) as $some) {
            Spacer::query()->upsert(
                $some, ['workshop_id', 'thickness_mm', 'uses_key'], ['quantity', 'retired_at', 'retired_by_id', 'updated_at'],
            );
        }
    }

    /** @throws ValidationException */
    private function expectNotTooMany(Workshop $workshop, string $field): void
    {
        $has = $workshop->loadCount(array_keys(self::MOST));
        foreach (self::MOST as $kind => $most) {
            $this->expect((int) $has->getAttribute("{$kind}_count"), $most, $kind, $field);
        }
        $this->expect($workshop->measuredParts()->count(), MeasuredPart::MOST, 'parts measured here', $field);
        $this->expect(Spacer::inUse($workshop)->count(), Spacer::MOST_KINDS, 'kinds of spacers', $field);
        $this->expect(
            count(KnownParts::of($workshop->id)->mounted), self::MOST_WAYS, 'ways to put a ring on, each way round and on each spider,', $field,
        );
    }

    private function expect(int $would, int $most, string $what, string $field): void
    {
        if ($would > $most) {
            throw ValidationException::withMessages([$field => 'With what is there already it would be '.number_format($would)." {$what}; at most "
                .number_format($most).' are kept. Nothing was read in.']);
        }
    }
}
