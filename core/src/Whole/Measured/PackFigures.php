<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Measured;

/** What is measured of a battery, and read off its label. */
final class PackFigures
{
    /** @return list<PartFigure> */
    public static function all(): array
    {
        $later = [
            PartFigure::length('rail_mm', 'Rail, long', 'What is screwed to the tube.', FigureGroup::Later, 300.0),
            PartFigure::length('lift_mm', 'Lift to come out', 'How far it goes up or out of its rail.', FigureGroup::Later, 60.0),
            PartFigure::length('slide_mm', 'Slide to come out', 'How far it slides along its rail.', FigureGroup::Later, 60.0),
            PartFigure::figure('most_a', 'Current, at the most', 'What its own circuit lets through.', FigureGroup::Later, 'A'),
            PartFigure::figure('fuse_a', 'Fuse', 'Printed on it.', FigureGroup::Later, 'A'),
            PartFigure::figure('connector_a', 'Plug', 'What its plug is made for.', FigureGroup::Later, 'A'),
        ];

        return [
            PartFigure::said(
                'name', 'What it is called here', 'As you would ask for it across the bench.', FigureGroup::Named, FigureKind::Text,
            ),
            PartFigure::length('length_mm', 'Long', 'Over all, with its plug where that sticks out.', FigureGroup::Through, 365.0),
            PartFigure::length('height_mm', 'High', 'Over the tube it lies on, rail included.', FigureGroup::Through, 110.0),
            PartFigure::length('width_mm', 'Wide', 'Where knees pass.', FigureGroup::Through, 90.0),
            PartFigure::figure('mass_kg', 'Mass', 'On a scale.', FigureGroup::Label, 'kg'),
            PartFigure::figure('voltage_v', 'Voltage', 'From its label.', FigureGroup::Label, 'V'),
            PartFigure::figure('energy_wh', 'Holds', 'From its label: volts times ampere-hours.', FigureGroup::Label, 'Wh'),
            ...array_map(fn (PartFigure $figure) => $figure->ifKnown(), $later),
        ];
    }
}
