<?php

declare(strict_types=1);

namespace App\Documents\Archive;

use App\Models\Picture;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use RuntimeException;
use ZipArchive;

use function fclose;
use function file_put_contents;
use function fopen;
use function fwrite;
use function hash_file;
use function is_string;
use function json_encode;
use function ksort;
use function mkdir;
use function rmdir;
use function sys_get_temp_dir;
use function uniqid;
use function unlink;

/** Writes a workshop as an archive, row by row, so that memory does not grow with it. */
final class ArchiveWriter
{
    private const AT_ONCE = 500;

    /** @var array<string, array{rows: int, sha256: string}> */
    private array $written = [];

    /** @var array<string, string> hashes by name */
    private array $pictures = [];

    private readonly string $folder;

    private readonly RowNumbers $numbers;

    private readonly ArchiveTables $tables;

    private function __construct(private readonly int $workshop, private readonly ZipArchive $zip)
    {
        $this->folder = sys_get_temp_dir().'/'.uniqid('neat-spindle-archive-', true);
        mkdir($this->folder, 0700);
        $this->numbers = new RowNumbers;
        $this->tables = new ArchiveTables;
    }

    /** @param  string  $path  of the file, which is written anew; as the workshop stands at one moment, whatever is done meanwhile */
    public static function write(int $workshop, string $path): void
    {
        $zip = new ZipArchive;
        $zip->open($path, ZipArchive::CREATE | ZipArchive::OVERWRITE) === true || throw new RuntimeException("{$path} cannot be written.");
        $writer = new self($workshop, $zip);
        try {
            DB::transaction($writer->all(...));
            $zip->close() || throw new RuntimeException("{$path} could not be written.");
        } finally {
            $writer->clear();
        }
    }

    private function all(): void
    {
        foreach (ArchiveTables::names() as $table) {
            $this->table($table);
        }
        $this->pictures();
        foreach (['workshops', ...ArchiveTables::names()] as $table) {
            $this->add(Archive::schema($table), json_encode(ArchiveSchema::of($table, $this->tables->columns($table)),
                ArchiveColumn::JSON | JSON_PRETTY_PRINT)."\n");
        }
        ksort($this->pictures);
        $this->add(Archive::MANIFEST, json_encode([
            'format' => Archive::FORMAT, 'version' => Archive::VERSION, 'workshop' => $this->workshop(), 'tables' => $this->written,
            'pictures' => (object) $this->pictures,
        ], ArchiveColumn::JSON | JSON_PRETTY_PRINT)."\n");
    }

    /** @return array<string, mixed> */
    private function workshop(): array
    {
        $row = (array) DB::table('workshops')->where('id', $this->workshop)->first();

        return array_map(fn (ArchiveColumn $column) => $column->out($row[self::name($column)] ?? null, $this->numbers),
            $this->tables->columns('workshops'));
    }

    private function table(string $table): void
    {
        $path = "{$this->folder}/{$table}.jsonl";
        $file = fopen($path, 'w') ?: throw new RuntimeException("{$path} cannot be written.");
        $columns = $this->tables->columns($table);
        // A row may name one that comes after it: they are all numbered first.
        $number = 0;
        foreach (ArchiveTables::rows($table, $this->workshop)->select('id')->orderBy('id')->lazyById(10_000) as $row) {
            $this->numbers->set($table, (int) $row->id, ++$number);
        }
        $number = 0;
        foreach (ArchiveTables::rows($table, $this->workshop)->orderBy('id')->lazyById(self::AT_ONCE) as $row) {
            $row = (array) $row;
            $line = ['n' => ++$number];
            foreach ($columns as $name => $column) {
                $line[$name] = $column->out($row[$name], $this->numbers);
            }
            fwrite($file, json_encode($line, ArchiveColumn::JSON)."\n");
        }
        fclose($file);
        $this->written[$table] = ['rows' => $number, 'sha256' => (string) hash_file('sha256', $path)];
        $this->addFile(Archive::table($table), $path, isPacked: true);
    }

    private function pictures(): void
    {
        $number = 0;
        foreach (ArchiveTables::rows('pictures', $this->workshop)->select(['id', 'job_id', 'file'])->orderBy('id')
            ->lazyById(self::AT_ONCE) as $row) {
            $number++;
            foreach ([false, true] as $isSmall) {
                $path = Storage::path(Picture::pathOf((int) $row->job_id, is_string($row->file) ? $row->file : '', $isSmall));
                if (is_file($path)) {
                    $name = Archive::picture($number, $isSmall);
                    $this->pictures[$name] = (string) hash_file('sha256', $path);
                    $this->addFile($name, $path, isPacked: false);
                }
            }
        }
    }

    private function add(string $name, string $content): void
    {
        $path = "{$this->folder}/".hash('xxh64', $name);
        file_put_contents($path, $content);
        $this->addFile($name, $path, isPacked: true);
    }

    private function addFile(string $name, string $path, bool $isPacked): void
    {
        $this->zip->addFile($path, $name);
        $this->zip->setMtimeName($name, Archive::MADE_AT);
        $this->zip->setCompressionName($name, $isPacked ? ZipArchive::CM_DEFLATE : ZipArchive::CM_STORE);
    }

    private function clear(): void
    {
        foreach (glob("{$this->folder}/*") ?: [] as $file) {
            unlink($file);
        }
        rmdir($this->folder);
    }

    private static function name(ArchiveColumn $column): string
    {
        return explode('.', $column->at)[1];
    }
}
