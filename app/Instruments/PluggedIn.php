<?php

declare(strict_types=1);

namespace App\Instruments;

use function strlen;

/** Something on a loopback port that is asked with a line and answers with one. See docs/instruments.md. */
abstract class PluggedIn
{
    /** From the first word to the end of the answer, however it drips in. */
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
        $until = microtime(true) + self::PATIENCE_SECONDS;
        $line = $this->isPlugged() ? @stream_socket_client("tcp://{$this->address}", $code, $message, self::PATIENCE_SECONDS) : false;
        if ($line === false) {
            throw InstrumentIsSilent::becauseItIsNotThere($this->name());
        }
        fwrite($line, "{$question}\n");
        $read = $this->heard($line, $until);
        fclose($line);

        return match (true) {
            $read === '' => throw InstrumentIsSilent::becauseItSaidNothing($this->name()),
            ! str_ends_with($read, "\n") => throw InstrumentIsSilent::becauseTheLineBroke(trim($read)),
            default => trim($read),
        };
    }

    /**
     * One line, as far as it comes in time.
     *
     * @param  resource  $line
     * @param  float  $until  when the patience ends
     */
    private function heard($line, float $until): string
    {
        stream_set_blocking($line, false);
        $heard = '';
        while (! str_contains($heard, "\n") && strlen($heard) < self::LONGEST_LINE && ! feof($line)) {
            [$ready, $write, $except, $left] = [[$line], null, null, $until - microtime(true)];
            if ($left <= 0 || stream_select($ready, $write, $except, (int) $left, (int) (fmod($left, 1) * 1_000_000)) < 1) {
                break;
            }
            $heard .= (string) fread($line, self::LONGEST_LINE);
        }

        return str_contains($heard, "\n") ? strstr($heard, "\n", true)."\n" : $heard;
    }
}
