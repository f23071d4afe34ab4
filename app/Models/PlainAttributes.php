<?php

declare(strict_types=1);

namespace App\Models;

use function array_key_exists;
use function enum_exists;

/** How a model gives back what nearly all of its attributes are. */
trait PlainAttributes
{
    /** @var array<class-string, array<string, string>> how each attribute is read, by its class and name */
    private static array $plain = [];

    /**
     * Figures, enumerations and plain texts are nearly all that is read, thousands of times a page; they need none of what
     * the framework looks through before it gives one back; none of ours has an accessor. What is cast is cast as it does it.
     *
     * @param  string  $key
     */
    public function getAttribute($key): mixed
    {
        $cast = self::$plain[static::class][$key] ??= $this->plainCast($key);
        if ($cast === 'other' || ! array_key_exists($key, $this->attributes)) {
            return parent::getAttribute($key);
        }
        $kept = $this->attributes[$key];

        return match (true) {
            $cast === 'cast' => $this->castAttribute($key, $kept),
            $kept === null || $cast === 'text' => $kept,
            $cast === 'float' => (float) $kept,
            $cast === 'int' => (int) $kept,
            $cast === 'bool' => (bool) $kept,
            default => $cast::from($kept),
        };
    }

    /** How an attribute is read: as a figure, as it is, as one of an enumeration, by the framework’s cast, or however it goes about it. */
    private function plainCast(string $key): string
    {
        $cast = $this->casts[$key] ?? match ($key) {
            $this->primaryKey => $this->keyType,
            static::CREATED_AT, static::UPDATED_AT => 'other',
            default => 'text',
        };

        return match ($cast) {
            'text', 'float', 'int', 'bool' => $cast,
            'integer' => 'int',
            'boolean' => 'bool',
            'other' => 'other',
            default => enum_exists($cast) ? $cast : 'cast',
        };
    }
}
