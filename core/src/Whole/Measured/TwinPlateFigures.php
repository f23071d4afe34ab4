<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Measured;

/** What is measured of a motor between two plates, before they hang on the bike; the rest is measured there. */
final class TwinPlateFigures
{
    /** @return list<PartFigure> */
    public static function all(): array
    {
        return [
            PartFigure::length('twin_plate.plate_thickness_mm', 'Plate, thick', 'Each of the two.', FigureGroup::Through, 5.0),
            PartFigure::length(
                'twin_plate.motor_width_mm', 'Motor, wide', 'Between the faces that the plates bolt to.', FigureGroup::Through, 60.0,
            ),
            PartFigure::length(
                'twin_plate.min_insertion_mm',
                'Arm on the spindle, at the least',
                'As the crank’s maker says.',
                FigureGroup::Spindle,
                14.0,
            ),
            PartFigure::figure(
                'twin_plate.min_bolt_turns',
                'Crank bolt’s turns, at the least',
                'By hand, before it is trusted; three where nobody says.',
                FigureGroup::Spindle,
                'turns',
            ),
        ];
    }
}
