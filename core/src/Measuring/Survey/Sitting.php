<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Survey;

/** When a spot can be measured: with everything still on, on the bare shell, with the motor tried dry, or with a twin-plate motor's plates hung. */
enum Sitting: string
{
    case BeforeTheStrip = 'before';
    case AfterTheStrip = 'after';
    case DryFitted = 'dry';
    case WithThePlates = 'plates';
    case OnceBuilt = 'built';

    public function label(): string
    {
        return match ($this) {
            self::BeforeTheStrip => 'Before the strip, with everything on',
            self::AfterTheStrip => 'After the strip, on the bare shell',
            self::DryFitted => 'At the dry fit, motor and ring in, spring out',
            self::WithThePlates => 'With plates and ring hung, for the twin-plate motor',
            self::OnceBuilt => 'Once the motor is in',
        };
    }
}
