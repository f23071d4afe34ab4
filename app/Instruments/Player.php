<?php

declare(strict_types=1);

namespace App\Instruments;

use function is_numeric;

/** The hand at a simulated instrument: sets its knobs, and cuts it off. */
class Player extends PluggedIn
{
    /**
     * How it is set.
     *
     * @return array<string, float> by knob
     *
     * @throws InstrumentIsSilent
     */
    public function knobs(): array
    {
        $knobs = [];
        foreach (explode(' ', $this->ask('!knobs')) as $said) {
            [$name, $value] = [...explode('=', $said, 2), ''];
            is_numeric($value) && $knobs[$name] = (float) $value;
        }

        return $knobs;
    }

    /** @throws InstrumentIsSilent */
    public function set(string $knob, float $value): void
    {
        $this->ask("!{$knob}={$value}");
    }

    /**
     * Its next answer breaks in the middle.
     *
     * @throws InstrumentIsSilent
     */
    public function cut(): void
    {
        $this->ask('!cut=1');
    }

    protected function name(): string
    {
        return 'simulated instrument';
    }
}
