<?php

declare(strict_types=1);

namespace App\Documents;

use RuntimeException;

use function array_slice;
use function count;
use function in_array;

/** A table as comma-separated values: written for any spreadsheet, read as spreadsheets write it. */
class CsvTable
{
    /** What a spreadsheet would take for a formula at the start of a cell. */
    private const FORMULA = ['=', '+', '-', '@', "\t", "\r", '＝', '＋', '－', '＠'];

    private const BLANK = " \t\n\r\0\x0B";

    /** @param  list<list<string>>  $rows */
    public static function write(array $rows): string
    {
        $stream = self::memory();
        foreach ($rows as $row) {
            fwrite($stream, implode(',', array_map(fn (string $cell) => self::quoted(self::harmless($cell)), $row))."\n");
        }
        rewind($stream);

        return (string) stream_get_contents($stream);
    }

    /**
     * Rows by the line they start in, cells by heading; commas or semicolons between them. A cell in quotes may hold line
     * breaks. What was written is read back the same.
     *
     * @return array<int, array<string, string>>
     */
    public static function read(string $text): array
    {
        $text = (string) preg_replace('/^\xEF\xBB\xBF/', '', $text);
        $first = (string) strtok($text, "\r\n");
        $between = substr_count($first, ';') > substr_count($first, ',') ? ';' : ',';
        $rows = [];
        $headings = [];
        foreach (self::records($text, $between) as $line => $cells) {
            if ($headings === []) {
                $headings = array_map(fn (string $name) => strtolower(trim($name)), $cells);
            } elseif ($cells !== ['']) {
                $cells = array_slice(array_pad($cells, count($headings), ''), 0, count($headings));
                $rows[$line] = array_combine($headings, array_map(self::asTyped(...), $cells));
            }
        }

        return $rows;
    }

    /** @return iterable<int, non-empty-list<string>> the records by the line they start in */
    private static function records(string $text, string $between): iterable
    {
        $stream = self::memory();
        fwrite($stream, str_contains($text, "\n") ? $text : str_replace("\r", "\n", $text));
        rewind($stream);
        $line = 1;
        while (($cells = fgetcsv($stream, null, $between, '"', '')) !== false) {
            $cells = array_map(strval(...), $cells);
            yield $line => $cells;
            $line += 1 + substr_count(implode('', $cells), "\n");
        }
    }

    /** @return resource */
    private static function memory(): mixed
    {
        return fopen('php://memory', 'r+') ?: throw new RuntimeException('No memory for a table.');
    }

    /**
     * A cell that a spreadsheet would compute gets an apostrophe before it; so does one whose own beginning or end would be
     * lost in reading.
     */
    private static function harmless(string $cell): string
    {
        $isDangerous = $cell !== '' && in_array(mb_substr($cell, 0, 1), self::FORMULA, true) && ! is_numeric($cell);

        return $isDangerous || str_starts_with($cell, "'") || trim($cell, self::BLANK) !== $cell ? "'{$cell}" : $cell;
    }

    /** In quotation marks where a spreadsheet of any country would part it, or where one is in it. */
    private static function quoted(string $cell): string
    {
        return strpbrk($cell, ",;\t\"\r\n ") === false ? $cell : '"'.str_replace('"', '""', $cell).'"';
    }

    private static function asTyped(string $cell): string
    {
        return str_starts_with($cell, "'") ? substr($cell, 1) : trim($cell, self::BLANK);
    }
}
