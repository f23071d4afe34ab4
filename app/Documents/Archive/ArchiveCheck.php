<?php

declare(strict_types=1);

namespace App\Documents\Archive;

use App\Models\User;
use BackedEnum;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Str;
use stdClass;
use Throwable;

use function array_diff;
use function array_keys;
use function array_map;
use function class_exists;
use function count;
use function get_object_vars;
use function is_string;
use function is_subclass_of;

/** What is in an archive, looked at line by line before anything of it is kept: how many rows, and every fault. */
final class ArchiveCheck
{
    private const MOST_FAULTS = 100;

    /** @var list<string> */
    private array $faults = [];

    /** @var array<string, string> e-mail addresses of its people, by name */
    private array $people = [];

    private readonly ArchiveTables $tables;

    /** @var array<string, int> */
    private readonly array $counts;

    /** @param  ?int  $workshop  into which it is to be read; null for a new one */
    private function __construct(private readonly ArchiveFile $file, private readonly ?int $workshop)
    {
        $this->tables = new ArchiveTables;
        $this->counts = array_map(fn (array $one) => $one['rows'], $file->tables);
    }

    /** @throws CannotReadArchive */
    public static function of(ArchiveFile $file, ?int $workshop): self
    {
        $check = new self($file, $workshop);
        $check->row('workshops', 1, $file->workshop, isNumbered: false);
        foreach (ArchiveTables::names() as $table) {
            foreach ($file->lines($table) as $number => $line) {
                $check->row($table, $number, $line);
                if (count($check->faults) >= self::MOST_FAULTS) {
                    return $check;
                }
            }
        }
        array_map($file->expectPicture(...), array_keys($file->pictures));
        $check->expectPeople();

        return $check;
    }

    /** @return list<string> every fault, or the first hundred */
    public function faults(): array
    {
        return $this->faults;
    }

    /** @return array<string, int> how many rows there are, by table, none empty */
    public function counts(): array
    {
        return array_filter($this->counts);
    }

    public function pictures(): int
    {
        return $this->counts['pictures'];
    }

    private function row(string $table, int $number, ?stdClass $line, bool $isNumbered = true): void
    {
        $at = Archive::table($table).":{$number}";
        if ($line === null) {
            $this->faults[] = "{$at}: is no object.";

            return;
        }
        $values = get_object_vars($line);
        $columns = $this->tables->columns($table);
        $strange = array_diff(array_keys($values), array_keys($columns), $isNumbered ? ['n'] : []);
        $missing = array_diff(array_keys($columns), array_keys($values));
        if ($this->file->isOlder) {
            $missing = array_filter($missing, fn (string $name) => ! $columns[$name]->mayBeMissing());
            $columns = array_intersect_key($columns, $values);
        }
        if ($strange !== [] || $missing !== [] || ($isNumbered && ($values['n'] ?? null) !== $number)) {
            $this->faults[] = "{$at}: expected exactly its columns, and its number {$number}.";

            return;
        }
        foreach ($columns as $name => $column) {
            $fault = $column->fault($values[$name], $this->counts) ?? $this->unknown($table, $name, $values[$name]);
            $fault === null || $this->faults[] = "{$at}: {$name} {$fault}.";
        }
        if ($table === 'users' && is_string($values['email']) && is_string($values['name'])) {
            isset($this->people[$values['email']]) && $this->faults[] = "{$at}: {$values['email']} is there twice.";
            $this->people[$values['email']] = $values['name'];
        }
    }

    /** A word that the program does not know where it knows all there are. */
    private function unknown(string $table, string $name, mixed $value): ?string
    {
        $model = 'App\\Models\\'.Str::studly(Str::singular($table));
        if (! is_string($value) || ! class_exists($model) || ! is_subclass_of($model, Model::class)) {
            return null;
        }
        $cast = (new $model)->getCasts()[$name] ?? null;
        if (! is_string($cast) || ! is_subclass_of($cast, BackedEnum::class)) {
            return null;
        }
        try {
            return $cast::tryFrom($value) === null ? 'is a word that is not known here' : null;
        } catch (Throwable) {
            return 'is a word that is not known here';
        }
    }

    private function expectPeople(): void
    {
        $taken = User::query()->withoutGlobalScopes()->whereIn('email', array_keys($this->people))
            ->when($this->workshop !== null, fn ($others) => $others->where('workshop_id', '!=', $this->workshop))->pluck('email');
        foreach ($taken as $email) {
            $this->faults[] = "{$email} is somebody of another workshop here already.";
        }
    }
}
