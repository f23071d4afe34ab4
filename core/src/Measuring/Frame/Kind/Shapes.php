<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Frame\Kind;

use NeatSpindle\Core\Donor\Bike\BikeKind;
use NeatSpindle\Core\Measuring\Frame\BikeShape;

/** The shape of every kind of bike, from its measures. */
final class Shapes
{
    /** @param  array<string, float>  $measured in mm, by the spot's code */
    public static function of(BikeKind $kind, array $measured): BikeShape
    {
        return match ($kind) {
            BikeKind::BoxCargo => BoxCargo::shape($measured),
            BikeKind::TadpoleTrike => TadpoleTrike::shape($measured),
            BikeKind::DeltaTrike => DeltaTrike::shape($measured),
            BikeKind::FourWheeler => FourWheeler::shape($measured),
            default => Upright::shape($kind, $measured),
        };
    }
}
