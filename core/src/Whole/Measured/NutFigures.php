<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Measured;

/** What is measured of a nut, as a motor's own or as another one for it. */
final class NutFigures
{
    /** Of a nut by itself: which motor it is for. */
    public const FOR_MOTOR = 'for_motor';

    /** @return list<PartFigure> */
    public static function all(): array
    {
        return [
            PartFigure::said(
                'name',
                'What motor and nut are called together',
                'As you would ask for them across the bench.',
                FigureGroup::Named,
                FigureKind::Text,
            ),
            PartFigure::chosen(self::FOR_MOTOR, 'For which motor', 'It is kept as that motor with this nut.', FigureGroup::Named, []),
            ...self::nut(),
            ...self::lockring(),
        ];
    }

    /** @return list<PartFigure> */
    public static function nut(): array
    {
        return [
            PartFigure::length('nut.thickness_mm', 'Nut, thick', 'Where it bears thread, not over its collar.', FigureGroup::Held, 8.0),
            PartFigure::length(
                'nut.thread_major_mm', 'Nut’s thread, across', 'Over the crests of the sleeve’s thread.', FigureGroup::Held, 33.0,
            ),
            PartFigure::length(
                'nut.min_engagement_mm',
                'Nut’s thread, at the least',
                'As its maker says; four turns where nobody does.',
                FigureGroup::Held,
                6.0,
            ),
            PartFigure::said(
                'nut.torque_nm',
                'Nut’s torque',
                'From its paper, from one figure to the other: 35-45. Squeezed shut by screws: theirs on the sheet.',
                FigureGroup::Held,
                FigureKind::Torques,
            ),
        ];
    }

    /** @return list<PartFigure> none of it where there is one nut alone */
    public static function lockring(): array
    {
        $figures = [
            PartFigure::length(
                'lockring.thickness_mm', 'Lock ring, thick', 'Nothing where there is one nut alone.', FigureGroup::Held, 4.0,
            ),
            PartFigure::length(
                'lockring.min_engagement_mm',
                'Lock ring’s thread, at the least',
                'As its maker says; two turns where nobody does.',
                FigureGroup::Held,
                3.0,
            ),
            PartFigure::said(
                'lockring.torque_nm',
                'Lock ring’s torque',
                'From its paper, from one figure to the other.',
                FigureGroup::Held,
                FigureKind::Torques,
            ),
        ];

        return array_map(fn (PartFigure $figure) => $figure->ifKnown(), $figures);
    }
}
