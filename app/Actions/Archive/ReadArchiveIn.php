<?php

declare(strict_types=1);

namespace App\Actions\Archive;

use App\Actions\Refuses;
use App\Actions\Submission;
use App\Documents\Archive\Archive;
use App\Documents\Archive\ArchiveCheck;
use App\Documents\Archive\ArchiveColumn;
use App\Documents\Archive\ArchiveFile;
use App\Documents\Archive\ArchiveTables;
use App\Documents\Archive\CannotReadArchive;
use App\Documents\Archive\RowNumbers;
use App\Models\Picture;
use App\Models\User;
use App\Models\Workshop;
use Illuminate\Contracts\Auth\Access\Gate;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use stdClass;
use Throwable;

use function array_map;
use function array_slice;
use function count;
use function get_object_vars;
use function implode;
use function in_array;

/** Reads an archive into an empty workshop, or into a new one: all of it, or nothing. */
class ReadArchiveIn
{
    use Refuses;

    private const AT_ONCE = 400;

    /** Tables whose rows are named by others. */
    private const NAMED = [
        'users', 'customers', 'bikes', 'motors', 'rings', 'inserts', 'spacers', 'leads', 'stock_items', 'jobs', 'readings',
        'obstacles', 'pictures', 'rechecks',
        'suppliers', 'orders',
    ];

    /** @var list<string> pictures that were written */
    private array $written = [];

    private RowNumbers $numbers;

    public function __construct(
        private readonly Gate $gate, private readonly Submission $submission, private readonly ArchiveTables $tables,
    ) {
        $this->numbers = new RowNumbers;
    }

    /**
     * @param  ?User  $by  into whose workshop, which must be empty; null for a new one
     *
     * @throws CannotReadArchive when it is none, or not as it was written
     */
    public function __invoke(ArchiveFile $file, ?User $by): Workshop
    {
        $check = ArchiveCheck::of($file, $by?->workshop_id);
        $check->faults() === [] || $this->refuse('archive', implode("\n", array_slice($check->faults(), 0, 20)));
        try {
            return DB::transaction(function () use ($file, $by): Workshop {
                $workshop = $by === null ? $this->founded($file) : $this->emptied($by);
                // Rows name each other whichever comes first; what they name was looked at.
                DB::statement('set foreign_key_checks = 0');
                $this->people($file, $workshop);
                foreach (array_slice(ArchiveTables::names(), 1) as $table) {
                    $this->table($file, $table, $workshop);
                }
                DB::statement('set foreign_key_checks = 1');
                $this->workshop($file, $workshop);

                return $workshop->refresh();
            });
        } catch (Throwable $e) {
            DB::statement('set foreign_key_checks = 1');
            Storage::delete($this->written);

            throw $e instanceof QueryException && self::isOfTheData($e) ? CannotReadArchive::clashing() : $e;
        }
    }

    /** By the classes of the SQL standard: what was to be written does not fit (22), or not to what stands there (23). */
    private static function isOfTheData(QueryException $e): bool
    {
        return in_array(substr((string) $e->getCode(), 0, 2), ['22', '23'], true);
    }

    /** Whether a workshop has nothing yet but its people. */
    public static function isEmpty(int $workshop): bool
    {
        foreach (ArchiveTables::ALL as $table => $by) {
            if ($table !== 'users' && $by === 'workshop_id' && ArchiveTables::rows($table, $workshop)->exists()) {
                return false;
            }
        }

        return true;
    }

    private function emptied(User $by): Workshop
    {
        $this->submission->claim($by);
        $workshop = Workshop::query()->whereKey($by->workshop_id)->lockForUpdate()->firstOrFail();
        $this->gate->forUser($by)->authorize('setHouse', $workshop);
        self::isEmpty($workshop->id) || $this->refuse('archive',
            'This workshop has bikes, parts or people’s work already: an archive is read into an empty one.');

        return $workshop;
    }

    private function founded(ArchiveFile $file): Workshop
    {
        $workshop = new Workshop;
        $workshop->forceFill($this->columns('workshops', $file->workshop))->save();

        return $workshop;
    }

    /** What the workshop says of itself; it names people, so they come first. */
    private function workshop(ArchiveFile $file, Workshop $workshop): void
    {
        DB::table('workshops')->where('id', $workshop->id)->update([...$this->columns('workshops', $file->workshop),
            'catalogue_version' => (string) Str::ulid()]);
    }

    /** Who is here already by the same address is the same person; others are new, and choose a password by letter. */
    private function people(ArchiveFile $file, Workshop $workshop): void
    {
        foreach ($file->lines('users') as $number => $line) {
            $row = $this->columns('users', $line ?? new stdClass);
            $known = DB::table('users')->where('workshop_id', $workshop->id)->where('email', $row['email'])->value('id');
            is_numeric($known) ? DB::table('users')->where('id', $known)->update($row) : $known = DB::table('users')->insertGetId(
                [...$row, 'workshop_id' => $workshop->id, 'password' => Hash::make(Str::random(40))],
            );
            $this->numbers->set('users', $number, (int) $known);
        }
    }

    private function table(ArchiveFile $file, string $table, Workshop $workshop): void
    {
        $rows = [];
        foreach ($file->lines($table) as $number => $line) {
            $row = $this->columns($table, $line ?? new stdClass);
            ArchiveTables::ALL[$table] !== 'workshop_id' || $row['workshop_id'] = $workshop->id;
            $table !== 'pictures' || $row['file'] = $this->picture($file, $number, is_numeric($row['job_id']) ? (int) $row['job_id'] : 0);
            $rows[$number] = $row;
            if (count($rows) === self::AT_ONCE) {
                $this->insert($table, $rows);
                $rows = [];
            }
        }
        $rows === [] || $this->insert($table, $rows);
        $this->later($file, $table);
    }

    /** @param  non-empty-array<int, array<string, mixed>>  $rows  by their numbers, one after the other */
    private function insert(string $table, array $rows): void
    {
        DB::table($table)->insert(array_values($rows));
        // The rows of one statement are numbered in a row, and the database says the first.
        $first = (int) DB::getPdo()->lastInsertId();
        foreach (in_array($table, self::NAMED, true) ? array_keys($rows) : [] as $i => $number) {
            $this->numbers->set($table, $number, $first + $i);
        }
    }

    /** What names a row of its own table is said once all of them are there. */
    private function later(ArchiveFile $file, string $table): void
    {
        $own = array_filter($this->tables->columns($table), fn ($column) => $column->refers === $table);
        foreach ($own === [] ? [] : $file->lines($table) as $number => $line) {
            $named = array_filter(array_map(fn ($column) => $column->in($line->{explode('.', $column->at)[1]} ?? null, $this->numbers),
                $own));
            $named === [] || DB::table($table)->where('id', $this->numbers->of($table, $number))->update($named);
        }
    }

    /** @return array<string, mixed> */
    private function columns(string $table, stdClass $line): array
    {
        $values = get_object_vars($line);
        $there = array_intersect_key($this->tables->columns($table), $values);

        return array_combine(array_keys($there), array_map(
            fn (ArchiveColumn $column, string $name) => $column->in($values[$name], $this->numbers), $there, array_keys($there),
        ));
    }

    private function picture(ArchiveFile $file, int $number, int $job): string
    {
        $name = Str::lower((string) Str::ulid());
        foreach ([false, true] as $isSmall) {
            if ($file->hasPicture($number, $isSmall)) {
                $this->written[] = $path = Picture::pathOf($job, $name, $isSmall);
                Storage::writeStream($path, $file->stream(Archive::picture($number, $isSmall)));
            }
        }

        return $name;
    }
}
