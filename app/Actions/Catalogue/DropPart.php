<?php

declare(strict_types=1);

namespace App\Actions\Catalogue;

use App\Actions\WorkshopAction;
use App\Models\MeasuredPart;
use App\Models\User;
use App\Models\Workshop;
use Illuminate\Validation\ValidationException;

/** Drops a part that nobody goes on measuring; one that stands in the catalogue stays, for jobs may have it. */
class DropPart extends WorkshopAction
{
    public function __invoke(User $by, MeasuredPart $row): void
    {
        $this->change($by, 'measureParts', function (Workshop $workshop) use ($row): void {
            $row = $workshop->measuredParts()->lockForUpdate()->findOrFail($row->id);
            if ($row->in_catalogue_at !== null) {
                throw ValidationException::withMessages(['part' => 'It stands in the catalogue and stays there: a job may have it.']);
            }
            $row->delete();
        });
    }
}
