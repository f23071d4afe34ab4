<?php

declare(strict_types=1);

use Symfony\Component\Process\Process;

/**
 * What the shared part of our commands does, asked in a shell of its own.
 *
 * @param  array<string, string>  $environment
 */
function inShell(string $script, array $environment = []): Process
{
    $process = new Process(
        ['bash', '-c', "set -euo pipefail; root=\"\$PWD\"; . bin/lib.sh\n{$script}"], base_path(), $environment, timeout: 60,
    );
    $process->run();

    return $process;
}

it('refuses a port that is none, and saves nothing of it', function (string $port): void {
    $saved = is_file(base_path('.local/port')) ? file_get_contents(base_path('.local/port')) : null;
    $start = new Process([base_path('bin/start'), '--port', $port], base_path(), timeout: 20);
    $start->run();

    expect($start->getExitCode())->toBe(1)->and($start->getErrorOutput())->toContain("“{$port}” is none")
        ->and(is_file(base_path('.local/port')) ? file_get_contents(base_path('.local/port')) : null)->toBe($saved);
})->with(['abc', '0', '70000', '-1', '8180x', '']);

it('makes its folder where a socket still fits, and clears away those of starts that were killed', function (): void {
    $long = sys_get_temp_dir().'/'.str_repeat('x', 90);
    $short = sys_get_temp_dir().'/own-'.bin2hex(random_bytes(4));
    mkdir($long);
    mkdir($short);
    mkdir("{$short}/trial.dead00");
    file_put_contents("{$short}/trial.dead00/made-by", '999999999');
    mkdir("{$short}/trial.alive0");
    file_put_contents("{$short}/trial.alive0/made-by", (string) getmypid());
    try {
        $elsewhere = trim(inShell('own_folder trial', ['TMPDIR' => $long])->getOutput());
        $here = trim(inShell('own_folder trial', ['TMPDIR' => $short])->getOutput());
        expect(strlen("{$elsewhere}/db.sock"))->toBeLessThan(100)->and($here)->toStartWith("{$short}/trial.")
            ->and(is_dir("{$short}/trial.dead00"))->toBeFalse()->and(is_dir("{$short}/trial.alive0"))->toBeTrue();
    } finally {
        exec('rm -rf '.implode(' ', array_map(escapeshellarg(...), array_filter([$long, $short, $elsewhere ?? '']))));
    }
});

it('finds what a start that was killed has left behind, by its mark, and ends that alone', function (): void {
    $process = inShell(<<<'SH'
        root=$(mktemp -d)
        SPINDLE_STARTED_IN="$root" sleep 60 &
        ours=$!
        SPINDLE_STARTED_IN="$root/other" sleep 60 &
        other=$!
        sleep 0.2
        end_left_behind
        kill -0 $ours 2>/dev/null && echo "ours lives"
        kill -0 $other 2>/dev/null && echo "another lives"
        kill $other
        SH);
    expect($process->getOutput())->toBe("another lives\n")->and($process->getErrorOutput())->toContain('cut off');
});

it('names a file of another user in a sentence', function (): void {
    $process = inShell(<<<'SH'
        root=$(mktemp -d)
        mkdir "$root/.local"
        touch "$root/.local/port"
        chmod 755 "$root" "$root/.local"
        if [ "$(id -u)" -eq 0 ]; then export -f expect_ours fail; root="$root" setpriv --reuid=65534 --clear-groups bash -c expect_ours; else chmod 444 "$root/.local/port"; expect_ours; fi
        SH);
    expect($process->getExitCode())->toBe(1)->and($process->getErrorOutput())->toContain('cannot write to it')->toContain('chown -R');
});

it('lets in what our limits let in: a road of 20 MiB, a catalogue of 4 MiB', function (): void {
    $process = inShell(
        '"${PHP_WEB[@]}" -r \'echo ini_get("upload_max_filesize"), " ", ini_get("post_max_size"), " ", ini_get("expose_php");\'',
    );
    [$file, $form, $says] = explode(' ', $process->getOutput());

    expect(ini_parse_quantity($file))->toBeGreaterThan(20 * 1024 ** 2)
        ->and(ini_parse_quantity($form))->toBeGreaterThan(ini_parse_quantity($file))->and($says)->toBe('0');
});
