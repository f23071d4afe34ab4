<?php

declare(strict_types=1);

namespace App\Instruments;

/**
 * The workshop's caliper on a loopback port: it is asked with a line `R` and answers with one line such as
 * `+073.02 mm`. See docs/instruments.md.
 */
class Caliper
{
    private const PATIENCE_SECONDS = 2;

    private const LONGEST_LINE = 64;

    public function __construct(private readonly ?string $address) {}

    public function isPlugged(): bool
    {
        return $this->address !== null && $this->address !== '';
    }

    /**
     * One reading, as the caliper writes it.
     *
     * @throws InstrumentIsSilent when it is not there, says nothing, or stops in the middle of a line
     */
    public function read(): string
    {
        $line = @stream_socket_client("tcp://{$this->address}", $code, $message, self::PATIENCE_SECONDS);
        if ($line === false) {
            throw InstrumentIsSilent::becauseItIsNotThere();
        }
        stream_set_timeout($line, self::PATIENCE_SECONDS);
        fwrite($line, "R\n");
        $read = fgets($line, self::LONGEST_LINE);
        fclose($line);

        return match (true) {
            $read === false || $read === '' => throw InstrumentIsSilent::becauseItSaidNothing(),
            ! str_ends_with($read, "\n") => throw InstrumentIsSilent::becauseTheLineBroke(trim($read)),
            default => trim($read),
        };
    }
}
