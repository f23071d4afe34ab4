<?php

declare(strict_types=1);

namespace App\Actions\Catalogue;

use App\Actions\Submission;
use App\Documents\CatalogueDocument;
use App\Models\Spacer;
use App\Models\User;
use App\Models\Workshop;
use Illuminate\Contracts\Auth\Access\Gate;
use Illuminate\Support\Facades\DB;
use NeatSpindle\Core\Drawer\SpacerUse;

/** Adds what is new in a catalogue and updates what has the same code; a spacer row is the same when thickness and uses are. */
class ReadCatalogueIn
{
    public function __construct(private readonly Gate $gate, private readonly Submission $submission) {}

    /** @return array<string, int> how many of each were read */
    public function __invoke(User $by, CatalogueDocument $read): array
    {
        return DB::transaction(function () use ($by, $read): array {
            $this->submission->claim($by);
            $workshop = Workshop::query()->whereKey($by->workshop_id)->lockForUpdate()->firstOrFail();
            $this->gate->forUser($by)->authorize('importCatalogue', $workshop);
            foreach ($read->motors() as $code => $motor) {
                $workshop->motors()->updateOrCreate(['code' => (string) $code], $motor);
            }
            foreach ($read->rings() as $code => $ring) {
                $workshop->rings()->updateOrCreate(['code' => (string) $code], $ring);
            }
            foreach ($read->inserts() as $code => $insert) {
                $workshop->inserts()->updateOrCreate(['code' => (string) $code], $insert);
            }
            foreach ($read->spiders as $spider) {
                $workshop->spiders()->updateOrCreate(['code' => $spider->code], CatalogueDocument::spider($spider));
            }
            $this->keepSpacers($workshop, $read);
            $workshop->renewCatalogue();

            return $read->counts();
        });
    }

    private function keepSpacers(Workshop $workshop, CatalogueDocument $read): void
    {
        $known = $workshop->spacers()->get()->keyBy(fn (Spacer $spacer) => $spacer->key());
        foreach ($read->spacers() as $row) {
            $uses = array_map(SpacerUse::from(...), $row['use']);
            $spacer = $known->get(Spacer::keyOf((float) $row['thickness_mm'], $uses))
                ?? $workshop->spacers()->make(['thickness_mm' => $row['thickness_mm'], 'uses' => $uses]);
            $spacer->fill(['quantity' => $row['quantity']])->save();
        }
    }
}
