<?php

declare(strict_types=1);

namespace App\View\Drawings;

use NeatSpindle\Core\Measure\LengthUnit;
use NeatSpindle\Core\Section\AxisSection;
use NeatSpindle\Core\Section\Gap;
use NeatSpindle\Core\Section\Part;
use NeatSpindle\Core\Section\PartSide;

use function count;
use function in_array;

/** The section along the axis, placed on paper: rear wheel up, drive side right, four units to the millimetre. */
class SectionView
{
    private const SCALE = 4.0;

    private const SIDE_ROOM_MM = 14.0;

    private const FRONT_MM = 44.0;

    private const REAR_ROOM_MM = 8.0;

    private const LABEL_ROOM = 96.0;

    /** Width of a letter of a label, and of a figure of a margin. */
    private const LETTER = 9.4;

    private const FIGURE = 11.8;

    /** Kinds that get no label of their own. */
    private const UNLABELLED = ['spindle', 'sleeve', 'motor'];

    public readonly float $width;

    public readonly float $height;

    public readonly float $axisY;

    public readonly float $centreX;

    private readonly float $left;

    private readonly float $frontY;

    public function __construct(public readonly AxisSection $section, private readonly LengthUnit $unit)
    {
        $this->left = $section->left - self::SIDE_ROOM_MM;
        $this->width = ($section->right + self::SIDE_ROOM_MM - $this->left) * self::SCALE;
        $this->axisY = (min($section->rear, 104.0) + self::REAR_ROOM_MM) * self::SCALE;
        $this->frontY = $this->axisY + self::FRONT_MM * self::SCALE;
        $this->height = $this->frontY + self::LABEL_ROOM;
        $this->centreX = $this->x(0.0);
    }

    /** @return list<array{kind: string, label: string, x: float, y: float, width: float, height: float}> */
    public function shapes(): array
    {
        $shapes = [];
        foreach ($this->section->parts as $part) {
            foreach ($this->spans($part) as [$top, $bottom]) {
                $shapes[] = [
                    'kind' => $part->kind,
                    'label' => $part->piece === null ? $part->label : "{$part->label} {$this->unit->show($part->piece)}",
                    'x' => $this->x($part->x0),
                    'y' => $top,
                    'width' => max(0.6, $part->width() * self::SCALE),
                    'height' => $bottom - $top,
                ];
            }
        }

        return $shapes;
    }

    /** The chainstay as a closed outline, from its measured outer side inwards; empty while it is not measured. */
    public function stayPath(): string
    {
        $outer = array_map(fn (array $point) => $this->x($point[0]).','.$this->y(min($point[1], $this->section->rear)), $this->section->stay);
        $inner = array_map(fn (array $point) => $this->x($point[0] - AxisSection::STAY_DEPTH).','.$this->y(min($point[1], $this->section->rear)), $this->section->stay);

        return $outer === [] ? '' : 'M'.implode(' L', [...$outer, ...array_reverse($inner)]).' Z';
    }

    /** @return list<array{name: string, text: string, verdict: string, x0: float, x1: float, y: float, textX: float, textY: float, lineTo: float, anchor: string}> */
    public function gaps(): array
    {
        return array_map(function (Gap $gap): array {
            $isRight = ($gap->x0 + $gap->x1) / 2 > 0;
            $text = "{$this->unit->figure($gap->margin->value)} ± {$this->unit->figure($gap->margin->plusMinus)}";
            $reach = 12 + mb_strlen($text) * self::FIGURE;

            return [
                'name' => "{$gap->margin->name->label()}: {$gap->margin->verdict->value}",
                'text' => $text,
                'verdict' => $gap->margin->verdict->value,
                'x0' => $this->x(min($gap->x0, $gap->x1)),
                'x1' => $this->x(max($gap->x0, $gap->x1)),
                'y' => $this->y($gap->height),
                'textX' => $isRight ? $this->width - 8 : 8.0,
                'textY' => $gap->height >= 0 ? $this->y($gap->height) : $this->frontY - 10,
                'lineTo' => $isRight ? $this->width - $reach : $reach,
                'anchor' => $isRight ? 'end' : 'start',
            ];
        }, $this->section->gaps);
    }

    /** @return list<array{text: string, x: float, y: float, fromX: float, fromY: float}> one for each named part, none over another */
    public function labels(): array
    {
        $ends = [0.0, 0.0, 0.0];
        $labels = [];
        foreach ($this->named() as $name => [$middle, $fromY]) {
            $room = mb_strlen($name) * self::LETTER + 12;
            $wanted = array_map(fn (float $end) => max(0.0, $end - ($this->x($middle) - $room / 2)), $ends);
            $row = (int) array_search(min($wanted), $wanted, true);
            $x = min($this->width - $room / 2, max($this->x($middle), $ends[$row] + $room / 2, $room / 2));
            $ends[$row] = $x + $room / 2;
            $labels[] = [
                'text' => $name,
                'x' => $x,
                'y' => $this->frontY + 30 + $row * 27,
                'fromX' => $this->x($middle),
                'fromY' => $fromY,
            ];
        }

        return $labels;
    }

    /** The box that shows shell, plate, nut and ring when the section is small. */
    public function smallBox(): string
    {
        return sprintf('0 %.1F %.1F %.1F', $this->axisY - 270, $this->width, 270 + self::FRONT_MM * self::SCALE);
    }

    /** What a person who cannot see the drawing is told. */
    public function description(): string
    {
        $gaps = array_map(fn (array $gap) => "{$gap['name']}, {$gap['text']} {$this->unit->value}", $this->gaps());

        return 'Section along the crank axis, drive side on the right. '.implode('. ', $gaps).'.';
    }

    /** @return array<string, array{float, float}> middle along the axis in mm, and where its label's line starts */
    private function named(): array
    {
        $groups = [];
        foreach ($this->section->parts as $part) {
            if (! in_array($part->kind, self::UNLABELLED, true)) {
                $groups[$part->label][] = $part;
            }
        }
        $named = [];
        foreach ($groups as $label => $parts) {
            $pieces = array_filter(array_map(fn (Part $part) => $part->piece, $parts));
            $text = $pieces === [] ? $label : "{$label} ".$this->shortly($pieces);
            $middle = (min(array_map(fn (Part $part) => $part->x0, $parts)) + max(array_map(fn (Part $part) => $part->x1, $parts))) / 2;
            $named[$text] = [$middle, min($this->frontY - 6, $this->axisY + ($parts[0]->inner + $parts[0]->outer) / 2 * self::SCALE)];
        }
        uasort($named, fn (array $a, array $b) => $a[0] <=> $b[0]);

        return $named;
    }

    /** @param  non-empty-array<float>  $pieces */
    private function shortly(array $pieces): string
    {
        $figures = array_map(fn (float $piece) => (string) round($this->unit->fromMm($piece), 3), $pieces);

        return count($figures) > 3 ? count($figures).' pieces' : implode(' + ', $figures);
    }

    /** @return list<array{float, float}> top and bottom of what shows of a part */
    private function spans(Part $part): array
    {
        $inner = $part->inner * self::SCALE;
        $rear = [max(0.0, $this->axisY - $part->outer * self::SCALE), $this->axisY - $inner];
        $front = [$this->axisY + $inner, min($this->frontY, $this->axisY + $part->outer * self::SCALE)];

        return match ($part->side) {
            PartSide::Both => $part->inner === 0.0 ? [[$rear[0], $front[1]]] : [$rear, $front],
            PartSide::Rear => [$rear],
            PartSide::Front => [$front],
        };
    }

    private function x(float $mm): float
    {
        return round(($mm - $this->left) * self::SCALE, 2);
    }

    private function y(float $radius): float
    {
        return round($this->axisY - $radius * self::SCALE, 2);
    }
}
