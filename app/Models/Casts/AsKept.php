<?php

declare(strict_types=1);

namespace App\Models\Casts;

use App\Models\Values\Kept;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

use function is_array;
use function is_string;

/**
 * A value in a JSON column; null stays null.
 *
 * @implements CastsAttributes<?Kept, ?Kept>
 */
class AsKept implements CastsAttributes
{
    /** @param  class-string<Kept>  $class */
    public function __construct(private readonly string $class) {}

    public function get(Model $model, string $key, mixed $value, array $attributes): ?Kept
    {
        $kept = is_string($value) ? json_decode($value, true, flags: JSON_THROW_ON_ERROR) : null;

        return is_array($kept) ? $this->class::fromArray($kept) : null;
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        return $value === null ? null : json_encode((object) $value->toArray(), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
    }
}
