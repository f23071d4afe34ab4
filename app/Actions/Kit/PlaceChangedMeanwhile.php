<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Actions\ChangedMeanwhile;
use App\Models\KitChange;
use NeatSpindle\Core\Parts\Drawer\Place;

/** Somebody else changed the very place of the stack a person was changing. */
class PlaceChangedMeanwhile extends ChangedMeanwhile
{
    public static function by(KitChange $other, Place $place): self
    {
        return new self("{$other->user->firstName()} changed “{$place->label()}” at {$other->made_at->format('H:i')}: {$other->what}. "
            .'Your change was not made; this is how it stands now. Make it again if it still holds.', $place->value);
    }
}
