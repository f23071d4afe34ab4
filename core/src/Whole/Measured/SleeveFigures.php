<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Measured;

/** What is measured of a motor on a sleeve: from its shoulder, the face that comes to lie on the shell's drive side. */
final class SleeveFigures
{
    /** @return list<PartFigure> */
    public static function all(): array
    {
        return [
            PartFigure::length(
                'sleeve.sleeve_od_mm', 'Sleeve, across', 'Outer diameter of what goes through the shell.', FigureGroup::Through, 33.0,
            ),
            PartFigure::length(
                'sleeve.sleeve_length_mm', 'Sleeve, long', 'From the shoulder to the sleeve’s end.', FigureGroup::Through, 92.0,
            ),
            PartFigure::length(
                'sleeve.thread_length_mm',
                'Thread, long',
                'From the sleeve’s end to where the thread runs out.',
                FigureGroup::Through,
                28.0,
            ),
            PartFigure::length('sleeve.thread_pitch_mm', 'Thread’s pitch', 'Gauge over ten crests.', FigureGroup::Through, 1.5),
            PartFigure::length(
                'sleeve.boss_plane_mm',
                'Bosses',
                'From the shoulder to the threaded face that the plate’s bolts go into.',
                FigureGroup::Through,
                70.0,
            ),
            ...MotorFigures::body('sleeve'),
            PartFigure::length(
                'sleeve.spindle_left_mm',
                'Spindle, left',
                'From the shoulder to where the left crank’s outer face comes to lie.',
                FigureGroup::Spindle,
                118.0,
            ),
            PartFigure::length('sleeve.spindle_right_mm', 'Spindle, right', 'The same to the right.', FigureGroup::Spindle, 60.0),
            PartFigure::length(
                'sleeve.spindle_od_mm', 'Spindle, across', 'Where the nut’s socket passes over it.', FigureGroup::Spindle, 19.0,
            )->ifKnown(),
            PartFigure::said(
                'sleeve.spindle_comes_out',
                'Spindle comes out',
                'Whether it can be drawn, with a screw at its end.',
                FigureGroup::Spindle,
                FigureKind::YesNo,
            )->ifKnown(),
            PartFigure::length('plate.thickness_mm', 'Plate, thick', 'Without its teeth.', FigureGroup::Held, 4.0),
            PartFigure::length(
                'plate.tooth_height_mm',
                'Plate’s teeth',
                'How far they stand out; 0 where it is smooth.',
                FigureGroup::Held,
                0.0,
                FigureKind::LengthOrNone,
            ),
            ...NutFigures::nut(),
            ...NutFigures::lockring(),
            PartFigure::said(
                'boss_bolt.thread', 'Plate’s bolts, thread', 'As M6 or M8: pitch gauge and caliper.', FigureGroup::Held, FigureKind::Text,
            ),
            PartFigure::length(
                'boss_bolt.depth_mm', 'Their hole, deep', 'Rod of the caliper to the bottom of the thread.', FigureGroup::Held, 14.0,
            ),
            PartFigure::length(
                'boss_bolt.min_engagement_mm',
                'Their thread, at the least',
                'As its maker says; once the bolt’s diameter where nobody does.',
                FigureGroup::Held,
                6.0,
            ),
        ];
    }
}
