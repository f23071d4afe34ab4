<?php

declare(strict_types=1);

namespace App\Actions;

use Closure;
use Illuminate\Contracts\Events\Dispatcher;
use Illuminate\Database\Events\QueryExecuted;

use function array_keys;
use function preg_match;

/** Which tables are written to while something is done, told by the statements themselves, whoever sends them. */
final class Written
{
    private const WRITES = '/^\s*(?:insert\s+(?:ignore\s+)?into|replace\s+into|update|delete\s+from)\s+`?(\w+)`?/i';

    /** @var array<string, true> */
    private array $tables = [];

    public function __construct(Dispatcher $events)
    {
        $events->listen(QueryExecuted::class, function (QueryExecuted $query): void {
            if (preg_match(self::WRITES, $query->sql, $found) === 1) {
                $this->tables[$found[1]] = true;
            }
        });
    }

    /**
     * @template T
     *
     * @param  Closure(): T  $do
     * @return array{T, list<string>} what it gives, and the tables it wrote to
     */
    public function during(Closure $do): array
    {
        [$before, $this->tables] = [$this->tables, []];
        try {
            return [$do(), array_keys($this->tables)];
        } finally {
            $this->tables += $before;
        }
    }
}
