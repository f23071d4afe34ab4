<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Instruments\Player;

use function in_array;

/** The simulated instruments that ship with the application, on ports of their own. */
final class Instruments
{
    /** @param  array<string, int>  $ports by kind */
    private function __construct(private readonly Process $process, private readonly array $ports) {}

    public static function plugIn(string ...$kinds): self
    {
        $ports = [];
        foreach ($kinds as $kind) {
            do {
                $port = Process::freePort();
            } while (in_array($port, $ports, true));
            $ports[$kind] = $port;
        }
        $process = Process::start(
            [base_path('bin/instruments'), ...array_map(fn (string $kind, int $port) => "{$kind}={$port}", array_keys($ports), $ports)],
        );
        array_walk($ports, $process->waitForPort(...));
        foreach ($ports as $kind => $port) {
            config(["instruments.{$kind}" => "127.0.0.1:{$port}"]);
        }

        return new self($process, $ports);
    }

    /** @return array<string, string> as a server is told of them */
    public function environment(): array
    {
        $environment = ['INSTRUMENTS_PLAY' => '1'];
        foreach ($this->ports as $kind => $port) {
            $environment[strtoupper($kind).'_ADDRESS'] = "127.0.0.1:{$port}";
        }

        return $environment;
    }

    public function set(string $kind, float ...$knobs): self
    {
        foreach ($knobs as $knob => $value) {
            $this->player($kind)->set((string) $knob, $value);
        }

        return $this;
    }

    /** The next answer breaks in the middle. */
    public function cut(string $kind): self
    {
        $this->player($kind)->cut();

        return $this;
    }

    public function player(string $kind): Player
    {
        return new Player("127.0.0.1:{$this->ports[$kind]}");
    }

    /** Pulls them all out. */
    public function stop(): void
    {
        $this->process->stop();
    }
}
