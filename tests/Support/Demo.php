<?php

declare(strict_types=1);

namespace Tests\Support;

use Database\Seeders\DemoSeeder;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use RuntimeException;

use function array_chunk;
use function array_column;
use function array_diff;
use function array_keys;
use function array_map;
use function dirname;
use function explode;
use function implode;
use function is_float;
use function is_int;

/**
 * The demo, worked through once for all tests of a run that start on the same day, and laid out again from its rows and
 * pictures in an empty database. Tests of how it is set up do so themselves.
 */
final class Demo
{
    private const AT_A_TIME = 100;

    /** Between two statements; it stands in no text that is quoted. */
    private const END = ";\n\0";

    /** The workshop's week, as `DemoSeeder` makes it. */
    public static function week(): void
    {
        self::of('week', fn () => app(DemoSeeder::class)->run());
    }

    /** The whole of it, with its past and the fortnight ahead, as `spindle:demo` sets it up. */
    public static function whole(): void
    {
        self::of(
            'whole', fn () => app(Kernel::class)->call('spindle:demo') === 0 || throw new RuntimeException('The demo was not set up.'),
        );
    }

    private static function of(string $what, callable $make): void
    {
        $folder = self::folder()."/{$what}-".now()->format('Y-m-d');
        $files = new Filesystem;
        $files->ensureDirectoryExists($folder);
        $lock = fopen("{$folder}/lock", 'c') ?: throw new RuntimeException("{$folder} cannot be locked.");
        flock($lock, LOCK_EX);
        if (is_file("{$folder}/rows.sql")) {
            array_map(DB::unprepared(...), explode(self::END, (string) file_get_contents("{$folder}/rows.sql")));
            $files->copyDirectory("{$folder}/files", Storage::path(''));
        } else {
            DB::table('workshops')->doesntExist() || throw new RuntimeException('The demo is laid out in an empty database alone.');
            $before = Storage::allFiles();
            $make();
            foreach (array_diff(Storage::allFiles(), $before) as $file) {
                $files->ensureDirectoryExists(dirname("{$folder}/files/{$file}"));
                copy(Storage::path($file), "{$folder}/files/{$file}");
            }
            file_put_contents("{$folder}/rows.sql", self::rows());
        }
        fclose($lock);
        // As it leaves the clock itself.
        Carbon::setTestNow();
    }

    /** Where all processes of a run look; without such a place, one of this process alone. */
    private static function folder(): string
    {
        $own = sys_get_temp_dir().'/neat-spindle-laid-out-'.getmypid();
        getenv('TESTS_SHARE') || is_dir($own) || register_shutdown_function(fn () => (new Filesystem)->deleteDirectory($own));

        return getenv('TESTS_SHARE') ?: $own;
    }

    /** Every row of every table, as statements. */
    private static function rows(): string
    {
        $statements = ['set foreign_key_checks = 0'];
        foreach (array_diff(
            array_column(
                DB::select(
                    "select table_name as name from information_schema.tables where table_schema = database() and table_type = 'BASE TABLE'",
                ),
                'name',
            ),
            ['migrations'],
        ) as $table) {
            $rows = array_map(fn (object $row) => (array) $row, DB::table($table)->get()->all());
            foreach (array_chunk($rows, self::AT_A_TIME) as $some) {
                $values = array_map(fn (array $row) => '('.implode(', ', array_map(self::value(...), $row)).')', $some);
                $statements[] = "insert into `{$table}` (`".implode('`, `', array_keys($some[0])).'`) values '.implode(', ', $values);
            }
        }

        return implode(self::END, [...$statements, 'set foreign_key_checks = 1']);
    }

    private static function value(mixed $value): string
    {
        return match (true) {
            $value === null => 'null',
            is_int($value) => (string) $value,
            is_float($value) => var_export($value, true),
            default => DB::getPdo()->quote((string) $value),
        };
    }
}
