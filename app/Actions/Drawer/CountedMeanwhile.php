<?php

declare(strict_types=1);

namespace App\Actions\Drawer;

use App\Actions\ChangedMeanwhile;
use App\Models\Spacer;

/** Somebody else counted, took from or moved the very kind a person was counting. */
class CountedMeanwhile extends ChangedMeanwhile
{
    /** @param  string  $of  `quantity` or `lies_in` */
    public static function kind(Spacer $stands, string $of): self
    {
        return new self($of === 'quantity'
            ? "There are {$stands->quantity} now: somebody counted them or took some out after you had opened this page. Count them again; yours was not kept."
            : 'Somebody says they lie in “'.($stands->lies_in ?? 'nowhere in particular').'” now. Look again; yours was not kept.', $of);
    }
}
