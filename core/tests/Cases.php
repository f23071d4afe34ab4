<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Tests;

use NeatSpindle\Core\Ground\Document\Fault;
use NeatSpindle\Core\Ground\Document\InvalidDocument;
use NeatSpindle\Core\Whole\Exchange\JobReader;
use NeatSpindle\Core\Whole\Job\Job;
use NeatSpindle\Core\Whole\Worksheet\Worksheet;
use NeatSpindle\Core\Whole\Worksheet\WorksheetPrinter;
use stdClass;

use function is_array;
use function is_float;

/** The worked cases that lie beside the tests, and documents made from them. */
final class Cases
{
    /** @return array<string, array{string}> */
    public static function names(): array
    {
        $names = [];
        foreach (glob(__DIR__.'/cases/*.job.json') ?: [] as $file) {
            $name = basename($file, '.job.json');
            $names[$name] = [$name];
        }

        return $names;
    }

    public static function document(string $name = 'hardtail-73'): stdClass
    {
        /** @var stdClass $document */
        $document = json_decode((string) file_get_contents(__DIR__."/cases/{$name}.job.json"), false, flags: JSON_THROW_ON_ERROR);

        return $document;
    }

    /** @return array<string, mixed> */
    public static function expected(string $name): array
    {
        /** @var array<string, mixed> $worksheet */
        $worksheet = json_decode((string) file_get_contents(__DIR__."/cases/{$name}.worksheet.json"), true, flags: JSON_THROW_ON_ERROR);

        return $worksheet;
    }

    public static function job(string $name = 'hardtail-73'): Job
    {
        return JobReader::read(self::document($name));
    }

    public static function worksheet(string $name = 'hardtail-73'): Worksheet
    {
        return Worksheet::of(self::job($name));
    }

    /** Every number of a bike moved a little, so that no two of these bikes are alike. */
    public static function shaken(mixed $part): mixed
    {
        return match (true) {
            is_float($part) => $part * (1 + mt_rand(-20, 20) / 1000),
            is_array($part) => array_map(self::shaken(...), $part),
            $part instanceof stdClass => (object) array_map(self::shaken(...), (array) $part),
            default => $part,
        };
    }

    /** @return array<string, mixed> */
    public static function printed(stdClass $document): array
    {
        return WorksheetPrinter::toArray(Worksheet::of(JobReader::read($document)));
    }

    /**
     * The pointers at fault after a change to a good document.
     *
     * @param  callable(stdClass): mixed  $spoil
     * @return list<string>
     */
    public static function faultsAfter(callable $spoil, string $name = 'hardtail-73'): array
    {
        $document = self::document($name);
        $spoil($document);
        try {
            JobReader::read($document);
        } catch (InvalidDocument $invalid) {
            $paths = array_map(fn (Fault $fault) => $fault->path, $invalid->faults);
            sort($paths);

            return $paths;
        }

        return [];
    }
}
