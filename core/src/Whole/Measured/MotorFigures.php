<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Measured;

use NeatSpindle\Core\Donor\Shell\ShellStandard;

/** What is asked of every motor, however it is held. */
final class MotorFigures
{
    /** @return list<PartFigure> */
    public static function named(): array
    {
        return [
            PartFigure::said(
                'name', 'What it is called here', 'As you would ask for it across the bench.', FigureGroup::Named, FigureKind::Text,
            ),
            PartFigure::chosen(
                'native_shells',
                'Goes into, as it is',
                'The shells it fits without an insert.',
                FigureGroup::Named,
                self::shells(),
                FigureKind::Choices,
            ),
        ];
    }

    /** @return list<PartFigure> of body, case and ring, in the entry of its mount */
    public static function body(string $mount): array
    {
        $at = fn (string $key): string => "{$mount}.{$key}";

        return [
            PartFigure::length(
                $at('body_gap_mm'),
                'Room for a guide',
                'From the tube that stands for the shell to the body beside it, at the closest.',
                FigureGroup::Through,
                8.0,
            ),
            PartFigure::length(
                $at('case_standoff_mm'),
                'Case stands off',
                'From the shoulder to the inner side of the gear case; negative where it reaches back over the shell.',
                FigureGroup::Drive,
                6.0,
                FigureKind::Offset,
            ),
            PartFigure::length(
                $at('case_radius_mm'),
                'Case reaches',
                'From the axis to the case’s outer edge where the chainstay passes.',
                FigureGroup::Drive,
                62.0,
            ),
            PartFigure::length(
                $at('ring_face_mm'),
                'Ring’s face',
                'From the shoulder out to the face that the ring or its spider bolts to.',
                FigureGroup::Drive,
                24.0,
            ),
        ];
    }

    /** @return list<PartFigure> */
    public static function label(): array
    {
        return [
            PartFigure::figure('continuous_w', 'Power it keeps up', 'From its label; not the peak.', FigureGroup::Label, 'W'),
            PartFigure::figure(
                'max_torque_nm', 'Torque at the crank, at the most', 'From its label or its seller.', FigureGroup::Label, 'N·m',
            ),
            PartFigure::figure(
                'rated_crank_rpm',
                'Crank speed it is made for',
                'From its label or its seller, in turns a minute.',
                FigureGroup::Label,
                'rpm',
            ),
            PartFigure::figure(
                'max_crank_rpm', 'Crank speed, at the most', 'Where it stops helping, in turns a minute.', FigureGroup::Label, 'rpm',
            ),
        ];
    }

    /** @return list<PartFigure> */
    public static function later(): array
    {
        $later = [
            PartFigure::figure('voltage_v', 'Voltage', 'What pack it runs on: asked by Battery.', FigureGroup::Later, 'V'),
            PartFigure::figure('most_a', 'Current, at the most', 'For lead and fuse: asked by Battery.', FigureGroup::Later, 'A'),
            PartFigure::length(
                'body_reach_mm',
                'Body reaches',
                'From the axis to the body’s farthest point: how far over the ground it hangs.',
                FigureGroup::Later,
                200.0,
            ),
            PartFigure::length(
                'ring_bolt_circle_mm', 'Ring’s bolt circle', 'Across the circle the ring’s bolts stand on.', FigureGroup::Later, 104.0,
            ),
            PartFigure::said(
                'displays',
                'Displays it talks to',
                'Names, parted by commas, as its papers or its seller have them: asked by Cockpit.',
                FigureGroup::Later,
                FigureKind::Names,
            ),
        ];

        return array_map(fn (PartFigure $figure) => $figure->ifKnown(), $later);
    }

    /** @return array<string, string> */
    public static function shells(): array
    {
        $labels = [];
        foreach (ShellStandard::cases() as $shell) {
            $labels[$shell->value] = $shell->label();
        }

        return $labels;
    }
}
