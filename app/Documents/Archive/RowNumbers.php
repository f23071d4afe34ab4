<?php

declare(strict_types=1);

namespace App\Documents\Archive;

/** From the numbers of one side to those of the other: a database’s and an archive’s. */
final class RowNumbers
{
    /** @var array<string, array<int, int>> */
    private array $numbers = [];

    public function set(string $table, int $from, int $to): void
    {
        $this->numbers[$table][$from] = $to;
    }

    /** Null where there is no such row. */
    public function of(string $table, int $from): ?int
    {
        return $this->numbers[$table][$from] ?? null;
    }
}
