<?php

declare(strict_types=1);

namespace App\Instruments;

/** Something on a loopback port that is asked with a line and answers with one. See docs/instruments.md. */
abstract class PluggedIn
{
    private const PATIENCE_SECONDS = 2;

    private const LONGEST_LINE = 256;

    final public function __construct(private readonly ?string $address) {}

    /** What people call it. */
    abstract protected function name(): string;

    public function isPlugged(): bool
    {
        return $this->address !== null && $this->address !== '';
    }

    /**
     * Its answer, as it writes it.
     *
     * @throws InstrumentIsSilent when it is not there, says nothing, or stops in the middle of a line
     */
    protected function ask(string $question): string
    {
        $line = $this->isPlugged() ? @stream_socket_client("tcp://{$this->address}", $code, $message, self::PATIENCE_SECONDS) : false;
        if ($line === false) {
            throw InstrumentIsSilent::becauseItIsNotThere($this->name());
        }
        stream_set_timeout($line, self::PATIENCE_SECONDS);
        fwrite($line, "{$question}\n");
        $read = fgets($line, self::LONGEST_LINE);
        fclose($line);

        return match (true) {
            $read === false || $read === '' => throw InstrumentIsSilent::becauseItSaidNothing($this->name()),
            ! str_ends_with($read, "\n") => throw InstrumentIsSilent::becauseTheLineBroke(trim($read)),
            default => trim($read),
        };
    }
}
