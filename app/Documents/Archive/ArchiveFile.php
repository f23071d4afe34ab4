<?php

declare(strict_types=1);

namespace App\Documents\Archive;

use Generator;
use JsonException;
use stdClass;
use ZipArchive;

use function fclose;
use function fread;
use function get_object_vars;
use function hash_final;
use function hash_init;
use function hash_update;
use function hash_update_stream;
use function is_array;
use function is_int;
use function is_string;
use function json_decode;
use function stream_get_line;
use function strlen;

/** An archive, opened to be read: what it says of itself was looked at, its lines are read one by one. */
final class ArchiveFile
{
    /** @var array<string, array{rows: int, sha256: string}> */
    public readonly array $tables;

    /** @var array<string, string> hashes by name */
    public readonly array $pictures;

    public readonly stdClass $workshop;

    /** Whether an earlier version of the program has written it: it may know nothing of a table or a column that came since. */
    public readonly bool $isOlder;

    /** @throws CannotReadArchive */
    private function __construct(private readonly ZipArchive $zip)
    {
        $manifest = $this->manifest();
        $this->workshop = ($manifest->workshop ?? null) instanceof stdClass ? $manifest->workshop : throw CannotReadArchive::noArchive();
        $this->isOlder = $manifest->version < Archive::VERSION;
        $tables = [];
        foreach (ArchiveTables::names() as $name) {
            $one = $manifest->tables->{$name} ?? null;
            if ($one === null && $this->isOlder) {
                $tables[$name] = ['rows' => 0, 'sha256' => hash('sha256', '')];

                continue;
            }
            $rows = $one instanceof stdClass ? $one->rows ?? null : null;
            $hash = $one instanceof stdClass ? $one->sha256 ?? null : null;
            is_int($rows) && $rows >= 0 && $rows <= Archive::MOST_ROWS && is_string($hash)
                || throw CannotReadArchive::missing(Archive::table($name));
            $tables[$name] = ['rows' => $rows, 'sha256' => $hash];
        }
        $this->tables = $tables;
        $pictures = get_object_vars(($manifest->pictures ?? null) instanceof stdClass ? $manifest->pictures : new stdClass);
        $this->pictures = array_filter($pictures, is_string(...));
    }

    /** @throws CannotReadArchive */
    public static function open(string $path): self
    {
        $zip = new ZipArchive;
        is_file($path) && $zip->open($path, ZipArchive::RDONLY | ZipArchive::CHECKCONS) === true || throw CannotReadArchive::noArchive();
        $size = 0;
        for ($i = 0; $i < $zip->numFiles; $i++) {
            $entry = $zip->statIndex($i);
            is_array($entry) || throw CannotReadArchive::noArchive();
            Archive::mayHold($entry['name']) || throw CannotReadArchive::foreign(mb_scrub(substr($entry['name'], 0, 60)));
            $size += $entry['size'];
            $isShrunk = $entry['size'] > 1_000_000 && $entry['size'] > Archive::MOST_SHRUNK * max(1, $entry['comp_size']);
            $size <= Archive::LARGEST && ! $isShrunk || throw CannotReadArchive::tooLarge();
        }

        return new self($zip);
    }

    /**
     * The lines of a table, one by one, each as it was read; null for one that is no object.
     *
     * @return Generator<int, ?stdClass> by the number of the line
     *
     * @throws CannotReadArchive once all are read, where they are not those that were written
     */
    public function lines(string $table): Generator
    {
        $name = Archive::table($table);
        if ($this->isOlder && $this->tables[$table]['rows'] === 0 && $this->zip->locateName($name) === false) {
            return;
        }
        $stream = $this->zip->getStream($name) ?: throw CannotReadArchive::missing($name);
        $hash = hash_init('sha256');
        $number = 0;
        while (($line = stream_get_line($stream, Archive::LONGEST_LINE, "\n")) !== false) {
            $number++;
            strlen($line) < Archive::LONGEST_LINE && $number <= $this->tables[$table]['rows']
                || throw CannotReadArchive::tooLong($name, $number);
            hash_update($hash, "{$line}\n");
            yield $number => self::decoded($line);
        }
        fclose($stream);
        hash_final($hash) === $this->tables[$table]['sha256'] && $number === $this->tables[$table]['rows']
            || throw CannotReadArchive::changed($name);
    }

    public function hasPicture(int $number, bool $isSmall): bool
    {
        return isset($this->pictures[Archive::picture($number, $isSmall)]);
    }

    /** @throws CannotReadArchive where it is not the one that was written, or no picture */
    public function expectPicture(string $name): void
    {
        $stream = $this->stream($name);
        $begins = (string) fread($stream, 3);
        $hash = hash_init('sha256');
        hash_update($hash, $begins);
        hash_update_stream($hash, $stream);
        fclose($stream);
        $begins === "\xFF\xD8\xFF" && hash_final($hash) === $this->pictures[$name] || throw CannotReadArchive::changed($name);
    }

    /** @return resource */
    public function stream(string $name): mixed
    {
        return $this->zip->getStream($name) ?: throw CannotReadArchive::missing($name);
    }

    private function manifest(): stdClass
    {
        $stat = $this->zip->statName(Archive::MANIFEST);
        is_array($stat) && $stat['size'] < 20_000_000 || throw CannotReadArchive::noArchive();
        $manifest = self::decoded((string) $this->zip->getFromName(Archive::MANIFEST));
        $version = ($manifest->format ?? null) === Archive::FORMAT ? $manifest->version ?? null : null;
        $manifest !== null && is_int($version) || throw CannotReadArchive::noArchive();
        $version <= Archive::VERSION || throw CannotReadArchive::later($version);

        return $manifest;
    }

    private static function decoded(string $json): ?stdClass
    {
        try {
            $value = json_decode($json, depth: 64, flags: JSON_THROW_ON_ERROR);
        } catch (JsonException) {
            return null;
        }

        return $value instanceof stdClass ? $value : null;
    }
}
