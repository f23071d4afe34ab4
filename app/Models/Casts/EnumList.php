<?php

declare(strict_types=1);

namespace App\Models\Casts;

use BackedEnum;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

use function is_array;
use function is_int;
use function is_string;

/**
 * Cases of one enumeration in a JSON column.
 *
 * @implements CastsAttributes<list<BackedEnum>, list<BackedEnum>>
 */
class EnumList implements CastsAttributes
{
    /** @param  class-string<BackedEnum>  $enum */
    public function __construct(private readonly string $enum) {}

    /** @return list<BackedEnum> */
    public function get(Model $model, string $key, mixed $value, array $attributes): array
    {
        $kept = is_string($value) ? json_decode($value, true, flags: JSON_THROW_ON_ERROR) : [];
        $cases = [];
        foreach (is_array($kept) ? $kept : [] as $one) {
            $cases[] = is_string($one) || is_int($one) ? $this->enum::from($one) : null;
        }

        return array_values(array_filter($cases));
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        return json_encode(array_map(fn (BackedEnum $one) => $one->value, $value ?? []), JSON_THROW_ON_ERROR);
    }
}
