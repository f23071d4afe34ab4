<?php

declare(strict_types=1);

namespace App\Providers;

use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Log;
use PDOException;
use Throwable;

/** Writes faults of the database into the log without the values of the statement: those are what people have written. */
class FaultLog
{
    /** Null for whatever is no such fault; false once it is written, so that nobody else writes it. */
    public static function report(Throwable $fault): ?bool
    {
        for ($cause = $fault; $cause !== null && ! $cause instanceof PDOException; $cause = $cause->getPrevious());
        if ($cause === null) {
            return null;
        }
        Log::error('A fault of the database.', [
            'says' => self::withoutValues(($cause->getPrevious() ?? $cause)->getMessage()),
            'statement' => $cause instanceof QueryException ? $cause->getSql() : null,
            'at' => "{$fault->getFile()}:{$fault->getLine()}",
            'way' => array_values(array_filter(
                array_map(
                    fn (array $frame) => ($frame['file'] ?? '').':'.($frame['line'] ?? ''), $fault->getTrace(),
                ), fn (string $frame) => str_starts_with($frame, app_path()),
            )),
        ]);

        return false;
    }

    /** From the first quotation mark to the last: what is quoted may hold one itself. */
    private static function withoutValues(string $says): string
    {
        return (string) preg_replace("/'.*'/su", '…', $says);
    }
}
