<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\Picture;
use App\Models\Values\HandOverSheet;

/** The pictures that leave with a bike, within its sheet: on paper and at the customer’s nothing is fetched. */
final class SheetPictures
{
    /** @return array<int, string> by their numbers; those that are there */
    public static function inline(HandOverSheet $sheet): array
    {
        return Picture::query()->whereKey(array_keys($sheet->pictures))->get()
            ->mapWithKeys(fn (Picture $one) => [$one->id => $one->inline()])->filter()->all();
    }
}
