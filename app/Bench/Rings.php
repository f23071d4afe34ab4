<?php

declare(strict_types=1);

namespace App\Bench;

use NeatSpindle\Core\Choosing\Fit\RingChoice;

/** Every ring that can be had, in every way it bolts to the chosen motor. */
final readonly class Rings implements FromJob
{
    /** @param  ?RingChoice  $choice  null before a motor is chosen */
    private function __construct(public ?RingChoice $choice) {}

    public static function of(OpenJob $open): static
    {
        [$worksheet, $motor] = [$open->worksheet(), $open->motor()];

        return new self($worksheet === null || $motor === null ? null : RingChoice::of(
            $worksheet->trial(),
            $worksheet->job->catalogue->rings,
            $open->catalogue->boltsOn($motor, $worksheet->job->kit->ring->code),
        ));
    }
}
