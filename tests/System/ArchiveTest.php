<?php

declare(strict_types=1);

use App\Documents\Archive\ArchiveTables;
use App\Models\Job;
use App\Models\Picture;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Facades\Storage;
use Symfony\Component\Process\Process;
use Tests\Support\Pictures;
use Tests\Support\Workshops;

/** A command of ours with 128 MB of memory. */
function inLittleMemory(string ...$arguments): void
{
    $process = new Process([PHP_BINARY, '-d', 'memory_limit=128M', base_path('artisan'), ...$arguments], base_path(), [
        'APP_ENV' => 'testing', 'CACHE_STORE' => 'array', 'SESSION_DRIVER' => 'array', 'LOG_CHANNEL' => 'single', 'DB_DATABASE' => DB::connection()
            ->getDatabaseName(), 'PRIVATE_FILES' => Storage::path(''),
    ], timeout: 300);
    $process->run();
    expect($process->getExitCode())->toBe(0, $process->getOutput().$process->getErrorOutput());
}

function nothingLeft(): void
{
    Schema::disableForeignKeyConstraints();
    array_map(fn (string $table) => DB::table($table)->delete(), [...ArchiveTables::names(), 'workshops']);
    Schema::enableForeignKeyConstraints();
    Storage::deleteDirectory('pictures');
}

/**
 * A row like one, its notes otherwise.
 *
 * @param  array<string, mixed>  $otherwise
 * @return array<string, mixed>
 */
function like(object $row, array $otherwise): array
{
    $columns = array_diff_key((array) $row, ['id' => 0]);

    return [...$columns, ...(array_key_exists('note', $columns) ? ['note' => bin2hex(random_bytes(mt_rand(1, 40)))] : []), ...$otherwise];
}

/** Another job like one, with most of its rows. */
function another(int $like, int $number): int
{
    static $rows = [];
    $job = DB::table('jobs')->where('id', $like)->sole();
    $bike = DB::table('bikes')
        ->insertGetId(like(DB::table('bikes')->where('id', $job->bike_id)->sole(), ['label' => "Bike {$number} “ü”"]));
    $id = DB::table('jobs')
        ->insertGetId(like($job, ['number' => $number, 'bike_id' => $bike, 'before_id' => mt_rand(0, 9) === 0 ? $like : null]));
    foreach (array_diff(array_keys(ArchiveTables::ALL, 'job_id', true), ['pictures']) as $table) {
        $rows[$table] ??= DB::table($table)->where('job_id', $like)->get()->all();
        $most = array_filter($rows[$table], fn (): bool => mt_rand(0, 9) !== 0);
        DB::table($table)->insert(array_values(array_map(fn (object $row) => like($row, ['job_id' => $id]), $most)));
    }

    return $id;
}

it('gives out five hundred jobs with two hundred pictures in little memory, reads them in, and gives out the same to the byte', function (): void {
    mt_srand(26);
    $person = Workshops::stocked();
    $first = Workshops::built(Workshops::ready(Workshops::kitted($person)), $person);
    $jobs = array_map(fn (int $i) => another($first->id, 1_000 + $i), range(1, 499));
    foreach (range(1, 200) as $i) {
        $file = "picture{$i}";
        $job = $jobs[mt_rand(0, 498)];
        foreach ([false, true] as $isSmall) {
            Storage::put(Picture::pathOf($job, $file, $isSmall), (string) Pictures::jpeg(mt_rand(20, 400), mt_rand(20, 300))->getContent());
        }
        Picture::query()
            ->insert([
                'job_id' => $job, 'user_id' => $person->id, 'of' => 'intake', 'title' => 'As it came', 'file' => $file, 'width' => 20,
                'height' => 20,
            ]);
    }
    [$out, $again] = [(string) tempnam(sys_get_temp_dir(), 'out'), (string) tempnam(sys_get_temp_dir(), 'again')];
    try {
        inLittleMemory('spindle:archive-out', $out);
        $counts = DB::table('readings')->count() + DB::table('step_records')->count();
        nothingLeft();
        inLittleMemory('spindle:archive-in', $out, '--dry');
        inLittleMemory('spindle:archive-in', $out);
        inLittleMemory('spindle:archive-out', $again);
        expect(hash_file('sha256', $again))->toBe(hash_file('sha256', $out))->and(Job::query()->withoutGlobalScopes()->count())->toBe(500)
            ->and(DB::table('readings')->count() + DB::table('step_records')->count())->toBe($counts)
            ->and($counts)->toBeGreaterThan(20_000);
    } finally {
        nothingLeft();
        array_map(unlink(...), [$out, $again]);
    }
});
