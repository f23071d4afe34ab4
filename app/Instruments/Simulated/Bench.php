<?php

declare(strict_types=1);

namespace App\Instruments\Simulated;

use RuntimeException;

use function is_resource;

/** Simulated instruments, each on a port of the loopback interface, until the process ends. */
class Bench
{
    public const KINDS = ['caliper' => Caliper::class, 'wrench' => Wrench::class, 'display' => Display::class, 'scale' => Scale::class];

    /** @var array<int, array{resource, Simulated}> by the number of its listening socket */
    private array $listening = [];

    /** @var array<int, array{resource, Simulated}> by the number of the connection */
    private array $connected = [];

    public function put(Simulated $instrument, int $port): void
    {
        $socket = $port < 1 || $port > 65_535 ? false : @stream_socket_server("tcp://127.0.0.1:{$port}", $code, $message);
        if ($socket === false) {
            throw new RuntimeException("Cannot listen on port {$port}: ".($message ?? 'there is no such port').'. Name another one.');
        }
        $this->listening[(int) $socket] = [$socket, $instrument];
    }

    public function run(): never
    {
        while (true) {
            $ready = array_column([...$this->listening, ...$this->connected], 0);
            [$write, $except] = [null, null];
            if (stream_select($ready, $write, $except, null) > 0) {
                array_walk($ready, $this->attend(...));
            }
        }
    }

    /** @param  resource  $socket */
    private function attend($socket): void
    {
        if (isset($this->listening[(int) $socket])) {
            $connection = @stream_socket_accept($socket, 0);
            if (is_resource($connection)) {
                $this->connected[(int) $connection] = [$connection, $this->listening[(int) $socket][1]];
            }

            return;
        }
        $asked = fgets($socket);
        $answer = $asked === false ? null : $this->connected[(int) $socket][1]->hear(trim($asked));
        if ($answer !== null) {
            @fwrite($socket, $answer);
        }
        if ($answer === null || ! str_ends_with($answer, "\n")) {
            unset($this->connected[(int) $socket]);
            fclose($socket);
        }
    }
}
