<?php

declare(strict_types=1);

use Illuminate\Database\Connection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Storage;
use Symfony\Component\Finder\SplFileInfo;
use Symfony\Component\Process\Process;
use Tests\Support\Demo;

/** An empty server of its own, on loopback, that ends with the shell that holds it. */
function emptyServer(): Process
{
    $server = new Process(['bash', '-c', <<<'SH'
        set -euo pipefail
        root="$PWD" run=$(mktemp -d)
        . bin/lib.sh
        trap 'stop_group "$DB_PID"; rm -rf "$run"' EXIT
        trap 'exit 0' TERM
        start_database "$run/data" "$run"
        echo "port=$DB_PORT"
        wait "$DB_PID"
        SH], base_path(), timeout: 180);
    $server->start();
    $server->waitUntil(fn (string $type, string $said) => str_contains($said, 'port='));

    return $server;
}

/** @param  array<string, string>  $with */
function command(string $name, string $file, array $with = []): Process
{
    $process = new Process(
        [base_path("bin/{$name}"), $file], base_path(), ['DB_DATABASE' => DB::connection()->getDatabaseName(), ...$with], timeout: 60,
    );
    $process->run();

    return $process;
}

/** @return array<string, list<array<string, mixed>>> every row of every table, by table */
function everything(Connection $database): array
{
    $tables = [];
    foreach ($database->getSchemaBuilder()->getTableListing(schemaQualified: false) as $table) {
        $rows = array_map(fn (object $row) => (array) $row, $database->table($table)->get()->all());
        sort($rows);
        $tables[$table] = $rows;
    }

    return $tables;
}

it('restores a backup into an empty server, every row of every table', function (): void {
    Demo::whole();
    $file = sys_get_temp_dir().'/'.uniqid('backup-').'.sql.gz';
    $pictures = Storage::allFiles('pictures');
    $elsewhere = sys_get_temp_dir().'/'.uniqid('files-');
    $server = emptyServer();
    try {
        preg_match('/port=(\d+)/', $server->getOutput(), $port);
        $there = ['DB_PORT' => $port[1] ?? '', 'DB_DATABASE' => 'neat_spindle', 'PRIVATE_FILES' => $elsewhere];

        expect(command('backup', $file)->getExitCode())->toBe(0)
            ->and(command('backup', $file)->getErrorOutput())->toContain('nothing is written over')
            ->and(command('restore', $file)->getErrorOutput())->toContain('restore into an empty one');

        $restored = command('restore', $file, $there);
        expect($restored->getExitCode())->toBe(0, $restored->getErrorOutput());

        config([
            'database.connections.there' => [
                ...config('database.connections.mariadb'), 'port' => $there['DB_PORT'], 'database' => $there['DB_DATABASE'],
            ],
        ]);
        $before = everything(DB::connection());
        expect(everything(DB::connection('there')))->toBe($before)
            ->and(count($before['readings'] ?? []))->toBeGreaterThan(100)
            ->and(count($before))->toBeGreaterThan(15);
        $there = array_map(fn (SplFileInfo $one) => 'pictures/'.$one->getRelativePathname(), File::allFiles("{$elsewhere}/pictures"));
        expect($there)->toEqualCanonicalizing($pictures)->and(count($pictures))->toBeGreaterThan(4);
    } finally {
        DB::purge('there');
        $server->stop(5, SIGTERM);
        @unlink($file);
        @unlink(str_replace('.sql.gz', '.pictures.tar', $file));
        File::deleteDirectory($elsewhere);
    }
});

it('takes nothing for a backup that is none', function (): void {
    $file = sys_get_temp_dir().'/'.uniqid('torn-').'.sql.gz';
    file_put_contents($file, gzencode("create table half_a (id int);\n"));

    expect(command('restore', $file)->getErrorOutput())->toContain('no complete backup')
        ->and(command('restore', '/nowhere.sql.gz')->getErrorOutput())->toContain('there is no file')
        ->and(command('backup', '/tmp/wrong.name')->getErrorOutput())->toContain('ends in .sql.gz');
    unlink($file);
});
