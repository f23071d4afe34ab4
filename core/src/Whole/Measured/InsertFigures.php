<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Measured;

use NeatSpindle\Core\Holding\Build\Compound;

/** What is measured of a press-in insert. */
final class InsertFigures
{
    /** Motors are those of the catalogue. */
    public const MOTORS = 'motors';

    /** @return list<PartFigure> */
    public static function all(): array
    {
        return [
            PartFigure::chosen(
                'shells',
                'Goes into',
                'The shells it is pressed into: caliper over its outside, against their bore.',
                FigureGroup::Named,
                MotorFigures::shells(),
                FigureKind::Choices,
            ),
            PartFigure::chosen(
                self::MOTORS, 'Takes', 'The motors whose sleeve or cup goes through it.', FigureGroup::Named, [], FigureKind::Choices,
            ),
            PartFigure::length('bore_mm', 'Bore', 'Across its inside, twice, a quarter turn apart.', FigureGroup::Through, 33.5),
            PartFigure::length(
                'flange_mm',
                'Lip',
                'How much each half makes the shell wider; 0 where it goes in flush.',
                FigureGroup::Through,
                2.0,
                FigureKind::LengthOrNone,
            ),
            PartFigure::chosen(
                'press_compound',
                'Pressed in',
                'Greased, dry or with a retaining compound, as its maker says.',
                FigureGroup::Held,
                self::films(),
            )->ifKnown(),
        ];
    }

    /** @return array<string, string> */
    private static function films(): array
    {
        return [
            Compound::None->value => 'Dry', Compound::Grease->value => 'Greased', Compound::Locking->value => 'With a retaining compound',
        ];
    }
}
