<?php

declare(strict_types=1);

namespace App\Models\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

use function is_array;
use function is_string;

/**
 * The pieces a hand chose: thicknesses in mm by place. A whole millimetre comes back from the database as the fraction it
 * went in as.
 *
 * @implements CastsAttributes<array<string, list<float>>, array<string, list<float>>>
 */
class PiecesByPlace implements CastsAttributes
{
    /** @return array<string, list<float>> */
    public function get(Model $model, string $key, mixed $value, array $attributes): array
    {
        $kept = is_string($value) ? json_decode($value, true, flags: JSON_THROW_ON_ERROR) : [];
        $pieces = [];
        foreach (is_array($kept) ? $kept : [] as $place => $thicknesses) {
            $pieces[(string) $place] = array_map(floatval(...), array_values(is_array($thicknesses) ? $thicknesses : []));
        }

        return $pieces;
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        return json_encode($value === [] || $value === null ? (object) [] : $value, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
    }
}
