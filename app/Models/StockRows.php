<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Collection;

use function array_search;
use function explode;
use function preg_match;

/** All that the workshop of whoever is signed in keeps, whichever table it stands in, each by a key of its own: `spacer-12`. */
final class StockRows
{
    /** @var array<string, class-string<Row&Stocked>> */
    private const KINDS = ['spacer' => Spacer::class, 'lead' => Lead::class, 'item' => StockItem::class];

    public static function keyOf(Row&Stocked $row): string
    {
        return array_search($row::class, self::KINDS, true)."-{$row->id}";
    }

    /** Null where there is none of this workshop. */
    public static function find(string $key): (Row&Stocked)|null
    {
        if (preg_match('/^(spacer|lead|item)-[1-9]\d{0,9}$/D', $key) !== 1) {
            return null;
        }
        [$kind, $id] = explode('-', $key);

        return self::KINDS[$kind]::query()->find((int) $id);
    }

    /** @return Collection<string, Row&Stocked> what is in use, by its key */
    public static function all(): Collection
    {
        /** @var Collection<int, Row&Stocked> $rows */
        $rows = collect([
            ...Spacer::query()->inOrder()->get(), ...Lead::query()->inOrder()->get(), ...StockItem::query()->orderBy('kind')->orderBy('name')->get(),
        ]);

        return $rows->keyBy(self::keyOf(...));
    }
}
