<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Reading;
use App\Models\User;
use NeatSpindle\Core\Measuring\Survey\Instrument;
use NeatSpindle\Core\Measuring\Survey\Repeatability;

/** What a person's readings tell of their hands: how well each instrument comes back to the same figure in them. */
class Hands
{
    /** Older readings are not looked through: hands and calipers change. */
    private const MOST_READINGS = 2_000;

    /** @return array<string, Repeatability> by instrument; those that were ever used */
    public static function of(User $person): array
    {
        $sets = [];
        foreach (self::readings($person) as $reading) {
            $sets[$reading->instrument->value]["{$reading->job_id} {$reading->spot->value} {$reading->superseded_by_id}"][] = $reading->value_mm;
        }

        return array_map(fn (array $of) => Repeatability::of(array_values($of)), $sets);
    }

    /** What one instrument comes to; nothing read is nothing known. */
    public static function with(User $person, Instrument $instrument): Repeatability
    {
        return self::of($person)[$instrument->value] ?? Repeatability::of([]);
    }

    /** @return iterable<Reading> what was read and neither taken back nor stated with a doubt of its own, the latest first */
    private static function readings(User $person): iterable
    {
        return Reading::query()->where('user_id', $person->id)->whereNull('withdrawn_by_id')->whereNull('plus_minus_mm')->latest('id')->limit(self::MOST_READINGS)
            ->get(['id', 'job_id', 'spot', 'instrument', 'superseded_by_id', 'value_mm']);
    }
}
