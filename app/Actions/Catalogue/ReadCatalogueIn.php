<?php

declare(strict_types=1);

namespace App\Actions\Catalogue;

use App\Actions\StandsOtherwise;
use App\Actions\Submission;
use App\Actions\WorkshopAction;
use App\Documents\CatalogueDocument;
use App\Models\User;
use App\Models\Workshop;
use Illuminate\Contracts\Auth\Access\Gate;
use Illuminate\Validation\ValidationException;

use function in_array;

/**
 * Adds what is new in a catalogue and updates what has the same code. What the workshop would then have, old and new together,
 * stays within what its pages can work with.
 */
class ReadCatalogueIn extends WorkshopAction
{
    public function __construct(Gate $gate, Submission $submission, private readonly CatalogueRows $rows)
    {
        parent::__construct($gate, $submission);
    }

    /**
     * @param  ?string  $seen  the version of the catalogue the person saw; null where nothing is said of it
     * @return array<string, int> how many of each were read
     *
     * @throws ValidationException when the workshop would have too many of something; nothing is read in then
     */
    public function __invoke(User $by, CatalogueDocument $read, ?string $seen = null): array
    {
        return $this->change($by, 'importCatalogue', function (Workshop $workshop) use ($by, $read, $seen): array {
            if ($seen !== null && $seen !== $workshop->catalogue_version) {
                throw StandsOtherwise::told('Somebody has changed the catalogue', 'file');
            }
            $this->keepDrafts($workshop, $by, $read);
            $this->rows->keep($workshop, $by, $read, 'file');

            return $read->counts();
        });
    }

    /** Parts that are not measured to the end: what is begun here under the same code stays as it is. */
    private function keepDrafts(Workshop $workshop, User $by, CatalogueDocument $read): void
    {
        $here = $workshop->measuredParts()->pluck('code')->all();
        foreach ($read->drafts() as $code => $draft) {
            if (! in_array((string) $code, $here, true)) {
                $workshop->measuredParts()->create(['user_id' => $by->id, 'code' => (string) $code, ...$draft]);
            }
        }
    }
}
