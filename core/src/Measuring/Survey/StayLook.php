<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Survey;

use NeatSpindle\Core\Donor\Bike\ProfilePoint;
use NeatSpindle\Core\Ground\Measure\Measurement;

/**
 * How the chainstay stands to the shell's drive face at a glance, with everything still on. Its outer side can be measured on
 * a bare shell only; a look is enough to choose by, said with its doubt. In mm; the figures are ours.
 */
enum StayLook: string
{
    case Inside = 'inside';
    case Level = 'level';
    case Outside = 'outside';

    /** So far the stay mostly goes out from the shell to the last radius. */
    private const GOES_OUT = 10.0;

    private const RADII = [45.0, 112.0];

    public function label(): string
    {
        return match ($this) {
            self::Inside => 'Well inside the shell’s face',
            self::Level => 'About level with it',
            self::Outside => 'Stands out beyond it',
        };
    }

    /** @return list<ProfilePoint> along the stay, with the doubt of a glance */
    public function profile(): array
    {
        [$near, $doubt] = match ($this) {
            self::Inside => [-10.0, 7.0],
            self::Level => [-1.0, 5.0],
            self::Outside => [7.0, 8.0],
        };

        return array_map(
            fn (float $radius) => new ProfilePoint(
                $radius, Measurement::within($near + self::GOES_OUT * ($radius - self::RADII[0]) / (self::RADII[1] - self::RADII[0]), $doubt),
            ), self::RADII,
        );
    }
}
