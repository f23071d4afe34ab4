<?php

declare(strict_types=1);

namespace App\Instruments\Simulated;

use LogicException;

use function is_numeric;
use function strlen;

/**
 * An instrument that stands in for a real one. It answers the lines the real one would; lines that begin with `!` play it:
 * `!knobs` says how it is set, `!level=3` sets a knob, `!cut=1` breaks its next answer in the middle.
 */
abstract class Simulated
{
    /** @var array<string, float> */
    private array $values = [];

    private bool $isCutNext = false;

    final public function __construct() {}

    /** @return list<Knob> what can be set, beside that it can be cut off */
    abstract public static function ownKnobs(): array;

    /** What it says to a line; null when it does not know it. */
    abstract protected function says(string $asked): ?string;

    /** @return list<Knob> */
    final public static function knobs(): array
    {
        return [...static::ownKnobs(), Knob::switch('dead', 'Dead: hears nothing')];
    }

    /** What it sends back; an answer without an end, when it was cut off in the middle; null when it sends nothing. */
    final public function hear(string $line): ?string
    {
        if (str_starts_with($line, '!')) {
            return $this->play(substr($line, 1))."\r\n";
        }
        $says = $this->value('dead') === 0.0 ? $this->says($line) : null;
        if ($says !== null && $this->isCutNext) {
            $this->isCutNext = false;

            return substr($says, 0, intdiv(strlen($says), 2));
        }

        return $says === null ? null : "{$says}\r\n";
    }

    final protected function value(string $name): float
    {
        foreach (static::knobs() as $knob) {
            if ($knob->name === $name) {
                return $this->values[$name] ?? $knob->starts;
            }
        }

        throw new LogicException("No knob is called {$name}.");
    }

    final protected function isOn(string $name): bool
    {
        return $this->value($name) > 0.0;
    }

    private function play(string $command): string
    {
        [$name, $value] = [...explode('=', $command, 2), ''];
        if ($name === 'cut') {
            $this->isCutNext = true;

            return 'ok';
        }
        foreach (static::knobs() as $knob) {
            if ($knob->name === $name && is_numeric($value) && $knob->takes((float) $value)) {
                $this->values[$name] = (float) $value;

                return 'ok';
            }
        }

        return $command === 'knobs'
            ? implode(' ', array_map(fn (Knob $knob) => "{$knob->name}={$this->value($knob->name)}", static::knobs()))
            : 'no such knob, or not so far';
    }
}
