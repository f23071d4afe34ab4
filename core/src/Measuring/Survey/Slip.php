<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Survey;

use NeatSpindle\Core\Ground\Measure\LengthUnit;

use function in_array;

/** How a figure most likely came to be what it is, when it is not what is usual. */
enum Slip
{
    case CentrePlane;
    case OverTheCups;
    case Inches;
    case Centimetres;
    case Millimetres;
    case OtherRadius;

    private const MM_PER_CM = 10.0;

    /** As it is asked. */
    public function question(): string
    {
        return match ($this) {
            self::CentrePlane => 'Was it taken from the centre plane?',
            self::OverTheCups => 'Was it taken over the cups?',
            self::Inches => 'Was it read in inches?',
            self::Centimetres => 'Was it read in centimetres?',
            self::Millimetres => 'Was it read in millimetres, and typed as inches?',
            self::OtherRadius => 'Was it taken at another radius?',
        };
    }

    /**
     * The first that would explain a figure at a spot; null when none would. In mm.
     *
     * @param  ?float  $shellWidth of the shell, where it is known
     */
    public static function likeliest(Usual $usual, Spot $spot, float $mm, ?float $shellWidth): ?self
    {
        return match (true) {
            self::isStay($spot) && self::fitsFromTheCentre($usual, $spot, $mm, $shellWidth) => self::CentrePlane,
            self::isStay($spot) && self::fitsAnotherRadius($usual, $mm) => self::OtherRadius,
            $usual->holds($spot, $mm * LengthUnit::MM_PER_INCH) => self::Inches,
            $usual->holds($spot, $mm * self::MM_PER_CM) => self::Centimetres,
            $usual->holds($spot, $mm / LengthUnit::MM_PER_INCH) => self::Millimetres,
            default => null,
        };
    }

    /** Less half a shell it would be usual; where the shell is not measured, less half of one such a bike has. */
    private static function fitsFromTheCentre(Usual $usual, Spot $spot, float $mm, ?float $shellWidth): bool
    {
        [$least, $most] = $shellWidth === null ? $usual->range(Spot::ShellWidth) ?? [0.0, 0.0] : [$shellWidth, $shellWidth];
        [$in, $out] = $usual->range($spot) ?? [INF, -INF];

        return $mm - $least / 2 >= $in && $mm - $most / 2 <= $out;
    }

    private static function isStay(Spot $spot): bool
    {
        return in_array($spot, Usual::STAYS, true);
    }

    private static function fitsAnotherRadius(Usual $usual, float $mm): bool
    {
        foreach (Usual::STAYS as $stay) {
            if ($usual->holds($stay, $mm)) {
                return true;
            }
        }

        return false;
    }
}
