<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Measured;

use NeatSpindle\Core\Measuring\Frame\CloseView;
use NeatSpindle\Core\Measuring\Frame\Outline;
use NeatSpindle\Core\Measuring\Frame\Point;

use function array_filter;
use function array_map;
use function max;
use function min;

/**
 * A part as it is measured, to scale, cut along its axis with the drive side to the right; what is not measured yet is drawn as it usually
 * is. In mm.
 */
final readonly class PartDrawing
{
    private const WALL = 2.0;

    private const AROUND = 8.0;

    private function __construct(private MeasuredPart $part) {}

    public static function of(MeasuredPart $part): CloseView
    {
        $drawing = new self($part);
        [$outlines, $points] = match ($part->kind) {
            PartKind::Sleeve => $drawing->sleeve(),
            PartKind::Yoke => $drawing->yoke(),
            PartKind::TwinPlate => $drawing->twinPlate(),
            PartKind::Nut => $drawing->nut(),
            PartKind::Ring => $drawing->ring(),
            PartKind::Insert => $drawing->insert(),
            PartKind::Pack => $drawing->pack(),
        };
        $all = array_merge(...array_map(fn (Outline $outline) => $outline->points, $outlines));
        [$x, $y] = [[0.0, ...array_map(fn (Point $point) => $point->x, $all)], [0.0, ...array_map(fn (Point $point) => $point->y, $all)]];

        return new CloseView($outlines, $points, [
            'left' => min($x) - self::AROUND, 'right' => max($x) + self::AROUND, 'bottom' => min($y) - self::AROUND, 'top' => max($y) + self::AROUND,
        ]);
    }

    /** @return list<PartFigure> what has a place on the drawing, in the order of the hand */
    public static function drawn(PartKind $kind): array
    {
        $points = self::of(MeasuredPart::of($kind, []));

        return array_values(array_filter($kind->figures(), fn (PartFigure $figure) => $points->has($figure->code)));
    }

    /** @return array{non-empty-list<Outline>, array<string, Point>} */
    private function sleeve(): array
    {
        $outer = $this->mm('sleeve.sleeve_od_mm') / 2;
        $length = $this->mm('sleeve.sleeve_length_mm');
        $thread = min($this->mm('sleeve.thread_length_mm'), $length);
        $boss = -$this->mm('sleeve.boss_plane_mm');
        [$left, $right] = [-$this->mm('sleeve.spindle_left_mm'), $this->mm('sleeve.spindle_right_mm')];
        $spindle = $this->mm('sleeve.spindle_od_mm') / 2;
        $under = $outer + $this->mm('sleeve.body_gap_mm');
        $plate = $this->mm('plate.thickness_mm');
        $teeth = $this->mm('plate.tooth_height_mm');
        $nut = $this->mm('nut.thickness_mm');
        $ring = $this->part->has('lockring.thickness_mm') ? $this->mm('lockring.thickness_mm') : 0.0;
        $depth = $this->mm('boss_bolt.depth_mm');
        $nutAt = $boss - $plate - 3.0;

        return [[
            Outline::box('spindle', $left, -$spindle, $right, $spindle),
            Outline::box('frame', -$length, -$outer, 0.0, $outer),
            Outline::box('cog', -$length, -$outer, -$length + $thread, -$outer + self::WALL),
            Outline::box('cog', -$length, $outer - self::WALL, -$length + $thread, $outer),
            Outline::box('tube', $boss, -$under - 34.0, 0.0, -$under),
            Outline::box('guide', $boss, -$under - 22.0, $boss + $depth, -$under - 14.0),
            ...$this->driveSide('sleeve', $under),
            Outline::box('hub', $boss - $plate, -$under - 30.0, $boss, -$outer - 1.0),
            Outline::box('cog', $boss, -$outer - 9.0, $boss + max(0.1, $teeth), -$outer - 5.0),
            Outline::box('cup', $nutAt - $nut, $outer, $nutAt, $outer + 7.0),
            Outline::box('cup', $nutAt - $nut - 2.0 - max(0.1, $ring), $outer, $nutAt - $nut - 2.0, $outer + 5.0),
            Outline::line('axis', new Point($left - 6.0, 0.0), new Point($right + 6.0, 0.0)),
        ], [
            'sleeve.sleeve_od_mm' => new Point(-$length * 0.3, $outer), 'sleeve.sleeve_length_mm' => new Point(-$length, $outer - 4.0),
            'sleeve.thread_length_mm' => new Point(-$length + $thread, $outer - 1.0),
            'sleeve.thread_pitch_mm' => new Point(-$length + $thread * 0.4, -$outer + 1.0),
            'sleeve.boss_plane_mm' => new Point($boss, -$under - 6.0),
            'sleeve.body_gap_mm' => new Point($boss * 0.45, -($outer + $under) / 2),
            ...$this->drivePoints('sleeve', $under),
            'sleeve.spindle_left_mm' => new Point($left, 2.0), 'sleeve.spindle_right_mm' => new Point($right, 2.0),
            'sleeve.spindle_od_mm' => new Point($left + 8.0, $spindle),
            'plate.thickness_mm' => new Point($boss - $plate / 2, -$under - 29.0),
            'plate.tooth_height_mm' => new Point($boss + $teeth / 2, -$outer - 7.0),
            'nut.thickness_mm' => new Point($nutAt - $nut / 2, $outer + 6.0), 'nut.thread_major_mm' => new Point($nutAt - $nut / 2, $outer),
            'lockring.thickness_mm' => new Point($nutAt - $nut - 2.0 - $ring / 2, $outer + 4.0),
            'boss_bolt.depth_mm' => new Point($boss + $depth, -$under - 18.0),
        ]];
    }

    /** @return array{non-empty-list<Outline>, array<string, Point>} */
    private function yoke(): array
    {
        $outer = $this->mm('yoke.cup_od_mm') / 2;
        $base = -$this->mm('yoke.base_mm');
        [$start, $end] = [-$this->mm('yoke.slot_start_mm'), -$this->mm('yoke.slot_end_mm')];
        $thick = $this->mm('yoke.yoke_thickness_mm');
        $threadEnd = -$this->mm('yoke.body_thread_end_mm');
        $thread = $this->mm('yoke.body_thread_depth_mm');
        $reach = $this->mm('yoke.cup_reach_mm');
        $marker = -$this->mm('yoke.crank_marker_mm');
        $collar = $this->mm('yoke.collar_thickness_mm');
        $under = $outer + $this->mm('yoke.body_gap_mm');
        $yokeAt = ($start + $end - $thick) / 2;

        return [[
            Outline::box('spindle', $marker - 6.0, -8.0, $this->mm('yoke.spindle_right_mm'), 8.0),
            Outline::box('tube', min($base, $end) - 4.0, -$under - 36.0, 0.0, -$under),
            Outline::box('cog', $end, -$under - 12.0, $start, -$under),
            Outline::box('guide', $threadEnd, $outer - self::WALL, $threadEnd + $thread, $outer), Outline::box(
                'guide', $threadEnd, -$outer, $threadEnd + $thread, -$outer + self::WALL,
            ),
            Outline::box('cup', $yokeAt, -$outer, $yokeAt + $reach, -$outer + 1.5), Outline::box('cup', $yokeAt, $outer - 1.5, $yokeAt + $reach, $outer),
            Outline::box('cup', $yokeAt - 3.0, -$outer - 4.0, $yokeAt, $outer + 4.0),
            Outline::box('hub', $yokeAt, -$under - 12.0, $yokeAt + $thick, $outer + 8.0),
            Outline::box('frame', $marker + 3.0, -13.0, $marker + 3.0 + $collar, 13.0),
            ...$this->driveSide('yoke', $under),
            Outline::line('axis', new Point($marker - 12.0, 0.0), new Point($this->mm('yoke.spindle_right_mm') + 6.0, 0.0)),
            Outline::line('straightedge', new Point($base, -$under - 40.0), new Point($base, $outer + 14.0)),
        ], [
            'yoke.cup_od_mm' => new Point($yokeAt + $reach * 0.7, $outer), 'yoke.base_mm' => new Point($base, $outer + 12.0),
            'yoke.slot_start_mm' => new Point($start, -$under - 6.0), 'yoke.slot_end_mm' => new Point($end, -$under - 6.0),
            'yoke.yoke_thickness_mm' => new Point($yokeAt + $thick / 2, $outer + 7.0),
            'yoke.body_gap_mm' => new Point(-12.0, -($outer + $under) / 2),
            ...$this->drivePoints('yoke', $under),
            'yoke.cup_reach_mm' => new Point($yokeAt + $reach, -$outer + 1.0),
            'yoke.body_thread_end_mm' => new Point($threadEnd, $outer - 1.0),
            'yoke.body_thread_depth_mm' => new Point($threadEnd + $thread, $outer - 1.0),
            'yoke.collar_thickness_mm' => new Point($marker + 3.0 + $collar / 2, 12.0),
            'yoke.crank_marker_mm' => new Point($marker, -7.0),
            'yoke.spindle_right_mm' => new Point($this->mm('yoke.spindle_right_mm'), 6.0),
        ]];
    }

    /** @return non-empty-list<Outline> case and ring's face, with the body that hangs below */
    private function driveSide(string $mount, float $under): array
    {
        $case = $this->mm("{$mount}.case_standoff_mm");
        $radius = $this->mm("{$mount}.case_radius_mm");
        $face = $this->mm("{$mount}.ring_face_mm");

        return [
            Outline::box('hub', 0.0, -$under - 40.0, max($case, 1.0), $under * 0.7),
            Outline::box('hub', $case, -$radius, max($case + 4.0, $face - 3.0), $radius),
            Outline::box('cog', $face, -$radius * 0.7, $face + 2.0, $radius * 0.7),
            Outline::line('straightedge', new Point(0.0, -$under - 44.0), new Point(0.0, $radius + 4.0)),
        ];
    }

    /** @return array<string, Point> */
    private function drivePoints(string $mount, float $under): array
    {
        $case = $this->mm("{$mount}.case_standoff_mm");
        $radius = $this->mm("{$mount}.case_radius_mm");

        return [
            "{$mount}.case_standoff_mm" => new Point($case, $radius * 0.85), "{$mount}.case_radius_mm" => new Point($case + 5.0, $radius),
            "{$mount}.ring_face_mm" => new Point($this->mm("{$mount}.ring_face_mm"), -$radius * 0.6),
            'body_reach_mm' => new Point(2.0, -$under - 39.0),
        ];
    }

    /** @return array{non-empty-list<Outline>, array<string, Point>} */
    private function twinPlate(): array
    {
        $plate = $this->mm('twin_plate.plate_thickness_mm');
        $half = $this->mm('twin_plate.motor_width_mm') / 2;

        return [[
            Outline::box('hub', -$half, -70.0, $half, -10.0), Outline::box('spindle', $half, -46.0, $half + 18.0, -34.0),
            Outline::box('frame', -$half - $plate, -76.0, -$half, 30.0), Outline::box('frame', $half, -76.0, $half + $plate, 30.0),
            Outline::box('tube', -$half, 8.0, $half, 26.0), Outline::box('spindle', -$half - 26.0, 13.0, $half + 26.0, 21.0),
        ], [
            'twin_plate.plate_thickness_mm' => new Point($half + $plate / 2, -72.0),
            'twin_plate.motor_width_mm' => new Point(-$half, -40.0),
            'twin_plate.min_insertion_mm' => new Point($half + 22.0, 20.0),
        ]];
    }

    /** @return array{non-empty-list<Outline>, array<string, Point>} */
    private function nut(): array
    {
        $radius = $this->mm('nut.thread_major_mm') / 2;
        $nut = $this->mm('nut.thickness_mm');
        $ring = $this->mm('lockring.thickness_mm');

        return [[
            Outline::box('frame', -$ring - 20.0, -$radius, $nut + 20.0, $radius),
            Outline::box('cup', 0.0, $radius, $nut, $radius + 8.0), Outline::box('cup', 0.0, -$radius - 8.0, $nut, -$radius),
            Outline::box('cog', -$ring - 2.0, $radius, -2.0, $radius + 5.0), Outline::box('cog', -$ring - 2.0, -$radius - 5.0, -2.0, -$radius),
        ], [
            'nut.thickness_mm' => new Point($nut / 2, $radius + 7.0), 'nut.thread_major_mm' => new Point($nut + 10.0, -$radius),
            'lockring.thickness_mm' => new Point(-$ring / 2 - 2.0, -$radius - 4.0),
        ]];
    }

    /** @return array{non-empty-list<Outline>, array<string, Point>} */
    private function ring(): array
    {
        $radius = ($this->part->number('teeth') ?? 40.0) * 12.7 / (2 * M_PI);
        $half = $this->mm('thickness_mm') / 2;
        $dish = -$this->mm('dish_mm');
        $circle = $this->mm('bolt_circle_mm') / 2;
        $arm = fn (float $side): Outline => Outline::shape('frame', new Point(-1.5, $side * ($circle - 8.0)), new Point(1.5, $side * ($circle - 8.0)),
            new Point(1.5, $side * ($circle + 8.0)), new Point($dish + $half, $side * ($radius - 6.0)),
            new Point($dish - $half, $side * ($radius - 6.0)), new Point(-1.5, $side * ($circle + 8.0)));

        return [[
            $arm(1.0), $arm(-1.0),
            Outline::box('cog', $dish - $half, $radius - 6.0, $dish + $half, $radius + 5.0), Outline::box(
                'cog', $dish - $half, -$radius - 5.0, $dish + $half, -$radius + 6.0,
            ),
            Outline::line('straightedge', new Point(-1.5, -$radius * 0.9), new Point(-1.5, $radius * 0.9)),
            Outline::line('axis', new Point(-34.0, 0.0), new Point(34.0, 0.0)),
        ], [
            'teeth' => new Point($dish, $radius + 4.0), 'dish_mm' => new Point($dish, -$radius),
            'thickness_mm' => new Point($dish + $half, $radius - 2.0),
            'bolt_circle_mm' => new Point(0.0, $circle),
        ]];
    }

    /** @return array{non-empty-list<Outline>, array<string, Point>} */
    private function insert(): array
    {
        $bore = $this->mm('bore_mm') / 2;
        $flange = max(0.2, $this->mm('flange_mm'));
        $outer = $bore + 5.0;
        $half = fn (float $side): array => array_merge(...array_map(fn (float $up): array => [
            Outline::shape(
                'cup',
                new Point($side * 36.0, $up * $bore),
                new Point($side * 10.0, $up * $bore),
                new Point($side * 10.0, $up * $outer),
                new Point($side * 36.0, $up * $outer),
            ),
            Outline::shape(
                'cup',
                new Point($side * 36.0, $up * $bore),
                new Point($side * (36.0 + $flange), $up * $bore),
                new Point($side * (36.0 + $flange), $up * ($outer + 4.0)),
                new Point($side * 36.0, $up * ($outer + 4.0)),
            ),
        ], [1.0, -1.0]));

        return [[
            Outline::box('frame', -36.0, $outer, 36.0, $outer + 4.0), Outline::box('frame', -36.0, -$outer - 4.0, 36.0, -$outer), ...$half(1.0), ...$half(-1.0),
            Outline::line('axis', new Point(-46.0, 0.0), new Point(46.0, 0.0)),
        ], ['bore_mm' => new Point(20.0, $bore), 'flange_mm' => new Point(36.0 + $flange / 2, $outer + 3.0)]];
    }

    /** @return array{non-empty-list<Outline>, array<string, Point>} */
    private function pack(): array
    {
        $length = $this->mm('length_mm');
        $height = $this->mm('height_mm');
        $rail = min($length, $this->mm('rail_mm'));
        $width = $this->mm('width_mm');
        $beside = $length + 30.0;

        return [[
            Outline::box('hub', 0.0, 12.0, $length, $height), Outline::box(
                'frame', ($length - $rail) / 2, 4.0, ($length + $rail) / 2, 12.0,
            ),
            Outline::box('tube', -20.0, -30.0, $length + 20.0, 0.0), Outline::box('hub', $beside, 12.0, $beside + $width, $height),
        ], [
            'length_mm' => new Point($length, $height * 0.6), 'height_mm' => new Point($length * 0.2, $height),
            'width_mm' => new Point($beside + $width * 0.6, $height),
            'rail_mm' => new Point(($length - $rail) / 2, 8.0),
        ]];
    }

    /** As measured, else as it usually is. */
    private function mm(string $code): float
    {
        return $this->part->number($code) ?? $this->part->kind->figure($code)->usual ?? 0.0;
    }
}
