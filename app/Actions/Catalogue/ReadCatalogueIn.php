<?php

declare(strict_types=1);

namespace App\Actions\Catalogue;

use App\Actions\StandsOtherwise;
use App\Actions\Submission;
use App\Assembly\KnownParts;
use App\Documents\CatalogueDocument;
use App\Models\Insert;
use App\Models\Motor;
use App\Models\Pack;
use App\Models\Ring;
use App\Models\Row;
use App\Models\Spacer;
use App\Models\Spider;
use App\Models\User;
use App\Models\Workshop;
use Illuminate\Contracts\Auth\Access\Gate;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use NeatSpindle\Core\Parts\Drawer\SpacerUse;

use function count;

/**
 * Adds what is new in a catalogue and updates what has the same code; a spacer row is the same when thickness and uses
 * are. What the workshop would then have, old and new together, stays within what its pages can work with.
 */
class ReadCatalogueIn
{
    /** How many rows are written at once. */
    private const AT_ONCE = 500;

    private const MOST = [
        'motors' => Motor::MOST, 'rings' => Ring::MOST, 'inserts' => Insert::MOST, 'spiders' => Spider::MOST, 'packs' => Pack::MOST,
    ];

    /** Rings in every way they can be put on. */
    private const MOST_WAYS = 1_000;

    public function __construct(private readonly Gate $gate, private readonly Submission $submission) {}

    /**
     * @param  ?string  $seen  the version of the catalogue the person saw; null where nothing is said of it
     * @return array<string, int> how many of each were read
     *
     * @throws ValidationException when the workshop would have too many of something; nothing is read in then
     */
    public function __invoke(User $by, CatalogueDocument $read, ?string $seen = null): array
    {
        return DB::transaction(function () use ($by, $read, $seen): array {
            $this->submission->claim($by);
            $workshop = Workshop::query()->whereKey($by->workshop_id)->lockForUpdate()->firstOrFail();
            $this->gate->forUser($by)->authorize('importCatalogue', $workshop);
            if ($seen !== null && $seen !== $workshop->catalogue_version) {
                throw StandsOtherwise::told('Somebody has changed the catalogue', 'file');
            }
            $this->keep($workshop, new Motor, $read->motors());
            $this->keep($workshop, new Ring, $read->rings());
            $this->keep($workshop, new Insert, $read->inserts());
            $this->keep($workshop, new Spider, $read->spiderRows());
            $this->keep($workshop, new Pack, $read->packs());
            $this->keepSpacers($workshop, $read);
            $workshop->renewCatalogue();
            $this->expectNotTooMany($workshop);

            return $read->counts();
        });
    }

    /** @param  array<array-key, array<string, mixed>>  $rows  by code */
    private function keep(Workshop $workshop, Row $kind, array $rows): void
    {
        $written = [];
        foreach ($rows as $code => $row) {
            $written[] = $kind->newInstance()->forceFill(['workshop_id' => $workshop->id, 'code' => (string) $code, ...$row])->getAttributes();
        }
        foreach (array_chunk($written, self::AT_ONCE) as $some) {
            $kind->newQueryWithoutScopes()->upsert($some, ['workshop_id', 'code']);
        }
    }

    private function keepSpacers(Workshop $workshop, CatalogueDocument $read): void
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
    private function expectNotTooMany(Workshop $workshop): void
    {
        $has = $workshop->loadCount(array_keys(self::MOST));
        foreach (self::MOST as $kind => $most) {
            $this->expect((int) $has->getAttribute("{$kind}_count"), $most, $kind);
        }
        $this->expect(Spacer::inUse($workshop)->count(), Spacer::MOST_KINDS, 'kinds of spacers');
        $this->expect(
            count(KnownParts::of($workshop->id)->mounted), self::MOST_WAYS, 'ways to put a ring on, each way round and on each spider,',
        );
    }

    private function expect(int $would, int $most, string $what): void
    {
        if ($would > $most) {
            throw ValidationException::withMessages(['file' => 'With what is there already it would be '.number_format($would)." {$what}; at most "
                .number_format($most).' are kept. Nothing was read in.']);
        }
    }
}
