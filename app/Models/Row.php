<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

use function array_key_exists;
use function count;
use function enum_exists;

/**
 * A row of a table of ours.
 *
 * @phpstan-consistent-constructor
 */
abstract class Row extends Model
{
    use BootsByName;

    private const OTHER = 'other';

    /** @var array<class-string<self>, array<string, string>> how each attribute is read, by its name */
    private static array $plain = [];

    /**
     * Figures, enumerations and plain texts are nearly all that is read, thousands of times a page; they need none of what
     * the framework looks through before it gives one back. Everything else goes its way.
     *
     * @param  string  $key
     */
    public function getAttribute($key): mixed
    {
        $cast = self::$plain[static::class][$key] ??= $this->plainCast($key);
        if ($cast === self::OTHER || ! array_key_exists($key, $this->attributes)) {
            return parent::getAttribute($key);
        }
        $kept = $this->attributes[$key];

        return match (true) {
            $kept === null || $cast === 'text' => $kept,
            $cast === 'float' => (float) $kept,
            $cast === 'int' => (int) $kept,
            $cast === 'bool' => (bool) $kept,
            default => $cast::from($kept),
        };
    }

    /** How an attribute is read where that is plain: as a figure, as it is, or as one of an enumeration. */
    private function plainCast(string $key): string
    {
        $cast = $this->casts[$key] ?? match ($key) {
            $this->primaryKey => $this->keyType,
            static::CREATED_AT, static::UPDATED_AT => self::OTHER,
            default => 'text',
        };

        return match ($cast) {
            'text', 'float', 'int', 'bool' => $cast,
            'integer' => 'int',
            'boolean' => 'bool',
            default => enum_exists($cast) ? $cast : self::OTHER,
        };
    }

    /**
     * Rows as they were read, each made after the first: to start every one anew takes most of the time of making it.
     *
     * @param  list<object>  $rows
     * @return list<static>
     */
    public static function fromRows(array $rows): array
    {
        if ($rows === []) {
            return [];
        }
        $all = [];
        $first = (new static)->newInstance([], true);
        $first->setConnection($first->getConnection()->getName());
        // As the framework guards rows of which there are several: none asks for what belongs to it by itself.
        $first->preventsLazyLoading = count($rows) > 1 && self::preventsLazyLoading();
        foreach ($rows as $row) {
            $one = clone $first;
            $one->attributes = $one->original = (array) $row;
            $all[] = $one;
        }

        return $all;
    }
}
