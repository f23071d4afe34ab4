<?php

declare(strict_types=1);

namespace App\Http\Downloads;

use App\Documents\CsvTable;
use Illuminate\Http\Response;

/** A table as a file for a spreadsheet or a shop. */
class CsvDownload
{
    /** @param  list<list<string>>  $rows  the headings first */
    public static function of(array $rows, string $name): Response
    {
        return self::text(CsvTable::write($rows), $name);
    }

    public static function text(string $csv, string $name): Response
    {
        return response($csv, 200, [
            'Content-Type' => 'text/csv; charset=UTF-8',
            'Content-Disposition' => "attachment; filename=\"{$name}.csv\"",
        ]);
    }
}
