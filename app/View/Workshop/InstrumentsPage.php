<?php

declare(strict_types=1);

namespace App\View\Workshop;

use App\Instruments\InstrumentIsSilent;
use App\Instruments\Player;
use App\Instruments\Simulated\Bench;
use App\Instruments\Simulated\Knob;

use function is_string;

/** The simulated instruments, to be played. */
class InstrumentsPage
{
    private const NAMES = ['display' => 'Motor’s display line', 'wrench' => 'Torque wrench', 'caliper' => 'Caliper', 'scale' => 'Scale'];

    /** @return array<string, string> names by kind */
    public function names(): array
    {
        return self::NAMES;
    }

    /** @return list<Knob> */
    public function knobs(string $kind): array
    {
        return Bench::KINDS[$kind]::knobs();
    }

    /** @return array<string, float>|null how it is set; null when none is there */
    public function state(string $kind): ?array
    {
        try {
            return self::player($kind)->knobs();
        } catch (InstrumentIsSilent) {
            return null;
        }
    }

    public static function player(string $kind): Player
    {
        $address = config("instruments.{$kind}");

        return new Player(is_string($address) ? $address : null);
    }
}
