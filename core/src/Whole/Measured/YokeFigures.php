<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Measured;

use NeatSpindle\Core\Ground\Turn\Hand;

/** What is measured of a motor with a yoke: leftwards from its datum, the face that comes to lie on the shell's drive side. */
final class YokeFigures
{
    /** @return list<PartFigure> */
    public static function all(): array
    {
        return [
            PartFigure::length('yoke.cup_od_mm', 'Cup, across', 'Outer diameter of what goes into the shell.', FigureGroup::Through, 33.0),
            PartFigure::length(
                'yoke.base_mm',
                'Body’s width',
                'From the datum to the face that the yoke bears on: the widest shell it takes bare.',
                FigureGroup::Through,
                84.0,
            ),
            PartFigure::length('yoke.slot_start_mm', 'Slot begins', 'From the datum to the slot’s near side.', FigureGroup::Through, 66.0),
            PartFigure::length('yoke.slot_end_mm', 'Slot ends', 'From the datum to the slot’s far side.', FigureGroup::Through, 96.0),
            PartFigure::length(
                'yoke.yoke_thickness_mm', 'Yoke, thick', 'The plate that is trapped in the slot.', FigureGroup::Through, 6.0,
            ),
            ...MotorFigures::body('yoke'),
            PartFigure::length(
                'yoke.cup_reach_mm', 'Cup reaches', 'From under its flange to the end of its thread.', FigureGroup::Held, 50.0,
            ),
            PartFigure::length(
                'yoke.cup_min_engagement_mm',
                'Cup’s thread, at the least',
                'As its maker says; four turns where nobody does.',
                FigureGroup::Held,
                8.0,
            ),
            PartFigure::length(
                'yoke.body_thread_end_mm',
                'Body’s thread ends',
                'From the datum to the left end of the thread the cup goes into.',
                FigureGroup::Held,
                56.0,
            ),
            PartFigure::length('yoke.body_thread_depth_mm', 'Body’s thread, long', 'How much of it there is.', FigureGroup::Held, 20.0),
            PartFigure::length(
                'yoke.collar_thickness_mm', 'Collar, thick', 'The ring that sets the bearings’ preload.', FigureGroup::Spindle, 8.0,
            ),
            PartFigure::length(
                'yoke.crank_marker_mm',
                'Spindle’s mark',
                'From the datum to where the left crank comes to stop.',
                FigureGroup::Spindle,
                112.0,
            ),
            PartFigure::length(
                'yoke.spindle_right_mm',
                'Right crank’s outer face',
                'From the shoulder outwards; Stack then tells whether cranks stand in the middle.',
                FigureGroup::Spindle,
                60.0,
            )->ifKnown(),
            PartFigure::chosen(
                'cup_hand',
                'Cup’s thread',
                'By its papers or by trying, never assumed.',
                FigureGroup::Held,
                array_combine(array_column(Hand::cases(), 'value'), ['Right-hand', 'Left-hand']),
            )->ifKnown(),
            PartFigure::said(
                'hanger',
                'Hangs at bolts of its own',
                'Whether a hanger’s bolts find their place while the others are drawn tight.',
                FigureGroup::Held,
                FigureKind::YesNo,
            )->ifKnown(),
        ];
    }
}
