<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Measured;

/** What is measured of a chainring, from a shop or the bike's own. */
final class RingFigures
{
    /** @return list<PartFigure> */
    public static function all(): array
    {
        return [
            PartFigure::figure('teeth', 'Teeth', 'Counted from a mark on.', FigureGroup::Named, '', FigureKind::Whole),
            PartFigure::length(
                'dish_mm',
                'Dish',
                'From the face that bolts on, inwards to the middle of the teeth; negative where they stand outboard of it.',
                FigureGroup::Drive,
                0.0,
                FigureKind::Offset,
            ),
            PartFigure::length('thickness_mm', 'Thick at the teeth', 'Over the base of the teeth.', FigureGroup::Drive, 3.0),
            PartFigure::length(
                'bolt_circle_mm',
                'Bolt circle',
                'Across the circle its bolts stand on; without it nobody knows what it bolts to.',
                FigureGroup::Held,
                104.0,
            )->ifKnown(),
            PartFigure::figure('bolts', 'Bolts', 'How many hold it.', FigureGroup::Held, '', FigureKind::Whole)->ifKnown(),
            PartFigure::said(
                'reversible',
                'Goes on turned round',
                'Whether its holes let it go on with the other face in.',
                FigureGroup::Held,
                FigureKind::YesNo,
            )->ifKnown(),
            PartFigure::said(
                'narrow_wide', 'Narrow and wide teeth', 'In turns, so that they hold a chain.', FigureGroup::Held, FigureKind::YesNo,
            )->ifKnown(),
        ];
    }
}
