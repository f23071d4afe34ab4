<?php

declare(strict_types=1);

use Symfony\Component\Process\Process;

/**
 * A command of ours in a process of its own, against the tests' database or another one.
 *
 * @param  list<string>  $command
 * @param  array<string, string>  $environment
 */
function ourCommand(array $command, array $environment = []): Process
{
    $process = new Process($command, base_path(), ['APP_ENV' => 'testing', 'LOG_CHANNEL' => 'single', ...$environment], timeout: 60);
    $process->run();

    return $process;
}

/** Commands as somebody typed them who knows nothing or means it badly, and what is said to that. The next finding is a line. */
dataset('misused', [
    'a database away' => [
        [
            'php', 'artisan', 'spindle:workshop', '-n', '--name=A', '--place=B', '--owner=C', '--email=c@d.example',
            '--password-file=README.md',
        ],
        ['DB_PORT' => '1'], 'The database does not answer',
    ],
    'a demo without a database' => [['php', 'artisan', 'spindle:demo', '--if-empty'], ['DB_PORT' => '1'], 'The database does not answer'],
    'a name that is no text' => [
        [
            'php', 'artisan', 'spindle:workshop', '-n', "--name=\xff\xfe", '--place=B', '--owner=C', '--email=c@d.example',
            '--password-file=README.md',
        ],
        [], 'no text that can be read',
    ],
    'a password’s file that is none' => [
        ['php', 'artisan', 'spindle:workshop', '-n', '--name=A', '--place=B', '--owner=C', '--email=c@d.example', '--password-file=app'],
        [], 'cannot be read: app',
    ],
    'a password’s address' => [
        [
            'php', 'artisan', 'spindle:workshop', '-n', '--name=A', '--place=B', '--owner=C', '--email=c@d.example',
            '--password-file=http://127.0.0.1:1/x',
        ],
        [], 'cannot be read: http',
    ],
    'nothing said' => [['php', 'artisan', 'spindle:workshop', '-n'], [], 'required'],
    'a document that is a folder' => [['php', 'artisan', 'spindle:worksheet', 'app'], [], 'The file cannot be read'],
    'a document’s address' => [['php', 'artisan', 'spindle:schedule', 'ftp://127.0.0.1:1/x'], [], 'The file cannot be read'],
    'a document of PHP’s own' => [['php', 'artisan', 'spindle:worksheet', 'php://stdin'], [], 'The file cannot be read'],
    'a port that is none' => [['bin/instruments', 'caliper=70000'], [], 'Cannot listen on port 70000'],
    'an instrument that is none' => [['bin/instruments', 'hammer=1'], [], 'Not understood'],
]);

/**
 * @param  array<string>  $command
 * @param  array<string, string>  $environment
 */
it('says in a line what went wrong, without a trace', function (array $command, array $environment, string $says): void {
    $done = ourCommand(array_values($command), $environment);
    $said = $done->getOutput().$done->getErrorOutput();
    expect($done->isSuccessful())->toBeFalse()
        ->and($said)->toContain($says)->not->toContain('Stack trace')->not->toContain('.php:')->not->toContain('vendor/')
        ->not->toContain('Exception');
})->with('misused');

it('says that a port is taken', function (): void {
    $taken = stream_socket_server('tcp://127.0.0.1:0') ?: throw new LogicException('no port');
    $port = substr((string) strrchr((string) stream_socket_get_name($taken, false), ':'), 1);
    $done = ourCommand(['bin/instruments', "caliper={$port}"]);
    expect($done->getExitCode())->toBe(1)
        ->and($done->getErrorOutput())->toContain("Cannot listen on port {$port}")->toContain('Name another one')
        ->not->toContain('Warning');
});

it('starts from a folder however it is called, or says why not', function (string $name, bool $isFine): void {
    $folder = sys_get_temp_dir().'/spindle-'.getmypid()."-{$name}";
    mkdir($folder);
    try {
        $said = new Process(['bash', '-c', '. "$1/bin/lib.sh"; root=$2; expect_path; echo fine', 'x', base_path(), $folder], timeout: 20);
        $said->run();
        expect($said->isSuccessful())->toBe($isFine)
            ->and($said->getOutput().$said->getErrorOutput())->toContain($isFine ? 'fine' : 'Rename the folder');
    } finally {
        rmdir($folder);
    }
})->with([
    ['plain', true], ['with blank in it', true], ['ünïcode', true], ['50%', false], ['no#1', false], ['a[b', false], ['a]b', false],
    ['why?', false], ['back\slash', false], ["a'b", true], ['a&b', true],
]);
