<?php

declare(strict_types=1);

namespace App\Documents\Archive;

use function array_keys;
use function array_map;

/** What a line of a table is made of, as a JSON schema. */
final class ArchiveSchema
{
    /**
     * @param  array<string, ArchiveColumn>  $columns
     * @return array<string, mixed>
     */
    public static function of(string $table, array $columns): array
    {
        $number = $table === 'workshops' ? [] : ['n' => ['type' => 'integer', 'minimum' => 1,
            'description' => 'its number in this table, by which others name it']];

        return [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema', 'title' => "A line of {$table}", 'type' => 'object',
            'properties' => (object) [...$number, ...array_map(fn (ArchiveColumn $column) => (object) $column->schema(), $columns)],
            'required' => array_keys([...$number, ...$columns]), 'additionalProperties' => false,
        ];
    }
}
