<?php

declare(strict_types=1);

namespace Tests\Support;

use RuntimeException;

use function is_resource;

/** A process we started, in a group of its own, so that it ends with all its children. */
final class Process
{
    /** @param  resource  $handle */
    private function __construct(private $handle, private readonly int $pid, private readonly string $log) {}

    /**
     * @param  list<string>  $command
     * @param  array<string, string>  $environment added to ours
     */
    public static function start(array $command, array $environment = [], ?string $in = null): self
    {
        $log = (string) tempnam(sys_get_temp_dir(), 'neat-spindle-log-');
        $handle = proc_open(
            ['setsid', ...$command],
            [['file', '/dev/null', 'r'], ['file', $log, 'w'], ['file', $log, 'a']],
            $pipes, $in, [...getenv(), ...$environment],
        );
        if ($handle === false) {
            throw new RuntimeException("Could not start {$command[0]}.");
        }

        return new self($handle, proc_get_status($handle)['pid'], $log);
    }

    public static function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0') ?: throw new RuntimeException('No free port on loopback.');
        $name = (string) stream_socket_get_name($socket, false);
        fclose($socket);

        return (int) substr($name, (int) strrpos($name, ':') + 1);
    }

    public function waitForPort(int $port): void
    {
        for ($tries = 0; $tries < 400; $tries++) {
            if (! proc_get_status($this->handle)['running']) {
                break;
            }
            $connection = @fsockopen('127.0.0.1', $port, $code, $message, 0.2);
            if ($connection !== false) {
                fclose($connection);

                return;
            }
            usleep(25_000);
        }
        throw new RuntimeException("Nothing listens on port {$port}: ".$this->output());
    }

    /** Until nobody answers there any more: children of a server that was killed hold its port for a moment. */
    public static function waitForSilence(int $port): void
    {
        for ($tries = 0; $tries < 400; $tries++) {
            $connection = @fsockopen('127.0.0.1', $port, $code, $message, 0.2);
            if ($connection === false) {
                return;
            }
            fclose($connection);
            usleep(25_000);
        }
        throw new RuntimeException("Something still listens on port {$port}.");
    }

    public function output(): string
    {
        return (string) file_get_contents($this->log);
    }

    public function stop(): void
    {
        $this->end(SIGTERM);
    }

    /** Ends it without giving it time for anything. */
    public function kill(): void
    {
        $this->end(SIGKILL);
    }

    private function end(int $signal): void
    {
        if (is_resource($this->handle)) {
            posix_kill(-$this->pid, $signal);
            proc_close($this->handle);
            @unlink($this->log);
        }
    }
}
