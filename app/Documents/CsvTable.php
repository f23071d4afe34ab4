<?php

declare(strict_types=1);

namespace App\Documents;

use Illuminate\Http\Response;
use RuntimeException;

use function array_slice;
use function count;
use function in_array;

/** A table as comma-separated values: written for any spreadsheet, read as spreadsheets write it. */
class CsvTable
{
    /** What a spreadsheet would take for a formula at the start of a cell. */
    private const FORMULA = ['=', '+', '-', '@', "\t", "\r"];

    /** @param  list<list<string>>  $rows the headings first */
    public static function download(array $rows, string $filename): Response
    {
        return response(self::write($rows), 200, [
            'Content-Type' => 'text/csv; charset=UTF-8',
            'Content-Disposition' => "attachment; filename=\"{$filename}\"",
        ]);
    }

    /** @param  list<list<string>>  $rows */
    public static function write(array $rows): string
    {
        $stream = fopen('php://memory', 'r+') ?: throw new RuntimeException('No memory for a table.');
        foreach ($rows as $row) {
            fputcsv($stream, array_map(self::harmless(...), $row), ',', '"', '');
        }
        rewind($stream);

        return (string) stream_get_contents($stream);
    }

    /**
     * Rows by the line they start in, cells by heading; commas or semicolons between them.
     *
     * @return array<int, array<string, string>>
     */
    public static function read(string $text): array
    {
        $text = (string) preg_replace('/^\xEF\xBB\xBF/', '', $text);
        $first = strtok($text, "\r\n") ?: '';
        $between = substr_count($first, ';') > substr_count($first, ',') ? ';' : ',';
        $headings = array_map(fn (?string $name) => strtolower(trim((string) $name)), str_getcsv($first, $between, '"', ''));
        $rows = [];
        foreach (preg_split('/\r\n|\r|\n/', $text) ?: [] as $i => $line) {
            if ($i > 0 && trim($line) !== '') {
                $cells = array_slice(array_pad(str_getcsv($line, $between, '"', ''), count($headings), ''), 0, count($headings));
                $rows[$i + 1] = array_combine($headings, array_map(fn (?string $cell) => ltrim(trim((string) $cell), "'"), $cells));
            }
        }

        return $rows;
    }

    private static function harmless(string $cell): string
    {
        return $cell !== '' && in_array($cell[0], self::FORMULA, true) && ! is_numeric($cell) ? "'{$cell}" : $cell;
    }
}
